import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { useEffect, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { type ApplicationView, type Fault, Refusal, send } from "../api/client";
import { offersQuery } from "../api/offers";
import { FileDrop } from "../parts/FileDrop";
import { Faults } from "./Faults";

const BYTES = "application/octet-stream";

/** Brings in what comes from outside: a packet, a filled-in form, or a list; every fault is shown. */
export function ImportPacket({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const dialog = useRef<HTMLDialogElement>(null);
  const [faults, setFaults] = useState<Fault[]>([]);
  const [words, setWords] = useState("");
  const [chosen, setChosen] = useState<string>();
  const offers = useQuery(offersQuery());
  const service = chosen ?? offers.data?.find((offer) => offer.inLists)?.service ?? "";

  useEffect(() => dialog.current?.showModal(), []);

  const read = async (file: File) => {
    setWords(t("desk.importing"));
    setFaults([]);
    try {
      const bytes = await file.arrayBuffer();
      const start = new TextDecoder().decode(bytes.slice(0, 64)).trimStart();
      if (start.startsWith("{") || start.startsWith("%PDF")) {
        const to = start.startsWith("{") ? "/api/packets" : "/api/forms";
        const view = await send<ApplicationView>(to, bytes, BYTES);
        if (view) navigate({ to: "/applications/$id", params: { id: view.id } });
        return;
      }
      await send(`/api/services/${service}/lists`, bytes, BYTES);
      await queries.invalidateQueries({ queryKey: ["batches"] });
      dialog.current?.close();
    } catch (problem) {
      const found = problem instanceof Refusal ? problem.faults : [];
      setFaults(found);
      setWords(found.length ? t("desk.faults", { count: found.length }) : (problem as Error).message);
    }
  };

  return (
    <dialog ref={dialog} className="modal" onClose={onClose} aria-label={t("desk.import")}>
      <div className="modal-box max-w-3xl">
        <h2 className="case text-xl mb-3">{t("desk.import")}</h2>
        <FileDrop
          label={t("desk.import")}
          accepted={t("desk.importHint")}
          accept=".json,.ndjson,.pdf,.csv,application/json,application/pdf,text/csv"
          onFile={read}
        />
        <div className="flex gap-6 items-end flex-wrap mt-4">
          <label className="flex flex-col small">
            {t("desk.batchOf")}
            <select
              className="select select-sm w-48"
              value={service}
              onChange={(event) => setChosen(event.target.value)}
            >
              {offers.data?.map((offer) => (
                <option key={offer.service} value={offer.service}>
                  {offer.title}
                </option>
              ))}
            </select>
          </label>
          {service && (
            <span className="small">
              <a className="plain-link mr-4" href={`/api/forms/${service}`}>
                {t("desk.forms")} PDF
              </a>
              <a className="plain-link" href={`/api/services/${service}/list-template`}>
                {t("desk.batch")} {t("desk.template")}
              </a>
            </span>
          )}
        </div>
        <p role="status" className={faults.length ? "wrong mt-4" : "mt-4"}>
          {words}
        </p>
        {faults.length > 0 && <Faults faults={faults} />}
        <form method="dialog" className="mt-5 text-right">
          <button type="submit" className="btn">
            {t("desk.close")}
          </button>
        </form>
      </div>
    </dialog>
  );
}
