import { useState } from "react";
import type { Schemas } from "../api/client";
import { AskField } from "./AskField";
import { HereAgain } from "./HereAgain";
import { PutRight } from "./PutRight";
import { useLaidBy } from "./useLaidBy";
import { Wanted } from "./Wanted";
import { useSay } from "./words";

interface Props {
  claim: Schemas["DoorClaim"];
  onChanged: () => void;
}

/** All that is wanted, each by its own way; what is a question is answered where it stands and sent together. */
export function WantedList({ claim, onChanged }: Props) {
  const say = useSay();
  const [typed, setTyped] = useState<Record<number, string>>({});
  const [unread, setUnread] = useState<Schemas["DoorUnread"][]>([]);
  const isTyped = Object.values(typed).some(Boolean);
  const isAgain = useLaidBy(
    `claims/${claim.number}/answers`,
    (left) => setTyped((before) => ({ ...JSON.parse(left.text), ...before })),
    isTyped ? JSON.stringify(typed) : "",
  );
  const asked = claim.wanted.filter((wanted) => wanted.asks && !wanted.came);
  const answers = asked
    .map((wanted) => ({ item: wanted.item, text: typed[wanted.item] ?? "" }))
    .filter((one) => one.text.trim());
  const type = (item: number, text: string) => {
    setTyped({ ...typed, [item]: text });
    setUnread(unread.filter((one) => one.item !== item));
  };
  return (
    <section className="mt-4">
      <h3 className="case text-[1.2rem] border-t border-current pt-3">{say("wanted.title")}</h3>
      {claim.wanted.some((wanted) => wanted.paper && !wanted.came) && (
        <p className="soft">{say("wanted.how")}</p>
      )}
      <HereAgain isAgain={isAgain} />
      <ul>
        {claim.wanted.map((wanted) => (
          <Wanted key={wanted.item} claim={claim.number} wanted={wanted} onChanged={onChanged}>
            {wanted.asks && !wanted.came && (
              <div className="mt-3">
                <p className="soft">{wanted.told}</p>
                <AskField
                  ask={wanted.asks}
                  value={typed[wanted.item] ?? ""}
                  wrong={unread.find((one) => one.item === wanted.item)?.wrong ?? ""}
                  people={[]}
                  onType={(text) => type(wanted.item, text)}
                />
              </div>
            )}
          </Wanted>
        ))}
      </ul>
      {asked.length > 0 && (
        <PutRight
          key={JSON.stringify(answers)}
          claim={claim.number}
          answers={answers}
          onUnread={setUnread}
          onSent={() => {
            setTyped({});
            onChanged();
          }}
        />
      )}
    </section>
  );
}
