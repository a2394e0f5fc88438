import { useState } from "react";
import { useTranslation } from "react-i18next";
import { useChoices } from "../api/choices";
import { Dialog } from "./Dialog";
import { chosen, type KeyAction } from "./keyAction";

const LETTER = /^Alt\+[A-Z]$/;

interface Props {
  own: (KeyAction & { was: string })[];
  onClose: () => void;
}

/** All keys that do something here, which may be given other letters, and what else somebody chooses for their desk. */
export default function AllKeys({ own, onClose }: Props) {
  const { t } = useTranslation();
  return (
    <Dialog title={t("keys.title")} onClose={onClose}>
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
      <p className="mt-4 text-right">
        <button type="button" className="btn" onClick={onClose}>
          {t("keys.close")}
        </button>
      </p>
    </Dialog>
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
