import { type KeyboardEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { goOn } from "../draft/Field";
import { dateWords } from "../draft/typing";
import { DayPlace } from "../parts/DayPlace";
import { money } from "../parts/format";

interface Props {
  name: string;
  label: string;
  before?: string;
  example?: string;
  /** Of a day: today's. */
  today?: string;
  /** Of money: that what the machine read is taken for a month's, which is seen before it is sent. */
  monthly?: boolean;
  /** Of several lines. */
  tall?: boolean;
  /** What the machine read for a field. */
  proposed: (field: string) => Schemas["Proposal"] | undefined;
  onField: (field: string) => void;
  onText?: (text: string) => void;
}

/** A field for what a paper shows. What the machine read stands beside it; Enter in the empty field takes it. */
export function ReadField(props: Props) {
  const { name, label, before, example, today, monthly, tall, proposed, onField, onText } = props;
  const { t } = useTranslation();
  const [text, setText] = useState(before ?? "");
  const proposal = proposed(name);
  const words = proposal && written(proposal) + (monthly ? " m" : "");
  const change = (fresh: string) => {
    setText(fresh);
    onText?.(fresh);
  };
  const keys = (event: KeyboardEvent<HTMLInputElement | HTMLTextAreaElement>) => {
    if (event.key !== "Enter" || event.altKey || event.shiftKey) return;
    if (text === "" && words) change(words);
    if (!tall || text === "") goOn(event);
  };
  const shared = {
    name,
    value: text,
    "aria-label": label,
    "aria-describedby": words && text !== words ? `read-${name}` : undefined,
    autoComplete: "off",
    onFocus: () => onField(name),
    onKeyDown: keys,
  };
  const line = (
    <input
      {...shared}
      className="input input-sm case w-full"
      placeholder={words ? undefined : example}
      onChange={(event) => change(event.target.value)}
    />
  );
  return (
    <>
      {tall ? (
        <textarea
          {...shared}
          rows={2}
          className="textarea case w-full"
          onChange={(event) => change(event.target.value)}
        />
      ) : today ? (
        <DayPlace today={today}>{line}</DayPlace>
      ) : (
        line
      )}
      {words && text !== words && (
        <button
          type="button"
          id={`read-${name}`}
          tabIndex={-1}
          className="block text-left small cursor-pointer"
          onClick={() => change(words)}
        >
          <span className="soft">{t(proposal.sure ? "paper.machineRead" : "paper.machineUnsure")}</span>{" "}
          <span className="case whitespace-pre-line wrap-anywhere">{words}</span>
        </button>
      )}
    </>
  );
}

/** What was read, as it would be typed. */
function written(proposal: Schemas["Proposal"]): string {
  switch (proposal.field) {
    case "BIRTH_DATE":
    case "ISSUED_ON":
    case "EXPIRES_ON":
    case "PERIOD_END":
    case "COVERS_FROM":
    case "COVERS_UNTIL":
    case "LAST_DAY":
      return dateWords(proposal.value);
    case "GROSS":
    case "AMOUNT":
    case "DUE":
      return money(Number(proposal.value));
    default:
      return proposal.value;
  }
}
