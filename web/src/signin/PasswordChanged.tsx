import { useQueryClient } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { useSession } from "../api/session";
import { clockTime, shortDay } from "../parts/format";

/** That one's password was changed before one came in, until one says that one knows. */
export function PasswordChanged() {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const at = useSession()?.passwordChangedAt;
  if (!at) return null;
  const know = async () => {
    await done(api.POST("/api/own-sign-in/change-known"));
    await queries.invalidateQueries({ queryKey: ["session"] });
  };
  return (
    <p role="status" className="px-5 py-1.5 bg-base-200 border-b border-base-300 flex flex-wrap gap-x-4">
      {t("ownSignIn.changed", { at: `${shortDay(at)} ${clockTime(at)}` })}
      <button type="button" className="plain-link" onClick={know}>
        {t("ownSignIn.known")}
      </button>
    </p>
  );
}
