import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { fullDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";
import { WordsAndDay } from "../parts/WordsAndDay";

interface Props {
  household: string;
  today: string;
  /** Whether whoever looks may take one off. */
  works: boolean;
  /** Whether another one can be pinned here. */
  pins: boolean;
}

/** What everybody should know who deals with a household, until its day. */
export function Notices({ household, today, works, pins }: Props) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [attempt, refusal] = useTrying();
  const key = ["notices", household];
  const path = { household };
  const notices = useQuery({
    queryKey: key,
    queryFn: () => done(api.GET("/api/households/{household}/notices", { params: { path } })),
  });
  const pin = async (words: string, until: string) =>
    queries.setQueryData(
      key,
      await done(
        api.POST("/api/households/{household}/notices", { params: { path }, body: { words, until } }),
      ),
    );
  const takeOff = (notice: string) =>
    attempt(async () =>
      queries.setQueryData(
        key,
        await done(
          api.POST("/api/households/{household}/notices/{notice}/off", {
            params: { path: { household, notice } },
          }),
        ),
      ),
    );
  if (!notices.data?.length && !pins) return null;
  return (
    <section className="px-6 py-2 border-b border-base-300" aria-label={t("notice.title")}>
      {notices.data?.map((notice) => (
        <p key={notice.id} className="border-l-3 border-current pl-3 my-1">
          <b className="case">{notice.words}</b>{" "}
          <span className="soft small">
            {t("notice.from", { name: notice.by, day: fullDay(notice.until) })}
          </span>
          {works && (
            <button
              type="button"
              className="plain-link small ml-3"
              aria-label={t("notice.offOf", { what: notice.words })}
              onClick={() => takeOff(notice.id)}
            >
              {t("notice.off")}
            </button>
          )}
        </p>
      ))}
      {pins && (
        <WordsAndDay
          words={t("notice.words")}
          day={t("notice.until")}
          button={t("notice.pin")}
          today={today}
          send={pin}
        />
      )}
      {refusal && (
        <p role="alert" className="wrong">
          {refusal}
        </p>
      )}
    </section>
  );
}
