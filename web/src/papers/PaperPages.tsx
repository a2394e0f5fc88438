import { useState } from "react";
import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";

const STEP = 0.25;
const NEAREST = 3;
const FARTHEST = 0.5;
const QUARTER = 90;

/** The pages of a paper, one at a time: nearer, farther, turned. */
export function PaperPages({ paper }: { paper: Schemas["PaperView"] }) {
  const { t } = useTranslation();
  const [page, setPage] = useState(0);
  const [zoom, setZoom] = useState(1);
  const [turn, setTurn] = useState(0);
  const picture = paper.picture;
  if (!picture) return <p className="soft p-4">{t("paper.noPicture")}</p>;
  if (picture.unreadable) return <p className="wrong p-4">{t("paper.unreadable")}</p>;
  if (!picture.drawn) return <p className="soft p-4">{t("paper.drawing")}</p>;
  const go = (by: number) => setPage(Math.max(0, Math.min(picture.pages - 1, page + by)));
  const near = (by: number) => setZoom(Math.max(FARTHEST, Math.min(NEAREST, zoom + by)));
  return (
    <section
      className="flex flex-col min-h-0 h-full"
      aria-label={t("paper.pages", { name: picture.name || paper.words })}
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
        <img
          key={`${paper.id}-${page}`}
          src={`/api/papers/${paper.id}/pages/${page}`}
          alt={t("paper.pageOf", { page: page + 1, kind: paper.words })}
          className="mx-auto block origin-top bg-white"
          style={{ width: `${zoom * 100}%`, transform: turn ? `rotate(${turn}deg)` : undefined }}
        />
      </div>
    </section>
  );
}
