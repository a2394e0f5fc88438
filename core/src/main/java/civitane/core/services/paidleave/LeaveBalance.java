package civitane.core.services.paidleave;

import civitane.core.facts.Answers;
import civitane.core.money.Amount;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;

/** Weeks of leave: what there is, what is used, and what other claims are waiting for. */
record LeaveBalance(Amount weeks, Amount used, Amount pending) {
  private static final int YEAR_OF_LEAVE = 364;

  static LeaveBalance of(Answers answers, LocalDate benefitFrom, PaidLeaveTerms terms) {
    var complicated = "birth".equals(answers.text("reason")) && answers.flag("complication", false);
    var weeks = complicated ? terms.weeks().plus(terms.complicationWeeks()) : terms.weeks();
    return new LeaveBalance(
        weeks, sum(answers, benefitFrom, "used"), sum(answers, benefitFrom, "pending"));
  }

  private static Amount sum(Answers answers, LocalDate benefitFrom, String state) {
    var opens = benefitFrom.minusDays(YEAR_OF_LEAVE);
    var sum = Amount.ZERO;
    for (var earlier : answers.groups("earlier")) {
      var from = earlier.date("from");
      var weeks = earlier.number("weeks");
      if (from != null
          && weeks != null
          && state.equals(earlier.text("state"))
          && !from.isBefore(opens)
          && from.isBefore(benefitFrom)) {
        sum = sum.plus(weeks);
      }
    }
    return sum;
  }

  Amount afterUsed() {
    return weeks.minus(used);
  }

  /** Weeks in all, used, pending and left. */
  Map<String, Amount> parts() {
    var parts = new LinkedHashMap<String, Amount>();
    parts.put("weeks", weeks);
    parts.put("used", used);
    parts.put("pending", pending);
    parts.put("left", left().notBelowZero());
    return parts;
  }

  Amount left() {
    return afterUsed().minus(pending);
  }
}
