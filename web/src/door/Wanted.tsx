import { useState } from "react";
import type { Schemas } from "../api/client";
import { PaperSent } from "./PaperSent";
import { Telling } from "./Telling";
import { useSay } from "./words";

interface Props {
  claim: string;
  wanted: Schemas["DoorWanted"];
  onChanged: () => void;
}

/** One thing that is wanted: by when, a photo of it, or more time. */
export function Wanted({ claim, wanted, onChanged }: Props) {
  const say = useSay();
  const [asking, setAsking] = useState(false);
  return (
    <li className="py-3 border-b border-base-300">
      <p id={`wanted-${claim}-${wanted.item}`}>
        <strong className="font-bold">{wanted.words}</strong> <span className="soft">{wanted.until}</span>
      </p>
      {wanted.came ? (
        <p role="status">✓ {say("wanted.came")}</p>
      ) : (
        <>
          {wanted.paper ? (
            <PaperSent claim={claim} wanted={wanted} onChanged={onChanged} />
          ) : (
            <p className="soft">{say("wanted.tell")}</p>
          )}
          {asking ? (
            <div className="mt-3">
              <Telling
                path={`claims/${claim}/items/${wanted.item}/time`}
                asks={say("time.because")}
                sends={say("time.send")}
                sent={say("time.sent")}
                onSent={onChanged}
              />
            </div>
          ) : (
            <button
              type="button"
              className="plain-link py-2"
              aria-describedby={`wanted-${claim}-${wanted.item}`}
              onClick={() => setAsking(true)}
            >
              {say("time.ask")}
            </button>
          )}
        </>
      )}
    </li>
  );
}
