import { useEffect, useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { fieldFor } from "./kinds";

const STEP = 0.25;
const NEAREST = 3;
const FARTHEST = 0.5;
const QUARTER = 90;

/** What is drawn of a file, or of the pages of several. */
type Drawn = Pick<Schemas["Picture"], "name" | "pages" | "drawn" | "unreadable" | "turns" | "proposals">;

interface Props {
  /** Where the pages are, without the number of the page. */
  at: string;
  words: string;
  /** None for a paper that was only told of. */
  picture?: Drawn;
  /** Whether what the machine read is marked. */
  marked: boolean;
  /** The field that is being read; its place on the page is drawn stronger. */
  field: string;
  /** Puts the pages in order; none where they stay as they are. */
  onOrder?: () => void;
}

/** The pages of a paper, one at a time: nearer, farther, turned; what the machine read is marked where it stands. */
export function PaperPages({ at, words, picture, marked, field, onOrder }: Props) {
  const { t } = useTranslation();
  const [page, setPage] = useState(0);
  const [zoom, setZoom] = useState(1);
  const [turn, setTurn] = useState(0);
  const meant = picture?.proposals.find((one) => fieldFor(one.field) === field)?.page;
  useEffect(() => {
    if (meant !== undefined) setPage(meant);
  }, [meant]);
  if (!picture) return <p className="soft p-4">{t("paper.noPicture")}</p>;
  if (picture.unreadable) return <p className="wrong p-4">{t("paper.unreadable")}</p>;
  if (!picture.drawn) return <p className="soft p-4">{t("paper.drawing")}</p>;
  const turned = (turn + (picture.turns[page] ?? 0)) % 360;
  const go = (by: number) => setPage(Math.max(0, Math.min(picture.pages - 1, page + by)));
  const near = (by: number) => setZoom(Math.max(FARTHEST, Math.min(NEAREST, zoom + by)));
  return (
    <section
      className="flex flex-col min-h-0 h-full"
      aria-label={t("paper.pages", { name: picture.name || words })}
    >
      <div className="flex flex-wrap gap-2 items-center px-3 py-1.5 border-b border-base-300 small">
        <button type="button" className="btn btn-xs" onClick={() => near(STEP)}>
          {t("paper.nearer")}
        </button>
        <button type="button" className="btn btn-xs" onClick={() => near(-STEP)}>
          {t("paper.farther")}
        </button>
        <button type="button" className="btn btn-xs" onClick={() => setTurn((turn + QUARTER) % 360)}>
          {t("paper.turn")}
        </button>
        {onOrder && (
          <button type="button" className="btn btn-xs" onClick={onOrder}>
            {t("pages.open")}
          </button>
        )}
        {picture.pages > 1 && (
          <span className="flex items-center gap-2 ml-auto">
            <button type="button" className="btn btn-xs" disabled={page === 0} onClick={() => go(-1)}>
              {t("paper.before")}
            </button>
            {t("paper.page", { page: page + 1, pages: picture.pages })}
            <button
              type="button"
              className="btn btn-xs"
              disabled={page === picture.pages - 1}
              onClick={() => go(1)}
            >
              {t("paper.next")}
            </button>
          </span>
        )}
      </div>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a large page is scrolled with the keys. */}
      <div className="flex-1 min-h-0 overflow-auto bg-base-200 p-3" tabIndex={0}>
        <div
          className="mx-auto relative"
          style={{ width: `${zoom * 100}%`, transform: turned ? `rotate(${turned}deg)` : undefined }}
        >
          <img
            key={`${at}-${page}`}
            src={`${at}/pages/${page}`}
            alt={t("paper.pageOf", { page: page + 1, kind: words })}
            className="block w-full bg-white"
          />
          {picture.proposals
            .filter((one) => one.page === page && marked)
            .map((one) => (
              <span
                key={one.field}
                className={`read-here ${fieldFor(one.field) === field ? "read-now" : ""} ${one.sure ? "" : "read-unsure"}`}
                style={{
                  left: `${one.box.left * 100}%`,
                  top: `${one.box.top * 100}%`,
                  width: `${one.box.width * 100}%`,
                  height: `${one.box.height * 100}%`,
                }}
              />
            ))}
        </div>
      </div>
    </section>
  );
}
