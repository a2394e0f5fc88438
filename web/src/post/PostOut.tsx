import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { Bar } from "../parts/Bar";
import { clockTime, fullDay } from "../parts/format";
import { Key, KeyStrip } from "../parts/Keys";
import { useTrying } from "../parts/useTrying";
import { Doubted } from "./Doubted";
import { EnvelopesBack } from "./EnvelopesBack";
import { WaitingLetter } from "./WaitingLetter";
import { WaitingLetters } from "./WaitingLetters";

/** Post that goes out: what waits goes together, once; what comes back holds the rest of that household's post. */
export function PostOut() {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const post = useQuery({ queryKey: ["post"], queryFn: () => done(api.GET("/api/post")) });
  const [attempt, refusal] = useTrying();
  const [said, setSaid] = useState("");
  const [left, setLeft] = useState<string[]>([]);
  const waiting = post.data?.waiting ?? [];
  const chosen = waiting.filter((one) => !one.held && !left.includes(one.id));
  const toSend = chosen.length > 0 ? t("post.send", { count: chosen.length }) : t("post.sendNone");
  const fresh = (now: Schemas["PostView"], words: string) => {
    queries.setQueryData(["post"], now);
    queries.invalidateQueries({ queryKey: ["post", "waiting"] });
    setSaid(words);
  };
  const handedOver = (now: Schemas["PostView"], name: string) => fresh(now, t("post.handed", { name }));
  const send = () =>
    attempt(async () => {
      const posted = await done(
        api.POST("/api/post/runs", { body: { letters: chosen.map((one) => one.id) } }),
      );
      const { run, posted: inPost, atDoor } = posted.gone;
      const nr = posted.post.runs.find((one) => one.id === run)?.nr;
      const words = [
        run && t("post.sent", { count: inPost, nr }),
        atDoor > 0 && t("post.sentToDoor", { count: atDoor }),
      ];
      fresh(posted.post, words.filter(Boolean).join(" "));
    });
  const back = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    const code = String(new FormData(form).get("code"));
    attempt(async () => {
      const was = await done(api.POST("/api/post/came-back", { body: { code } }));
      fresh(was.post, t("post.wasFor", { name: was.name }));
      form.reset();
    });
  };
  return (
    <div className="screen h-screen flex flex-col">
      <Bar />
      <main className="flex-1 min-h-0 overflow-y-auto px-6 py-4">
        <div className="flex flex-wrap gap-4 items-baseline max-w-[75rem] mb-3">
          <h1 className="case text-[1.7rem]">{t("post.title")}</h1>
          <button
            type="button"
            id="send-post"
            className="btn btn-primary ml-auto"
            disabled={chosen.length === 0}
            onClick={send}
          >
            {toSend} <Key of="Alt+S" />
          </button>
        </div>
        {post.isPending && <p className="soft">{t("claim.loading")}</p>}
        <p role="status" className={said ? "mb-3" : ""}>
          {said}
        </p>
        {(refusal || post.isError) && (
          <p role="alert" className="wrong mb-3">
            {refusal || post.error?.message}
          </p>
        )}
        <WaitingLetters
          letters={waiting}
          left={left}
          onLeft={setLeft}
          onHandedOver={handedOver}
          attempt={attempt}
        />
        {(["toHandOver", "unread"] as const).map(
          (what) =>
            post.data &&
            post.data[what].length > 0 && (
              <section key={what} className="mb-6 max-w-[75rem]" aria-label={t(`post.${what}`)}>
                <h2 className="head">{t(`post.${what}`)}</h2>
                <ul>
                  {post.data[what].map((letter) => (
                    <WaitingLetter
                      key={letter.id}
                      letter={letter}
                      note={letter.missed ? "post.missed" : undefined}
                      onHandedOver={handedOver}
                      attempt={attempt}
                    />
                  ))}
                </ul>
              </section>
            ),
        )}
        <section className="mb-6 max-w-[75rem]" aria-label={t("post.back")}>
          <h2 className="head">{t("post.back")}</h2>
          <form onSubmit={back} className="flex gap-3 items-end my-2">
            <label className="flex flex-col gap-0.5">
              <span className="soft small">{t("post.code")}</span>
              <input
                name="code"
                required
                className="input input-sm case w-60"
                autoComplete="off"
                placeholder="3W83-M3Y4-YM2E"
              />
            </label>
            <button type="submit" className="btn btn-sm">
              {t("post.cameBack")}
            </button>
          </form>
          <EnvelopesBack />
          <Doubted households={post.data?.doubted ?? []} onReleased={fresh} />
        </section>
        <section className="mb-6 max-w-[75rem]" aria-label={t("post.runs")}>
          <h2 className="head">{t("post.runs")}</h2>
          {post.data?.runs.length === 0 && <p className="soft py-2">{t("post.noRuns")}</p>}
          <ul>
            {post.data?.runs.map((run) => (
              <li key={run.id} className="border-b border-base-300 py-2">
                <span className="case">{t("post.run", { nr: run.nr })}</span>{" "}
                {t("post.runSays", {
                  count: run.letters,
                  day: fullDay(run.at),
                  time: clockTime(run.at),
                  name: run.by,
                })}{" "}
                <a className="plain-link" href={`/api/post/runs/${run.id}`} target="_blank" rel="noreferrer">
                  {t("post.print", { nr: run.nr })}
                </a>
              </li>
            ))}
          </ul>
        </section>
      </main>
      <KeyStrip
        keys={[
          {
            key: "Alt+S",
            says: toSend,
            act: () => document.getElementById("send-post")?.click(),
          },
          { key: "Alt+D", says: t("keys.desk"), act: () => navigate({ to: "/" }) },
        ]}
      />
    </div>
  );
}
