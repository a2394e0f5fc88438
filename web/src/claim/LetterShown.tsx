import { useTranslation } from "react-i18next";
import { Dialog } from "../parts/Dialog";

interface Props {
  title: string;
  /** The address of the letter, made for this window. */
  letter: string;
  onClose: () => void;
  /** What may be done with it, where it is not only looked at: as it is called, and doing it. */
  send?: { says: string; act: () => void };
}

/** A letter as it would go out. */
export function LetterShown({ title, letter, onClose, send }: Props) {
  const { t } = useTranslation();
  return (
    <Dialog title={title} onClose={onClose} className="max-w-4xl h-[92vh]">
      <iframe className="flex-1 border border-base-300 bg-white" title={title} src={`${letter}#toolbar=0`} />
      <div className="mt-3 flex justify-end gap-3">
        <button type="button" className="btn" onClick={onClose}>
          {t(send ? "claim.cancel" : "tried.close")}
        </button>
        {send && (
          <button type="button" className="btn btn-primary" onClick={send.act}>
            {send.says}
          </button>
        )}
      </div>
    </Dialog>
  );
}
