import type { ReactNode } from "react";
import { Dialog as Inside, Modal, ModalOverlay } from "react-aria-components";

interface Props {
  title: string;
  onClose: () => void;
  className?: string;
  children: ReactNode;
}

/** A window over the page that must be closed first; Escape closes it, and the focus goes back to where it was. */
export function Dialog({ title, onClose, className, children }: Props) {
  return (
    <ModalOverlay
      isOpen
      isDismissable
      onOpenChange={(open) => open || onClose()}
      className="modal modal-open"
    >
      <Modal className={`modal-box text-base-content whitespace-normal ${className ?? ""}`}>
        <Inside aria-label={title} className="outline-none h-full flex flex-col">
          <h2 className="case text-xl mb-3">{title}</h2>
          {children}
        </Inside>
      </Modal>
    </ModalOverlay>
  );
}
