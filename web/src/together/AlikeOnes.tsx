import { Link } from "@tanstack/react-router";
import { useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done, type Schemas } from "../api/client";
import { LetterShown } from "../claim/LetterShown";
import { decisionLetter, useLetterShown } from "../claim/useLetterShown";
import { useTrying } from "../parts/useTrying";

interface Props {
  group: Schemas["Alike"];
  onDecided: (outcomes: Schemas["Became"][]) => void;
}

/** Claims of one service that come out alike: what is not plain is taken out, then the rest is decided. */
export function AlikeOnes({ group, onDecided }: Props) {
  const { t } = useTranslation();
  const [attempt, refusal] = useTrying();
  const plain = group.claims.filter((one) => one.apart.length === 0).map((one) => one.number);
  const [chosen, setChosen] = useState(new Set(plain));
  const grant = group.outcome === "entitled";
  const decide = () =>
    attempt(async () =>
      onDecided(
        await done(
          api.POST("/api/alike/decision", {
            body: {
              grant,
              claims: group.claims
                .filter((one) => chosen.has(one.number))
                .map(({ number, version }) => ({ number, version })),
            },
          }),
        ),
      ),
    );
  const toggle = (number: string) => {
    const next = new Set(chosen);
    if (!next.delete(number)) next.add(number);
    setChosen(next);
  };
  const title = `${group.title}: ${t(`margin.${group.outcome}`)}`;
  return (
    <section className="mb-6 max-w-[75rem]" aria-label={title}>
      <h2 className="head">
        <span>{title}</span>
        <span>{group.claims.length}</span>
      </h2>
      <ul>
        {group.claims.map((one) => (
          <AlikeClaim
            key={one.number}
            claim={one}
            grant={grant}
            isChosen={chosen.has(one.number)}
            onToggle={() => toggle(one.number)}
          />
        ))}
      </ul>
      <button
        type="button"
        className="btn btn-primary btn-sm mt-3"
        disabled={chosen.size === 0}
        onClick={decide}
      >
        {t(grant ? "alike.grant" : "alike.refuse", { count: chosen.size })}
      </button>
      {refusal && (
        <p role="alert" className="wrong">
          {refusal}
        </p>
      )}
    </section>
  );
}

interface OneProps {
  claim: Schemas["AlikeClaim"];
  grant: boolean;
  isChosen: boolean;
  onToggle: () => void;
}

/** One of them: what it would bring, why it may want a look of its own, and its letter as it would go out. */
function AlikeClaim({ claim, grant, isChosen, onToggle }: OneProps) {
  const { t } = useTranslation();
  const { letter, refusal, show, close } = useLetterShown();
  return (
    <li className="border-b border-base-300 py-2 grid grid-cols-[minmax(16rem,22rem)_minmax(0,1fr)_auto] gap-4 items-baseline stacks">
      <label className="inline-flex items-baseline gap-3">
        <input
          type="checkbox"
          className="checkbox checkbox-sm"
          checked={isChosen}
          aria-label={t("alike.choose", { name: claim.name, number: claim.number })}
          onChange={onToggle}
        />
        <span>
          <span className="case text-lg">{claim.name}</span>
          <Link to="/claims/$number" params={{ number: claim.number }} className="plain-link small block">
            {claim.number}
          </Link>
        </span>
      </label>
      <span>
        {claim.awards.map((award) => (
          <span key={award} className="block">
            {award}
          </span>
        ))}
        {claim.because.map((why) => (
          <span key={why} className="block">
            {why}
          </span>
        ))}
        {claim.apart.map((why) => (
          <span key={why} className="block small">
            <span className="font-semibold">{t("alike.apart")}</span> {why}
          </span>
        ))}
        {refusal && (
          <span role="alert" className="wrong block">
            {refusal}
          </span>
        )}
      </span>
      <button
        type="button"
        className="plain-link small"
        aria-label={t("alike.letterOf", { name: claim.name })}
        onClick={() => show(decisionLetter(claim.number, { grant }))}
      >
        {t("alike.letter")}
      </button>
      {letter && (
        <LetterShown title={t("claim.letterTitle", { name: claim.name })} letter={letter} onClose={close} />
      )}
    </li>
  );
}
