import { useEffect, useRef } from "react";

/** As long as a visit lasts that nobody touches. Milliseconds; the server ends it then, too. */
const IDLE = 15 * 60_000;
const LOOK_EVERY = 20_000;

/** Says when nobody has touched the page for as long as a visit lasts; a phone that slept is found out as it wakes. */
export function useIdle(watched: boolean, onIdle: () => void): void {
  const idle = useRef(onIdle);
  idle.current = onIdle;
  useEffect(() => {
    if (!watched) return;
    let touchedAt = Date.now();
    const touch = () => {
      touchedAt = Date.now();
    };
    const look = () => {
      if (Date.now() - touchedAt > IDLE) idle.current();
    };
    const touches = ["keydown", "pointerdown", "scroll"] as const;
    for (const one of touches) window.addEventListener(one, touch, { passive: true });
    document.addEventListener("visibilitychange", look);
    const looking = window.setInterval(look, LOOK_EVERY);
    return () => {
      for (const one of touches) window.removeEventListener(one, touch);
      document.removeEventListener("visibilitychange", look);
      window.clearInterval(looking);
    };
  }, [watched]);
}
