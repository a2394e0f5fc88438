import { useEffect, useRef, useState } from "react";
import { useTranslation } from "react-i18next";

/** A key that does something here: how it is written, what it does, and whether the strip shows it. */
export interface KeyAction {
  key: string;
  says: string;
  act?: () => void;
  /** Not on the strip, only in the list of all keys. */
  quiet?: boolean;
}

function matches(event: KeyboardEvent, key: string): boolean {
  const [last, ...held] = key.split("+").reverse();
  const alt = held.includes("Alt");
  if (event.altKey !== alt || event.ctrlKey || event.metaKey) return false;
  return event.key === last || (alt && event.code === (/^\d$/.test(last) ? `Digit${last}` : `Key${last}`));
}

/** The strip at the foot with the keys that are valid now; F1 shows them all. */
export function KeyStrip({ keys }: { keys: KeyAction[] }) {
  const { t } = useTranslation();
  const dialog = useRef<HTMLDialogElement>(null);
  const [latest] = useState({ keys });
  latest.keys = keys;
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (event.key === "F1") {
        event.preventDefault();
        dialog.current?.showModal();
        return;
      }
      const action = latest.keys.find((one) => one.act && matches(event, one.key));
      if (action?.act && !document.querySelector("dialog[open]")) {
        event.preventDefault();
        action.act();
      }
    };
    window.addEventListener("keydown", pressed);
    return () => window.removeEventListener("keydown", pressed);
  }, [latest]);
  const shown = keys.filter((one) => !one.quiet);
  return (
    <footer className="h-[34px] bg-neutral text-neutral-content flex items-center gap-5 px-5 small shrink-0 overflow-hidden whitespace-nowrap">
      {shown.map((one) => (
        <span key={one.key} className="flex items-center gap-1.5">
          <kbd className="key">{one.key.replace("Arrow", "").replace("+", " ")}</kbd>
          {one.says}
        </span>
      ))}
      <span className="ml-auto flex items-center gap-1.5">
        <kbd className="key">F1</kbd>
        {t("keys.all")}
      </span>
      <dialog ref={dialog} className="modal text-base-content" aria-label={t("keys.title")}>
        <div className="modal-box">
          <h2 className="case text-xl mb-3">{t("keys.title")}</h2>
          <dl className="grid grid-cols-[8rem_1fr] gap-y-1">
            {keys.map((one) => (
              <div key={one.key} className="contents">
                <dt>
                  <kbd className="key">{one.key.replace("+", " ")}</kbd>
                </dt>
                <dd>{one.says}</dd>
              </div>
            ))}
          </dl>
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
