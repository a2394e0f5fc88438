package civitane.core.services.paidleave;

import civitane.core.facts.PaperKind;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.rules.IdentityTest;
import civitane.core.rules.IncomeChart;
import civitane.core.rules.PaperWants;
import civitane.core.rules.Question;
import civitane.core.rules.QuestionKind;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Service;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.rules.Test;
import civitane.core.rules.Wording;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Pay while a person cannot work. */
public final class PaidLeave implements Service {
  private static final Set<String> EXCLUDING = Set.of("unemployment", "injury");
  private static final String INTERMITTENT = "intermittent";

  @Override
  public String word() {
    return "paidLeave";
  }

  @Override
  public String title() {
    return "Paid leave";
  }

  @Override
  public StandardTime standardTime() {
    return StandardTime.workingDays(9);
  }

  @Override
  public QuickCheck quickCheck() {
    return QuickCheck.of(
        "reason",
        "complication",
        "pattern",
        "lastWorkedOn",
        "absentFrom",
        "benefitFrom",
        "returnOn",
        "hoursPerWeek",
        "hoursOff",
        "noticeOn",
        "employers",
        "otherPay");
  }

  @Override
  public List<IncomeChart> charts(RateBook rates) {
    var terms = PaidLeaveTerms.of(rates);
    return List.of(
        IncomeChart.flat("best quarter at least", "a quarter", terms.highestQuarterFrom()),
        IncomeChart.flat("paid at most", "a week", terms.weeklyMaximum()),
        IncomeChart.flat("paid at least", "a week", terms.weeklyMinimum()));
  }

  @Override
  public List<Question> questions() {
    return List.of(
        Question.of("person", QuestionKind.PERSON),
        Question.choice(
                "reason", "ownIllness", "familyCare", "birth", "adoption", "safety", "military")
            .calls("medicalCertificate", "relationProof", "serviceOrder"),
        Question.of("complication", QuestionKind.FLAG).otherwise("no").when("reason", "birth"),
        Question.choice("pattern", "continuous", INTERMITTENT),
        Question.of("lastWorkedOn", QuestionKind.DATE).when("pattern", "continuous"),
        Question.of("absentFrom", QuestionKind.DATE),
        Question.of("benefitFrom", QuestionKind.DATE),
        Question.of("returnOn", QuestionKind.DATE),
        Question.of("hoursPerWeek", QuestionKind.NUMBER),
        Question.of("hoursOff", QuestionKind.NUMBER).when("pattern", INTERMITTENT),
        Question.of("unforeseen", QuestionKind.FLAG).otherwise("no"),
        Question.of("noticeOn", QuestionKind.DATE),
        Question.of("writtenNoticeOn", QuestionKind.DATE).when("unforeseen", "true"),
        Question.of("lateExcused", QuestionKind.FLAG).otherwise("no"),
        Question.groups(
                "employers",
                Question.of("name", QuestionKind.TEXT).forTheFile(),
                Question.of("occupation", QuestionKind.TEXT).forTheFile(),
                Question.of("quarters", QuestionKind.MONEY_BY_QUARTER))
            .otherwise("none")
            .calls("employmentConfirmation"),
        Question.group(
                "selfEmployed",
                Question.of("enrolled", QuestionKind.FLAG),
                Question.of("quarters", QuestionKind.MONEY_BY_QUARTER))
            .otherwise("not self-employed"),
        Question.groups(
                "otherPay",
                Question.choice("kind", "employerLeave", "sickPay", "unemployment", "injury"),
                Question.of("weekly", QuestionKind.MONEY),
                Question.choice("state", "paid", "applied"))
            .otherwise("none"),
        Question.groups(
                "earlier",
                Question.of("from", QuestionKind.DATE),
                Question.of("weeks", QuestionKind.NUMBER),
                Question.choice("state", "used", "pending"))
            .otherwise("none")
            .filledIn(),
        Question.group(
                "withhold",
                Question.of("national", QuestionKind.FLAG).otherwise("no"),
                Question.of("district", QuestionKind.FLAG).otherwise("no"))
            .otherwise("none"));
  }

  @Override
  public Result determine(Situation it) {
    var terms = PaidLeaveTerms.of(it.rates());
    var notice = new LeaveNotice(it.answers(), terms);
    var late = isLate(it, notice);
    var reason = it.answers().text("reason");
    return it.determination()
        .test(it.check("PL-REASON")
            .needs("reason")
            .orMet(() -> "The reason is " + Wording.spoken(reason) + "."))
        .test(enrolledTest(it))
        .test(datesTest(it))
        .test(earnedTest(it, terms))
        .test(otherPayTest(it))
        .test(leftTest(it, terms))
        .test(noticeTest(it, notice, late, terms))
        .determineOnly(() -> IdentityTest.standard(it, it.personIn("person")))
        .determineOnly(() -> papers(it).test())
        .note(
            Boolean.TRUE.equals(late),
            "lateNotice",
            () -> "Notice came late, so the first " + terms.lateWaitDays() + " days are unpaid.")
        .aid("basePeriod", () -> base(it) == null ? null : base(it).byQuarter())
        .aid("leave", () -> balance(it, terms))
        .award(() -> pay(it, terms, late).amounts())
        .working(() -> isComplete(it, late) ? pay(it, terms, late).lines() : List.of())
        .result(word());
  }

  private static Test enrolledTest(Situation it) {
    var own = it.answers().group("selfEmployed");
    if (own == null || !it.answers().groups("employers").isEmpty()) {
      return Test.notApplicable(
          "PL-ENROLLED", () -> "Enrolment is asked only of those who work for themselves alone.");
    }
    return it.check("PL-ENROLLED")
        .needs("selfEmployed/enrolled")
        .must(own.flag("enrolled"), () -> "The self-employed person is not enrolled.")
        .orMet(() -> "The self-employed person is enrolled.");
  }

  private static Test datesTest(Situation it) {
    var answers = it.answers();
    var absent = answers.date("absentFrom");
    var from = answers.date("benefitFrom");
    var back = answers.date("returnOn");
    var worked = answers.date("lastWorkedOn");
    var check = it.check("PL-DATES")
        .needs("pattern")
        .needs("absentFrom")
        .needs("benefitFrom")
        .needs("returnOn")
        .doubtIf(
            absent != null && from != null && absent.isAfter(from),
            () -> "Benefit is asked from before the absence.")
        .doubtIf(
            from != null && back != null && !from.isBefore(back),
            () -> "The return lies on or before the first day.");
    if (isContinuous(it)) {
      check
          .needs("lastWorkedOn")
          .doubtIf(
              worked != null && absent != null && worked.isAfter(absent),
              () -> "The last day worked lies after the absence began.");
    }
    return check.orMet(() -> "The dates follow each other.");
  }

  private static boolean isContinuous(Situation it) {
    return "continuous".equals(it.answers().text("pattern"));
  }

  private static @Nullable BasePeriod base(Situation it) {
    var absent = it.answers().date("absentFrom");
    return absent == null ? null : BasePeriod.of(absent, it.answers());
  }

  /** Weeks of leave by what became of them; null while the first day is not known. */
  private static @Nullable Object balance(Situation it, PaidLeaveTerms terms) {
    var from = it.answers().date("benefitFrom");
    return from == null ? null : LeaveBalance.of(it.answers(), from, terms).parts();
  }

  private static Test earnedTest(Situation it, PaidLeaveTerms terms) {
    var base = base(it);
    var wanted = terms.highestQuarterFrom();
    var check = it.check("PL-EARNED").needs("absentFrom").uses("employers").uses("selfEmployed");
    if (base == null) {
      return check.orMet(() -> "");
    }
    var highest = base.highest();
    return check
        .must(
            wanted.isWithin(highest),
            () -> "The best quarter of the base period came to " + highest + ", below " + wanted
                + ", by " + wanted.minus(highest) + ".")
        .comparing(highest, wanted)
        .changedBy(() -> "Earnings higher by " + wanted.minus(highest)
            + " in the best base quarter would meet it.")
        .orMet(() -> "The best quarter of the base period came to " + highest + ", at least "
            + wanted + ".");
  }

  private static Test otherPayTest(Situation it) {
    var check = it.check("PL-OTHERPAY").uses("otherPay");
    var others = it.answers().groups("otherPay");
    for (var i = 0; i < others.size(); i++) {
      var kind = others.get(i).text("kind");
      var state = others.get(i).text("state");
      check.needs("otherPay/" + i + "/kind");
      if (kind != null && EXCLUDING.contains(kind)) {
        check.needs("otherPay/" + i + "/state");
        check.must(!"paid".equals(state), () -> "There is " + kind + " pay for the same time.");
        check.doubtIf(
            "applied".equals(state), () -> "There is an open claim for " + kind + " pay.");
      }
    }
    return check.orMet(() -> "No pay is received that excludes leave pay.");
  }

  private static Test leftTest(Situation it, PaidLeaveTerms terms) {
    var from = it.answers().date("benefitFrom");
    var check = it.check("PL-LEFT").needs("benefitFrom").uses("earlier");
    if (it.answers().flag("complication", false)) {
      check.needs("reason");
    }
    var earlier = it.answers().groups("earlier");
    for (var i = 0; i < earlier.size(); i++) {
      check
          .needs("earlier/" + i + "/from")
          .needs("earlier/" + i + "/weeks")
          .needs("earlier/" + i + "/state");
    }
    if (from == null) {
      return check.orMet(() -> "");
    }
    var balance = LeaveBalance.of(it.answers(), from, terms);
    var left = balance.left();
    return check
        .must(
            balance.afterUsed().isPositive(),
            () -> "All " + balance.weeks().plain() + " weeks are used.")
        .doubtIf(
            !left.isPositive(),
            () -> "What is left after " + balance.used().plain()
                + " weeks used is asked for in another claim.")
        .comparing(left, Amount.ZERO)
        .orMet(() -> "Of " + balance.weeks().plain() + " weeks " + left.plain() + " are left.");
  }

  private static @Nullable Boolean isLate(Situation it, LeaveNotice notice) {
    if (notice.isExcused()) {
      return false;
    }
    var absent = it.answers().date("absentFrom");
    return absent == null || !it.answers().has("noticeOn")
        ? null
        : Boolean.valueOf(notice.isLate(absent));
  }

  private static Test noticeTest(
      Situation it, LeaveNotice notice, @Nullable Boolean late, PaidLeaveTerms terms) {
    var check = it.check("PL-NOTICE");
    if (!notice.isExcused()) {
      check.needs("noticeOn").needs("absentFrom").uses("writtenNoticeOn");
    }
    if (INTERMITTENT.equals(it.answers().text("pattern"))) {
      var hours = it.answers().number("hoursPerWeek");
      check
          .needs("hoursOff")
          .needs("hoursPerWeek")
          .doubtIf(hours != null && hours.isZero(), () -> "Weekly hours of 0 can't be right.");
    }
    var others = it.answers().groups("otherPay");
    for (var i = 0; i < others.size(); i++) {
      if (LeavePay.isFromEmployer(others.get(i))) {
        check.needs("otherPay/" + i + "/state");
        if (LeavePay.isPaid(others.get(i))) {
          check.needs("otherPay/" + i + "/weekly");
        }
      }
    }
    return check.orMet(() -> Boolean.TRUE.equals(late)
        ? "The employer was told late, so the first " + terms.lateWaitDays() + " days are unpaid."
        : "The employer was told in time, or need not be.");
  }

  private static boolean isComplete(Situation it, @Nullable Boolean late) {
    var answers = it.answers();
    if (late == null || !answers.has("absentFrom") || !answers.has("benefitFrom")) {
      return false;
    }
    var hours = answers.number("hoursPerWeek");
    return INTERMITTENT.equals(answers.text("pattern"))
        ? answers.has("hoursOff") && hours != null && !hours.isZero()
        : answers.has("returnOn");
  }

  private static LeavePay pay(Situation it, PaidLeaveTerms terms, boolean late) {
    var balance = LeaveBalance.of(it.answers(), it.answers().date("benefitFrom"), terms);
    return new LeavePay(it.answers(), terms, base(it), balance, late);
  }

  private static PaperWants papers(Situation it) {
    var papers = PaperWants.of(it);
    var employers = it.answers().groups("employers").size();
    if (employers > 0) {
      papers.any(employers, PaperKind.EMPLOYMENT_CONFIRMATION);
    }
    var reason = it.answers().text("reason");
    return switch (reason == null ? "" : reason) {
      case "ownIllness", "familyCare", "birth" -> papers.any(PaperKind.MEDICAL_CERTIFICATE);
      case "adoption" -> papers.any(PaperKind.RELATION_PROOF);
      case "military" -> papers.any(PaperKind.SERVICE_ORDER);
      default -> papers;
    };
  }
}
