package civitane.core.services.paidleave;

import civitane.core.facts.PaperKind;
import civitane.core.facts.Word;
import org.jspecify.annotations.Nullable;

/** Why a person cannot work, and the paper that shows it. */
public enum LeaveReason implements Word {
  OWN_ILLNESS(PaperKind.MEDICAL_CERTIFICATE),
  FAMILY_CARE(PaperKind.MEDICAL_CERTIFICATE),
  BIRTH(PaperKind.MEDICAL_CERTIFICATE),
  ADOPTION(PaperKind.RELATION_PROOF),
  SAFETY(null),
  MILITARY(PaperKind.SERVICE_ORDER);

  private final @Nullable PaperKind paper;

  LeaveReason(@Nullable PaperKind paper) {
    this.paper = paper;
  }

  /** The paper that shows it; null where none is required. */
  @Nullable
  PaperKind paper() {
    return paper;
  }
}
