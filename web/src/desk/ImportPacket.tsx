import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { type ApplicationView, type Fault, Refusal, send } from "../api/client";
import { offersQuery } from "../api/offers";
import { Dialog } from "../parts/Dialog";
import { FileDrop } from "../parts/FileDrop";
import { Pick } from "../parts/Pick";
import { Faults } from "./Faults";

const BYTES = "application/octet-stream";

/** Brings in what comes from outside: a packet, a filled-in form, or a list; every fault is shown. */
export default function ImportPacket({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [faults, setFaults] = useState<Fault[]>([]);
  const [words, setWords] = useState("");
  const [chosen, setChosen] = useState<string>();
  const offers = useQuery(offersQuery());
  const service = chosen ?? offers.data?.find((offer) => offer.inLists)?.service ?? "";

  const read = async (file: File) => {
    setWords(t("desk.importing"));
    setFaults([]);
    try {
      const bytes = await file.arrayBuffer();
      const start = new TextDecoder().decode(bytes.slice(0, 64)).trimStart();
      if (start.startsWith("{") || /^(%PDF|.PNG|\ufffd\ufffd\ufffd)/.test(start)) {
        const to = start.startsWith("{") ? "/api/packets" : "/api/forms";
        const view = await send<ApplicationView>(to, bytes, BYTES);
        if (view) navigate({ to: "/applications/$id", params: { id: view.id } });
        return;
      }
      await send(`/api/services/${service}/lists`, bytes, BYTES);
      await queries.invalidateQueries({ queryKey: ["batches"] });
      onClose();
    } catch (problem) {
      const found = problem instanceof Refusal ? problem.faults : [];
      setFaults(found);
      setWords(found.length ? t("desk.faults", { count: found.length }) : (problem as Error).message);
    }
  };

  return (
    <Dialog title={t("desk.import")} onClose={onClose} className="max-w-3xl">
      <FileDrop
        label={t("desk.import")}
        accepted={t("desk.importHint")}
        accept={[".json", ".ndjson", ".pdf", ".png", ".jpg", ".jpeg", ".csv"]}
        onFile={read}
      />
      <div className="flex gap-6 items-end flex-wrap mt-4">
        <div className="flex flex-col small">
          {t("desk.batchOf")}
          <Pick
            label={t("desk.batchOf")}
            className="w-56"
            value={service}
            options={(offers.data ?? []).map((offer) => ({ id: offer.service, words: offer.title }))}
            onPick={setChosen}
          />
        </div>
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
      <p className="mt-5 text-right">
        <button type="button" className="btn" onClick={onClose}>
          {t("desk.close")}
        </button>
      </p>
    </Dialog>
  );
}
