package civitane.core.services.decisionappeal;

import civitane.core.awards.Award;
import civitane.core.awards.Recipient;
import civitane.core.awards.What;
import civitane.core.facts.Statement;
import civitane.core.rates.RateBook;
import civitane.core.reasons.ReasonCode;
import civitane.core.rules.Check;
import civitane.core.rules.Entitlement;
import civitane.core.rules.Outcome;
import civitane.core.rules.PaperWants;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.rules.TimeLimit;
import civitane.core.time.LastDay;
import civitane.core.time.WorkingDays;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalInt;

import static civitane.core.facts.Known.known;

/** The household disputes a decision of this office. */
public final class DecisionAppeal implements Entitlement<DecisionAppealAnswers> {

  /** The last day to appeal against a decision that is delivered on a day, without a reason to be late. */
  public static LocalDate lastDay(RateBook rates, LocalDate delivered, LastDay lastDays) {
    return lastDays.of(delivered.plusDays(DecisionAppealTerms.of(rates).days()));
  }

  @Override
  public List<Statement> ownStatements() {
    return List.of(Statement.HEARD_ANEW);
  }

  @Override
  public String word() {
    return "decisionAppeal";
  }

  @Override
  public Class<DecisionAppealAnswers> answers() {
    return DecisionAppealAnswers.class;
  }

  @Override
  public List<? extends ReasonCode> reasons() {
    return List.of(Why.values());
  }

  @Override
  public StandardTime standardTime() {
    return StandardTime.days(50);
  }

  @Override
  public QuickCheck quickCheck() {
    return QuickCheck.of("noticeOn", "deliveredOn", "kind", "grounds", "lateReason", "keepPaying");
  }

  @Override
  public OptionalInt hearingNotice(RateBook rates) {
    return OptionalInt.of(DecisionAppealTerms.of(rates).hearingNoticeDays());
  }

  @Override
  public Result determine(Situation<DecisionAppealAnswers> it) {
    var terms = DecisionAppealTerms.of(it.rates());
    return it.determination()
        .check(groundsCheck(it))
        .check(timeCheck(it, terms))
        .determineOnly(() -> PaperWants.of(it).check())
        .amounts(() -> amounts(it, terms))
        .awards(() -> List.of(
            Award.of(What.HEARING, Recipient.HOUSEHOLD).from(amounts(it, terms).hearingFrom())))
        .result(word());
  }

  /** AP-GROUNDS: why is said; "I disagree" is enough. */
  private static Check groundsCheck(Situation<DecisionAppealAnswers> it) {
    return it.check("AP-GROUNDS")
        .needs("grounds", it.answers().grounds())
        .orMet(Why.GROUNDS_GIVEN::with);
  }

  /** AP-TIME: it was lodged in time; and what was decided is known where it matters. */
  private static Check timeCheck(Situation<DecisionAppealAnswers> it, DecisionAppealTerms terms) {
    var answers = it.answers();
    var check = TimeLimit.lodgedWithin(
        it,
        "AP-TIME",
        answers.deliveredOn() != null ? "deliveredOn" : "noticeOn",
        answers.delivered(),
        answers.lateReason(),
        terms.days(),
        terms.lateDays());
    return answers.keepPaying() && answers.kind() == null && check.is(Outcome.MET)
        ? it.check("AP-TIME").needs("kind", null).open()
        : check;
  }

  private static DecisionAppealAmounts amounts(
      Situation<DecisionAppealAnswers> it, DecisionAppealTerms terms) {
    var answers = it.answers();
    var inTime = !it.lodgedOn()
        .isAfter(it.lastDays().of(known(answers.delivered()).plusDays(terms.continueDays())));
    return new DecisionAppealAmounts(
        answers.keepPaying()
            && inTime
            && answers.kind() != null
            && answers.kind().isContinuable(),
        WorkingDays.onOrAfter(it.lodgedOn().plusDays(terms.hearingNoticeDays())));
  }
}
