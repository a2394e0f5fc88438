import { useState } from "react";

/** Does what may be refused, and keeps the words of the refusal to be shown. */
export function useTrying(): [(work: () => Promise<unknown>) => Promise<void>, string] {
  const [refusal, setRefusal] = useState("");
  const attempt = async (work: () => Promise<unknown>) => {
    setRefusal("");
    try {
      await work();
    } catch (problem) {
      setRefusal((problem as Error).message);
    }
  };
  return [attempt, refusal];
}
