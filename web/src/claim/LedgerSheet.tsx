import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, type ClaimView, done, type Schemas } from "../api/client";
import { DayTyped } from "../parts/DayTyped";
import { Ends } from "./Ends";
import { LedgerRow } from "./LedgerRow";
import { NoneStated } from "./NoneStated";
import { SideBySide } from "./SideBySide";
import { WageRow } from "./WageRow";

interface Props {
  claim: ClaimView;
  today: string;
  onChanged: () => void;
}

/** The facts a claim goes by, what disagrees first, as they were known and as they held on any day. */
export function LedgerSheet({ claim, today, onChanged }: Props) {
  const { t } = useTranslation();
  const [holdsOn, setHoldsOn] = useState<string>();
  const [knownOn, setKnownOn] = useState<string>();
  const ledger = useQuery({
    queryKey: ["claim", claim.number, "ledger", holdsOn, knownOn],
    queryFn: () =>
      done(
        api.GET("/api/claims/{number}/ledger", {
          params: { path: { number: claim.number }, query: { holdsOn, knownOn } },
        }),
      ),
    placeholderData: (before: Schemas["LedgerView"] | undefined) => before,
  });
  const rows = ledger.data?.rows ?? [];
  const disputed = rows.filter(isLoud);
  const quiet = rows.filter((row) => !isLoud(row));
  const groups = [...new Set(quiet.map((row) => row.group))];
  const wages = ledger.data?.wages ?? [];
  const statements = ledger.data?.statements ?? [];
  const contradicted = statements.filter((one) => one.against.length > 0);
  const disputes = wages.some((wage) => wage.disputed) || contradicted.length > 0;
  const agreed = statements.filter((one) => one.against.length === 0);
  const now = !holdsOn && !knownOn;
  const shared = { claim, today, onChanged, settable: now };
  return (
    <div className="px-6 py-4 max-w-[90rem]">
      <div className="flex flex-wrap gap-6 items-end mb-4">
        <DayTyped label={t("ledger.holdsOn")} day={holdsOn} today={today} onDay={setHoldsOn} />
        <DayTyped label={t("ledger.knownOn")} day={knownOn} today={today} onDay={setKnownOn} />
        {!now && (
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => {
              setHoldsOn(undefined);
              setKnownOn(undefined);
            }}
          >
            {t("ledger.now")}
          </button>
        )}
        <p className="soft small ml-auto">{t("ledger.legend")}</p>
      </div>
      {ledger.isError && (
        <p role="alert" className="wrong">
          {ledger.error.message}
        </p>
      )}
      {ledger.isPending && <p className="soft">{t("claim.loading")}</p>}
      {now && <SideBySide claim={claim} onChanged={onChanged} />}
      {(disputed.length > 0 || disputes) && (
        <section className="mb-5" aria-label={t("ledger.disputed")}>
          <h2 className="head">{t("ledger.disputed")}</h2>
          {contradicted.map((one) => (
            <NoneStated key={one.person} stated={one} />
          ))}
          {wages
            .filter((wage) => wage.disputed)
            .map((wage) => (
              <WageRow key={wage.place} wage={wage} />
            ))}
          {ledger.data && ledger.data.ends.length > 0 && <Ends ends={ledger.data.ends} />}
          {disputed.map((row) => (
            <LedgerRow key={row.place} row={row} {...shared} />
          ))}
        </section>
      )}
      {(agreed.length > 0 || wages.some((wage) => !wage.disputed)) && (
        <section className="mb-5" aria-label={t("ledger.wages")}>
          <h2 className="head">{t("ledger.wages")}</h2>
          {wages
            .filter((wage) => !wage.disputed)
            .map((wage) => (
              <WageRow key={wage.place} wage={wage} />
            ))}
          {agreed.map((one) => (
            <NoneStated key={one.person} stated={one} />
          ))}
        </section>
      )}
      {groups.map((group) => (
        <section key={group} className="mb-5" aria-label={group || t("ledger.household")}>
          <h2 className="head">{group || t("ledger.household")}</h2>
          {quiet
            .filter((row) => row.group === group)
            .map((row) => (
              <LedgerRow key={row.place} row={row} {...shared} />
            ))}
        </section>
      ))}
      {ledger.data && rows.length === 0 && <p className="soft">{t("ledger.nothing")}</p>}
    </div>
  );
}

function isLoud(row: Schemas["Fact"]): boolean {
  return row.surfaces || row.disagrees;
}
