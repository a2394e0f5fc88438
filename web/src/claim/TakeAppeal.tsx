import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { shortDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";

interface Props {
  number: string;
  until: string;
}

/** Until when a decision can be appealed against, and taking the appeal with all that is known already. */
export function TakeAppeal({ number, until }: Props) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [attempt, refusal] = useTrying();
  const begin = () =>
    attempt(async () => {
      const fresh = await done(api.POST("/api/claims/{number}/appeal", { params: { path: { number } } }));
      queries.setQueryData(["application", fresh.id], fresh);
      navigate({ to: "/applications/$id", params: { id: fresh.id } });
    });
  return (
    <div className="my-2">
      <p className="small soft">{t("appeal.until", { day: shortDay(until) })}</p>
      <button type="button" className="btn btn-sm btn-outline mt-1" onClick={begin}>
        {t("appeal.take")}
      </button>
      {refusal && (
        <p role="alert" className="wrong">
          {refusal}
        </p>
      )}
    </div>
  );
}
