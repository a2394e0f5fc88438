import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { shortDay } from "../parts/format";
import { WordsAndDay } from "../parts/WordsAndDay";

/** What one wants to be told of again about a claim; nobody else sees it. */
export function Reminders({ claim, today }: { claim: string; today: string }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const key = ["claim", claim, "reminders"];
  const path = { number: claim };
  const reminders = useQuery({
    queryKey: key,
    queryFn: () => done(api.GET("/api/claims/{number}/reminders", { params: { path } })),
  });
  const remind = async (words: string, on: string) => {
    queries.setQueryData(
      key,
      await done(api.POST("/api/claims/{number}/reminders", { params: { path }, body: { words, on } })),
    );
    await queries.invalidateQueries({ queryKey: ["reminders"] });
  };
  return (
    <div>
      {reminders.data?.map((one) => (
        <p key={one.id}>
          <span className="soft small">{t("reminder.on", { day: shortDay(one.on) })}</span>{" "}
          <span className="case">{one.words}</span>
        </p>
      ))}
      <WordsAndDay
        words={t("reminder.words")}
        day={t("reminder.day")}
        button={t("reminder.set")}
        today={today}
        send={remind}
      />
    </div>
  );
}
