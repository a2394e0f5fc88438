import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, send } from "../api/client";
import { FileDrop } from "../parts/FileDrop";
import { useTrying } from "../parts/useTrying";

/** The paper form beside the fields: its pages, larger or smaller, turned, one after the other. */
export function ScanPane({ id }: { id: string }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [attempt, refusal] = useTrying();
  const [page, setPage] = useState(0);
  const [zoom, setZoom] = useState(1);
  const [turned, setTurned] = useState(0);
  const pages = useQuery({
    queryKey: ["scans", id],
    queryFn: () => done(api.GET("/api/applications/{id}/scans", { params: { path: { id } } })),
  });
  const add = (file: File) =>
    attempt(async () => {
      await send(`/api/applications/${id}/scans`, await file.arrayBuffer(), "application/octet-stream");
      await queries.invalidateQueries({ queryKey: ["scans", id] });
    });
  const all = pages.data ?? [];
  const here = all[Math.min(page, all.length - 1)];
  return (
    <section className="flex flex-col gap-3">
      <FileDrop
        label={t("app.scan.add")}
        accepted={t("app.scan.add")}
        accept={["application/pdf", "image/png", "image/jpeg"]}
        onFile={add}
      />
      <p role="alert" className="wrong">
        {refusal}
      </p>
      {here && (
        <>
          <p className="flex gap-3 small items-center">
            <button type="button" className="plain-link" onClick={() => setPage((page + 1) % all.length)}>
              {t("app.scan.page", { page: Math.min(page, all.length - 1) + 1, of: all.length })}
            </button>
            <button type="button" className="plain-link" onClick={() => setZoom(zoom === 1 ? 2 : 1)}>
              {t(zoom === 1 ? "app.scan.larger" : "app.scan.smaller")}
            </button>
            <button type="button" className="plain-link" onClick={() => setTurned((turned + 90) % 360)}>
              {t("app.scan.turn")}
            </button>
          </p>
          <section className="overflow-auto border border-base-300" aria-label={t("app.scan.title")}>
            <img
              src={`/api/scans/${here.id}`}
              alt={t("app.scan.alt", { page: here.page })}
              width={zoom * 276}
              className={turned ? `turned-${turned}` : ""}
            />
          </section>
        </>
      )}
    </section>
  );
}
