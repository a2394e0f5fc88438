import { Link } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { serviceTitle } from "../i18n/words";
import { clockTime, shortDay } from "../parts/format";

/** Applications that are being taken, the latest first. */
export function Drafts({ drafts }: { drafts: Schemas["ListedDraft"][] }) {
  const { t } = useTranslation();
  return (
    <ul className="overflow-y-auto">
      {drafts.length > 0 && (
        <li className="soft small px-5 py-2 border-b border-base-300">{t("desk.putAside")}</li>
      )}
      {drafts.length === 0 && <li className="soft p-5">{t("desk.empty")}</li>}
      {drafts.map((draft) => (
        <li key={draft.id} className="border-b border-base-300">
          <Link
            to="/applications/$id"
            params={{ id: draft.id }}
            className="grid grid-cols-[15rem_1fr_auto] items-center px-5 h-[38px]"
          >
            <span className="case">{draft.title || t("desk.nameless")}</span>
            <span className="soft">{(draft.services ?? []).map(serviceTitle).join(", ")}</span>
            <span className="soft small">
              {t("desk.lastSaved", {
                name: draft.updatedBy,
                when: `${shortDay(draft.updatedAt)} ${clockTime(draft.updatedAt)}`,
              })}
            </span>
          </Link>
        </li>
      ))}
    </ul>
  );
}
