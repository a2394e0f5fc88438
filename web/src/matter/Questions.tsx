import { useTranslation } from "react-i18next";
import type { QuestionView } from "../api/client";
import { place } from "../draft/Field";
import { at } from "../draft/packet";
import { applies } from "../draft/taking";
import type { DraftHandle } from "../draft/useDraft";
import { asked, spoken, standsFor } from "../i18n/words";
import { earned } from "./earned";
import type { Matter, QuestionProps } from "./matter";
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

/** Questions one below the other; what does not apply is not asked, and what was said to it is kept aside. */
export function Questions({ handle, questions, at: place, matter, path = "" }: Props) {
  const { t } = useTranslation();
  const aside = questions.filter(
    (question) => handle.draft.taking.aside?.[`${place}/${question.key}`] !== undefined,
  );
  return (
    <div className="flex flex-col gap-3">
      {questions
        .filter((question) => !question.filledIn && applies(handle.draft, question, place))
        .map((question) => (
          <Question
            key={question.key}
            {...{ handle, question, matter }}
            pointer={`${place}/${question.key}`}
            path={path + question.key}
          />
        ))}
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

function Question(props: QuestionProps) {
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
  const wide = Own !== undefined || question.kind === "groups" || question.kind === "group";
  return (
    <div className={wide ? "" : "stacks stacks grid grid-cols-[14rem_1fr] gap-4 items-start"}>
      <p className={wide ? "mb-1" : "pt-1.5"}>
        {asked(matter.service, path)}
        {hints.length > 0 && (
          <span className={`soft small leading-tight ${wide ? "ml-3" : "block"}`}>{hints.join(" · ")}</span>
        )}
      </p>
      {Own ? (
        <Own {...props} />
      ) : question.kind === "groups" ? (
        <Rows {...props} />
      ) : question.kind === "group" ? (
        <Group {...props} />
      ) : (
        <QuestionField {...{ handle, question, pointer, path, matter }} />
      )}
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
