import { useNavigate } from "@tanstack/react-router";
import { type ChangeEvent, useEffect, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { type ApplicationView, type Fault, Refusal, send } from "../api/client";

/** Brings in a packet file: without a fault it becomes a draft, else every fault is shown. */
export function ImportPacket({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const dialog = useRef<HTMLDialogElement>(null);
  const [faults, setFaults] = useState<Fault[]>([]);
  const [words, setWords] = useState("");

  useEffect(() => dialog.current?.showModal(), []);

  const read = async (event: ChangeEvent<HTMLInputElement>) => {
    const file = event.target.files?.[0];
    if (!file) return;
    setWords(t("desk.importing"));
    setFaults([]);
    try {
      const view = await send<ApplicationView>(
        "/api/packets",
        await file.arrayBuffer(),
        "application/octet-stream",
      );
      if (view) navigate({ to: "/applications/$id", params: { id: view.id } });
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
        <input
          type="file"
          accept=".json,.ndjson,application/json"
          aria-label={t("desk.import")}
          onChange={read}
        />
        <p role="status" className={faults.length ? "wrong mt-4" : "mt-4"}>
          {words}
        </p>
        {faults.length > 0 && (
          <table className="w-full mt-2 text-left">
            <thead className="soft small">
              <tr>
                <th className="font-normal">{t("desk.faultPlace")}</th>
                <th className="font-normal">{t("desk.faultWhat")}</th>
                <th className="font-normal">{t("desk.faultRight")}</th>
              </tr>
            </thead>
            <tbody>
              {faults.map((fault, i) => (
                <tr key={i} className="border-t border-base-300 align-top">
                  <td className="case py-1 pr-3 break-all">{fault.pointer || "/"}</td>
                  <td className="py-1 pr-3">{fault.message}</td>
                  <td className="py-1 soft">{fault.expected}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        <form method="dialog" className="mt-5 text-right">
          <button type="submit" className="btn">
            {t("desk.close")}
          </button>
        </form>
      </div>
    </dialog>
  );
}
