import { useState } from "react";
import type { Schemas } from "../api/client";
import { Begin } from "./Begin";
import { useSay } from "./words";

interface Props {
  offers: Schemas["DoorOffer"][];
  onBegun: () => Promise<unknown>;
}

/** What can be asked for, each told before anybody begins: for whom, what it comes to, how long, what to bring. */
export function Offers({ offers, onBegun }: Props) {
  const say = useSay();
  const [asked, setAsked] = useState("");
  return (
    <section className="mt-8">
      <h2 className="case text-[1.3rem] mb-1">{say("services.title")}</h2>
      <p className="mb-3">{say("services.how")}</p>
      {offers.map((offer) => (
        <details key={offer.service} className="door-more">
          <summary>
            <span id={`offer-${offer.service}`} className="font-bold">
              {offer.title}
            </span>
            <span className="block soft">{offer.what}</span>
          </summary>
          <dl className="pb-4">
            <Told of={say("services.who")}>{offer.who}</Told>
            <Told of={say("services.comes")}>{offer.comes}</Told>
            <Told of={say("services.long")}>{offer.takes}</Told>
            <Told of={say("services.bring")}>
              <ul className="list-disc ps-5">
                {offer.bring.map((one) => (
                  <li key={one}>{one}</li>
                ))}
              </ul>
            </Told>
          </dl>
          {asked === offer.service ? (
            <Begin service={offer.service} onBegun={onBegun} />
          ) : (
            <button
              type="button"
              className="door-button door-main mb-5"
              aria-describedby={`offer-${offer.service}`}
              onClick={() => setAsked(offer.service)}
            >
              {say("apply.ask")}
            </button>
          )}
        </details>
      ))}
    </section>
  );
}

function Told({ of, children }: { of: string; children: React.ReactNode }) {
  return (
    <div className="mb-3">
      <dt className="soft">{of}</dt>
      <dd>{children}</dd>
    </div>
  );
}
