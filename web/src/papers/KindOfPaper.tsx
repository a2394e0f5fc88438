import { spoken, vocabulary } from "../i18n/words";
import { Pick } from "../parts/Pick";

const KINDS = vocabulary("paperKind");

interface Props {
  label: string;
  kind: string;
  onKind: (kind: string) => void;
}

/** What kind of paper it is, found by typing. */
export function KindOfPaper({ label, kind, onKind }: Props) {
  return (
    <div className="flex flex-col gap-0.5 flex-1 min-w-28">
      <span className="soft small">{label}</span>
      <Pick
        label={label}
        className="w-full"
        value={kind || undefined}
        options={KINDS.map((one) => ({ id: one, words: spoken(one, "paperKind") }))}
        onPick={(taken) => taken && onKind(taken)}
      />
    </div>
  );
}
