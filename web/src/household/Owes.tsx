import { useQueryClient } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { type FormEvent, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { useSession } from "../api/session";
import { spoken } from "../i18n/words";
import { money, shortDay } from "../parts/format";
import { useTrying } from "../parts/useTrying";

interface Props {
  household: string;
  owes: Schemas["Debt"][];
}

/** What a household owes, from where, and what makes it wait; a senior may let them off it, or off a part. */
export function Owes({ household, owes }: Props) {
  const { t } = useTranslation();
  const session = useSession();
  const [letting, setLetting] = useState("");
  return (
    <section className="mb-5" aria-label={t("household.owes")}>
      <h2 className="head">{t("household.owes")}</h2>
      {owes.map((debt) => (
        <div key={debt.ref} className="border-b border-base-300 py-1">
          <p className="flex justify-between gap-4">
            <span>
              {debt.cause ? t("owes.tooMuch", { what: spoken(debt.kind) }) : spoken(debt.kind)}{" "}
              <span className="soft small">{t("household.since", { day: shortDay(debt.since) })}</span>
            </span>
            <span className="case">€{money(debt.amount)}</span>
          </p>
          <p className="small soft">
            {debt.claim ? (
              <Link to="/claims/$number" params={{ number: debt.claim }} className="plain-link case">
                {debt.ref}
              </Link>
            ) : (
              <span className="case">{debt.ref}</span>
            )}
            {debt.cause && ` · ${spoken(debt.cause, "debtCause")}: ${debt.because}`}
          </p>
          {debt.appeal && (
            <p className="small">
              {t("owes.waits")}{" "}
              <Link to="/claims/$number" params={{ number: debt.appeal }} className="plain-link case">
                {debt.appeal}
              </Link>
            </p>
          )}
          {letting === debt.ref ? (
            <LetOff household={household} debt={debt} onOver={() => setLetting("")} />
          ) : (
            session?.role === "senior caseworker" && (
              <button
                type="button"
                className="plain-link small"
                onClick={() => setLetting(debt.ref)}
                aria-label={t("owes.letOffOf", { ref: debt.ref })}
              >
                {t("owes.letOff")}
              </button>
            )
          )}
        </div>
      ))}
    </section>
  );
}

interface LetOffProps {
  household: string;
  debt: Schemas["Debt"];
  onOver: () => void;
}

/** How much is not asked back, and why. */
function LetOff({ household, debt, onOver }: LetOffProps) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [attempt, refusal] = useTrying();
  const letOff = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const typed = new FormData(event.currentTarget);
    attempt(async () => {
      await done(
        api.POST("/api/households/{household}/debts/{ref}/let-off", {
          params: { path: { household, ref: debt.ref } },
          body: {
            amount: Number(String(typed.get("amount")).replace(",", ".")),
            because: String(typed.get("because")),
          },
        }),
      );
      await queries.invalidateQueries({ queryKey: ["household", household] });
      onOver();
    });
  };
  return (
    <form onSubmit={letOff} className="my-1">
      <div className="flex flex-wrap gap-3 items-end">
        <label className="flex flex-col small">
          {t("owes.amount")}
          <input
            name="amount"
            inputMode="decimal"
            pattern="[0-9]+([.,][0-9]{1,2})?"
            title={t("owes.euros")}
            required
            // biome-ignore lint/a11y/noAutofocus: it is what was just asked for.
            autoFocus
            autoComplete="off"
            defaultValue={debt.amount.toFixed(2)}
            className="input input-sm w-28 text-right"
          />
        </label>
        <label className="flex flex-col small flex-1 min-w-24">
          {t(debt.claim ? "owes.becauseTold" : "owes.because")}
          <input
            name="because"
            required
            maxLength={400}
            autoComplete="off"
            className="input input-sm w-full"
          />
        </label>
        <button type="submit" className="btn btn-sm btn-primary">
          {t("owes.letOff")}
        </button>
        <button type="button" className="btn btn-sm" onClick={onOver}>
          {t("owes.cancel")}
        </button>
      </div>
      <p role="alert" className="wrong small">
        {refusal}
      </p>
    </form>
  );
}
