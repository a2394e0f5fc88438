package civitane.core.services.estateauthority;

import civitane.core.awards.Award;
import civitane.core.awards.Recipient;
import civitane.core.awards.What;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Statement;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.reasons.Argument;
import civitane.core.reasons.ReasonCode;
import civitane.core.rules.Check;
import civitane.core.rules.Checking;
import civitane.core.rules.Entitlement;
import civitane.core.rules.IdentityRule;
import civitane.core.rules.PaperWants;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import java.util.List;

import static civitane.core.facts.Known.known;

/** Who may settle the estate of someone who died. */
public final class EstateAuthority implements Entitlement<EstateAuthorityAnswers> {

  /** The numbers of the Estate Authority, fees in euros. */
  private record Terms(
      Amount simplifiedUpTo, int creditorMonths, Amount simplifiedFee, Amount fullFee) {
    static Terms of(RateBook rates) {
      return rates.terms(Terms.class, whole -> {
        var part = whole.section("certificates").section("estateAuthority");
        return new Terms(
            part.amount("simplifiedUpTo"),
            part.whole("creditorMonths"),
            part.section("fee").amount("simplified"),
            part.section("fee").amount("full"));
      });
    }
  }

  @Override
  public List<Statement> ownStatements() {
    return List.of(Statement.ALL_HEIRS);
  }

  @Override
  public String word() {
    return "estateAuthority";
  }

  @Override
  public Class<EstateAuthorityAnswers> answers() {
    return EstateAuthorityAnswers.class;
  }

  @Override
  public List<? extends ReasonCode> reasons() {
    return List.of(Why.values());
  }

  @Override
  public StandardTime standardTime() {
    return StandardTime.days(30);
  }

  @Override
  public QuickCheck quickCheck() {
    return QuickCheck.of(
        "deceased", "will", "applicantIs", "organisation", "grossValue", "dutiesAccepted");
  }

  @Override
  public Result determine(Situation<EstateAuthorityAnswers> it) {
    var terms = Terms.of(it.rates());
    var applicant = it.household().applicant();
    return it.determination()
        .check(deathCheck(it))
        .check(standingCheck(it, terms))
        .check(valueCheck(it))
        .check(dutiesCheck(it))
        .determineOnly(() -> IdentityRule.standard(it, applicant))
        .determineOnly(() -> papers(it, terms).check())
        .amounts(() -> amounts(it, terms))
        .awards(() -> List.of(
            Award.of(What.CERTIFICATE, Recipient.HOUSEHOLD)
                .of(Argument.count(1))
                .forWhom(it.who(applicant))
                .with(Argument.term(amounts(it, terms).kind())),
            Award.money(Argument.once(amounts(it, terms).fee()), Recipient.OFFICE)))
        .result(word());
  }

  /** EA-DEATH: the death is recorded. */
  private static Check deathCheck(Situation<EstateAuthorityAnswers> it) {
    var deceased = it.answers().deceased();
    var died = it.answers().diedOn();
    return it.check("EA-DEATH")
        .needs("deceased/deathNumber", deceased == null ? null : deceased.deathNumber())
        .needs("deceased/diedOn", died)
        .doubtIf(
            died != null && died.isAfter(it.lodgedOn()),
            () -> Why.DEATH_TO_COME.with(Argument.day(known(died))))
        .orMet(() -> Why.DEATH_RECORDED.with(Argument.day(known(died))));
  }

  /** EA-STANDING: who asks may ask. */
  private static Check standingCheck(Situation<EstateAuthorityAnswers> it, Terms terms) {
    var answers = it.answers();
    var who = answers.applicantIs();
    var check = it.check("EA-STANDING").needs("applicantIs", who);
    if (who == null) {
      return check.uses("will").open();
    }
    switch (who) {
      case EXECUTOR -> check.needs("will", answers.will()).must(answers.will(), Why.NO_WILL::with);
      case CREDITOR -> creditor(it, check, terms);
      case ORGANISATION ->
        check.needs(
            "organisation/registration",
            answers.organisation() == null ? null : answers.organisation().registration());
      case HEIR -> check.uses("will");
    }
    return check.orMet(() -> Why.MAY_ASK.with(Argument.term(who)));
  }

  private static void creditor(Situation<EstateAuthorityAnswers> it, Checking check, Terms terms) {
    var died = it.answers().diedOn();
    check.needs("deceased/diedOn", died);
    if (died != null) {
      var from = died.plusMonths(terms.creditorMonths());
      check
          .must(
              !it.lodgedOn().isBefore(from), () -> Why.CREDITOR_TOO_EARLY.with(Argument.day(from)))
          .changedBy(() -> Why.FROM_DAY.with(Argument.day(from)));
    }
  }

  /** EA-VALUE: what the estate is worth is said. */
  private static Check valueCheck(Situation<EstateAuthorityAnswers> it) {
    var value = it.answers().grossValue();
    return it.check("EA-VALUE")
        .needs("grossValue", value)
        .orMet(() -> Why.WORTH.with(Argument.once(known(value))));
  }

  /** EA-DUTIES: the duties are accepted. */
  private static Check dutiesCheck(Situation<EstateAuthorityAnswers> it) {
    var accepted = it.answers().dutiesAccepted();
    return it.check("EA-DUTIES")
        .needs("dutiesAccepted", accepted)
        .doubtIf(Boolean.FALSE.equals(accepted), Why.DUTIES_NOT_ACCEPTED::with)
        .orMet(Why.DUTIES_ACCEPTED::with);
  }

  private static PaperWants papers(Situation<EstateAuthorityAnswers> it, Terms terms) {
    var papers = PaperWants.of(it).any(PaperKind.DEATH_RECORD);
    var will = it.answers().will();
    if (will == null) {
      papers.any(PaperKind.WILL, PaperKind.KINSHIP_TABLE);
    } else {
      papers.any(will ? PaperKind.WILL : PaperKind.KINSHIP_TABLE);
    }
    var value = it.answers().grossValue();
    return value != null && value.isAbove(terms.simplifiedUpTo())
        ? papers.any(PaperKind.INVENTORY)
        : papers;
  }

  private static EstateAuthorityAmounts amounts(Situation<EstateAuthorityAnswers> it, Terms terms) {
    return known(it.answers().grossValue()).isWithin(terms.simplifiedUpTo())
        ? new EstateAuthorityAmounts(EstateKind.SIMPLIFIED, terms.simplifiedFee())
        : new EstateAuthorityAmounts(EstateKind.FULL, terms.fullFee());
  }
}
