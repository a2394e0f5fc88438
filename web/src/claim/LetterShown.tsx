import type { ReactNode } from "react";
import { Dialog } from "../parts/Dialog";

interface Props {
  title: string;
  /** The address of the letter, made for this window. */
  letter: string;
  onClose: () => void;
  /** What may be done with it. */
  children: ReactNode;
}

/** A letter as it would go out. */
export function LetterShown({ title, letter, onClose, children }: Props) {
  return (
    <Dialog title={title} onClose={onClose} className="max-w-4xl h-[92vh]">
      <iframe className="flex-1 border border-base-300 bg-white" title={title} src={`${letter}#toolbar=0`} />
      <div className="mt-3 flex justify-end gap-3">{children}</div>
    </Dialog>
  );
}
