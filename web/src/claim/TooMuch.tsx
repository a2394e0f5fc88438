import { useId } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { spoken, vocabulary } from "../i18n/words";
import { daysOfMonth, money } from "../parts/format";

export interface Told {
  cause: string;
  because: string;
}

interface Props {
  much: Schemas["TooMuch"];
  told: Told;
  onTold: (told: Told) => void;
}

/** More was given for months that are over than is due for them: month by month, and whose cause it is. */
export function TooMuch({ much, told, onTold }: Props) {
  const { t } = useTranslation();
  const name = useId();
  return (
    <section className="mb-4" aria-label={t("tooMuch.title")}>
      <h2 className="head">{t("tooMuch.title")}</h2>
      {much.stretches.length > 0 && (
        <table className="w-full">
          <thead className="soft small">
            <tr>
              <th className="font-normal text-left">{t("tooMuch.days")}</th>
              <th className="font-normal text-right pl-3">{t("tooMuch.given")}</th>
              <th className="font-normal text-right pl-3">{t("tooMuch.due")}</th>
              <th className="font-normal text-right pl-3">{t("tooMuch.over")}</th>
            </tr>
          </thead>
          <tbody>
            {much.stretches.map((one) => (
              <tr key={one.from} className="border-b border-base-300">
                <td className="py-0.5 whitespace-nowrap">{daysOfMonth(one.from, one.until)}</td>
                <td className="case text-right pl-3">{money(one.given)}</td>
                <td className="case text-right pl-3">{money(one.due)}</td>
                <td className="case text-right pl-3">{money(one.given - one.due)}</td>
              </tr>
            ))}
          </tbody>
          <tfoot>
            <tr>
              <td colSpan={3}>{t("tooMuch.inAll")}</td>
              <td className="case text-right font-semibold">€{money(much.over)}</td>
            </tr>
            {much.askedBefore > 0 && (
              <tr>
                <td colSpan={3}>{t("tooMuch.before")}</td>
                <td className="case text-right">€{money(much.askedBefore)}</td>
              </tr>
            )}
          </tfoot>
        </table>
      )}
      {much.toAsk > 0 ? (
        <fieldset className="mt-2">
          <legend className="small">{t("tooMuch.cause", { much: money(much.toAsk) })}</legend>
          {vocabulary("debtCause").map((word) => (
            <label key={word} className="flex items-center gap-2 min-h-8">
              <input
                type="radio"
                name={name}
                className="radio radio-sm"
                checked={told.cause === word}
                onChange={() => onTold({ ...told, cause: word })}
              />
              {spoken(word, "debtCause")}
            </label>
          ))}
          <label className="flex flex-col small mt-1">
            {t("tooMuch.because")}
            <input
              className="input input-sm w-full"
              autoComplete="off"
              maxLength={400}
              value={told.because}
              onChange={(event) => onTold({ ...told, because: event.target.value })}
            />
          </label>
        </fieldset>
      ) : (
        <p className="small mt-1">
          {much.askedBefore > much.over
            ? t("tooMuch.less", { much: money(much.askedBefore - much.over) })
            : t("tooMuch.notAsked")}
        </p>
      )}
    </section>
  );
}
