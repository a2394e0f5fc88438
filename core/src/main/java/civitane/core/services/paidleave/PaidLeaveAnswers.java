package civitane.core.services.paidleave;

import civitane.core.facts.As;
import civitane.core.facts.Asked;
import civitane.core.facts.Form;
import civitane.core.facts.Outside;
import civitane.core.facts.PaperKind;
import civitane.core.facts.PartyKind;
import civitane.core.money.Amount;
import civitane.core.time.Quarter;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What Paid Leave asks beyond the household's facts.
 *
 * @param returnOn the first day back at work
 * @param hoursOff hours off in all, of intermittent leave
 * @param writtenNoticeOn the day the employer was told in writing
 */
public record PaidLeaveAnswers(
    @As(Form.PERSON) @Nullable String person,

    @Asked(
        calls = {PaperKind.MEDICAL_CERTIFICATE, PaperKind.RELATION_PROOF, PaperKind.SERVICE_ORDER})
    @Nullable
    LeaveReason reason,

    @Asked(when = "reason", is = "birth") boolean complication,
    @Nullable LeavePattern pattern,

    @Asked(when = "pattern", is = "continuous", shownBy = PaperKind.EMPLOYMENT_CONFIRMATION)
    @Nullable
    LocalDate lastWorkedOn,

    @Asked(shownBy = PaperKind.EMPLOYMENT_CONFIRMATION) @Nullable
    LocalDate absentFrom,

    @Nullable LocalDate benefitFrom,
    @Nullable LocalDate returnOn,

    @As(Form.NUMBER) @Asked(shownBy = PaperKind.EMPLOYMENT_CONFIRMATION) @Nullable
    Amount hoursPerWeek,

    @As(Form.NUMBER) @Asked(when = "pattern", is = "intermittent") @Nullable
    Amount hoursOff,

    boolean unforeseen,

    @Asked(shownBy = PaperKind.EMPLOYMENT_CONFIRMATION) @Nullable
    LocalDate noticeOn,

    @Asked(when = "unforeseen", is = "true") @Nullable LocalDate writtenNoticeOn,
    @Asked(filledIn = true) boolean lateExcused,

    @Asked(orNone = true, calls = PaperKind.EMPLOYMENT_CONFIRMATION) @Nullable
    List<Employer> employers,

    @Asked(optional = true) @Nullable SelfEmployed selfEmployed,
    @Asked(optional = true) List<OtherPay> otherPay,

    @Asked(optional = true, filledIn = true, knownAs = "leaveTaken")
    List<Earlier> earlier,

    @Asked(optional = true) @Nullable Withhold withhold) {

  /** An employer with euros earned by quarter. */
  public record Employer(
      @Outside(PartyKind.EMPLOYER) @Asked(forTheFile = true) @Nullable
      String name,

      @Asked(forTheFile = true) @Nullable String occupation,
      @Asked(knownAs = "wageQuarters") @Nullable Map<Quarter, Amount> quarters) {}

  /** Self-employment with euros earned by quarter; it counts where enrolled. */
  public record SelfEmployed(
      @Nullable Boolean enrolled, @Nullable Map<Quarter, Amount> quarters) {}

  /** Other pay for the same time, in euros a week. */
  public record OtherPay(
      @Nullable OtherPayKind kind,
      @Nullable Amount weekly,
      @Nullable OtherPayState state) {}

  /** Weeks of leave of another claim. */
  public record Earlier(
      @Nullable LocalDate from,
      @As(Form.NUMBER) @Nullable Amount weeks,
      @Nullable EarlierState state) {}

  /** Which taxes are kept back. */
  public record Withhold(boolean national, boolean district) {}

  /** The employers as far as they were listed. */
  List<Employer> listedEmployers() {
    return employers == null ? List.of() : employers;
  }

  boolean isContinuous() {
    return pattern == LeavePattern.CONTINUOUS;
  }

  boolean isIntermittent() {
    return pattern == LeavePattern.INTERMITTENT;
  }
}
