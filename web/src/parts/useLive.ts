import { useEffect, useRef } from "react";

/** Many at once are one. Milliseconds. */
const TOGETHER = 300;

/**
 * Says which claims others have moved, while somebody looks; the browser comes back by itself when the line is cut. A
 * browser has few lines to one place, so a window that nobody sees keeps none.
 */
export function useLive(onMoved: (numbers: string[]) => void): void {
  const told = useRef(onMoved);
  told.current = onMoved;
  useEffect(() => {
    let moved: string[] = [];
    let waiting: number | undefined;
    let stream: EventSource | undefined;
    const hear = (event: MessageEvent<string>) => {
      moved.push((JSON.parse(event.data) as { number: string }).number);
      waiting ??= window.setTimeout(() => {
        waiting = undefined;
        told.current(moved);
        moved = [];
      }, TOGETHER);
    };
    const watch = () => {
      stream?.close();
      stream = undefined;
      if (document.visibilityState === "visible") {
        stream = new EventSource("/api/live");
        stream.addEventListener("claim", hear);
      }
    };
    watch();
    document.addEventListener("visibilitychange", watch);
    return () => {
      document.removeEventListener("visibilitychange", watch);
      window.clearTimeout(waiting);
      stream?.close();
    };
  }, []);
}
