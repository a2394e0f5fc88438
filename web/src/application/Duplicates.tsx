import { useQuery } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import type { DraftHandle } from "../draft/useDraft";
import { spoken } from "../i18n/words";
import { shortDay } from "../parts/format";

/** Households that may be this one, side by side with it; a person joins them or keeps them apart. */
export function Duplicates({ handle, id }: { handle: DraftHandle; id: string }) {
  const { t } = useTranslation();
  const people = handle.draft.packet.household.people;
  const found = useQuery({
    queryKey: ["duplicates", id, people, handle.draft.packet.requests.length, handle.saving === "saved"],
    queryFn: () => done(api.GET("/api/applications/{id}/duplicates", { params: { path: { id } } })),
    enabled: handle.saving === "saved",
  });
  if (!found.data?.length) return null;
  return (
    <div>
      <h2 className="head">
        <span>{t("duplicates.title")}</span>
        <span>{found.data.length}</span>
      </h2>
      {found.data.map((one) => (
        <Beside key={one.household} handle={handle} one={one} />
      ))}
    </div>
  );
}

function Beside({ handle, one }: { handle: DraftHandle; one: Schemas["Duplicate"] }) {
  const { t } = useTranslation();
  const decided = handle.draft.taking.duplicates?.[one.household] ?? "";
  const decide = (how: string) =>
    handle.take((old) => ({ ...old, duplicates: { ...old.duplicates, [one.household]: how } }));
  return (
    <fieldset className="border-b border-base-300 pb-3 mb-3">
      <legend className="case text-lg">{one.name}</legend>
      <table className="w-full">
        <thead className="soft small text-left">
          <tr>
            <th className="font-normal">{t("duplicates.here")}</th>
            <th className="font-normal">{t("duplicates.known")}</th>
            <th className="font-normal">{t("duplicates.why")}</th>
          </tr>
        </thead>
        <tbody>
          {one.people.map((pair) => (
            <tr key={pair.here + pair.there} className="align-top">
              <td className="case pr-6 whitespace-nowrap">{pair.here}</td>
              <td className="case pr-6 whitespace-nowrap">{pair.there}</td>
              <td className="soft small">{pair.reasons.join(", ")}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {Object.entries(one.earlier).map(([service, claims]) => (
        <p key={service} className="mt-1">
          {t("duplicates.earlier", { service: spoken(service) })}{" "}
          {(claims as Schemas["Earlier"][]).map((claim) => (
            <span key={claim.number} className="mr-3">
              <span className="case">{claim.number}</span>{" "}
              <span className="soft">
                {claim.state}, {shortDay(claim.lodgedOn)}
              </span>
            </span>
          ))}
        </p>
      ))}
      <div className="flex flex-col mt-1">
        {["joined", "own", "apart"].map((how) => (
          <label key={how} className="inline-flex items-center gap-2 min-h-8">
            <input
              type="radio"
              name={one.household}
              className="radio radio-sm"
              checked={decided === how}
              onChange={() => decide(how)}
            />
            {t(`duplicates.${how}`)}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
