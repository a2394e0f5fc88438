package civitane.core.services.estateauthority;

import civitane.core.facts.Answers;
import civitane.core.facts.PaperKind;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.rules.Check;
import civitane.core.rules.IdentityTest;
import civitane.core.rules.PaperWants;
import civitane.core.rules.Question;
import civitane.core.rules.QuestionKind;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Service;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.rules.Test;
import civitane.core.time.Dates;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Who may settle the estate of someone who died. */
public final class EstateAuthority implements Service {

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
  public String word() {
    return "estateAuthority";
  }

  @Override
  public String title() {
    return "Estate authority";
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
  public List<Question> questions() {
    return List.of(
        Question.group(
                "deceased",
                Question.of("name", QuestionKind.TEXT).forTheFile(),
                Question.of("diedOn", QuestionKind.DATE),
                Question.of("deathNumber", QuestionKind.TEXT))
            .calls("deathRecord"),
        Question.of("will", QuestionKind.FLAG).calls("will", "kinshipTable"),
        Question.choice("applicantIs", "executor", "heir", "creditor", "organisation"),
        Question.group(
                "organisation",
                Question.of("name", QuestionKind.TEXT).forTheFile(),
                Question.of("registration", QuestionKind.TEXT))
            .when("applicantIs", "organisation"),
        Question.of("grossValue", QuestionKind.MONEY).calls("inventory"),
        Question.of("dutiesAccepted", QuestionKind.FLAG));
  }

  @Override
  public Result determine(Situation it) {
    var terms = Terms.of(it.rates());
    var value = it.answers().number("grossValue");
    return it.determination()
        .test(deathTest(it))
        .test(standingTest(it, terms))
        .test(it.check("EA-VALUE")
            .needs("grossValue")
            .orMet(() -> "The estate is worth " + value + " before debts."))
        .test(it.check("EA-DUTIES")
            .needs("dutiesAccepted")
            .doubtIf(
                Boolean.FALSE.equals(it.answers().flag("dutiesAccepted")),
                () -> "The duties have not been accepted.")
            .orMet(() -> "The duties are accepted."))
        .determineOnly(() -> IdentityTest.standard(it, it.household().applicant()))
        .determineOnly(() -> papers(it, terms).test())
        .award(() -> amounts(value, terms))
        .result(word());
  }

  private static Answers deceased(Situation it) {
    return Optional.ofNullable(it.answers().group("deceased")).orElse(Answers.NONE);
  }

  private static Test deathTest(Situation it) {
    var died = deceased(it).date("diedOn");
    return it.check("EA-DEATH")
        .needs("deceased/deathNumber")
        .needs("deceased/diedOn")
        .doubtIf(
            died != null && died.isAfter(it.lodgedOn()),
            () -> "The day of death, " + Dates.written(died) + ", lies after lodging.")
        .orMet(() -> "The death on " + Dates.written(died) + " is recorded.");
  }

  private static Test standingTest(Situation it, Terms terms) {
    var who = it.answers().text("applicantIs");
    var check = it.check("EA-STANDING").needs("applicantIs");
    switch (String.valueOf(who)) {
      case "executor" ->
        check
            .needs("will")
            .must(
                it.answers().flag("will"),
                () -> "There is no will, so nobody is named in one to settle the estate.");
      case "creditor" -> creditor(it, check, terms);
      case "organisation" -> check.needs("organisation/registration");
      default -> check.uses("will");
    }
    return check.orMet(() -> "The " + who + " may ask for it.");
  }

  private static void creditor(Situation it, Check check, Terms terms) {
    var died = deceased(it).date("diedOn");
    check.needs("deceased/diedOn");
    if (died != null) {
      var from = died.plusMonths(terms.creditorMonths());
      check
          .must(
              !it.lodgedOn().isBefore(from),
              () -> "A creditor may ask for it from " + Dates.written(from) + " on.")
          .changedBy(() -> "From " + Dates.written(from) + " on it would be met.");
    }
  }

  private static PaperWants papers(Situation it, Terms terms) {
    var papers = PaperWants.of(it).any(PaperKind.DEATH_RECORD);
    var will = it.answers().flag("will");
    if (will == null) {
      papers.any(PaperKind.WILL, PaperKind.KINSHIP_TABLE);
    } else {
      papers.any(will ? PaperKind.WILL : PaperKind.KINSHIP_TABLE);
    }
    var value = it.answers().number("grossValue");
    return value != null && value.isAbove(terms.simplifiedUpTo())
        ? papers.any(PaperKind.INVENTORY)
        : papers;
  }

  private static Map<String, Object> amounts(Amount value, Terms terms) {
    var simplified = value.isWithin(terms.simplifiedUpTo());
    var amounts = new LinkedHashMap<String, Object>();
    amounts.put("kind", simplified ? "simplified" : "full");
    amounts.put("fee", simplified ? terms.simplifiedFee() : terms.fullFee());
    return amounts;
  }
}
