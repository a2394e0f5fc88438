import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { useSession } from "../api/session";
import { Field, goOn } from "../draft/Field";
import type { Signature } from "../draft/packet";
import type { DraftHandle } from "../draft/useDraft";
import { spoken, vocabulary } from "../i18n/words";
import { ReadOut } from "./ReadOut";
import { SignsLater } from "./SignsLater";

const METHODS = vocabulary<NonNullable<Signature["method"]>>("signingMethod");

const without = (list: string[], one: string) => list.filter((other) => other !== one);

interface Props {
  handle: DraftHandle;
  id: string;
  signer: Schemas["Signing"];
  today: string;
}

/** An adult's statements, ticked one by one, and the signature: on screen, by pen, by mark with a witness, or later. */
export function Signer({ handle, id, signer, today }: Props) {
  const { t } = useTranslation();
  const session = useSession();
  const signatures = handle.draft.packet.signatures;
  const signature = signatures.find((one) => one.person === signer.person);
  const index = signature ? signatures.indexOf(signature) : signatures.length;
  const ticked = signature?.statements ?? [];
  const denied = signature?.denied ?? [];
  const sign = (change: Partial<Signature>) =>
    handle.set(`/signatures/${index}`, {
      person: signer.person,
      on: today,
      method: "screen",
      statements: [],
      ...signature,
      ...change,
    });
  const by = (method: Signature["method"]) =>
    sign(
      method === "spoken"
        ? { method, heardBy: signature?.heardBy ?? session?.name, language: handle.draft.packet.language }
        : { method, heardBy: undefined, interpreter: undefined, denied: undefined, language: undefined },
    );
  const method = signature?.method ?? "screen";
  return (
    <fieldset>
      <legend className="head w-full">
        <span className="case text-base-content text-lg">{signer.name || t("app.person")}</span>
        <span>
          {signer.signed ? t("sign.signed") : signer.applies ? t("sign.needed") : t("sign.canLater")}
        </span>
      </legend>
      {method === "spoken" && <p className="small soft mb-1">{t("sign.readOut")}</p>}
      {signer.statements.map(({ statement, words, here }) =>
        method === "spoken" ? (
          <ReadOut
            key={statement}
            name={`${signer.person}-${statement}`}
            words={words}
            here={here}
            language={handle.draft.packet.language ?? "en"}
            answer={ticked.includes(statement) ? true : denied.includes(statement) ? false : undefined}
            onAnswer={(yes) =>
              sign({
                statements: yes ? [...without(ticked, statement), statement] : without(ticked, statement),
                denied: yes ? without(denied, statement) : [...without(denied, statement), statement],
              })
            }
          />
        ) : (
          <label key={statement} className="flex items-center gap-3 min-h-8">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={ticked.includes(statement)}
              onKeyDown={goOn}
              onChange={(event) =>
                sign({
                  statements: event.target.checked
                    ? [...ticked, statement]
                    : ticked.filter((one) => one !== statement),
                })
              }
            />
            <span>
              <span lang={handle.draft.packet.language} dir="auto">
                {words}
              </span>
              {words !== here && <span className="soft small block">{here}</span>}
            </span>
          </label>
        ),
      )}
      <div className="flex flex-wrap gap-4 items-end mt-2">
        <label className="flex flex-col gap-0.5">
          <span className="soft small">{t("sign.how")}</span>
          <select
            className="select w-44"
            data-aside
            value={method}
            onKeyDown={goOn}
            onChange={(event) => by(event.target.value as Signature["method"])}
          >
            {METHODS.map((one) => (
              <option key={one} value={one}>
                {spoken(one, "signingMethod")}
              </option>
            ))}
          </select>
        </label>
        <div className="flex flex-col gap-0.5">
          <span className="soft small">{t("sign.name", { name: signer.name })}</span>
          <Field
            handle={handle}
            pointer={`/signatures/${index}/name`}
            label={t("sign.as", { name: signer.name })}
            shown={signature?.name ?? ""}
            read={(text) => text}
            put={(value) => sign({ name: String(value) })}
            className="w-80 text-lg"
          />
        </div>
        {method === "mark" && (
          <div className="flex flex-col gap-0.5">
            <span className="soft small">{t("sign.witness")}</span>
            <Field
              handle={handle}
              pointer={`/signatures/${index}/witness`}
              label={t("sign.witness")}
              shown={signature?.witness ?? ""}
              read={(text) => text}
              put={(value) => sign({ witness: String(value) })}
              className="w-56"
            />
          </div>
        )}
        {method === "spoken" && (
          <div className="flex flex-col gap-0.5">
            <span className="soft small">{t("sign.heardBy")}</span>
            <Field
              handle={handle}
              pointer={`/signatures/${index}/heardBy`}
              label={t("sign.heardBy")}
              shown={signature?.heardBy ?? ""}
              read={(text) => text}
              put={(value) => sign({ heardBy: String(value) })}
              className="w-56"
            />
          </div>
        )}
        {method === "spoken" && (
          <div className="flex flex-col gap-0.5">
            <span className="soft small">{t("sign.interpreter")}</span>
            <Field
              handle={handle}
              pointer={`/signatures/${index}/interpreter`}
              label={t("sign.interpreter")}
              shown={signature?.interpreter ?? ""}
              read={(text) => text}
              put={(value) => sign({ interpreter: String(value) })}
              className="w-56"
            />
          </div>
        )}
      </div>
      {method === "spoken" && <p className="small soft mt-1">{t("sign.paperCopy")}</p>}
      {method === "pen" && <p className="small soft mt-1">{t("sign.penNote")}</p>}
      {signer.words && (
        <p role="status" className="wrong">
          {signer.words}
        </p>
      )}
      {!signer.applies && !signer.signed && <SignsLater handle={handle} id={id} signer={signer} />}
    </fieldset>
  );
}
