import { useQuery } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done } from "../api/client";
import { useTrying } from "../parts/useTrying";

interface Props {
  claim: ClaimView;
  onChanged: () => void;
}

type End = "withdrawn" | "lapsed" | "opened-again";

/** Handing a claim over, and ending it without a decision or opening it again; each with its reason. */
export function Moving({ claim, onChanged }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const [because, setBecause] = useState("");
  const path = { params: { path: { number: claim.number } } };
  const staff = useQuery({ queryKey: ["staff"], queryFn: () => done(api.GET("/api/staff")) });
  const over = claim.turn === "over";
  const handOver = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    attempt(async () => {
      await done(
        api.POST("/api/claims/{number}/hand-over", {
          ...path,
          body: {
            version: claim.version,
            to: String(form.get("to")),
            because: String(form.get("because")),
          },
        }),
      );
      onChanged();
    });
  };
  const end = (how: End) =>
    attempt(async () => {
      await done(
        api.POST(`/api/claims/{number}/${how}`, { ...path, body: { version: claim.version, because } }),
      );
      setBecause("");
      onChanged();
    });
  return (
    <section
      className="px-6 py-3 border-b border-base-300 flex flex-col gap-3"
      aria-label={t("moving.title")}
    >
      {!over && (
        <form onSubmit={handOver} className="flex flex-wrap gap-3 items-end">
          <label className="flex flex-col small">
            {t("moving.to")}
            <select name="to" className="select select-sm w-56" required defaultValue="">
              <option value="" disabled>
                {t("app.choose")}
              </option>
              {staff.data
                ?.filter((one) => one.name !== claim.holder)
                .map((one) => (
                  <option key={one.login} value={one.login}>
                    {one.name}
                  </option>
                ))}
            </select>
          </label>
          <label className="flex flex-col small">
            {t("moving.because")}
            <input name="because" className="input input-sm w-80 max-w-full" required />
          </label>
          <button type="submit" className="btn btn-sm">
            {t("moving.handOver")}
          </button>
        </form>
      )}
      <div className="flex flex-wrap gap-3 items-end">
        <label className="flex flex-col small">
          {t(over ? "moving.openBecause" : "moving.endBecause")}
          <input
            className="input input-sm w-96 max-w-full"
            value={because}
            onChange={(event) => setBecause(event.target.value)}
          />
        </label>
        {(over ? (["opened-again"] as const) : (["withdrawn", "lapsed"] as const)).map((how) => (
          <button
            key={how}
            type="button"
            className="btn btn-sm"
            disabled={!because.trim()}
            onClick={() => end(how)}
          >
            {t(`moving.${how}`)}
          </button>
        ))}
      </div>
      <p role="alert" className="wrong small">
        {refusal}
      </p>
    </section>
  );
}
