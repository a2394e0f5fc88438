import { useEffect, useRef, useState } from "react";
import { forget, type Held, laidBy, layBy } from "./laidBy";

const NO_FILES: File[] = [];

/**
 * Keeps what is held at a place until it is empty again, for a page that ends before it was sent; what such a page left
 * is given back.
 *
 * @returns whether something was given back
 */
export function useLaidBy(
  place: string,
  onFound: (held: Held) => void | Promise<void>,
  text: string,
  files: File[] = NO_FILES,
): boolean {
  const [looked, setLooked] = useState(false);
  const [isAgain, setAgain] = useState(false);
  const found = useRef(onFound);
  found.current = onFound;
  useEffect(() => {
    let isGone = false;
    void laidBy(place).then(async (held) => {
      if (isGone) return;
      if (held) {
        await found.current(held);
        setAgain(true);
      }
      setLooked(true);
    });
    return () => {
      isGone = true;
    };
  }, [place]);
  const isEmpty = !text && files.length === 0;
  useEffect(() => {
    if (!looked) return;
    if (!isEmpty) void layBy(place, { text, files });
    else {
      setAgain(false);
      void forget(place);
    }
  }, [looked, isEmpty, place, text, files]);
  return isAgain;
}
