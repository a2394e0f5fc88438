import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Fault, Refusal, type Schemas } from "../api/client";
import type { DraftHandle } from "../draft/useDraft";
import { Key } from "../parts/Keys";
import { Reported, reportOf } from "./Reported";

interface Props {
  handle: DraftHandle;
  id: string;
  onGoTo: (pointer: string) => void;
}

/** Reports a change, and tells what became of the household's claims by it. */
export function ReportPart({ handle, id, onGoTo }: Props) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [refusal, setRefusal] = useState<{ message: string; faults: Fault[] }>();
  const [reported, setReported] = useState<Schemas["ChangeReport"]>();
  const [sending, setSending] = useState(false);
  const report = async () => {
    setSending(true);
    setRefusal(undefined);
    try {
      await handle.settle();
      const report = await done(
        api.POST("/api/applications/{id}/report", {
          params: { path: { id }, header: { "If-Match": `"${handle.version()}"` } },
        }),
      );
      queries.setQueryData(reportOf(id), report);
      setReported(report);
      queries.invalidateQueries({ queryKey: ["desk"] });
      queries.invalidateQueries({ queryKey: ["drafts"] });
      queries.invalidateQueries({ queryKey: ["household"] });
    } catch (problem) {
      setRefusal({
        message: (problem as Error).message,
        faults: problem instanceof Refusal ? problem.faults : [],
      });
    } finally {
      setSending(false);
    }
  };
  if (reported) return <Reported report={reported} />;
  return (
    <section className="max-w-3xl">
      <p className="soft mb-2">{t("change.note")}</p>
      <button
        type="button"
        data-flow
        id="lodge"
        className="btn btn-primary"
        disabled={sending}
        onClick={report}
      >
        {t("change.report")} <Key of="Alt+L" />
      </button>
      <div role="alert">
        {refusal && <p className="wrong mt-3">{refusal.message}</p>}
        {refusal?.faults.map((fault) => (
          <p key={fault.pointer + fault.message}>
            <button type="button" className="plain-link" onClick={() => onGoTo(fault.pointer)}>
              {fault.message}
            </button>{" "}
            <span className="soft">({fault.expected})</span>
          </p>
        ))}
      </div>
    </section>
  );
}
