package civitane.core.services.paidleave;

import civitane.core.facts.Answers;
import civitane.core.time.WorkingDays;
import java.time.LocalDate;

/** Whether the employer was told in time. */
final class LeaveNotice {
  private final Answers answers;
  private final PaidLeaveTerms terms;

  LeaveNotice(Answers answers, PaidLeaveTerms terms) {
    this.answers = answers;
    this.terms = terms;
  }

  /** Leave for safety, and notice excused, are never late. */
  boolean isExcused() {
    return "safety".equals(answers.text("reason")) || answers.flag("lateExcused", false);
  }

  /** Whether it came late for an absence from that day; {@code noticeOn} must be there. */
  boolean isLate(LocalDate absentFrom) {
    if (isExcused()) {
      return false;
    }
    var noticeOn = answers.date("noticeOn");
    if (!answers.flag("unforeseen", false)) {
      return noticeOn.isAfter(absentFrom.minusDays(terms.noticeDays()));
    }
    var writtenOn = answers.date("writtenNoticeOn");
    return noticeOn.isAfter(WorkingDays.add(absentFrom, 1))
        || writtenOn == null
        || writtenOn.isAfter(absentFrom.plusDays(terms.writtenNoticeDays()));
  }
}
