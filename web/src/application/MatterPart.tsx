import type { Schemas } from "../api/client";
import type { DraftHandle } from "../draft/useDraft";
import { Questions } from "../matter/Questions";

interface Props {
  handle: DraftHandle;
  id: string;
  service: string;
  offers: Schemas["Offer"][];
  today: string;
}

/** The questions of one service that is asked for, as the core declares them. */
export function MatterPart({ handle, id, service, offers, today }: Props) {
  const index = handle.draft.packet.requests.findIndex((request) => request.service === service);
  const offer = offers.find((one) => one.service === service);
  if (!offer || index < 0) return null;
  return (
    <Questions
      handle={handle}
      questions={offer.questions}
      at={`/requests/${index}/answers`}
      matter={{ service, id, today }}
    />
  );
}
