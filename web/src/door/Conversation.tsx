import type { Schemas } from "../api/client";
import { Count } from "./Count";
import { Telling } from "./Telling";
import { useSay } from "./words";

interface Props {
  claim: Schemas["DoorClaim"];
  onChanged: () => void;
}

/** What was written to and fro, the last last, and a place to write. */
export function Conversation({ claim, onChanged }: Props) {
  const say = useSay();
  const last = claim.messages[claim.messages.length - 1];
  return (
    <details className="door-more" open={last?.ours || undefined}>
      <summary>
        {say("messages.title")} <Count of={claim.messages.length} />
      </summary>
      {claim.messages.length === 0 && <p className="pb-3">{say("messages.none")}</p>}
      <ol className="pb-3">
        {claim.messages.map((message, i) => (
          <li key={i} className={`py-2 ${message.ours ? "" : "ps-8"}`}>
            <p className="soft">
              {message.ours ? say("messages.us") : say("messages.you")} · {message.day}
            </p>
            <p dir="auto" className="whitespace-pre-line">
              {message.text}
            </p>
            {message.asWritten && <p className="soft">{say("messages.asWritten")}</p>}
          </li>
        ))}
      </ol>
      <Telling
        path={`claims/${claim.number}/messages`}
        asks={say("messages.write")}
        sends={say("messages.send")}
        sent={say("messages.sent")}
        onSent={onChanged}
      />
    </details>
  );
}
