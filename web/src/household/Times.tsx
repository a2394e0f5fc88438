import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { DayTyped } from "../parts/DayTyped";
import { fullDay } from "../parts/format";

/** Of which day of the world, and as known at the end of which day; none is now. */
export interface TwoTimes {
  holdsOn?: string;
  knownOn?: string;
}

interface Props {
  view: Schemas["HouseholdView"];
  times: TwoTimes;
  onTimes: (times: TwoTimes) => void;
}

/** The two times a household is looked at: typed, or slid over the days on which something was recorded. */
export function Times({ view, times, onTimes }: Props) {
  const { t } = useTranslation();
  const days = view.changedOn;
  const at = times.knownOn ? days.filter((day) => day <= (times.knownOn as string)).length - 1 : days.length;
  const now = !times.holdsOn && !times.knownOn;
  return (
    <div className="flex flex-wrap items-end gap-6">
      <DayTyped
        label={t("ledger.holdsOn")}
        day={times.holdsOn}
        today={view.today}
        onDay={(holdsOn) => onTimes({ ...times, holdsOn })}
      />
      <DayTyped
        label={t("ledger.knownOn")}
        day={times.knownOn}
        today={view.today}
        onDay={(knownOn) => onTimes({ ...times, knownOn })}
      />
      <label className="flex flex-col small">
        {t("household.slide", { count: days.length })}
        <input
          type="range"
          className="slide w-64 my-2"
          min={0}
          max={days.length}
          value={Math.max(0, at)}
          aria-valuetext={times.knownOn ? fullDay(times.knownOn) : t("ledger.today")}
          onChange={(event) => onTimes({ ...times, knownOn: days[Number(event.target.value)] })}
        />
      </label>
      {!now && (
        <button type="button" className="btn btn-sm" onClick={() => onTimes({})}>
          {t("ledger.now")}
        </button>
      )}
    </div>
  );
}
