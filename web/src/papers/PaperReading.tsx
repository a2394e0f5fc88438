import { useQuery } from "@tanstack/react-query";
import { type FormEvent, useEffect, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { dateWords, readDate, readNumber } from "../draft/typing";
import { spoken, vocabulary } from "../i18n/words";
import { fullDay, money, shortDay } from "../parts/format";
import { Key } from "../parts/Keys";
import { useTrying } from "../parts/useTrying";
import { FactRows } from "./FactRows";
import { KindOfPaper } from "./KindOfPaper";
import { fieldFor, isOfSomebodyElse, reads, type Shown, waits } from "./kinds";
import { OneOf } from "./OneOf";
import { ReadField } from "./ReadField";
import { shownFacts, Unreadable } from "./shownFacts";
import { ZoneSaid } from "./ZoneSaid";

const FAULTS = vocabulary("paperFault");

const ABOUT_AN_INCOME = ["payslip", "benefitLetter", "cashIncomeLetter", "employerStatement"];

const isDay = (shown: Shown) => shown.endsWith("On") || shown === "birthDate" || shown.startsWith("covers");

interface Props {
  claim: ClaimView;
  paper: Schemas["PaperView"];
  /** The people and incomes of the household, by their ids, as they are called. */
  people: [string, string][];
  incomes: [string, string][];
  /** What was given back of this household, in the order it came. */
  givenBack: Schemas["PaperView"][];
  /** What the household said, to be held against what the paper shows. */
  said: (person: string | undefined, shown: Shown, kind: string) => string;
  today: string;
  /** The field that is being read, so that its place on the page can be shown. */
  onField: (field: string) => void;
  /** Another paper is to be seen beside it. */
  onBeside: (paper: string) => void;
  onRead: (papers: Schemas["Papers"]) => void;
}

/** What a paper shows, typed beside what was said; then it is accepted, or given back with what is wrong. */
export function PaperReading({
  claim,
  paper,
  people,
  incomes,
  givenBack,
  said,
  today,
  onField,
  onBeside,
  onRead,
}: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const [kind, setKind] = useState(paper.kind);
  const [person, setPerson] = useState(
    paper.person ?? (people.length === 1 && !isOfSomebodyElse(paper.kind) ? people[0][0] : ""),
  );
  const [income, setIncome] = useState(paper.income ?? (incomes.length === 1 ? incomes[0][0] : ""));
  const [replaces, setReplaces] = useState(paper.replaces ?? "");
  const former = givenBack.find((one) => one.id === replaces);
  const [returning, setReturning] = useState(false);
  const [faults, setFaults] = useState<string[]>([]);
  const [unread, setUnread] = useState("");
  const [name, setName] = useState(paper.nameOnPaper ?? "");
  const [birth, setBirth] = useState(dateWords(paper.birthDateOnPaper));
  const [zone, setZone] = useState(paper.mrz.join("\n"));

  const facts =
    useQuery({
      queryKey: ["claim", claim.number, "papers", paper.id, kind, person, income],
      queryFn: () =>
        done(
          api.GET("/api/claims/{number}/papers/{id}/facts", {
            params: {
              path: { number: claim.number, id: paper.id },
              query: { kind, person: person || undefined, income: income || undefined },
            },
          }),
        ),
    }).data ?? [];

  const form = useRef<HTMLFormElement>(null);
  const reading = waits(paper);
  useEffect(() => {
    if (reading && !form.current?.contains(document.activeElement)) {
      form.current?.querySelector<HTMLElement>("tbody input, tbody textarea")?.focus();
    }
  }, [reading]);

  const shows = (form: FormData) => {
    try {
      return shownFacts(form, facts, today);
    } catch (wrong) {
      if (!(wrong instanceof Unreadable)) throw wrong;
      throw new Error(t(`paper.unread.${wrong.form}`, { what: wrong.label }));
    }
  };
  const send = (form: FormData, back: boolean) => {
    const text = (name: string) => String(form.get(name) ?? "").trim() || undefined;
    const day = (name: string) => {
      const typed = text(name);
      if (!typed) return undefined;
      const read = readDate(typed, today, true);
      if (!read) throw new Error(t("paper.notADay", { what: t(`paper.${name}`) }));
      return read;
    };
    const gross = text("gross") ? readNumber(text("gross") as string) : undefined;
    if (text("gross") && gross === undefined) throw new Error(t("paper.notMoney"));
    if (kind === "payslip" && !back && (!text("periodEnd") || gross === undefined)) {
      throw new Error(t("paper.slipWanted"));
    }
    return done(
      api.POST("/api/claims/{number}/papers/{id}/read", {
        params: { path: { number: claim.number, id: paper.id } },
        body: {
          version: paper.picture?.version ?? 0,
          kind,
          person: person || undefined,
          income: income || undefined,
          issuedOn: day("issuedOn"),
          expiresOn: day("expiresOn"),
          nameOnPaper: text("name"),
          birthDateOnPaper: day("birthDate"),
          addressOnPaper: text("address"),
          mrz: text("zone")?.split(/\s*\n\s*/),
          periodEnd: day("periodEnd"),
          gross,
          coversFrom: day("coversFrom"),
          coversUntil: day("coversUntil"),
          replaces: replaces || undefined,
          shown: back ? [] : (shows(form) as never[]),
          faults: back ? faults : [],
          nameAccepted: form.get("nameAccepted") === "on",
          because: String(form.get("because") ?? ""),
        },
      }),
    );
  };
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const back = (event.nativeEvent as SubmitEvent).submitter?.id === "return-paper";
    if (back && faults.length === 0) {
      setReturning(true);
      setUnread(t("paper.faultWanted"));
      return;
    }
    setUnread("");
    attempt(async () => onRead(await send(form, back)));
  };
  const before: Record<Shown, string> = {
    name: paper.nameOnPaper ?? "",
    birthDate: dateWords(paper.birthDateOnPaper),
    issuedOn: dateWords(paper.issuedOn),
    expiresOn: dateWords(paper.expiresOn),
    address: paper.addressOnPaper ?? "",
    zone: paper.mrz.join("\n"),
    coversFrom: dateWords(paper.coversFrom),
    coversUntil: dateWords(paper.coversUntil),
    slip: "",
  };
  const born = readDate(birth, today, true);
  const bornSaid = said(person || undefined, "birthDate", kind);
  const bornOtherwise = born !== undefined && bornSaid !== "" && fullDay(born) !== bornSaid;
  const shown = reads(kind);
  const proposals = reading ? (paper.picture?.proposals ?? []) : [];
  const proposed = (field: string) => proposals.find((one) => fieldFor(one.field) === field);
  const read = { proposed, onField };
  return (
    <form ref={form} onSubmit={submit} className="flex flex-col gap-3 p-4">
      <div className="flex flex-wrap gap-3">
        <KindOfPaper label={t("paper.kind")} kind={kind} onKind={setKind} />
        <OneOf
          label={t("paper.whose")}
          none={t("paper.nobodys")}
          value={person}
          options={people}
          onValue={setPerson}
        />
        {(ABOUT_AN_INCOME.includes(kind) || paper.income) && (
          <OneOf
            label={t("paper.income")}
            none={t("app.choose")}
            value={income}
            options={incomes}
            wide
            onValue={setIncome}
          />
        )}
        {givenBack.length > 0 && (
          <OneOf
            label={t("paper.inPlaceOf")}
            none={t("paper.inPlaceOfNone")}
            value={replaces}
            options={givenBack.map((one) => [
              one.id,
              t("paper.givenBackOne", { what: one.words, day: shortDay(one.picture?.cameAt ?? today) }),
            ])}
            wide
            onValue={setReplaces}
          />
        )}
      </div>
      {former && (
        <p className="small">
          {former.because}{" "}
          {former.picture?.drawn && (
            <button type="button" className="plain-link" onClick={() => onBeside(former.id)}>
              {t("paper.besideFormer")}
            </button>
          )}
        </p>
      )}
      {paper.picture?.sender && <p className="small">{t("paper.sender", { name: paper.picture.sender })}</p>}
      {paper.picture?.remark && (
        <p className="small">
          <span className="soft">{t("paper.remark")}</span> {paper.picture.remark}
        </p>
      )}
      {paper.picture && !paper.picture.read && <p className="soft small">{t("paper.machineReads")}</p>}
      <table className="w-full">
        <thead>
          <tr className="soft small text-left">
            <th className="font-normal w-[6.5rem]">{t("paper.what")}</th>
            <th className="font-normal w-[8rem]">○ {t("paper.said")}</th>
            <th className="font-normal">□ {t("paper.shown")}</th>
          </tr>
        </thead>
        <tbody>
          {shown
            .filter((one) => one !== "slip")
            .map((one) => (
              <tr key={one} className="align-top border-t border-base-300">
                <td className="py-2 small">{t(`paper.${one}`)}</td>
                <td className="py-2 case">{said(person || undefined, one, kind)}</td>
                <td className="py-1">
                  {one === "zone" ? (
                    <>
                      <ReadField
                        name="zone"
                        label={t("paper.zone")}
                        before={before.zone}
                        tall
                        onText={setZone}
                        {...read}
                      />
                      <ZoneSaid text={zone} />
                    </>
                  ) : (
                    <>
                      <ReadField
                        name={one}
                        label={t(`paper.${one}`)}
                        before={before[one]}
                        today={isDay(one) ? today : undefined}
                        onText={one === "name" ? setName : one === "birthDate" ? setBirth : undefined}
                        {...read}
                      />
                      {one === "birthDate" && bornOtherwise && (
                        <p className="wrong small">≠ {t("paper.bornOtherwise")}</p>
                      )}
                    </>
                  )}
                </td>
              </tr>
            ))}
          {shown.includes("slip") &&
            (["periodEnd", "gross"] as const).map((one) => (
              <tr key={one} className="align-top border-t border-base-300">
                <td className="py-2 small">{t(`paper.${one}`)}</td>
                <td className="py-2 case">
                  {one === "gross" ? said(income || undefined, "slip", kind) : ""}
                </td>
                <td className="py-1">
                  <ReadField
                    name={one}
                    label={t(`paper.${one}`)}
                    example={one === "gross" ? "1,863.33" : "31 10 26"}
                    today={one === "periodEnd" ? today : undefined}
                    {...read}
                  />
                </td>
              </tr>
            ))}
          <FactRows
            facts={facts}
            today={today}
            proposed={(field) => proposals.find((one) => one.field === field)}
            onField={onField}
          />
        </tbody>
      </table>
      {paper.nameDiffers && <p className="wrong">{paper.nameDiffers}</p>}
      {person && name.trim() !== "" && name.trim() !== said(person || undefined, "name", kind) && (
        <label className="inline-flex items-center gap-2">
          <input type="checkbox" className="checkbox checkbox-sm" name="nameAccepted" />
          {t("paper.nameAccepted")}
        </label>
      )}
      {returning && (
        <fieldset>
          <legend className="soft">{t("paper.faults")}</legend>
          <div className="flex flex-wrap gap-x-4">
            {FAULTS.map((fault) => (
              <label key={fault} className="inline-flex items-center gap-2 min-h-8">
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm"
                  checked={faults.includes(fault)}
                  onChange={(event) =>
                    setFaults(
                      event.target.checked ? [...faults, fault] : faults.filter((one) => one !== fault),
                    )
                  }
                />
                {spoken(fault, "paperFault")}
              </label>
            ))}
          </div>
        </fieldset>
      )}
      <label className="flex flex-col gap-0.5">
        <span className="soft small">{t("paper.because")}</span>
        <input name="because" className="input input-sm w-full" autoComplete="off" />
      </label>
      <div className="flex gap-3 items-center">
        <button type="submit" id="accept-paper" className="btn btn-primary btn-sm">
          {t("paper.accept")} <Key of="Alt+A" />
        </button>
        <button type="submit" id="return-paper" className="btn btn-sm">
          {t("paper.return")} <Key of="Alt+B" />
        </button>
      </div>
      <p role="alert" className="wrong">
        {unread || refusal}
      </p>
      {paper.accepted === false && <p className="small">{paper.because}</p>}
      {paper.picture && (
        <p className="soft small">
          {t("paper.came", { name: paper.picture.cameBy, day: fullDay(paper.picture.cameAt) })} ·{" "}
          <a className="plain-link" href={`/api/papers/${paper.id}/file`}>
            {t("paper.file")}
          </a>
        </p>
      )}
    </form>
  );
}

/** An income as it was said: its amount, with the period. */
export function incomeWords(income: { amount?: number; frequency?: string }): string {
  return income.amount === undefined
    ? ""
    : `${money(income.amount)} ${spoken(income.frequency ?? "", "frequency")}`;
}
