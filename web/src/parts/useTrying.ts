import { useState } from "react";
import { Refusal } from "../api/client";

/** Does what may be refused, and keeps the words of the refusal to be shown, with every fault and what would be right. */
export function useTrying(): [(work: () => Promise<unknown>) => Promise<void>, string] {
  const [refusal, setRefusal] = useState("");
  const attempt = async (work: () => Promise<unknown>) => {
    setRefusal("");
    try {
      await work();
    } catch (problem) {
      setRefusal(told(problem as Error));
    }
  };
  return [attempt, refusal];
}

function told(problem: Error): string {
  const faults = problem instanceof Refusal ? problem.faults : [];
  return [problem.message, ...faults.map((one) => `${sentence(one.message)}: ${one.expected}.`)].join(" ");
}

function sentence(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
