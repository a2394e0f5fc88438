import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { useTrying } from "../parts/useTrying";
import { batchesQuery } from "./queries";

/** The lists somebody sent: how far each has got, and the rows that come back. Work goes on meanwhile. */
export function Batches() {
  const queries = useQueryClient();
  const batches = useQuery(batchesQuery());
  const waiting = batches.data?.reduce((sum, batch) => sum + batch.waiting, 0);

  // What a list has lodged belongs on the Desk as soon as it is through.
  useEffect(() => {
    if (waiting === 0) queries.invalidateQueries({ queryKey: ["desk"] });
  }, [waiting, queries]);

  if (!batches.data?.length) return null;
  return (
    <ul className="border-b border-base-300 bg-base-200">
      {batches.data.map((batch) => (
        <Batch key={batch.id} batch={batch} />
      ))}
    </ul>
  );
}

function Batch({ batch }: { batch: Schemas["BatchView"] }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [attempt, refusal] = useTrying();
  const through = batch.rows - batch.waiting;
  const putAway = () =>
    attempt(async () => {
      await done(api.DELETE("/api/batches/{id}", { params: { path: { id: batch.id } } }));
      await queries.invalidateQueries({ queryKey: ["batches"] });
    });
  return (
    <li className="flex flex-wrap items-center gap-x-5 px-5 min-h-[38px]">
      <span className="case w-56">{t("desk.list", { title: batch.title, count: batch.rows })}</span>
      {batch.waiting > 0 && (
        <progress
          className="through w-40"
          value={through}
          max={batch.rows}
          aria-label={t("desk.listThrough", { through, count: batch.rows })}
        />
      )}
      <span role="status">
        {batch.waiting > 0 && `${t("desk.listThrough", { through, count: batch.rows })}, `}
        {t("desk.taken", { count: batch.taken.length })}
        {batch.returned > 0 && (
          <span className="wrong ml-4">{t("desk.returned", { count: batch.returned })}</span>
        )}
      </span>
      {batch.waiting === 0 && (
        <span className="ml-auto flex gap-2">
          {batch.returned > 0 && (
            <a className="btn btn-sm" href={`/api/batches/${batch.id}/returned`}>
              {t("desk.download")}
            </a>
          )}
          <button type="button" className="btn btn-sm" onClick={putAway}>
            {t("desk.putAway")}
          </button>
        </span>
      )}
      {refusal && (
        <span role="alert" className="wrong">
          {refusal}
        </span>
      )}
    </li>
  );
}
