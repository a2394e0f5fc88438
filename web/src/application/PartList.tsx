import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import type { Draft } from "../draft/packet";
import type { DraftHandle } from "../draft/useDraft";
import { clockTime } from "../parts/format";
import { ParkButton } from "../parts/ParkButton";
import type { Gap } from "./gaps";
import { groupsOf, type Part, partOf, serviceOf } from "./parts";

interface Props {
  handle: DraftHandle;
  groups: Draft;
  offers: Schemas["Offer"][];
  here: Part;
  open: Gap[];
  onGo: (part: Part) => void;
  onPark: () => void;
  onWithdraw: () => void;
  /** Why it could not be parked; empty where nothing was refused. */
  refusal: string;
}

/** The parts of an application, each with what it still wants. */
export function PartList(props: Props) {
  const { handle, groups: draft, offers, here, open, onGo, onPark, onWithdraw, refusal } = props;
  const { t } = useTranslation();
  const name = (part: Part) => {
    const service = serviceOf(part);
    return service
      ? (offers.find((offer) => offer.service === service)?.title ?? service)
      : t(`app.parts.${part}`);
  };
  return (
    <nav
      className="bg-base-200 border-r border-base-300 py-3 flex flex-col overflow-y-auto"
      aria-label={t("app.title")}
    >
      {groupsOf(draft)
        .filter((group) => group.parts.length > 0)
        .map((group) => (
          <div key={group.key} className="mb-2">
            {group.key !== "begin" && (
              <p className="small soft px-5 pt-1.5 pb-0.5">{t(`app.groups.${group.key}`)}</p>
            )}
            {group.parts.map((part) => {
              const count = open.filter((gap) => partOf(gap.pointer, draft) === part).length;
              return (
                <button
                  key={part}
                  type="button"
                  aria-current={here === part ? "step" : undefined}
                  className={`w-full flex justify-between gap-2 text-left pl-5 pr-4 min-h-9 items-center cursor-pointer border-l-4 ${here === part ? "border-primary bg-base-100 font-semibold" : "border-transparent"}`}
                  onClick={() => onGo(part)}
                >
                  {name(part)}
                  {count > 0 && (
                    <span className="small soft font-normal whitespace-nowrap">
                      {t("app.wants", { count })}
                    </span>
                  )}
                </button>
              );
            })}
          </div>
        ))}
      <div className="mt-auto px-5 pt-3 small soft">
        <p role="status" className={handle.saving === "offline" ? "wrong" : ""}>
          {handle.saving === "offline"
            ? t("app.offline")
            : handle.saving === "saving"
              ? t("app.saving")
              : t("app.saved", { time: clockTime(handle.savedAt) })}
        </p>
        {refusal && (
          <p role="alert" className="wrong">
            {refusal}
          </p>
        )}
        <ParkButton onPark={onPark} className="mt-2 block" />
        <button type="button" className="plain-link mt-2" onClick={onWithdraw}>
          {t("app.withdraw")}
        </button>
      </div>
    </nav>
  );
}
