import { Link } from "@tanstack/react-router";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { fullDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";

interface Props {
  households: Schemas["Doubted"][];
  onReleased: (now: Schemas["PostView"], words: string) => void;
}

/** Households whose address is in doubt, until somebody says how it became sure. */
export function Doubted({ households, onReleased }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const [asking, setAsking] = useState("");
  const release = (event: FormEvent<HTMLFormElement>, one: Schemas["Doubted"]) => {
    event.preventDefault();
    const because = String(new FormData(event.currentTarget).get("because"));
    attempt(async () => {
      const now = await done(
        api.POST("/api/post/households/{household}/released", {
          params: { path: { household: one.household } },
          body: { because },
        }),
      );
      setAsking("");
      onReleased(now, t("post.released", { name: one.name }));
    });
  };
  return (
    <ul>
      {households.map((one) => (
        <li key={one.household} className="border-b border-base-300 py-2">
          <div className="flex flex-wrap gap-4 items-baseline">
            <span className="flex-1">
              <Link to="/households/$id" params={{ id: one.household }} className="plain-link">
                {one.name}
              </Link>{" "}
              <span className="soft">{t("post.doubtedSince", { day: fullDay(one.since) })}</span>
            </span>
            <button
              type="button"
              className="btn btn-sm"
              aria-expanded={asking === one.household}
              aria-label={t("post.releaseOf", { name: one.name })}
              onClick={() => setAsking(asking === one.household ? "" : one.household)}
            >
              {t("post.release")}
            </button>
          </div>
          {asking === one.household && (
            <form onSubmit={(event) => release(event, one)} className="flex gap-3 items-end mt-2">
              <label className="flex flex-col gap-0.5 flex-1">
                <span className="soft small">{t("post.because")}</span>
                {/* biome-ignore lint/a11y/noAutofocus: it is what was just asked for. */}
                <input name="because" autoFocus className="input input-sm w-full" autoComplete="off" />
              </label>
              <button type="submit" className="btn btn-sm btn-primary">
                {t("post.releaseNow")}
              </button>
            </form>
          )}
          {asking === one.household && refusal && (
            <p role="alert" className="wrong">
              {refusal}
            </p>
          )}
        </li>
      ))}
    </ul>
  );
}
