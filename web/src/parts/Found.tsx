import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { useSession } from "../api/session";
import { Dialog } from "./Dialog";
import { fullDay, shortDay } from "./format";

interface Props {
  words: string;
  onClose: () => void;
}

/** Who fits what was typed, with the claims of their households; the first is under the cursor. */
export function Found({ words, onClose }: Props) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const atFront = useSession()?.role === "front desk";
  const found = useQuery({
    queryKey: ["finder", words],
    queryFn: () => done(api.POST("/api/finder", { body: { words } })),
    gcTime: 0,
  });
  const open = (number: string) => {
    onClose();
    navigate({ to: "/claims/$number", params: { number } });
  };
  const first = found.data?.people.findIndex((one) => one.claims.length > 0) ?? -1;
  return (
    <Dialog title={t("found.title", { words })} onClose={onClose} className="max-w-3xl">
      {found.isPending && <p className="soft">{t("found.looking")}</p>}
      {found.isError && (
        <p role="alert" className="wrong">
          {found.error.message}
        </p>
      )}
      {found.data?.people.length === 0 && !found.data.restricted && <p>{t("found.nobody")}</p>}
      {found.data?.restricted && <p>{t("found.restricted")}</p>}
      <ul>
        {found.data?.people.map((person, at) => (
          <li key={`${person.name}${person.birthDate}${at}`} className="border-b border-base-300 py-2">
            <p>
              {atFront ? (
                <span className="case text-lg">{person.name}</span>
              ) : (
                <Link
                  to="/households/$id"
                  params={{ id: person.id }}
                  className="case text-lg plain-link"
                  onClick={onClose}
                >
                  {person.name}
                </Link>
              )}{" "}
              <span className="soft small">
                {[
                  person.birthDate && t("found.born", { day: fullDay(person.birthDate) }),
                  person.address,
                  person.household && t("found.household", { name: person.household }),
                ]
                  .filter(Boolean)
                  .join(" · ")}
              </span>
            </p>
            {person.claims.map((claim, i) => (
              <button
                key={claim.number}
                type="button"
                // biome-ignore lint/a11y/noAutofocus: whoever looked for somebody goes on from the first who was found.
                autoFocus={at === first && i === 0}
                className="flex flex-wrap gap-x-4 w-full text-left py-1 pl-3 cursor-pointer border-l-3 border-transparent focus:border-primary"
                onClick={() => open(claim.number)}
              >
                <span className="case">{claim.number}</span>
                <span>{claim.title}</span>
                <span className="soft">
                  {t(`found.state.${claim.state}`)}, {t("found.lodged", { day: shortDay(claim.lodgedOn) })}
                </span>
              </button>
            ))}
            {person.claims.length === 0 && <p className="soft small pl-3">{t("found.noClaims")}</p>}
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
