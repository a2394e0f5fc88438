package civitane.core.services.paidleave;

import civitane.core.facts.ConsentTo;
import civitane.core.facts.Frequency;
import civitane.core.facts.Household;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Statement;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.reasons.Argument;
import civitane.core.reasons.ReasonCode;
import civitane.core.rules.Check;
import civitane.core.rules.Entitlement;
import civitane.core.rules.IdentityRule;
import civitane.core.rules.IncomeChart;
import civitane.core.rules.PaperWants;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** Pay while a person cannot work. */
public final class PaidLeave implements Entitlement<PaidLeaveAnswers> {

  @Override
  public List<Statement> ownStatements() {
    return List.of(Statement.SHARE, Statement.NOT_WORKING);
  }

  @Override
  public List<ConsentTo> others() {
    return List.of(ConsentTo.EMPLOYER, ConsentTo.DOCTOR);
  }

  @Override
  public String word() {
    return "paidLeave";
  }

  @Override
  public Class<PaidLeaveAnswers> answers() {
    return PaidLeaveAnswers.class;
  }

  @Override
  public List<? extends ReasonCode> reasons() {
    return List.of(Why.values());
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
        IncomeChart.flat(Why.CHART_QUARTER.with(), Frequency.QUARTERLY, terms.highestQuarterFrom()),
        IncomeChart.flat(Why.CHART_MOST.with(), Frequency.WEEKLY, terms.weeklyMaximum()),
        IncomeChart.flat(Why.CHART_LEAST.with(), Frequency.WEEKLY, terms.weeklyMinimum()));
  }

  @Override
  public PaidLeaveAids aids(Situation<PaidLeaveAnswers> it) {
    var answers = it.answers();
    var terms = PaidLeaveTerms.of(it.rates());
    return new PaidLeaveAids(
        answers.absentFrom() == null
            ? null
            : BasePeriod.of(answers.absentFrom(), answers).earnings(),
        answers.benefitFrom() == null
            ? null
            : LeaveBalance.of(answers, answers.benefitFrom(), terms));
  }

  @Override
  public Result determine(Situation<PaidLeaveAnswers> it) {
    var terms = PaidLeaveTerms.of(it.rates());
    var notice = new LeaveNotice(it.answers(), terms);
    var late = notice.isLate();
    var person = it.person(it.answers().person());
    return it.determination()
        .check(reasonCheck(it))
        .check(enrolledCheck(it))
        .check(datesCheck(it))
        .check(earnedCheck(it, terms))
        .check(otherPayCheck(it))
        .check(leftCheck(it, terms))
        .check(noticeCheck(it, notice, late, terms))
        .determineOnly(() -> IdentityRule.standard(it, person))
        .determineOnly(() -> papers(it).check())
        .note(
            Boolean.TRUE.equals(late),
            () -> Why.LATE_NOTICE.with(Argument.days(terms.lateWaitDays())))
        .amounts(() -> pay(it, terms, known(late)).amounts())
        .awards(() -> pay(it, terms, known(late))
            .awards(it.who(person.orElse(it.household().applicant()))))
        .working(
            isComplete(it.answers(), late), () -> pay(it, terms, known(late)).lines())
        .result(word());
  }

  /** PL-REASON: why is said. */
  private static Check reasonCheck(Situation<PaidLeaveAnswers> it) {
    var reason = it.answers().reason();
    return it.check("PL-REASON")
        .needs("reason", reason)
        .orMet(() -> Why.REASON_GIVEN.with(Argument.term(known(reason))));
  }

  /** PL-ENROLLED: who works for themselves alone has enrolled. */
  private static Check enrolledCheck(Situation<PaidLeaveAnswers> it) {
    var own = it.answers().selfEmployed();
    if (own == null || !it.answers().listedEmployers().isEmpty()) {
      return it.check("PL-ENROLLED").notApplicable(Why.ENROLMENT_NOT_ASKED.with());
    }
    return it.check("PL-ENROLLED")
        .needs("selfEmployed/enrolled", own.enrolled())
        .must(own.enrolled(), Why.NOT_ENROLLED::with)
        .orMet(Why.ENROLLED::with);
  }

  /** PL-DATES: the dates follow each other. */
  private static Check datesCheck(Situation<PaidLeaveAnswers> it) {
    var answers = it.answers();
    var absent = answers.absentFrom();
    var from = answers.benefitFrom();
    var back = answers.returnOn();
    var worked = answers.lastWorkedOn();
    var check = it.check("PL-DATES")
        .needs("pattern", answers.pattern())
        .needs("absentFrom", absent)
        .needs("benefitFrom", from)
        .needs("returnOn", back)
        .doubtIf(
            absent != null && from != null && absent.isAfter(from),
            Why.BENEFIT_BEFORE_ABSENCE::with)
        .doubtIf(
            from != null && back != null && !from.isBefore(back), Why.RETURN_BEFORE_START::with);
    if (answers.isContinuous()) {
      check
          .needs("lastWorkedOn", worked)
          .doubtIf(
              worked != null && absent != null && worked.isAfter(absent),
              Why.WORKED_INTO_ABSENCE::with);
    }
    return check.orMet(Why.DATES_FOLLOW::with);
  }

  /** PL-EARNED: enough was earned in the best quarter of the base period. */
  private static Check earnedCheck(Situation<PaidLeaveAnswers> it, PaidLeaveTerms terms) {
    var absent = it.answers().absentFrom();
    var check =
        it.check("PL-EARNED").needs("absentFrom", absent).uses("employers").uses("selfEmployed");
    if (absent == null) {
      return check.open();
    }
    var highest = BasePeriod.of(absent, it.answers()).highest();
    var needed = terms.highestQuarterFrom();
    var toAsk = earningsToAsk(it.answers());
    if (!needed.isWithin(highest) && !toAsk.isEmpty()) {
      toAsk.forEach(key -> check.needs(key, null));
      return check.open();
    }
    var best = Argument.each(highest, Frequency.QUARTERLY);
    var least = Argument.each(needed, Frequency.QUARTERLY);
    var under = Argument.each(needed.minus(highest), Frequency.QUARTERLY);
    return check
        .comparing(highest, needed)
        .must(needed.isWithin(highest), () -> Why.EARNED_TOO_LITTLE.with(best, least, under))
        .changedBy(() -> Why.EARN_MORE.with(under))
        .orMet(() -> Why.EARNED.with(best, least));
  }

  /** What nobody was asked of the earnings: it may still add up to enough. */
  private static List<String> earningsToAsk(PaidLeaveAnswers answers) {
    if (answers.employers() == null && answers.selfEmployed() == null) {
      return List.of("employers");
    }
    var employers = answers.listedEmployers();
    return IntStream.range(0, employers.size())
        .filter(i -> employers.get(i).quarters() == null)
        .mapToObj(i -> "employers/" + i + "/quarters")
        .toList();
  }

  /** PL-OTHERPAY: no pay is received that excludes leave pay. */
  private static Check otherPayCheck(Situation<PaidLeaveAnswers> it) {
    var check = it.check("PL-OTHERPAY").uses("otherPay");
    var others = it.answers().otherPay();
    for (var i = 0; i < others.size(); i++) {
      var kind = others.get(i).kind();
      var state = others.get(i).state();
      check.needs("otherPay/" + i + "/kind", kind);
      if (kind != null && kind.isExcluding()) {
        check
            .needs("otherPay/" + i + "/state", state)
            .must(state != OtherPayState.PAID, () -> Why.EXCLUDING_PAY.with(Argument.term(kind)))
            .doubtIf(
                state == OtherPayState.APPLIED,
                () -> Why.EXCLUDING_PAY_APPLIED.with(Argument.term(kind)));
      }
    }
    return check.orMet(Why.NO_EXCLUDING_PAY::with);
  }

  /** PL-LEFT: weeks of leave are left. */
  private static Check leftCheck(Situation<PaidLeaveAnswers> it, PaidLeaveTerms terms) {
    var from = it.answers().benefitFrom();
    var check = it.check("PL-LEFT").needs("benefitFrom", from).uses("earlier");
    if (it.answers().complication()) {
      check.needs("reason", it.answers().reason());
    }
    var earlier = it.answers().earlier();
    for (var i = 0; i < earlier.size(); i++) {
      check
          .needs("earlier/" + i + "/from", earlier.get(i).from())
          .needs("earlier/" + i + "/weeks", earlier.get(i).weeks())
          .needs("earlier/" + i + "/state", earlier.get(i).state());
    }
    if (from == null) {
      return check.open();
    }
    var balance = LeaveBalance.of(it.answers(), from, terms);
    var left = balance.remaining();
    return check
        .must(
            balance.afterUsed().isPositive(),
            () -> Why.WEEKS_USED.with(Argument.weeks(balance.weeks())))
        .judgedIf(!left.isPositive(), () -> Why.WEEKS_PENDING.with(Argument.weeks(balance.used())))
        .comparing(left, Amount.ZERO)
        .orMet(() -> Why.WEEKS_LEFT.with(Argument.weeks(balance.weeks()), Argument.weeks(left)));
  }

  /** PL-NOTICE: when the employer was told is known, and what only the amounts need. */
  private static Check noticeCheck(
      Situation<PaidLeaveAnswers> it,
      LeaveNotice notice,
      @Nullable Boolean late,
      PaidLeaveTerms terms) {
    var answers = it.answers();
    var check = it.check("PL-NOTICE");
    if (!notice.isExcused()) {
      check
          .needs("noticeOn", answers.noticeOn())
          .needs("absentFrom", answers.absentFrom())
          .uses("writtenNoticeOn");
    }
    if (answers.isIntermittent()) {
      var hours = answers.hoursPerWeek();
      check
          .needs("hoursOff", answers.hoursOff())
          .needs("hoursPerWeek", hours)
          .doubtIf(hours != null && hours.isZero(), Why.HOURS_ZERO::with);
    }
    var others = answers.otherPay();
    for (var i = 0; i < others.size(); i++) {
      if (LeavePay.isFromEmployer(others.get(i))) {
        check.needs("otherPay/" + i + "/state", others.get(i).state());
        if (LeavePay.isPaid(others.get(i))) {
          check.needs("otherPay/" + i + "/weekly", others.get(i).weekly());
        }
      }
    }
    return check.orMet(() -> Boolean.TRUE.equals(late)
        ? Why.TOLD_LATE.with(Argument.days(terms.lateWaitDays()))
        : Why.TOLD_IN_TIME.with());
  }

  private static boolean isComplete(PaidLeaveAnswers answers, @Nullable Boolean late) {
    if (late == null || answers.absentFrom() == null || answers.benefitFrom() == null) {
      return false;
    }
    var hours = answers.hoursPerWeek();
    return answers.isIntermittent()
        ? answers.hoursOff() != null && hours != null && !hours.isZero()
        : answers.returnOn() != null;
  }

  private static LeavePay pay(Situation<PaidLeaveAnswers> it, PaidLeaveTerms terms, boolean late) {
    var answers = it.answers();
    return new LeavePay(
        answers,
        terms,
        BasePeriod.of(known(answers.absentFrom()), answers),
        LeaveBalance.of(answers, known(answers.benefitFrom()), terms),
        late);
  }

  private static PaperWants papers(Situation<PaidLeaveAnswers> it) {
    var papers = PaperWants.of(it);
    var employers = it.answers().listedEmployers().size();
    if (employers > 0) {
      papers.any(employers, PaperKind.EMPLOYMENT_CONFIRMATION);
    }
    var reason = it.answers().reason();
    return reason == null || reason.paper() == null ? papers : papers.any(reason.paper());
  }

  /** Leave for one's safety may be from somebody at home. */
  @Override
  public boolean isPrivate(PaidLeaveAnswers answers, Household household) {
    return answers.reason() == LeaveReason.SAFETY;
  }
}
