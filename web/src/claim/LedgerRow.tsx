import { type FormEvent, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { fullDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";
import { readAnswer } from "./AnswerValue";
import { FoundWrong } from "./FoundWrong";
import { TriedOut } from "./TriedOut";

type Row = Schemas["Fact"];
type Cell = Schemas["Evidence"];

const MARKS: Record<string, string> = { said: "○", shown: "□", checked: "◇", used: "✎" };

interface Props {
  row: Row;
  claim: ClaimView;
  today: string;
  /** Whether it is now that is looked at: what was can't be set. */
  settable: boolean;
  onChanged: () => void;
}

/** A fact: quiet while nothing speaks against it, with its four cells when something does. */
export function LedgerRow({ row, claim, today, settable, onChanged }: Props) {
  const { t } = useTranslation();
  const loud = row.surfaces || row.disagrees;
  const [open, setOpen] = useState(false);
  const [whole, setWhole] = useState("");
  const [attempt] = useTrying();
  const show = () =>
    attempt(async () => {
      const shown = await done(
        api.POST("/api/claims/{number}/number", {
          params: { path: { number: claim.number } },
          body: { place: row.place },
        }),
      );
      setWhole(shown.number);
    });
  const support = [row.said, row.shown, row.checked, row.set]
    .filter((cell) => cell?.value === row.used)
    .map((cell) => MARKS[cell?.kind ?? ""])
    .join(" ");
  return (
    <div className="far border-b border-base-300 py-1.5">
      <div className="grid grid-cols-[minmax(12rem,22rem)_minmax(0,1fr)_auto] gap-4 items-baseline stacks">
        <span>
          {row.label}
          {loud && row.group && <span className="case">, {row.group}</span>}
        </span>
        <span>
          <span className="case font-semibold">{whole || row.used}</span>{" "}
          {row.used.startsWith("••••") && !whole && (
            <button type="button" className="plain-link small" onClick={show}>
              {t("ledger.show")}
            </button>
          )}{" "}
          <span className="soft small" title={t("ledger.legend")}>
            {support}
          </span>
        </span>
        <button
          type="button"
          className="plain-link small"
          aria-expanded={open}
          aria-label={t("ledger.moreOf", { what: row.label })}
          onClick={() => setOpen(!open)}
        >
          {t(open ? "ledger.less" : "ledger.more")}
        </button>
      </div>
      {loud && <Cells row={row} />}
      {row.surfaces && <p className="wrong small">{t("ledger.surfaces")}</p>}
      {open && (
        <div className="mt-2 mb-1">
          {!loud && <Cells row={row} />}
          {settable && row.kind && claim.state === "open" && (
            <Setting row={row} claim={claim} today={today} onChanged={onChanged} />
          )}
          {settable && claim.state === "open" && (
            <FoundWrong claim={claim} place={row.place} label={row.label} onChanged={onChanged} />
          )}
          <ol className="small mt-2" aria-label={t("ledger.history")}>
            {row.history.map((cell) => (
              <li key={`${cell.at}${cell.kind}`} className="py-0.5">
                <span className="soft">{fullDay(cell.at)}</span> {MARKS[cell.kind]} {t(`ledger.${cell.kind}`)}{" "}
                <span className="case">{cell.value}</span> <span className="soft">{whence(cell, t)}</span>
              </li>
            ))}
          </ol>
        </div>
      )}
    </div>
  );
}

function whence(cell: Cell, t: (key: string, values?: Record<string, unknown>) => string): string {
  return [
    t(`ledger.source.${cell.source}`, { name: cell.by }),
    cell.from ? t("ledger.from", { day: fullDay(cell.from) }) : "",
    cell.because ?? "",
  ]
    .filter(Boolean)
    .join(" · ");
}

/** Said, shown, checked and used beside one another, with the difference between the two that differ. */
function Cells({ row }: { row: Row }) {
  const { t } = useTranslation();
  const evidence = row.shown ?? row.checked;
  const cells: [string, string | undefined, boolean][] = [
    ["said", row.said?.value, false],
    ["shown", row.shown?.value, Boolean(row.shown) && row.shown?.value !== row.said?.value],
    ["checked", row.checked?.value, Boolean(row.checked) && row.checked?.value !== row.said?.value],
    ["used", row.used, false],
  ];
  return (
    <dl className="grid grid-cols-4 gap-4 mt-1 stacks">
      {cells.map(([kind, value, differs]) => (
        <div key={kind} className={`border-l-2 pl-2 ${differs ? "border-error" : "border-base-300"}`}>
          <dt className="soft small">
            {kind !== "used" && MARKS[kind]} {t(`ledger.${kind}`)}
          </dt>
          <dd className={`case ${kind === "used" ? "font-semibold" : ""}`}>{value ?? "—"}</dd>
          {differs && row.difference && evidence?.value === value && (
            <dd className="wrong small">{t("ledger.apart", { by: row.difference })}</dd>
          )}
        </div>
      ))}
    </dl>
  );
}

/** A value that is used from now on, set by hand with its reason. */
function Setting({ row, claim, today, onChanged }: Omit<Props, "settable">) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const [unread, setUnread] = useState("");
  const [out, setOut] = useState<{ trying: Schemas["Trying"]; tried: Schemas["Tried"] }>();
  const form = useRef<HTMLFormElement>(null);
  const typed = () => {
    const text = String(new FormData(form.current ?? undefined).get("value") ?? "").trim();
    const value = text && readAnswer(text, { kind: row.kind ?? "text", options: [] }, today);
    const isRead = value !== undefined && text !== "";
    setUnread(isRead ? "" : t("app.unread", { expected: EXAMPLES[row.kind ?? "text"] }));
    return isRead ? value : undefined;
  };
  const tryIt = () => {
    const value = typed();
    setOut(undefined);
    if (value === undefined) return;
    attempt(async () => {
      const trying = { pointer: row.place, value: value as never };
      const tried = await done(
        api.POST("/api/claims/{number}/tried", {
          params: { path: { number: claim.number } },
          body: trying,
        }),
      );
      setOut({ trying, tried });
    });
  };
  const save = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const reason = String(new FormData(event.currentTarget).get("reason"));
    const value = typed();
    if (value === undefined) return;
    attempt(async () => {
      await done(
        api.POST("/api/claims/{number}/answers", {
          params: { path: { number: claim.number } },
          body: {
            version: claim.version,
            pointer: row.place,
            value: value as never,
            reason,
          },
        }),
      );
      onChanged();
    });
  };
  const choices =
    row.kind === "flag"
      ? [
          { word: "true", said: t("app.yes") },
          { word: "false", said: t("app.no") },
        ]
      : row.choices;
  return (
    <form ref={form} onSubmit={save} className="flex flex-wrap gap-3 items-end mt-2">
      <label className="flex flex-col small">
        {t("ledger.use")}
        {choices.length > 0 ? (
          <select name="value" className="select select-sm w-52" required defaultValue="">
            <option value="" disabled>
              {t("app.choose")}
            </option>
            {choices.map((one) => (
              <option key={one.word} value={one.word}>
                {one.said}
              </option>
            ))}
          </select>
        ) : (
          <input
            name="value"
            className="input input-sm case w-52"
            placeholder={EXAMPLES[row.kind ?? "text"]}
            required
          />
        )}
      </label>
      <label className="flex flex-col small">
        {t("claim.answerReason")}
        <input name="reason" className="input input-sm w-80" required />
      </label>
      <button type="submit" className="btn btn-sm btn-primary">
        {t("claim.answerSave")}
      </button>
      <button type="button" className="btn btn-sm" onClick={tryIt}>
        {t("tried.try")}
      </button>
      <p role="alert" className="wrong small">
        {unread || refusal}
      </p>
      {out && (
        <div className="w-full">
          <TriedOut claim={claim} {...out} />
        </div>
      )}
    </form>
  );
}

const EXAMPLES: Record<string, string> = {
  money: "640.00",
  number: "37.5",
  whole: "3",
  date: "30 11 26",
  month: "11 2026",
};
