import { useState } from "react";
import { api, done, type Schemas } from "../api/client";

/** A letter that would go out, made to be looked at: its address while it is shown, and why it can't be. */
export function useLetterShown(number: string) {
  const [letter, setLetter] = useState("");
  const [refusal, setRefusal] = useState("");
  const close = () => {
    URL.revokeObjectURL(letter);
    setLetter("");
  };
  const show = async (body: Schemas["Preview"]) => {
    setRefusal("");
    try {
      const pdf = await done(
        api.POST("/api/claims/{number}/letter-preview", {
          params: { path: { number } },
          body,
          parseAs: "blob",
        }),
      );
      setLetter(URL.createObjectURL(pdf as unknown as Blob));
    } catch (problem) {
      setRefusal((problem as Error).message);
    }
  };
  return { letter, refusal, show, close, refuse: setRefusal };
}
