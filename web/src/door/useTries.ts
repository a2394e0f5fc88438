import { useState } from "react";

const TOO_MANY = 429;

/** Something that is tried: what is said against it, by its key, and whether it is under way. */
export function useTries() {
  const [against, setAgainst] = useState("");
  const [busy, setBusy] = useState(false);
  const trying = async (what: () => Promise<string>) => {
    setBusy(true);
    setAgainst("");
    try {
      setAgainst(await what());
    } catch {
      setAgainst("offline");
    } finally {
      setBusy(false);
    }
  };
  return { against, setAgainst, busy, trying };
}

/** What is said of an answer that is no yes. */
export function refusedWith(response: Response, otherwise: string): string {
  return response.status === TOO_MANY ? "entry.wait" : otherwise;
}
