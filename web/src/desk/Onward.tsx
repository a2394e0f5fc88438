import { useEffect, useState } from "react";
import { useTranslation } from "react-i18next";

interface Props {
  busy: boolean;
  /** What was asked for last did not come: it is asked for again only by hand. */
  failed: boolean;
  onMore: () => void;
}

/** The end of what has come of a list: more comes before it is reached, or when it is asked for. */
export function Onward({ busy, failed, onMore }: Props) {
  const { t } = useTranslation();
  const [mark, setMark] = useState<HTMLElement | null>(null);
  const [near, setNear] = useState(false);
  useEffect(() => {
    if (!mark) return;
    const seen = new IntersectionObserver(([one]) => setNear(one.isIntersecting));
    seen.observe(mark);
    return () => seen.disconnect();
  }, [mark]);
  useEffect(() => {
    if (near && !busy && !failed) onMore();
  }, [near, busy, failed, onMore]);
  return (
    <p className="p-5 relative">
      {/* It reaches up into the rows: whoever sees a part of it is near the end. */}
      <span ref={setMark} className="absolute bottom-0 left-0 w-px h-[600px] pointer-events-none" />
      <button type="button" className="btn btn-sm" disabled={busy} onClick={onMore}>
        {t("desk.more")}
      </button>
    </p>
  );
}
