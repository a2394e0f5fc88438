package civitane.core.services.studyadjustments;

import civitane.core.facts.Word;
import java.util.List;

/** What a condition limits, and the adjustments for it. */
public enum StudyLimit implements Word {
  ATTENDANCE(Adjustment.FLEXIBLE_ATTENDANCE),
  CONCENTRATION(Adjustment.EXTRA_TIME, Adjustment.QUIET_ROOM),
  HEARING(Adjustment.CAPTIONING, Adjustment.SIGN_INTERPRETER),
  MOBILITY(Adjustment.STEP_FREE_ROOMS, Adjustment.ACCESSIBLE_DESK),
  NOTE_TAKING(Adjustment.NOTE_TAKER, Adjustment.RECORD_LECTURES),
  READING(Adjustment.ALTERNATIVE_FORMATS, Adjustment.EXTRA_TIME),
  SEEING(Adjustment.ALTERNATIVE_FORMATS, Adjustment.SCREEN_READER),
  STAMINA(Adjustment.REST_BREAKS, Adjustment.FLEXIBLE_DEADLINES),
  WRITING(Adjustment.DICTATION, Adjustment.EXTRA_TIME);

  private final List<Adjustment> adjustments;

  StudyLimit(Adjustment... adjustments) {
    this.adjustments = List.of(adjustments);
  }

  List<Adjustment> adjustments() {
    return adjustments;
  }
}
