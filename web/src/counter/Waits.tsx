import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { clockTime } from "../parts/format";
import { Key } from "../parts/Keys";
import { useTrying } from "../parts/useTrying";

interface Props {
  arrival: Schemas["Arrival"];
  /** Whether it is their turn. */
  isNext: boolean;
  /** Looks for what they can be told. */
  onTell: () => void;
  onChanged: (here: Schemas["Arrival"][]) => void;
}

/** Somebody who waits, or is at the counter: called, then seen to. */
export function Waits({ arrival, isNext, onTell, onChanged }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const path = { params: { path: { arrival: arrival.id } } };
  const call = () =>
    attempt(async () => {
      onChanged(await done(api.POST("/api/counter/arrivals/{arrival}/called", path)));
      onTell();
    });
  const end = () =>
    attempt(async () => onChanged(await done(api.POST("/api/counter/arrivals/{arrival}/ended", path))));
  return (
    <li className={`border-b border-base-300 py-2 ${arrival.calledBy ? "bg-base-200 px-2 -mx-2" : ""}`}>
      <div className="grid grid-cols-[3.5rem_minmax(0,1fr)_auto] gap-4 items-center">
        <span className="case text-[1.7rem] text-right">{arrival.nr}</span>
        <span>
          <span className="case text-lg">{arrival.name}</span>
          <span className="soft block small">
            {t(`counter.wishes.${arrival.wish}`)} ·{" "}
            {arrival.calledBy
              ? t("counter.with", { name: arrival.calledBy })
              : t("counter.since", { time: clockTime(arrival.cameAt) })}
          </span>
        </span>
        <span className="flex gap-2">
          {!arrival.calledBy && (
            <button
              type="button"
              id={isNext ? "call-next" : undefined}
              className={`btn btn-sm ${isNext ? "btn-primary" : ""}`}
              aria-label={t("counter.callOf", { nr: arrival.nr, name: arrival.name })}
              onClick={call}
            >
              {t("counter.call")} {isNext && <Key of="Alt+X" />}
            </button>
          )}
          <button
            type="button"
            className={`btn btn-sm ${arrival.calledBy ? "btn-outline" : ""}`}
            aria-label={t(arrival.calledBy ? "counter.doneOf" : "counter.leftOf", { name: arrival.name })}
            onClick={end}
          >
            {t(arrival.calledBy ? "counter.done" : "counter.left")}
          </button>
        </span>
      </div>
      {refusal && (
        <p role="alert" className="wrong">
          {refusal}
        </p>
      )}
    </li>
  );
}
