import { useTranslation } from "react-i18next";
import { Key } from "../parts/Keys";
import type { QuestionProps } from "./matter";
import { offerFor } from "./offers";

/** What another part has told already, to be taken with a key; it is the household's word only once it is taken. */
export function Offered({
  handle,
  pointer,
  path,
  matter,
}: Pick<QuestionProps, "handle" | "pointer" | "path" | "matter">) {
  const { t } = useTranslation();
  const offer = offerFor(handle.draft.packet, matter.service, path, pointer);
  if (!offer) return null;
  return (
    <button
      type="button"
      tabIndex={-1}
      className="small text-left block cursor-pointer mt-0.5"
      data-offer={pointer}
      onClick={() => handle.set(pointer, offer.value)}
    >
      <Key of="Alt+U" /> <span className="plain-link case">{offer.words}</span>{" "}
      <span className="soft">{t(`offered.${offer.from}`)}</span>
    </button>
  );
}

/** Takes what is offered for the field that has the focus, or for the question it is in. */
export function takeOffered() {
  const here = document.activeElement as HTMLElement | null;
  const own = document.querySelector<HTMLElement>(`[data-offer="${here?.dataset.pointer ?? ""}"]`);
  const near = own ?? here?.closest("[data-question]")?.querySelector<HTMLElement>("[data-offer]");
  near?.click();
}
