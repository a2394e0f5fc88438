import { Link } from "@tanstack/react-router";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { shortDay } from "../parts/format";

/** Who was of the household and lives in another, one click away; where nobody is left, that is said first. */
export function Moved({ view }: { view: Schemas["HouseholdView"] }) {
  const { t } = useTranslation();
  return (
    <>
      {view.people.length === 0 && view.moved.length > 0 && <p className="mt-1">{t("movedOut.nobody")}</p>}
      {view.moved.map((one) => (
        <p key={one.name + one.household}>
          <span className="case">{one.name}</span> {t("movedOut.other")}{" "}
          <Link to="/households/$id" params={{ id: one.household }} className="plain-link">
            {one.home}
          </Link>
          {one.since && `, ${t("movedOut.since", { day: shortDay(one.since) })}`}
        </p>
      ))}
    </>
  );
}
