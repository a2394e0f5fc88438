import { type ReactNode, useEffect, useState } from "react";
import type { Schemas } from "../api/client";
import { AskSigner } from "./AskSigner";
import { sendFile, sendPage } from "./asking";
import { laidBy } from "./laidBy";
import { PaperSent } from "./PaperSent";
import { Telling } from "./Telling";
import { useSay } from "./words";

interface Props {
  claim: string;
  wanted: Schemas["DoorWanted"];
  onChanged: () => void;
  /** The question that answers it, where there is one. */
  children?: ReactNode;
}

/** One thing that is wanted: by when, a photo of it or an answer, or more time. */
export function Wanted({ claim, wanted, onChanged, children }: Props) {
  const say = useSay();
  const [telling, setTelling] = useState<"answer" | "time">();
  const id = `wanted-${claim}-${wanted.item}`;
  const isAsked = wanted.asks.length > 0;
  const place = `claims/${claim}/items/${wanted.item}`;
  useEffect(() => {
    for (const about of ["answer", "time"] as const)
      void laidBy(`${place}/${about}`).then((left) => left && setTelling(about));
  }, [place]);
  return (
    <li className="py-3 border-b border-[color:var(--color-base-300)]">
      <p id={id}>
        <strong className="font-bold">{wanted.words}</strong> <span className="soft">{wanted.until}</span>
      </p>
      {wanted.came && (
        <p role="status">
          ✓ {say("wanted.came")} {wanted.pages}
        </p>
      )}
      {!wanted.came && children}
      {(wanted.came ? wanted.pages : wanted.paper) && (
        <PaperSent
          about={id}
          place={place}
          came={wanted.came}
          isMain
          sendFirst={(file, remark) => sendFile(claim, wanted.item, file, remark)}
          sendFurther={(file) => sendPage(claim, wanted.item, file)}
          onChanged={onChanged}
        />
      )}
      {!wanted.came && (
        <>
          {wanted.signer && (
            <AskSigner path={`${place}/signer`} about={id} asked={wanted.asked} onAsked={onChanged} />
          )}
          <p className="flex flex-wrap gap-4 items-center mt-1">
            {!wanted.paper && !wanted.signer && telling !== "answer" && (
              <button
                type="button"
                className={isAsked ? "plain-link py-2" : "door-button"}
                aria-describedby={id}
                onClick={() => setTelling("answer")}
              >
                {say(isAsked ? "answer.otherwise" : "answer.open")}
              </button>
            )}
            {telling !== "time" && (
              <button
                type="button"
                className="plain-link py-2"
                aria-describedby={id}
                onClick={() => setTelling("time")}
              >
                {say("time.ask")}
              </button>
            )}
          </p>
          {telling && (
            <Telling
              key={telling}
              path={`${place}/${telling}`}
              asks={say(telling === "time" ? "time.because" : "answer.text")}
              sends={say(telling === "time" ? "time.send" : "messages.send")}
              sent={say(`${telling}.sent`)}
              onSent={onChanged}
            />
          )}
        </>
      )}
    </li>
  );
}
