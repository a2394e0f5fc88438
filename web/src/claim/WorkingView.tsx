import { useTranslation } from "react-i18next";
import type { ClaimView, Schemas } from "../api/client";
import { namesOf } from "../parts/called";
import { monthInFull } from "../parts/format";
import { Awards, testName } from "../parts/Margin";
import { Decide } from "./Decide";
import { peopleOf } from "./people";
import { SinceLast } from "./SinceLast";
import { WantedItem } from "./WantedItem";

interface Props {
  claim: ClaimView;
  working: Schemas["Working"];
  today: string;
  onAsk: () => void;
  onChanged: () => void;
}

/** The tests in order with every number, the sum line by line, and the decision at the foot. */
export function WorkingView({ claim, working, today, onAsk, onChanged }: Props) {
  const { t } = useTranslation();
  const result = working.result;
  const names = namesOf(peopleOf(claim));
  const wanted = [...claim.items].sort((a, b) => Number(b.owner === "ours") - Number(a.owner === "ours"));
  const theirs = wanted.filter((item) => item.owner === "household").length;
  return (
    <div className="panes grid grid-cols-[minmax(0,1fr)_22rem] min-h-full">
      <div className="px-6 py-4 flex flex-col gap-6">
        {wanted.length > 0 && (
          <section>
            <h2 className="head">
              <span>{t("claim.items")}</span>
              <span>{wanted.length}</span>
            </h2>
            {theirs > 0 && claim.state === "open" && (
              <button type="button" id="ask-household" className="btn btn-sm my-2" onClick={onAsk}>
                {t("asking.open", { count: theirs })}
              </button>
            )}
            <ul>
              {wanted.map((item) => (
                <WantedItem key={item.id} item={item} claim={claim} today={today} onChanged={onChanged} />
              ))}
            </ul>
          </section>
        )}
        {working.since && claim.state === "open" && <SinceLast since={working.since} />}
        <section>
          <h2 className="head">{t("claim.tests")}</h2>
          <table className="checks w-full">
            <thead className="soft small text-left">
              <tr>
                <td />
                <td />
                <th className="font-normal text-right">{t("claim.measured")}</th>
                <th className="font-normal text-right pl-4">{t("claim.limit")}</th>
              </tr>
            </thead>
            <tbody>
              {result.tests.map((test) => (
                <tr key={test.id} className="border-b border-base-300 align-top">
                  <td className="py-1.5 pr-3 w-28">
                    <span
                      className={test.outcome === "notMet" || test.outcome === "unknown" ? "font-bold" : ""}
                    >
                      {t(`margin.outcome.${test.outcome}`)}
                    </span>
                    <span className="block soft text-[0.76rem]">{testName(test, names)}</span>
                  </td>
                  <td className="py-1.5 pr-3">{test.because}</td>
                  <td className="case py-1.5 text-right whitespace-nowrap">{test.measuredWords}</td>
                  <td className="case py-1.5 pl-4 text-right whitespace-nowrap">{test.limitWords}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      </div>
      <aside
        className="bg-base-200 border-l border-base-300 p-4 flex flex-col gap-6"
        aria-label={t("margin.label")}
      >
        <section aria-label={result.title}>
          <h2 className="head">
            <span>{result.title}</span>
            <span>{t("margin.book", { month: monthInFull(result.book) })}</span>
          </h2>
          <p
            className={`case text-[1.5rem] leading-tight ${result.outcome === "unknown" ? "soft" : "font-semibold"}`}
          >
            {t(`margin.${result.outcome}`)}
          </p>
          {result.route && <p className="wrong">{t(`margin.${result.route}`)}</p>}
          {result.hold && <p>{t(`margin.hold.${result.hold}`)}</p>}
          <Awards awards={result.awards} />
          {result.notes.map((note) => (
            <p key={note.code} className="mt-2">
              {note.text}
            </p>
          ))}
        </section>
        {result.working.length > 0 && (
          <section className="max-w-md">
            <h2 className="head">{t("claim.sum")}</h2>
            {result.working.map((line) => (
              <p key={line.label} className="flex flex-wrap justify-between gap-x-4">
                <span>{line.label}</span>
                <span className="case whitespace-nowrap ml-auto">{line.value}</span>
              </p>
            ))}
          </section>
        )}
        <Decide claim={claim} working={working} onChanged={onChanged} />
      </aside>
    </div>
  );
}
