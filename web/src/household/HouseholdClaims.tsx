import { Link } from "@tanstack/react-router";
import { scaleTime } from "d3-scale";
import { useMemo } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { spoken } from "../i18n/words";
import { addDays, day, shortDay } from "../parts/format";
import { LifeOnAxis } from "../parts/LifeOnAxis";
import { TurnMark } from "../parts/TurnMark";
import { useWidth } from "../parts/useWidth";

interface Props {
  claims: Schemas["OfHousehold"][];
  today: string;
}

const HEIGHT = 38;
const COLUMNS = "on-axis grid grid-cols-[230px_1fr_280px] items-center";

/** All claims of a household with their turn lines on one axis. */
export function HouseholdClaims({ claims, today }: Props) {
  const { t } = useTranslation();
  const [axis, width] = useWidth();
  const scale = useMemo(() => {
    const first = [today, ...claims.map((one) => one.lodgedOn)].sort()[0];
    const last = [today, ...claims.map((one) => one.dueOn)].sort()[claims.length];
    return scaleTime()
      .domain([day(addDays(first, -1)), day(addDays(last, 6))])
      .range([0, Math.max(200, width)]);
  }, [claims, today, width]);
  if (claims.length === 0) {
    return <p className="soft px-6 py-4">{t("household.noClaims")}</p>;
  }
  return (
    <section aria-label={t("household.claims")} className="border-b border-base-300">
      <div className={COLUMNS}>
        <h2 className="head pl-6 pt-3">{t("household.claims")}</h2>
        <span ref={axis} className="relative h-6 small soft">
          <span
            className="absolute bottom-0 -translate-x-1/2 whitespace-nowrap"
            style={{ left: scale(day(today)) }}
          >
            {shortDay(today)}
          </span>
        </span>
        <span />
      </div>
      <ul>
        {claims.map((claim) => (
          <li key={claim.number} className={`${COLUMNS} border-t border-base-300`}>
            <span className="pl-6 leading-tight py-1">
              <Link to="/claims/$number" params={{ number: claim.number }} className="plain-link block">
                {claim.title}
              </Link>
              <span className="case small soft">{claim.number}</span>
            </span>
            <span className="relative block h-[38px]">
              <LifeOnAxis
                claim={claim}
                today={today}
                scale={scale}
                height={HEIGHT}
                late={claim.dueOn < today && claim.turn !== "over"}
              />
            </span>
            <span className="pl-4 pr-6 leading-tight">
              {claim.next ? (
                <>
                  <TurnMark turn={claim.turn} /> {claim.next.words}
                  <span className="small soft block">{t("desk.due", { date: shortDay(claim.dueOn) })}</span>
                </>
              ) : claim.granted == null ? (
                spoken(claim.state, "claimState")
              ) : (
                t(claim.granted ? "claim.granted" : "claim.refused")
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
