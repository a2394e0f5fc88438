import { useTranslation } from "react-i18next";
import type { Schemas } from "../api/client";
import { ReadField } from "./ReadField";
import { fieldOf, type PaperShows } from "./shownFacts";

interface Props {
  facts: PaperShows[];
  today: string;
  proposed: (field: string) => Schemas["Proposal"] | undefined;
  onField: (field: string) => void;
}

/** The facts of the claim that a paper shows, each typed beside what was said of it. */
export function FactRows({ facts, today, proposed, onField }: Props) {
  const { t } = useTranslation();
  return facts.map((fact) => (
    <tr key={fact.place} className="align-top border-t border-base-300">
      <td className="py-2 small">{fact.label}</td>
      <td className="py-2 case">
        {fact.said}
        {fact.shown && <span className="block small soft">□ {fact.shown}</span>}
      </td>
      <td className="py-1">
        <ReadField
          name={fieldOf(fact)}
          label={fact.label}
          example={fact.every ? t("paper.recurringExample") : undefined}
          monthly={Boolean(fact.every)}
          today={fact.form === "date" ? today : undefined}
          proposed={() => (fact.proposal ? proposed(fact.proposal) : undefined)}
          onField={() => onField(fact.proposal ?? fieldOf(fact))}
        />
      </td>
    </tr>
  ));
}
