import { useQuery } from "@tanstack/react-query";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";

const LOOK_AGAIN = 5_000;

/** What the demo's made-up gateway brought last: nobody has the phones it went to. */
export function BroughtMessages() {
  const { t } = useTranslation();
  const messages = useQuery({
    queryKey: ["registers", "messages"],
    queryFn: () => done(api.GET("/api/registers/messages")),
    refetchInterval: LOOK_AGAIN,
  });
  return (
    <section className="mt-8 max-w-[72rem]">
      <h2 className="head">{t("registerStates.messages")}</h2>
      {messages.isError && (
        <p role="alert" className="wrong">
          {messages.error.message}
        </p>
      )}
      {messages.data?.length === 0 && <p className="soft">{t("registerStates.noMessages")}</p>}
      <ol>
        {messages.data?.map((message) => (
          <li key={message.id} className="grid grid-cols-[14rem_1fr] border-b border-base-300 py-1.5">
            <span className="soft">
              {t(`registerStates.channel.${message.channel}`)} {message.to}
            </span>
            <span dir="auto">{message.text}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}
