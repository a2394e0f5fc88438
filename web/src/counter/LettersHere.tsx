import { useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { shortDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";

/** Letters that lie here for a household: each goes into the hand of who stands here, once it is said how they were known. */
export function LettersHere({ household }: { household: string }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [attempt, refusal] = useTrying();
  const [handing, setHanding] = useState("");
  const [said, setSaid] = useState("");
  const key = ["counter", "letters", household];
  const letters = useQuery({
    queryKey: key,
    queryFn: () =>
      done(api.GET("/api/households/{household}/letters-here", { params: { path: { household } } })),
  });
  const handOut = (event: FormEvent<HTMLFormElement>, letter: Schemas["Here"]) => {
    event.preventDefault();
    const seen = String(new FormData(event.currentTarget).get("seen"));
    attempt(async () => {
      const now = await done(
        api.POST("/api/households/{household}/letters-here/{letter}/handed-over", {
          params: { path: { household, letter: letter.id } },
          body: { seen },
        }),
      );
      queries.setQueryData(key, now);
      setHanding("");
      setSaid(t("counter.handedOut", { what: t(`claim.letter.${letter.kind}`) }));
    });
  };
  if (!letters.data || (letters.data.length === 0 && !said)) return null;
  return (
    <section aria-label={t("counter.lettersHere")} className="mt-4">
      <h3 className="head">{t("counter.lettersHere")}</h3>
      <p role="status">{said}</p>
      <ul>
        {letters.data.map((letter) => (
          <li key={letter.id} className="border-b border-base-300 py-1.5">
            <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
              <span className="flex-1">
                {t(`claim.letter.${letter.kind}`)}, {shortDay(letter.writtenOn)},{" "}
                <span className="case">{letter.to}</span>
                {letter.died && <span className="wrong small block">{t("counter.toWhoDied")}</span>}
                {letter.alone && <span className="wrong small block">{t("counter.aloneLetter")}</span>}
              </span>
              <button
                type="button"
                className="btn btn-sm"
                aria-expanded={handing === letter.id}
                aria-label={t("counter.handOutOf", { what: t(`claim.letter.${letter.kind}`) })}
                onClick={() => setHanding(handing === letter.id ? "" : letter.id)}
              >
                {t("counter.handOut")}
              </button>
            </div>
            {handing === letter.id && (
              <form onSubmit={(event) => handOut(event, letter)} className="flex gap-3 items-end my-1">
                <label className="flex flex-col small flex-1">
                  {t("counter.seen")}
                  <input
                    name="seen"
                    className="input input-sm w-full"
                    autoComplete="off"
                    maxLength={200}
                    // biome-ignore lint/a11y/noAutofocus: it is what was just asked for.
                    autoFocus
                  />
                </label>
                <button type="submit" className="btn btn-sm btn-primary">
                  {t("counter.handOutNow")}
                </button>
              </form>
            )}
            {handing === letter.id && refusal && (
              <p role="alert" className="wrong small">
                {refusal}
              </p>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
