import { lazy, Suspense, useEffect, useState } from "react";
import { useTranslation } from "react-i18next";
import { useChoices } from "../api/choices";
import { chosen, type KeyAction } from "./keyAction";

function matches(event: KeyboardEvent, key: string): boolean {
  const [last, ...held] = key.split("+").reverse();
  const alt = held.includes("Alt");
  if (event.altKey !== alt || event.ctrlKey || event.metaKey) return false;
  return event.key === last || (alt && event.code === (/^\d$/.test(last) ? `Digit${last}` : `Key${last}`));
}

/** A key beside what it does, as somebody has chosen it; nothing where they have turned the keys off. */
export function Key({ of }: { of: string }) {
  const [choices] = useChoices();
  if (choices.keys === "off") return null;
  return <kbd className="key">{chosen(choices, of).replace("+", " ")}</kbd>;
}

// The list of all keys comes when it is first asked for.
const AllKeys = lazy(() => import("./AllKeys"));

/** The strip at the foot with the keys that are valid now; F1 shows them all. */
export function KeyStrip({ keys }: { keys: KeyAction[] }) {
  const { t } = useTranslation();
  const [listed, setListed] = useState(false);
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
        setListed(true);
        return;
      }
      const action = latest.own.find(
        (one) => one.act && matches(event, one.key) && !(latest.off && one.key.startsWith("Alt+")),
      );
      if (action?.act && !document.querySelector("[role=dialog]")) {
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
      {listed && (
        <Suspense>
          <AllKeys own={own} onClose={() => setListed(false)} />
        </Suspense>
      )}
    </footer>
  );
}
