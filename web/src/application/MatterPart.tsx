import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { QuestionView, Schemas } from "../api/client";
import { spoken } from "../i18n/words";
import { at, withValue } from "./packet";
import { capital, QuestionField } from "./QuestionField";
import type { DraftHandle } from "./useDraft";

interface Props {
  handle: DraftHandle;
  offers: Schemas["Offer"][];
  today: string;
}

/** What the household asks for: services, and for each the questions the core declares. */
export function MatterPart({ handle, offers, today }: Props) {
  const { t } = useTranslation();
  const requests = handle.draft.packet.requests;
  const [choice, setChoice] = useState("");
  const free = offers.filter((offer) => !requests.some((request) => request.service === offer.service));
  return (
    <section className="flex flex-col gap-7">
      {requests.map((request, i) => {
        const offer = offers.find((one) => one.service === request.service);
        return (
          <div key={request.service}>
            <h2 className="head">
              <span className="case text-lg text-base-content">{offer?.title ?? request.service}</span>
              <button
                type="button"
                className="plain-link"
                onClick={() =>
                  handle.set(
                    "/requests",
                    requests.filter((_, j) => j !== i),
                  )
                }
              >
                {t("app.takeOff")}
              </button>
            </h2>
            {offer && (
              <Questions
                handle={handle}
                questions={offer.questions}
                at={`/requests/${i}/answers`}
                today={today}
              />
            )}
          </div>
        );
      })}
      <form
        className="flex items-center gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (choice) addService(handle, choice, offers);
          setChoice("");
        }}
      >
        <label htmlFor="add-service">{t("app.services")}</label>
        <select
          className="select w-64"
          id="add-service"
          value={choice}
          onChange={(event) => setChoice(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === "Enter") {
              event.preventDefault();
              event.currentTarget.form?.requestSubmit();
            }
          }}
        >
          <option value="">{t("app.addService")}</option>
          {free.map((offer) => (
            <option key={offer.service} value={offer.service}>
              {offer.title}
            </option>
          ))}
        </select>
        <button type="submit" data-flow className="btn btn-sm" disabled={!choice}>
          {t("app.add")}
        </button>
      </form>
    </section>
  );
}

/** A service begins with a row for each child where it asks about children. */
function addService(handle: DraftHandle, service: string, offers: Schemas["Offer"][]) {
  const people = handle.draft.packet.household.people;
  const children = people.filter((person) => person.role !== "applicant" && person.role !== "spouse");
  const asksForChildren = offers
    .find((offer) => offer.service === service)
    ?.questions.some((question) => question.key === "children");
  const answers = asksForChildren ? { children: children.map((child) => ({ person: child.id })) } : {};
  handle.change((draft) => ({
    ...draft,
    packet: { ...draft.packet, requests: [...draft.packet.requests, { service, answers }] },
  }));
}

interface QuestionsProps {
  handle: DraftHandle;
  questions: QuestionView[];
  at: string;
  today: string;
}

function Questions({ handle, questions, at: place, today }: QuestionsProps) {
  return (
    <div className="flex flex-col gap-3">
      {questions
        .filter((question) => applies(handle, question, place))
        .map((question) => (
          <Question
            key={question.key}
            {...{ handle, question, today }}
            pointer={`${place}/${question.key}`}
          />
        ))}
    </div>
  );
}

/** A question appears only when an earlier answer makes it apply. */
function applies(handle: DraftHandle, question: QuestionView, place: string): boolean {
  if (!question.whenKey) return true;
  const answer = at(handle.draft.packet, `${place}/${question.whenKey}`);
  const given = Array.isArray(answer) ? answer.map(String) : [String(answer ?? "false")];
  return question.whenAnswers.some((wanted) => given.includes(wanted));
}

function Question(props: { handle: DraftHandle; question: QuestionView; pointer: string; today: string }) {
  const { handle, question, pointer, today } = props;
  const { t } = useTranslation();
  const hints = [
    question.otherwise ? t("app.otherwise", { words: question.otherwise }) : "",
    question.bySystem ? t("app.filledIn") : "",
    question.papers.length ? t("app.papersFor", { papers: question.papers.map(spoken).join(", ") }) : "",
  ].filter(Boolean);
  const single = question.kind !== "groups" && question.kind !== "group";
  return (
    <div className={single ? "grid grid-cols-[13rem_1fr] gap-4 items-start" : ""}>
      <p className={single ? "pt-1.5" : "mb-1"}>
        {capital(spoken(question.key))}
        {hints.length > 0 && <span className="block soft small leading-tight">{hints.join(" · ")}</span>}
      </p>
      {question.kind === "groups" && <Rows {...props} />}
      {question.kind === "group" && <Group {...props} />}
      {single && <QuestionField {...{ handle, question, pointer, today }} />}
    </div>
  );
}

function Group({
  handle,
  question,
  pointer,
  today,
}: {
  handle: DraftHandle;
  question: QuestionView;
  pointer: string;
  today: string;
}) {
  const { t } = useTranslation();
  const without = at(handle.draft.packet, pointer) === question.orWord;
  return (
    <div className="border-l-2 border-base-300 pl-4">
      {question.orWord && (
        <label className="inline-flex items-center gap-2 mb-2">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={without}
            onChange={(event) => handle.set(pointer, event.target.checked ? question.orWord : undefined)}
          />
          {t("app.none")}
        </label>
      )}
      {!without && <Questions handle={handle} questions={question.parts} at={pointer} today={today} />}
    </div>
  );
}

/** A list of groups, one row each. */
function Rows({
  handle,
  question,
  pointer,
  today,
}: {
  handle: DraftHandle;
  question: QuestionView;
  pointer: string;
  today: string;
}) {
  const { t } = useTranslation();
  const rows = (at(handle.draft.packet, pointer) as unknown[] | undefined) ?? [];
  return (
    <div>
      {rows.map((_, i) => (
        <div
          key={i}
          className="flex flex-wrap gap-x-4 gap-y-1 items-end border-b border-base-300 pb-1.5 mb-1.5"
        >
          {question.parts
            .filter((part) => applies(handle, part, `${pointer}/${i}`))
            .map((part) => (
              <div key={part.key} className="flex flex-col">
                <span className="soft small">{capital(spoken(part.key))}</span>
                <QuestionField
                  narrow
                  handle={handle}
                  question={part}
                  pointer={`${pointer}/${i}/${part.key}`}
                  today={today}
                />
              </div>
            ))}
          <button
            type="button"
            tabIndex={-1}
            className="soft cursor-pointer pb-2"
            aria-label={t("app.remove", { what: `${spoken(question.key)} ${i + 1}` })}
            onClick={() =>
              handle.set(
                pointer,
                rows.filter((__, j) => j !== i),
              )
            }
          >
            ×
          </button>
        </div>
      ))}
      <button
        type="button"
        data-flow
        className="btn btn-xs"
        onClick={() =>
          handle.change((draft) => ({
            ...draft,
            packet: withValue(draft.packet, `${pointer}/${rows.length}`, {}),
          }))
        }
      >
        {t("app.add")}
      </button>
    </div>
  );
}
