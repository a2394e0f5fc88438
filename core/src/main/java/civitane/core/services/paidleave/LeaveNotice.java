package civitane.core.services.paidleave;

import civitane.core.time.WorkingDays;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** Whether the employer was told in time. */
final class LeaveNotice {
  private final PaidLeaveAnswers answers;
  private final PaidLeaveTerms terms;

  LeaveNotice(PaidLeaveAnswers answers, PaidLeaveTerms terms) {
    this.answers = answers;
    this.terms = terms;
  }

  /** Leave for safety, and notice excused, are never late. */
  boolean isExcused() {
    return answers.reason() == LeaveReason.SAFETY || answers.lateExcused();
  }

  /** Whether it came late; null while that can't be told. */
  @Nullable
  Boolean isLate() {
    if (isExcused()) {
      return false;
    }
    return answers.absentFrom() == null || answers.noticeOn() == null
        ? null
        : Boolean.valueOf(isLate(answers.absentFrom(), answers.noticeOn()));
  }

  private boolean isLate(LocalDate absentFrom, LocalDate noticeOn) {
    if (!answers.unforeseen()) {
      return noticeOn.isAfter(absentFrom.minusDays(terms.noticeDays()));
    }
    var writtenOn = answers.writtenNoticeOn();
    return noticeOn.isAfter(WorkingDays.add(absentFrom, 1))
        || writtenOn == null
        || writtenOn.isAfter(absentFrom.plusDays(terms.writtenNoticeDays()));
  }
}
