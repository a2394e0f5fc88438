import type { TFunction } from "i18next";
import { useTranslation } from "react-i18next";
import type { Margin as MarginData, ResultView } from "../api/client";
import type { Names } from "./called";
import { money, monthInFull } from "./format";
import { Measure } from "./Measure";
import { isToAsk, StillToAsk } from "./StillToAsk";

type CheckView = ResultView["tests"][number];

interface Props {
  margin?: MarginData;
  onGoTo?: (pointer: string) => void;
  /** What the people are called, by their ids. */
  names: Names;
  /** The service that is talked about: what it leads to stands on top. */
  first?: string;
}

/** What the facts lead to as they stand, worked out afresh. */
export function Margin({ margin, onGoTo, names, first }: Props) {
  const { t } = useTranslation();
  const results = [...(margin?.results ?? [])].sort(
    (a, b) => Number(b.service === first) - Number(a.service === first),
  );
  return (
    <div aria-live="polite" className="flex flex-col gap-5">
      {margin && margin.doubts.length > 0 && (
        <section>
          <h2 className="head">{t("margin.doubts")}</h2>
          {margin.doubts.map((doubt) => (
            <button
              key={doubt.pointer}
              type="button"
              className="block text-left mb-2 border-l-4 border-error pl-2 cursor-pointer"
              onClick={() => onGoTo?.(doubt.pointer)}
            >
              {doubt.words}
            </button>
          ))}
        </section>
      )}
      {margin && margin.results.length === 0 && <p className="soft">{t("margin.nothing")}</p>}
      {results.map((result, i) => (
        <ResultBlock key={`${result.service}${i}`} result={result} onGoTo={onGoTo} names={names} />
      ))}
      {margin && margin.alsoLikely.length > 0 && (
        <section>
          <h2 className="head">{t("margin.alsoLikely")}</h2>
          <ul className="small">
            {margin.alsoLikely.slice(0, 6).map((likely) => (
              <li key={likely.service} className="mb-1">
                <span className="case">{likely.title}</span>
                {likely.missing.length > 0 && (
                  <span className="soft">
                    {" — "}
                    {t("margin.stillToKnow", {
                      what: likely.missing
                        .slice(0, 3)
                        .map((one) => one.words)
                        .join(", "),
                    })}
                  </span>
                )}
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

export function ResultBlock({
  result,
  onGoTo,
  names,
}: {
  result: ResultView;
  onGoTo?: (pointer: string) => void;
  names: Names;
}) {
  const { t } = useTranslation();
  const changes = result.tests.filter((test) => test.change);
  const head = (
    <h2 className="head">
      <span>{result.title}</span>
      <span>{t("margin.book", { month: monthInFull(result.book) })}</span>
    </h2>
  );
  const tests = (
    <ul className="mt-2">
      {result.tests
        .filter((test) => !result.asked || !isToAsk(test))
        .map((test) => (
          <TestRow key={test.id} test={test} onGoTo={onGoTo} names={names} />
        ))}
    </ul>
  );
  // What nobody was asked yet has no verdict; what it looks at can be unfolded.
  if (!result.asked) {
    return (
      <section aria-label={result.title}>
        {head}
        <details>
          <summary className="soft cursor-pointer">
            {t("margin.notAsked", { count: result.tests.length })}
          </summary>
          {tests}
        </details>
      </section>
    );
  }
  return (
    <section aria-label={result.title}>
      {head}
      <p
        className={`case text-[1.5rem] leading-tight ${result.outcome === "unknown" ? "soft" : "font-semibold"}`}
      >
        {t(`margin.${result.outcome}`)}
        {result.outcome !== "unknown" && result.tests.some((test) => test.outcome === "unknown") && (
          <span className="soft text-base font-normal ml-2 whitespace-nowrap">{t("margin.asTold")}</span>
        )}
      </p>
      {result.route && <p className="wrong">{t(`margin.${result.route}`)}</p>}
      {result.hold && <p>{t(`margin.hold.${result.hold}`)}</p>}
      <Awards awards={result.awards} />
      {tests}
      <StillToAsk tests={result.tests} onGoTo={onGoTo} />
      {changes.length > 0 && (
        <div className="mt-2">
          <h3 className="soft small">{t("margin.wouldChange")}</h3>
          {changes.map((test) => (
            <p key={test.id}>{test.change}</p>
          ))}
        </div>
      )}
    </section>
  );
}

function TestRow({
  test,
  onGoTo,
  names,
}: {
  test: CheckView;
  onGoTo?: (pointer: string) => void;
  names: Names;
}) {
  const { t } = useTranslation();
  const first = test.missing.find((one) => one.subject.startsWith("/"))?.subject ?? test.needs[0];
  const compared = test.measured != null && test.limit != null;
  return (
    <li className="border-t border-base-300 py-1.5">
      <button
        type="button"
        className="block w-full text-left cursor-pointer disabled:cursor-default"
        onClick={() => first && onGoTo?.(first)}
        disabled={!onGoTo || !first}
      >
        <span className="flex justify-between gap-2 small">
          <span className="soft">{testName(test, names)}</span>
          <span
            className={test.outcome === "notMet" || test.outcome === "unknown" ? "font-semibold" : "soft"}
          >
            {t(`margin.outcome.${test.outcome}`)}
          </span>
        </span>
        {compared && test.limit !== 0 && (
          <span className="flex flex-wrap justify-between items-end gap-x-2">
            <Measure measured={test.measured ?? 0} limit={test.limit ?? 0} met={test.outcome === "met"} />
            <span className="case small whitespace-nowrap ml-auto">{distance(test, t)}</span>
          </span>
        )}
        {(test.outcome === "notMet" || test.outcome === "unknown") && (
          <span className="block leading-snug">{test.because}</span>
        )}
      </button>
    </li>
  );
}

function distance(test: CheckView, t: TFunction): string {
  const gap = (test.measured ?? 0) - (test.limit ?? 0);
  const n = test.apart ?? money(Math.abs(gap));
  if (gap === 0) return t("margin.exact");
  return gap < 0 ? t("margin.under", { n }) : t("margin.over", { n });
}

/** What is granted, or would be, one line each. */
export function Awards({ awards }: { awards: string[] }) {
  return (
    <ul className="mt-1 case">
      {awards.map((award) => (
        <li key={award}>{award}</li>
      ))}
    </ul>
  );
}

/** What a check is about, with the person it is made for: "Child, Noor". */
export function testName(test: CheckView, names: Names): string {
  return test.person ? `${test.label}, ${names.get(test.person) ?? test.person}` : test.label;
}
