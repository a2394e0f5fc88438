import { Link } from "@tanstack/react-router";
import { scaleTime } from "d3-scale";
import { useMemo } from "react";
import { useTranslation } from "react-i18next";
import type { ClaimView } from "../api/client";
import { spoken } from "../i18n/words";
import { addDays, day, shortDay } from "../parts/format";
import { ParkButton } from "../parts/ParkButton";
import { PeopleTokens } from "../parts/PeopleTokens";
import { TurnLine } from "../parts/TurnLine";
import { TurnMark } from "../parts/TurnMark";
import { useWidth } from "../parts/useWidth";
import { peopleOf } from "./people";

interface Props {
  claim: ClaimView;
  today: string;
  onTake: () => void;
  /** What is open below the head. */
  open: Below;
  onOpen: (what: Below) => void;
  /** Parks the claim; not given where one does not work claims. */
  onPark?: () => void;
  /** Whether it is the front desk that looks: it works no claim. */
  atFront: boolean;
}

/** What can be open below the head: nothing, what presses, how to speak with them, or what becomes of the claim. */
export type Below = "" | "pressing" | "speaking" | "identity" | "moving";

const BELOW = ["pressing", "speaking", "identity", "moving"] as const;

/** Whose claim it is, its life on a calendar, and the next step. */
export function ClaimHead({ claim, today, onTake, open, onOpen, onPark, atFront }: Props) {
  const { t } = useTranslation();
  const [place, width] = useWidth();
  const scale = useMemo(
    () =>
      scaleTime()
        .domain([
          day(addDays(claim.lodgedOn, -1)),
          day(addDays(claim.dueOn > today ? claim.dueOn : today, 4)),
        ])
        .range([0, Math.max(200, width)]),
    [claim.lodgedOn, claim.dueOn, today, width],
  );
  const people = peopleOf(claim);
  return (
    <header className="px-6 pt-4 pb-3 border-b border-base-300">
      <div className="flex flex-wrap justify-between gap-x-6 gap-y-2 items-start">
        <div>
          <h1 className="case text-[1.7rem] leading-tight">
            {atFront ? (
              claim.householdName
            ) : (
              <Link to="/households/$id" params={{ id: claim.household }} title={t("household.open")}>
                {claim.householdName}
              </Link>
            )}
          </h1>
          <p>
            {claim.title} <span className="case soft">{claim.number}</span>
            {claim.town ? <span className="soft">, {claim.town}</span> : null}
          </p>
        </div>
        <PeopleTokens people={people} today={today} />
      </div>
      <div ref={place} className="mt-2 relative">
        <TurnLine
          stretches={claim.stretches}
          turn={claim.turn}
          lodgedOn={claim.lodgedOn}
          dueOn={claim.dueOn}
          today={today}
          scale={scale}
          height={34}
          late={claim.dueOn < today && claim.turn !== "over"}
        />
        <span
          className="absolute top-0 bottom-0 w-[2px] bg-current"
          style={{ left: scale(day(today)) - 1 }}
          aria-hidden="true"
        />
      </div>
      <div className="flex flex-wrap justify-between items-center gap-x-4 gap-y-1">
        <p className="small soft">
          {t("claim.lodged", { date: shortDay(claim.lodgedOn) })} ·{" "}
          {t("claim.worked", { count: claim.worked })} · {t("claim.stood", { count: claim.stood })} ·{" "}
          {t("claim.due", { date: shortDay(claim.dueOn) })}
          {claim.urgent && <span className="wrong"> · {t("desk.urgent")}</span>}
          {claim.outside && !claim.outside.late && (
            <>
              {" · "}
              {t("outside.before", { what: claim.outside.words, date: shortDay(claim.outside.on) })}
            </>
          )}
          {BELOW.filter((what) =>
            atFront ? what === "speaking" : what !== "pressing" || claim.turn !== "over",
          ).map((what) => (
            <button
              key={what}
              type="button"
              className="plain-link ml-3"
              aria-expanded={open === what}
              onClick={() => onOpen(open === what ? "" : what)}
            >
              {t(`${what}.title`)}
            </button>
          ))}
          {onPark && <ParkButton onPark={onPark} className="ml-3" />}
        </p>
        <p className="flex flex-wrap items-center gap-x-3">
          {claim.holder && <span className="soft small">{t("claim.heldBy", { name: claim.holder })}</span>}
          {claim.next && (
            <span>
              <TurnMark turn={claim.turn} /> {claim.next.words}
            </span>
          )}
          {!claim.holder && (
            <button type="button" className="btn btn-primary btn-sm" onClick={onTake}>
              {t("claim.takeUp")}
            </button>
          )}
        </p>
      </div>
      {claim.acting
        .filter((acting) => acting.over && claim.turn !== "over")
        .map((acting) => (
          <p key={acting.id} className="wrong">
            {t("acting.ended", {
              name: acting.name,
              right: spoken(acting.right, "actingRight"),
              date: shortDay(acting.until ?? today),
            })}
          </p>
        ))}
      {claim.outside?.late && <p className="wrong">{claim.outside.late}</p>}
    </header>
  );
}
