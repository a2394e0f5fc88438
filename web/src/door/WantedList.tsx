import { useState } from "react";
import type { Schemas } from "../api/client";
import { ApplyPage } from "./ApplyPage";
import { HereAgain } from "./HereAgain";
import { PutRight } from "./PutRight";
import { useLaidBy } from "./useLaidBy";
import { Wanted } from "./Wanted";
import { useSay } from "./words";

interface Props {
  claim: Schemas["DoorClaim"];
  onChanged: () => void;
}

/** What is typed so far, by what is wanted and question. */
type Typed = Record<number, Record<string, string>>;

/** All that is wanted, each by its own way; what is asked is answered where it stands and sent together. */
export function WantedList({ claim, onChanged }: Props) {
  const say = useSay();
  const [typed, setTyped] = useState<Typed>({});
  const [unread, setUnread] = useState<Schemas["DoorUnread"][]>([]);
  const asked = claim.wanted.filter((wanted) => wanted.asks.length > 0 && !wanted.came);
  const answers = asked
    .flatMap(({ item, asks }) => asks.map(({ name }) => ({ item, name, text: typed[item]?.[name] ?? "" })))
    .filter((one) => one.text.trim());
  const isAgain = useLaidBy(
    `claims/${claim.number}/answers`,
    (left) => setTyped((before) => ({ ...JSON.parse(left.text), ...before })),
    answers.length > 0 ? JSON.stringify(typed) : "",
  );
  const type = (item: number, texts: Record<string, string>) => {
    setTyped({ ...typed, [item]: { ...typed[item], ...texts } });
    setUnread(unread.filter((one) => one.item !== item || !(one.name in texts)));
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
            {wanted.asks.length > 0 && !wanted.came && (
              <div className="mt-3">
                <p className="soft">{wanted.told}</p>
                <ApplyPage
                  asks={wanted.asks}
                  values={typed[wanted.item] ?? {}}
                  wrong={Object.fromEntries(
                    unread.filter((one) => one.item === wanted.item).map((one) => [one.name, one.wrong]),
                  )}
                  people={[]}
                  onType={(texts) => type(wanted.item, texts)}
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
