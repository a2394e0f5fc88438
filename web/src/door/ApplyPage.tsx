import { useState } from "react";
import { AskField } from "./AskField";
import { type Ask, isTyped, lastWhere, parts, without } from "./rows";
import { useNumber, useSay } from "./words";

interface Props {
  asks: Ask[];
  values: Record<string, string>;
  wrong: Record<string, string>;
  people: [string, string][];
  onType: (typed: Record<string, string>) => void;
}

/** A group of questions: what stands alone, and lists an entry at a time. */
export function ApplyPage({ asks, values, wrong, people, onType }: Props) {
  const field = (ask: Ask) => (
    <AskField
      key={ask.name}
      ask={ask}
      value={values[ask.name] ?? ""}
      wrong={wrong[ask.name] ?? ""}
      people={people}
      onType={(text) => onType({ [ask.name]: text })}
    />
  );
  return parts(asks).map((part) =>
    "asks" in part ? (
      <div key={part.asks[0]?.name}>{part.asks.map(field)}</div>
    ) : (
      <Entries key={part.rows[0]?.[0]?.name} rows={part.rows} values={values} field={field} onType={onType} />
    ),
  );
}

interface EntriesProps {
  rows: Ask[][];
  values: Record<string, string>;
  field: (ask: Ask) => React.ReactNode;
  onType: (typed: Record<string, string>) => void;
}

/** The entries of a list: those that are typed, and one more whenever it is asked for. */
function Entries({ rows, values, field, onType }: EntriesProps) {
  const say = useSay();
  const number = useNumber();
  const typed = lastWhere(rows, (row) => isTyped(row, values)) + 1;
  const [open, setOpen] = useState(1);
  const shown = Math.max(typed, open);
  return (
    <>
      {rows.slice(0, shown).map((row, i) => (
        <fieldset key={row[0]?.name} className="door-entry">
          <legend className="case">{number(i + 1)}</legend>
          {row.map(field)}
          {(isTyped(row, values) || i > 0) && (
            <button
              type="button"
              className="plain-link py-2"
              onClick={() => {
                onType(without(rows, i, values));
                setOpen(Math.max(1, shown - 1));
              }}
            >
              {say("apply.takeAway")} <span className="sr-only">{number(i + 1)}</span>
            </button>
          )}
        </fieldset>
      ))}
      {shown < rows.length && (
        <button type="button" className="door-button mb-4" onClick={() => setOpen(shown + 1)}>
          {say("apply.another")}
        </button>
      )}
    </>
  );
}
