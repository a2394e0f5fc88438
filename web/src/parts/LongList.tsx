import { observeElementRect, useVirtualizer } from "@tanstack/react-virtual";
import { type ReactNode, useEffect, useLayoutEffect, useRef, useState } from "react";

interface Props {
  label: string;
  count: number;
  /** What a row is called for good, whatever its place. */
  keyOf: (index: number) => string;
  /** How high a row is until it has been seen. Pixels. */
  height: number;
  /** What scrolls. */
  within: HTMLElement | null;
  /** The row that is to be in view; none where nobody chooses one. */
  shown?: number;
  /** The row in a place of the list, a list item. */
  children: (index: number, item: Item) => ReactNode;
}

/** What a list item is to carry: which of how many it is, for a screen reader, and how it is measured. */
export interface Item {
  "data-index": number;
  "aria-setsize": number;
  "aria-posinset": number;
  ref: (element: HTMLLIElement | null) => void;
}

/** How many rows beyond the view are there too: a list of one page is whole, for the browser's own search. */
const BEYOND = 100;

/** A list that may be very long, of which only the rows near the view are there. */
export function LongList({ label, count, keyOf, height, within, shown, children }: Props) {
  const list = useRef<HTMLUListElement>(null);
  const [above, setAbove] = useState(0);
  // With each drawing: what stands above it grows when it has come.
  useLayoutEffect(() => {
    if (list.current && within) {
      const top = list.current.getBoundingClientRect().top - within.getBoundingClientRect().top;
      setAbove(Math.round(top + within.scrollTop));
    }
  });
  const rows = useVirtualizer({
    count,
    getScrollElement: () => within,
    estimateSize: () => height,
    getItemKey: keyOf,
    overscan: BEYOND,
    scrollMargin: above,
    scrollPaddingStart: above,
    // Where the page scrolls and not the list, the list is as high as its rows, of which it has none at first. More than
    // there is it must not be: the row that is chosen would be taken for seen below the edge.
    observeElementRect: (instance, then) =>
      observeElementRect(instance, ({ width, height }) => then({ width, height: Math.max(height, 1) })),
  });
  const there = rows.getVirtualItems();
  const first = there[0];
  const last = there[there.length - 1];
  // Only when another row is to be seen: what comes in meanwhile moves nobody's view.
  useEffect(() => {
    if (shown !== undefined) rows.scrollToIndex(shown, { align: "auto" });
  }, [shown, rows]);
  return (
    <ul
      ref={list}
      aria-label={label}
      style={{
        paddingTop: first ? first.start - above : 0,
        paddingBottom: last ? rows.getTotalSize() + above - last.end : 0,
      }}
    >
      {there.map((one) =>
        children(one.index, {
          "data-index": one.index,
          "aria-setsize": count,
          "aria-posinset": one.index + 1,
          ref: rows.measureElement,
        }),
      )}
    </ul>
  );
}
