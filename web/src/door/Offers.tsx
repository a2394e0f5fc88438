import { lazy, Suspense, useState } from "react";
import type { Schemas } from "../api/client";
import { Begin } from "./Begin";
import { useSay, useTongue } from "./words";

// Who only looks what there is does without it.
const LookFirst = lazy(() => import("./LookFirst").then((read) => ({ default: read.LookFirst })));

interface Props {
  offers: Schemas["DoorOffer"][];
  onBegun: () => Promise<unknown>;
}

/** What can be asked for, each told before anybody begins: for whom, what it comes to, how long, what to bring. */
export function Offers({ offers, onBegun }: Props) {
  const say = useSay();
  const language = useTongue();
  const [asked, setAsked] = useState("");
  const [looked, setLooked] = useState("");
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
          {looked === offer.service ? (
            <Suspense fallback={null}>
              <LookFirst service={offer.service} />
            </Suspense>
          ) : (
            <button
              type="button"
              className="door-button mb-3 block"
              aria-describedby={`offer-${offer.service}`}
              onClick={() => setLooked(offer.service)}
            >
              {say("look.open")}
            </button>
          )}
          <p className="mb-3">
            <a
              className="plain-link"
              aria-describedby={`offer-${offer.service}`}
              href={`/api/door/blank-form/${offer.service}?language=${language}`}
            >
              {say("look.form")}
            </a>
          </p>
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
