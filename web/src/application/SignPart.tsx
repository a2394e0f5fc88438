import { useState } from "react";
import { useTranslation } from "react-i18next";
import { type ApplicationView, api, done, type Fault, Refusal } from "../api/client";
import type { DraftHandle } from "../draft/useDraft";
import { Key } from "../parts/Keys";
import { Duplicates } from "./Duplicates";
import type { Gap } from "./gaps";
import { Signer } from "./Signer";

interface Props {
  handle: DraftHandle;
  id: string;
  open: Gap[];
  today: string;
  onLodged: (view: ApplicationView) => void;
  onGoTo: (pointer: string) => void;
}

/** Every adult signs with the name as given, here or later; then the application is lodged. */
export function SignPart({ handle, id, open, today, onLodged, onGoTo }: Props) {
  const { t } = useTranslation();
  const [refusal, setRefusal] = useState("");
  const [faults, setFaults] = useState<Fault[]>([]);
  const [lodging, setLodging] = useState(false);

  const lodge = async () => {
    setLodging(true);
    setRefusal("");
    setFaults([]);
    try {
      await handle.settle();
      onLodged(
        await done(
          api.POST("/api/applications/{id}/lodge", {
            params: { path: { id }, header: { "If-Match": `"${handle.version()}"` } },
          }),
        ),
      );
    } catch (problem) {
      setRefusal((problem as Error).message);
      setFaults(problem instanceof Refusal ? problem.faults : []);
    } finally {
      setLodging(false);
    }
  };

  return (
    <section className="flex flex-col gap-6 max-w-3xl">
      {(handle.margin?.signers ?? []).map((signer) => (
        <Signer key={signer.person} handle={handle} id={id} signer={signer} today={today} />
      ))}
      <Duplicates handle={handle} id={id} />
      <div>
        <p className="soft mb-2">{t("app.lodgeNote")}</p>
        <button
          type="button"
          data-flow
          className="btn btn-primary"
          disabled={lodging}
          onClick={lodge}
          id="lodge"
        >
          {open.length === 0 ? t("app.lodge") : t("app.lodgeKnowingly", { count: open.length })}{" "}
          <Key of="Alt+L" />
        </button>
        <div role="alert">
          {refusal && <p className="wrong mt-3">{refusal}</p>}
          {faults.map((fault, i) => (
            <p key={i}>
              <button type="button" className="plain-link" onClick={() => onGoTo(fault.pointer)}>
                {fault.message}
              </button>{" "}
              <span className="soft">({fault.expected})</span>
            </p>
          ))}
        </div>
      </div>
    </section>
  );
}
