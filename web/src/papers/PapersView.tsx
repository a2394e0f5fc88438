import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { peopleOf } from "../claim/people";
import type { Packet } from "../draft/packet";
import { spoken } from "../i18n/words";
import { namesOf } from "../parts/called";
import { fullDay, shortDay } from "../parts/format";
import { askedFor, type Shown, waits } from "./kinds";
import { PageOrder } from "./PageOrder";
import { PaperDrop } from "./PaperDrop";
import { PaperPages } from "./PaperPages";
import { incomeWords, PaperReading } from "./PaperReading";
import { SentOut } from "./SentOut";
import { sendPaper } from "./sending";

/** How often pages that are being drawn are looked for again. Milliseconds. */
const LOOK_AGAIN = 1_500;

interface Props {
  claim: ClaimView;
  today: string;
  onChanged: () => void;
}

/** The papers of a claim: what is still wanted fills, and each that came is read beside its page. */
export function PapersView({ claim, today, onChanged }: Props) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const key = ["claim", claim.number, "papers"];
  const papers = useQuery({
    queryKey: key,
    queryFn: () =>
      done(api.GET("/api/claims/{number}/papers", { params: { path: { number: claim.number } } })),
    refetchInterval: (query) =>
      query.state.data?.papers.some((one) => one.picture && !(one.picture.drawn && one.picture.read))
        ? LOOK_AGAIN
        : false,
  });
  const [chosen, setChosen] = useState("");
  const [field, setField] = useState("");
  const [besideIt, setBesideIt] = useState("");
  const [ordering, setOrdering] = useState(false);
  const [forItem, setForItem] = useState<Schemas["StillWanted"]>();
  const household = (claim.packet as unknown as Packet).household;
  const names = namesOf(peopleOf(claim));
  const people = [...names];
  const incomes = household.incomes.map((income): [string, string] => [
    income.id,
    [names.get(income.person ?? "") ?? "", spoken(income.kind ?? "", "incomeKind"), income.employer]
      .filter(Boolean)
      .join(", "),
  ]);
  const all = papers.data?.papers ?? [];
  const waiting = all.filter(waits);
  const replaced = new Set(all.flatMap((one) => one.replaces ?? []));
  const paper = all.find((one) => one.id === chosen) ?? waiting[0] ?? all[0];
  const other = all.find((one) => one.id === besideIt && one.id !== paper?.id);
  const changed = async () => {
    await queries.invalidateQueries({ queryKey: key });
    onChanged();
  };
  const {
    benefitFrom: asksFrom,
    returnOn: asksUntil,
    deceased,
  } = ((claim.packet as unknown as Packet).requests[0]?.answers ?? {}) as {
    benefitFrom?: string;
    returnOn?: string;
    deceased?: { name?: string };
  };
  const said = (whose: string | undefined, shown: Shown, kind: string) => {
    const person = household.people.find((one) => one.id === whose);
    const income = household.incomes.find((one) => one.id === whose);
    switch (shown) {
      case "name":
        if (kind === "deathRecord") return deceased?.name ?? "";
        return person ? [person.givenName, person.familyName].filter(Boolean).join(" ") : "";
      case "birthDate":
        return person?.birthDate ? fullDay(person.birthDate) : "";
      case "address":
        return [household.address?.line1, household.address?.postcode, household.address?.town]
          .filter(Boolean)
          .join(", ");
      case "coversFrom":
        return asksFrom ? fullDay(asksFrom) : "";
      case "coversUntil":
        return asksUntil ? t("paper.backOn", { day: fullDay(asksUntil) }) : "";
      case "slip":
        return income ? incomeWords(income) : "";
      default:
        return "";
    }
  };
  const asked = forItem ? askedFor(forItem.subject) : undefined;
  const whose = asked?.whose;
  return (
    <div className="panes grid grid-cols-[17rem_minmax(0,1fr)_25rem] min-h-[34rem] h-[calc(100vh-17.5rem)]">
      <section className="overflow-y-auto px-4 py-3 border-r border-base-300" aria-label={t("paper.list")}>
        <h2 className="head">{t("paper.wanted")}</h2>
        {papers.data?.wanted.length === 0 && <p className="soft mb-3">{t("paper.nothingWanted")}</p>}
        <ul className="mb-4">
          {papers.data?.wanted.map((item) => (
            <li key={item.item} className="border-b border-base-300">
              <button
                type="button"
                aria-pressed={forItem?.item === item.item}
                className={`text-left w-full py-1.5 pl-2 border-l-3 cursor-pointer ${forItem?.item === item.item ? "border-primary bg-base-200" : "border-transparent"}`}
                onClick={() => setForItem(forItem?.item === item.item ? undefined : item)}
              >
                {item.words}{" "}
                <span className="soft small block">
                  {item.came ? t("paper.cameForIt") : t("claim.by", { day: shortDay(item.dueOn) })}
                </span>
              </button>
            </li>
          ))}
        </ul>
        <SentOut claim={claim.number} />
        <p className="small mb-1">
          {forItem ? t("paper.forItem", { what: forItem.words }) : t("paper.forNothing")}
        </p>
        <PaperDrop
          send={(file, onProgress) =>
            sendPaper(
              claim.number,
              file,
              {
                kind: asked?.kind ?? "other",
                item: forItem?.item,
                person: whose && names.has(whose) ? whose : incomeOwner(household, whose),
                income: household.incomes.some((one) => one.id === whose) ? whose : undefined,
              },
              onProgress,
            )
          }
          onTaken={(id) => {
            setChosen(id);
            setForItem(undefined);
            changed();
          }}
        />
        <h2 className="head mt-5">{t("paper.came2")}</h2>
        <ul>
          {besides(all).map((one) => (
            <li key={one.id} className={`far border-b border-base-300 ${replaced.has(one.id) ? "ml-4" : ""}`}>
              <button
                type="button"
                aria-pressed={paper?.id === one.id}
                className={`flex gap-3 w-full text-left py-2 pl-2 border-l-3 cursor-pointer ${paper?.id === one.id ? "border-primary bg-base-200" : "border-transparent"}`}
                onClick={() => setChosen(one.id)}
              >
                {one.picture?.drawn && !one.picture.unreadable ? (
                  <img
                    src={`/api/papers/${one.id}/small/0`}
                    alt=""
                    className="w-9 h-12 object-cover bg-white"
                  />
                ) : (
                  <span className="w-9 h-12 bg-base-200 shrink-0" />
                )}
                <span>
                  {one.words}
                  {one.person && <span className="case">, {names.get(one.person)}</span>}
                  <span className="block small soft">
                    {t(`paper.state.${replaced.has(one.id) ? "replaced" : stateOf(one)}`)}
                  </span>
                  {one.replaces && <span className="block small soft">{t("paper.replacement")}</span>}
                </span>
              </button>
              {paper && paper.id !== one.id && one.picture?.drawn && (
                <button
                  type="button"
                  aria-pressed={besideIt === one.id}
                  className="plain-link small ml-14 mb-1.5"
                  aria-label={t("paper.besideOf", { what: one.words })}
                  onClick={() => setBesideIt(besideIt === one.id ? "" : one.id)}
                >
                  {t(besideIt === one.id ? "paper.notBeside" : "paper.beside")}
                </button>
              )}
            </li>
          ))}
        </ul>
      </section>
      <div
        className={`min-w-0 min-h-0 border-r border-base-300 ${other ? "grid grid-cols-2 grid-rows-[minmax(0,1fr)] stacks" : ""}`}
      >
        {paper ? (
          <PaperPages
            key={paper.id}
            {...drawn(paper)}
            field={field}
            onOrder={waits(paper) && claim.state === "open" ? () => setOrdering(true) : undefined}
          />
        ) : (
          <p className="soft p-4">{t("paper.none")}</p>
        )}
        {other && (
          <div className="min-w-0 min-h-0 border-l border-base-300">
            <PaperPages key={other.id} {...drawn(other)} field="" />
          </div>
        )}
      </div>
      {ordering && paper?.picture && (
        <PageOrder
          key={`${paper.id}-${paper.picture.version}`}
          claim={claim}
          paper={paper}
          others={waiting.filter((one) => one.id !== paper.id && one.picture)}
          people={people}
          onDone={(fresh) => {
            setOrdering(false);
            queries.setQueryData(key, fresh);
            onChanged();
          }}
          onClose={() => setOrdering(false)}
        />
      )}
      <section className="overflow-y-auto" aria-label={t("paper.reading")}>
        {paper?.picture && (
          <PaperReading
            key={`${paper.id}-${paper.picture.version}`}
            {...{ claim, paper, people, incomes, said, today }}
            givenBack={all.slice(0, all.indexOf(paper)).filter((one) => one.accepted === false)}
            onField={setField}
            onBeside={setBesideIt}
            onRead={(fresh) => {
              queries.setQueryData(key, fresh);
              setChosen("");
              onChanged();
            }}
          />
        )}
      </section>
    </div>
  );
}

/** Each paper once, what was given back right after what came in its place. */
function besides(papers: Schemas["PaperView"][]): Schemas["PaperView"][] {
  const withFormer = (one: Schemas["PaperView"]): Schemas["PaperView"][] => [
    one,
    ...papers.filter((former) => former.id === one.replaces).flatMap(withFormer),
  ];
  const latest = papers.filter((one) => !papers.some((later) => later.replaces === one.id));
  return [...new Set(latest.flatMap(withFormer))];
}

function drawn(paper: Schemas["PaperView"]) {
  return {
    at: `/api/papers/${paper.id}`,
    words: paper.words,
    picture: paper.picture,
    marked: waits(paper),
  };
}

function incomeOwner(household: Packet["household"], income: string | undefined): string | undefined {
  return household.incomes.find((one) => one.id === income)?.person;
}

function stateOf(paper: Schemas["PaperView"]): "waits" | "accepted" | "returned" | "told" {
  if (paper.accepted === true) return "accepted";
  if (paper.accepted === false) return "returned";
  return paper.picture ? "waits" : "told";
}
