import { useState } from "react";
import { api, done, type Schemas } from "../api/client";

/** The pages of the letter that would tell a decision. */
export function decisionLetter(number: string, body: Schemas["Preview"]): Promise<unknown> {
  return done(
    api.POST("/api/claims/{number}/letter-preview", { params: { path: { number } }, body, parseAs: "blob" }),
  );
}

/** A letter that would go out, made to be looked at: its address while it is shown, and why it can't be. */
export function useLetterShown() {
  const [letter, setLetter] = useState("");
  const [refusal, setRefusal] = useState("");
  const close = () => {
    URL.revokeObjectURL(letter);
    setLetter("");
  };
  const show = async (pages: Promise<unknown>) => {
    setRefusal("");
    try {
      setLetter(URL.createObjectURL((await pages) as Blob));
    } catch (problem) {
      setRefusal((problem as Error).message);
    }
  };
  return { letter, refusal, show, close, refuse: setRefusal };
}
