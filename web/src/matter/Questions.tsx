import { useTranslation } from "react-i18next";
import type { QuestionView } from "../api/client";
import { place } from "../draft/Field";
import { at } from "../draft/packet";
import { applies } from "../draft/taking";
import type { DraftHandle } from "../draft/useDraft";
import { asked, spoken, standsFor } from "../i18n/words";
import { blocksOf, drawsItsOwn } from "./blocks";
import { earned } from "./earned";
import type { Matter, QuestionProps } from "./matter";
import { Offered } from "./Offered";
import { QuestionField } from "./QuestionField";
import { Rows } from "./Rows";

interface Props {
  handle: DraftHandle;
  questions: QuestionView[];
  at: string;
  matter: Matter;
  /** The keys on the way to these questions, with a dot behind each. */
  path?: string;
}

/** Questions by what belongs together; what does not apply is not asked, and what was said to it is kept aside. */
export function Questions({ handle, questions, at: place, matter, path = "" }: Props) {
  const { t } = useTranslation();
  const aside = questions.filter(
    (question) => handle.draft.taking.aside?.[`${place}/${question.key}`] !== undefined,
  );
  const now = questions.filter((question) => !question.filledIn && applies(handle.draft, question, place));
  const lines = (keys: string[][], heading?: string) =>
    keys.map((line) => (
      <div key={line.join()} className="flex flex-wrap gap-x-6 gap-y-3 items-start">
        {line.map((key) => {
          const question = now.find((one) => one.key === key) as QuestionView;
          return (
            <Question
              key={key}
              under={heading}
              {...{ handle, question, matter }}
              pointer={`${place}/${key}`}
              path={path + key}
            />
          );
        })}
      </div>
    ));
  const blocks = blocksOf(
    matter.service,
    path,
    now.map((one) => one.key),
  );
  return (
    <div className="flex flex-col gap-6">
      {blocks.map((block) =>
        block.words ? (
          <section key={block.words} className="stacks grid grid-cols-[8.5rem_1fr] gap-x-6 gap-y-2">
            <h2 className="soft leading-tight pt-0.5">{t(`matter.${block.words}`)}</h2>
            <div className="flex flex-col gap-4 min-w-0">
              {lines(block.lines, t(`matter.${block.words}`))}
            </div>
          </section>
        ) : (
          <div key="rest" className="flex flex-col gap-3">
            {lines(block.lines)}
          </div>
        ),
      )}
      {aside.length > 0 && (
        <p className="small soft">
          {t("app.aside", {
            what: aside.map((question) => asked(matter.service, path + question.key)).join(", "),
          })}
        </p>
      )}
    </div>
  );
}

interface QuestionHere extends QuestionProps {
  /** The heading it stands under, if any. */
  under?: string;
}

function Question({ under, ...props }: QuestionHere) {
  const { handle, question, pointer, path, matter } = props;
  const { t } = useTranslation();
  const Own = earned(matter.service, path);
  const hints = [
    standsFor(matter.service, path) ? t("app.otherwise", { words: standsFor(matter.service, path) }) : "",
    question.whose === "office" ? t("app.countsSeen") : "",
    question.whose === "thirdParty" ? t("app.countsSaid") : "",
    question.papers.length
      ? t("app.papersFor", { papers: question.papers.map((kind) => spoken(kind, "paperKind")).join(", ") })
      : "",
  ].filter(Boolean);
  const isNamedAlready = under === asked(matter.service, path) || drawsItsOwn(matter.service, path);
  const wide =
    Own !== undefined || ["groups", "group", "longText", "choices", "people"].includes(question.kind);
  return (
    <div data-question className={wide ? "basis-full min-w-0" : "max-w-80"}>
      {!isNamedAlready && <p className="mb-0.5">{asked(matter.service, path)}</p>}
      {Own ? (
        <Own {...props} />
      ) : question.kind === "groups" ? (
        <Rows {...props} />
      ) : question.kind === "group" ? (
        <Group {...props} />
      ) : (
        <QuestionField {...{ handle, question, pointer, path, matter }} />
      )}
      <Offered {...props} />
      {hints.length > 0 && <p className="soft small leading-tight mt-0.5">{hints.join(" · ")}</p>}
    </div>
  );
}

function Group({ handle, question, pointer, path, matter }: QuestionProps) {
  const { t } = useTranslation();
  const without = question.orNone && at(handle.draft.packet, pointer) === "none";
  return (
    <div className="border-l-2 border-base-300 pl-4">
      {question.orNone && (
        <label className="inline-flex items-center gap-2 mb-2">
          <input
            type="checkbox"
            id={`${place(pointer)}-none`}
            className="checkbox checkbox-sm"
            checked={without}
            onChange={(event) => handle.set(pointer, event.target.checked ? "none" : undefined)}
          />
          {t("app.none")}
        </label>
      )}
      {!without && (
        <Questions {...{ handle, matter }} questions={question.parts} at={pointer} path={`${path}.`} />
      )}
    </div>
  );
}
