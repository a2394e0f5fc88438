import { useEffect, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { useChoices } from "../api/choices";

/** A key that does something here: how it is written, what it does, and whether the strip shows it. */
export interface KeyAction {
  key: string;
  says: string;
  act?: () => void;
  /** Not on the strip, only in the list of all keys. */
  quiet?: boolean;
}

const LETTER = /^Alt\+[A-Z]$/;

function matches(event: KeyboardEvent, key: string): boolean {
  const [last, ...held] = key.split("+").reverse();
  const alt = held.includes("Alt");
  if (event.altKey !== alt || event.ctrlKey || event.metaKey) return false;
  return event.key === last || (alt && event.code === (/^\d$/.test(last) ? `Digit${last}` : `Key${last}`));
}

/** The key as somebody has chosen it. */
function chosen(choices: Record<string, string>, key: string): string {
  return choices[`key ${key}`] ?? key;
}

/** A key beside what it does, as somebody has chosen it; nothing where they have turned the keys off. */
export function Key({ of }: { of: string }) {
  const [choices] = useChoices();
  if (choices.keys === "off") return null;
  return <kbd className="key">{chosen(choices, of).replace("+", " ")}</kbd>;
}

/** The strip at the foot with the keys that are valid now; F1 shows them all. */
export function KeyStrip({ keys }: { keys: KeyAction[] }) {
  const { t } = useTranslation();
  const dialog = useRef<HTMLDialogElement>(null);
  const [choices] = useChoices();
  const off = choices.keys === "off";
  const own = keys.map((one) => ({ ...one, was: one.key, key: chosen(choices, one.key) }));
  const [latest] = useState({ own, off });
  latest.own = own;
  latest.off = off;
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (event.key === "F1") {
        event.preventDefault();
        dialog.current?.showModal();
        return;
      }
      const action = latest.own.find(
        (one) => one.act && matches(event, one.key) && !(latest.off && one.key.startsWith("Alt+")),
      );
      if (action?.act && !document.querySelector("dialog[open]")) {
        event.preventDefault();
        action.act();
      }
    };
    window.addEventListener("keydown", pressed);
    return () => window.removeEventListener("keydown", pressed);
  }, [latest]);
  const shown = own.filter((one) => !one.quiet && !(off && one.key.startsWith("Alt+")));
  return (
    <footer className="h-[34px] bg-neutral text-neutral-content flex items-center gap-5 px-5 small shrink-0 overflow-hidden whitespace-nowrap">
      {shown.map((one) => (
        <span key={one.was} className="flex items-center gap-1.5">
          <kbd className="key">{one.key.replace("Arrow", "").replace("+", " ")}</kbd>
          {one.says}
        </span>
      ))}
      <span className="ml-auto flex items-center gap-1.5">
        <kbd className="key">F1</kbd>
        {t("keys.all")}
      </span>
      <dialog ref={dialog} className="modal text-base-content whitespace-normal" aria-label={t("keys.title")}>
        <div className="modal-box">
          <h2 className="case text-xl mb-3">{t("keys.title")}</h2>
          <dl className="grid grid-cols-[8rem_1fr] gap-y-1">
            {own.map((one) => (
              <div key={one.was} className="contents">
                <dt>
                  {LETTER.test(one.was) ? (
                    <OwnKey was={one.was} says={one.says} taken={own.map((other) => other.key)} />
                  ) : (
                    <kbd className="key">{one.key.replace("+", " ")}</kbd>
                  )}
                </dt>
                <dd>{one.says}</dd>
              </div>
            ))}
          </dl>
          <Settings />
          <form method="dialog" className="mt-4 text-right">
            <button type="submit" className="btn">
              {t("keys.close")}
            </button>
          </form>
        </div>
      </dialog>
    </footer>
  );
}

/** A key with a letter, which somebody may give another one: by choosing it and pressing the new letter. */
function OwnKey({ was, says, taken }: { was: string; says: string; taken: string[] }) {
  const { t } = useTranslation();
  const [choices, choose] = useChoices();
  const [learning, setLearning] = useState(false);
  const now = chosen(choices, was);
  return (
    <button
      type="button"
      className="key cursor-pointer"
      title={t("keys.change")}
      aria-label={t("keys.changeOf", { key: now.replace("+", " "), says })}
      onClick={() => setLearning(!learning)}
      onBlur={() => setLearning(false)}
      onKeyDown={(event) => {
        if (!learning || !/^Key[A-Z]$/.test(event.code)) return;
        event.preventDefault();
        const fresh = `Alt+${event.code.slice(3)}`;
        // Two things on one key would be one too many.
        if (fresh === now || !taken.includes(fresh)) choose(`key ${was}`, fresh);
        setLearning(false);
      }}
    >
      {learning ? t("keys.press") : now.replace("+", " ")}
    </button>
  );
}

/** What else somebody chooses for their desk: whether keys with Alt do anything, and how large the letters are. */
function Settings() {
  const { t } = useTranslation();
  const [choices, choose] = useChoices();
  return (
    <div className="mt-5 flex flex-wrap gap-6 items-end border-t border-base-300 pt-3">
      <label className="inline-flex items-center gap-2">
        <input
          type="checkbox"
          className="checkbox checkbox-sm"
          checked={choices.keys !== "off"}
          onChange={(event) => choose("keys", event.target.checked ? "on" : "off")}
        />
        {t("keys.on")}
      </label>
      <label className="flex flex-col gap-0.5">
        <span className="soft small">{t("keys.size")}</span>
        <select
          className="select select-sm w-36"
          value={choices.size ?? "plain"}
          onChange={(event) => choose("size", event.target.value)}
        >
          {["plain", "large", "largest"].map((size) => (
            <option key={size} value={size}>
              {t(`keys.sizes.${size}`)}
            </option>
          ))}
        </select>
      </label>
    </div>
  );
}
