import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { useEffect, useRef, useState } from "react";
import { useTranslation } from "react-i18next";
import { type ApplicationView, api, done, type Schemas } from "../api/client";
import { clockTime } from "../parts/format";
import { KeyStrip } from "../parts/Keys";
import { Margin, namesOf } from "../parts/Margin";
import { Conflict } from "./Conflict";
import { place } from "./Field";
import { gaps, partOf } from "./gaps";
import { HomePart } from "./HomePart";
import { MatterPart } from "./MatterPart";
import { addIncome, MoneyPart } from "./MoneyPart";
import { ReadPart } from "./ReadPart";
import { SignPart } from "./SignPart";
import { useDraft } from "./useDraft";
import { addPerson, WhoPart } from "./WhoPart";

const PARTS = ["who", "money", "home", "matter", "read", "sign"] as const;
type Part = (typeof PARTS)[number];

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
  const [part, setPart] = useState<Part>("who");
  const [jump, setJump] = useState<{ part: Part; to: string }>({ part: "who", to: "" });
  const centre = useRef<HTMLElement>(null);
  const open = gaps(handle.draft, handle.margin);

  // A new part begins at its first field, or at the one that was sought.
  useEffect(() => {
    const field = jump.to ? document.querySelector<HTMLElement>(`[id^="${place(jump.to)}"]`) : null;
    const first = centre.current?.querySelector<HTMLElement>("input, select, textarea, button");
    if (field || jump.part === part) (field ?? first)?.focus();
  }, [part, jump]);

  const goPart = (to: Part) => {
    setPart(to);
    setJump({ part: to, to: "" });
  };
  const goTo = (pointer: string) => {
    const to = partOf(pointer) as Part;
    setPart(to);
    setJump({ part: to, to: pointer });
  };
  const next = () => goPart(PARTS[Math.min(PARTS.length - 1, PARTS.indexOf(part) + 1)]);
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

  const keys = [
    { key: "Enter", says: t("keys.next") },
    { key: "Alt+1…6", says: t("keys.parts") },
    ...PARTS.map((_, i) => ({
      key: `Alt+${i + 1}`,
      says: t(`app.parts.${PARTS[i]}`).toLowerCase(),
      act: () => goPart(PARTS[i]),
      quiet: true,
    })),
    ...(part === "who" ? [{ key: "Alt+P", says: t("keys.person"), act: () => addPerson(handle) }] : []),
    ...(part === "money" ? [{ key: "Alt+M", says: t("keys.income"), act: () => addIncome(handle) }] : []),
    ...(part === "sign"
      ? [{ key: "Alt+L", says: t("keys.lodge"), act: () => document.getElementById("lodge")?.click() }]
      : []),
    { key: "Alt+D", says: t("keys.desk"), act: () => navigate({ to: "/" }) },
  ];

  return (
    <>
      <div className="flex-1 min-h-0 grid grid-cols-[180px_1fr_310px]">
        <nav className="bg-base-200 border-r border-base-300 py-4 flex flex-col" aria-label={t("app.title")}>
          {PARTS.map((one) => {
            const count = open.filter((gap) => partOf(gap.pointer) === one).length;
            return (
              <button
                key={one}
                type="button"
                aria-current={part === one ? "step" : undefined}
                className={`flex justify-between text-left px-5 h-10 items-center cursor-pointer border-l-4 ${part === one ? "border-primary bg-base-100 font-semibold" : "border-transparent"}`}
                onClick={() => goPart(one)}
              >
                {t(`app.parts.${one}`)}
                {count > 0 && <span className="small soft font-normal">{t("app.wants", { count })}</span>}
              </button>
            );
          })}
          <div className="mt-auto px-5 small soft">
            <p role="status" className={handle.saving === "offline" ? "wrong" : ""}>
              {handle.saving === "offline"
                ? t("app.offline")
                : handle.saving === "saving"
                  ? t("app.saving")
                  : t("app.saved", { time: clockTime(handle.savedAt) })}
            </p>
            <button type="button" className="plain-link mt-2" onClick={withdraw}>
              {t("app.withdraw")}
            </button>
          </div>
        </nav>
        <main ref={centre} className="min-w-0 overflow-y-auto px-6 py-5">
          <h1 className="case text-[1.5rem] mb-3">{t(`app.parts.${part}`)}</h1>
          {handle.saving === "conflict" && <Conflict handle={handle} />}
          {part === "who" && <WhoPart handle={handle} today={today} />}
          {part === "money" && <MoneyPart handle={handle} today={today} />}
          {part === "home" && <HomePart handle={handle} />}
          {part === "matter" && <MatterPart handle={handle} offers={offers} today={today} />}
          {part === "read" && <ReadPart handle={handle} open={open} today={today} onGoTo={goTo} />}
          {part === "sign" && (
            <SignPart
              handle={handle}
              id={view.id}
              open={open}
              today={today}
              onLodged={lodged}
              onGoTo={goTo}
            />
          )}
          {part !== "sign" && (
            <button type="button" data-flow className="btn btn-primary mt-8" onClick={next}>
              {t("app.next")}
            </button>
          )}
        </main>
        <aside
          className="bg-base-200 border-l border-base-300 p-4 overflow-y-auto"
          aria-label={t("margin.label")}
        >
          <Margin
            margin={handle.margin}
            onGoTo={goTo}
            names={namesOf(handle.draft.packet.household.people)}
          />
        </aside>
      </div>
      <KeyStrip keys={keys} />
    </>
  );
}
