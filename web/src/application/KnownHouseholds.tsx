import { useQuery } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import type { DraftHandle } from "../draft/useDraft";
import { fullDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";

/** Households in which the applicant is known already, with what they told last to be taken over. */
export function KnownHouseholds({ handle, id }: { handle: DraftHandle; id: string }) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const applicant = handle.draft.packet.household.people[0];
  const sought = [
    applicant?.givenName,
    applicant?.familyName,
    applicant?.birthDate,
    applicant?.residentNumber,
  ];
  const known = useQuery({
    queryKey: ["known", id, ...sought, handle.saving === "saved"],
    queryFn: () => done(api.GET("/api/applications/{id}/known", { params: { path: { id } } })),
    enabled: Boolean(applicant?.familyName || applicant?.residentNumber) && handle.saving === "saved",
  });
  if (!known.data?.length) return null;
  return (
    <div className="mt-4">
      <h2 className="head">{t("known.title")}</h2>
      <p role="alert" className="wrong">
        {refusal}
      </p>
      <ul>
        {known.data.map((one) => (
          <li
            key={one.household}
            className="flex items-center justify-between gap-4 border-b border-base-300 py-1"
          >
            <span>
              <span className="case text-lg">{one.name}</span>{" "}
              <span className="soft">
                {t("known.told", { day: fullDay(one.toldOn) })} · {one.reasons.join(", ")}
              </span>
            </span>
            <button
              type="button"
              className="btn btn-sm"
              onClick={() =>
                attempt(async () => {
                  await handle.settle();
                  handle.adopt(
                    await done(
                      api.POST("/api/applications/{id}/take-over", {
                        params: { path: { id } },
                        body: { household: one.household },
                      }),
                    ),
                  );
                })
              }
            >
              {t("known.takeOver")}
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
