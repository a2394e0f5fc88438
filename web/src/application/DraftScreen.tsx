import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { useEffect, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { useChoices } from "../api/choices";
import { type ApplicationView, api, done, type Schemas } from "../api/client";
import { place, placeInFocus } from "../draft/Field";
import { useDraft } from "../draft/useDraft";
import { takeOffered } from "../matter/Offered";
import { namesOf } from "../parts/called";
import { KeyStrip } from "../parts/Keys";
import { Margin } from "../parts/Margin";
import { useGoingOn, usePark } from "../parts/parking";
import { Spine } from "../parts/Spine";
import { Apart } from "../parts/Undrawn";
import { useTrying } from "../parts/useTrying";
import { BeginPart } from "./BeginPart";
import { ChangePart } from "./ChangePart";
import { Conflict } from "./Conflict";
import { gaps } from "./gaps";
import { HomePart } from "./HomePart";
import { MatterPart } from "./MatterPart";
import { addIncome, MoneyPart } from "./MoneyPart";
import { PapersPart } from "./PapersPart";
import { PartList } from "./PartList";
import { keyed, type Part, partOf, partsOf, serviceOf } from "./parts";
import { addPerson } from "./people";
import { ReachPart } from "./ReachPart";
import { ReadPart } from "./ReadPart";
import { ReportPart } from "./ReportPart";
import { withRowsBegun } from "./rowsBegun";
import { ScanPane } from "./ScanPane";
import { SignPart } from "./SignPart";
import { WhoPart } from "./WhoPart";

interface Props {
  view: ApplicationView;
  offers: Schemas["Offer"][];
  today: string;
}

/** Taking an application: the parts at the left, one at a time in the centre, and what it leads to at the right. */
export function DraftScreen({ view, offers, today }: Props) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const handle = useDraft(view);
  const { draft } = handle;
  const begun = draft.packet.requests.length > 0 || Boolean(draft.packet.household.people[0]?.givenName);
  const goingOn = useGoingOn({ application: view.id });
  const park = usePark({ application: view.id });
  const [attempt, refusal] = useTrying();
  const [part, setPart] = useState<Part>(
    (goingOn?.part as Part) ?? (draft.taking.change ? "change" : begun ? "who" : "begin"),
  );
  // What was parked has its own field to begin at.
  const [jump, setJump] = useState<{ part: Part; to: string } | undefined>(
    goingOn ? undefined : { part, to: "" },
  );
  const [scanned, setScanned] = useState(draft.packet.channel === "post");
  const centre = useRef<HTMLElement>(null);
  const open = gaps(draft, handle.margin, t);
  const parts = partsOf(draft);
  const here = parts.includes(part) ? part : parts[0];

  // A new part begins at its first field, or at the one that was sought.
  useEffect(() => {
    const field = jump?.to ? document.querySelector<HTMLElement>(`[id^="${place(jump.to)}"]`) : null;
    const first = centre.current?.querySelector<HTMLElement>("input, select, textarea, button");
    if (field || jump?.part === here) (field ?? first)?.focus();
  }, [here, jump]);

  const asked = serviceOf(here);
  const [choices, choose] = useChoices();
  const folded = choices.margin === "folded" && !scanned;
  // The report of a change asks for nothing, so that there is nothing to check beside it.
  const changes = Boolean(draft.taking.change);

  const goPart = (to: Part) => {
    const matter = offers.find((offer) => offer.service === serviceOf(to));
    if (matter && withRowsBegun(draft, matter) !== draft) handle.change((old) => withRowsBegun(old, matter));
    setPart(to);
    setJump({ part: to, to: "" });
  };
  const goTo = (pointer: string) => {
    const to = partOf(pointer, draft);
    setPart(to);
    setJump({ part: to, to: pointer });
  };
  const newPerson = () => {
    setJump({ part: here, to: `/household/people/${draft.packet.household.people.length}/givenName` });
    addPerson(handle);
  };
  const newIncome = () => {
    setJump({ part: here, to: `/household/incomes/${draft.packet.household.incomes.length}/person` });
    addIncome(handle);
  };
  const step = (by: number) =>
    goPart(parts[Math.max(0, Math.min(parts.length - 1, parts.indexOf(here) + by))]);
  const lodged = (fresh: ApplicationView) => {
    queries.setQueryData(["application", view.id], fresh);
    queries.invalidateQueries({ queryKey: ["desk"] });
    queries.invalidateQueries({ queryKey: ["drafts"] });
  };
  const withdraw = async () => {
    await done(api.DELETE("/api/applications/{id}", { params: { path: { id: view.id } } }));
    queries.invalidateQueries({ queryKey: ["drafts"] });
    navigate({ to: "/" });
  };
  const parkHere = () => attempt(() => park(here));
  const confirmHere = () => {
    const pointer = placeInFocus();
    if (pointer && handle.markAt(pointer)) handle.confirm(pointer);
  };
  const leaveOnPaper = (how: "illegible" | "leftBlank") => {
    const pointer = placeInFocus();
    if (!pointer) return;
    handle.take((taking) => {
      const { [pointer]: old, ...rest } = taking.paper ?? {};
      return { ...taking, paper: old === how ? rest : { ...rest, [pointer]: how } };
    });
  };

  const onPaper = draft.packet.channel === "post";
  const keys = [
    { key: "Enter", says: t("keys.next") },
    { key: "Alt+1…8", says: t("keys.parts") },
    ...keyed(draft).map((to, i) => ({
      key: `Alt+${i + 1}`,
      says: t(`app.parts.${serviceOf(to) ? "matter" : to}`).toLowerCase(),
      act: () => goPart(to),
      quiet: true,
    })),
    { key: "Alt+ArrowDown", says: t("keys.nextPart"), act: () => step(1), quiet: true },
    { key: "Alt+ArrowUp", says: t("keys.lastPart"), act: () => step(-1), quiet: true },
    ...(asked ? [{ key: "Alt+U", says: t("keys.takeOffered"), act: takeOffered, quiet: true }] : []),
    { key: "F2", says: t("keys.confirm"), act: confirmHere },
    ...(here === "who" ? [{ key: "Alt+P", says: t("keys.person"), act: newPerson }] : []),
    ...(here === "money" ? [{ key: "Alt+M", says: t("keys.income"), act: newIncome }] : []),
    ...(here === "sign" || here === "report"
      ? [{ key: "Alt+L", says: t("keys.lodge"), act: () => document.getElementById("lodge")?.click() }]
      : []),
    ...(onPaper
      ? [
          { key: "Alt+B", says: t("keys.leftBlank"), act: () => leaveOnPaper("leftBlank") },
          { key: "Alt+I", says: t("keys.illegible"), act: () => leaveOnPaper("illegible") },
        ]
      : []),
    { key: "Alt+K", says: t("parked.key"), act: parkHere },
    { key: "Alt+D", says: t("keys.desk"), act: () => navigate({ to: "/" }) },
  ];

  return (
    <>
      <div
        className={`panes flex-1 min-h-0 grid ${changes ? "grid-cols-[216px_1fr]" : folded ? "grid-cols-[216px_1fr_64px]" : "grid-cols-[216px_1fr_310px]"}`}
      >
        <PartList
          handle={handle}
          groups={draft}
          offers={offers}
          here={here}
          open={open}
          onGo={goPart}
          onPark={parkHere}
          onWithdraw={withdraw}
          refusal={refusal}
        />
        <main ref={centre} className="min-w-0 overflow-y-auto px-6 py-5">
          <h1 className="case text-[1.5rem] mb-3">
            {asked ? offers.find((offer) => offer.service === asked)?.title : t(`app.parts.${here}`)}
          </h1>
          {handle.saving === "conflict" && <Conflict handle={handle} />}
          <Apart part={here} from={handle.margin}>
            {here === "begin" && <BeginPart handle={handle} id={view.id} offers={offers} today={today} />}
            {here === "change" && <ChangePart handle={handle} today={today} />}
            {here === "report" && <ReportPart handle={handle} id={view.id} onGoTo={goTo} />}
            {here === "who" && <WhoPart handle={handle} today={today} onAdd={newPerson} />}
            {here === "money" && <MoneyPart handle={handle} onAdd={newIncome} />}
            {here === "home" && <HomePart handle={handle} />}
            {here === "reach" && <ReachPart handle={handle} />}
            {asked && (
              <MatterPart handle={handle} id={view.id} service={asked} offers={offers} today={today} />
            )}
            {here === "papers" && <PapersPart handle={handle} id={view.id} offers={offers} />}
            {here === "read" && <ReadPart handle={handle} open={open} today={today} onGoTo={goTo} />}
            {here === "sign" && (
              <SignPart
                handle={handle}
                id={view.id}
                open={open}
                today={today}
                onLodged={lodged}
                onGoTo={goTo}
              />
            )}
          </Apart>
          {here !== "sign" && here !== "report" && (
            <button type="button" data-flow className="btn btn-primary mt-8" onClick={() => step(1)}>
              {t("app.next")}
            </button>
          )}
        </main>
        <aside
          className="bg-base-200 border-l border-base-300 p-4 overflow-y-auto"
          aria-label={scanned ? t("app.scan.title") : t("margin.label")}
          hidden={changes}
        >
          {onPaper && (
            <button type="button" className="plain-link mb-3" onClick={() => setScanned(!scanned)}>
              {t(scanned ? "app.scan.toMargin" : "app.scan.toScan")}
            </button>
          )}
          {onPaper && scanned ? (
            <ScanPane id={view.id} />
          ) : folded ? (
            <Spine margin={handle.margin} onUnfold={() => choose("margin", "open")} />
          ) : (
            <>
              <p className="text-right -mt-2 mb-1">
                <button
                  type="button"
                  className="plain-link small soft"
                  onClick={() => choose("margin", "folded")}
                >
                  {t("app.foldMargin")}
                </button>
              </p>
              <Margin
                margin={handle.margin}
                onGoTo={goTo}
                names={namesOf(draft.packet.household.people)}
                first={asked}
              />
            </>
          )}
        </aside>
      </div>
      <KeyStrip keys={keys} />
    </>
  );
}
