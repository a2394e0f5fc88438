import { useState } from "react";
import { useTranslation } from "react-i18next";
import { type ApplicationView, api, done, type Fault, Refusal } from "../api/client";
import { Field } from "./Field";
import type { Gap } from "./gaps";
import type { DraftHandle } from "./useDraft";

const STATEMENTS = ["true", "changes", "share"];

interface Props {
  handle: DraftHandle;
  id: string;
  open: Gap[];
  today: string;
  onLodged: (view: ApplicationView) => void;
  onGoTo: (pointer: string) => void;
}

/** Statements ticked one by one, the signature with the name as given, and lodging. */
export function SignPart({ handle, id, open, today, onLodged, onGoTo }: Props) {
  const { t } = useTranslation();
  const [refusal, setRefusal] = useState("");
  const [faults, setFaults] = useState<Fault[]>([]);
  const [lodging, setLodging] = useState(false);
  const packet = handle.draft.packet;
  const applicant = packet.household.people[0];
  const name = [applicant?.givenName, applicant?.familyName].filter(Boolean).join(" ");
  const signature = packet.signatures.find((one) => one.person === applicant?.id);
  const index = signature ? packet.signatures.indexOf(signature) : packet.signatures.length;
  const ticked = signature?.statements ?? [];

  const sign = (change: object) =>
    handle.set(`/signatures/${index}`, {
      person: applicant?.id,
      on: today,
      method: "screen",
      statements: [],
      ...signature,
      ...change,
    });

  const lodge = async () => {
    setLodging(true);
    setRefusal("");
    setFaults([]);
    try {
      while (!(await handle.settle())) await new Promise((resolve) => setTimeout(resolve, 120));
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
    <section className="flex flex-col gap-5 max-w-2xl">
      <fieldset>
        <legend className="head w-full">{t("app.statements")}</legend>
        {STATEMENTS.map((statement) => (
          <label key={statement} className="flex items-center gap-3 min-h-9">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={ticked.includes(statement)}
              onChange={(event) =>
                sign({
                  statements: event.target.checked
                    ? [...ticked, statement]
                    : ticked.filter((one) => one !== statement),
                })
              }
            />
            {t(`app.${statement}`)}
          </label>
        ))}
      </fieldset>
      <div>
        <p className="soft small">
          {t("app.signName")}, {t("app.signHint", { name })}
        </p>
        <Field
          handle={handle}
          pointer={`/signatures/${index}/name`}
          label={t("app.signName")}
          shown={signature?.name ?? ""}
          read={(text) => text}
          put={(value) => sign({ name: value })}
          className="w-96 text-lg"
        />
        {signature?.name && signature.name !== name && (
          <p role="status" className="wrong">
            {t("app.signDiffers", { signed: signature.name, name })}
          </p>
        )}
      </div>
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
          <kbd className="key">Alt L</kbd>
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
