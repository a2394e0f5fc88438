package civitane.core.services.taxpayernumber;

import civitane.core.facts.Person;
import civitane.core.identity.CheckDigits;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
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
import civitane.core.rules.Wording;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A person registers as a taxpayer. */
public final class TaxpayerNumber implements Service {

  /** The numbers of the Taxpayer Number. */
  private record Terms(Amount fee) {
    static Terms of(RateBook rates) {
      return rates.terms(
          Terms.class,
          whole ->
              new Terms(whole.section("certificates").section("taxpayerNumber").amount("fee")));
    }
  }

  @Override
  public String word() {
    return "taxpayerNumber";
  }

  @Override
  public String title() {
    return "Taxpayer number";
  }

  @Override
  public StandardTime standardTime() {
    return StandardTime.workingDays(5);
  }

  @Override
  public QuickCheck quickCheck() {
    return QuickCheck.of("hasNumber", "sources", "employerNumber", "identityPapers", "voucher");
  }

  @Override
  public List<Question> questions() {
    return List.of(
        Question.of("person", QuestionKind.PERSON),
        Question.of("hasNumber", QuestionKind.FLAG),
        Question.choices("sources", "employment", "business", "rent", "other"),
        Question.of("employerNumber", QuestionKind.TEXT).when("sources", "employment"),
        Question.groups(
            "identityPapers",
            Question.of("kind", QuestionKind.TEXT),
            Question.of("number", QuestionKind.TEXT)),
        Question.group(
                "voucher",
                Question.of("name", QuestionKind.TEXT).forTheFile(),
                Question.of("residentNumber", QuestionKind.TEXT))
            .otherwise("none"));
  }

  @Override
  public Result determine(Situation it) {
    var person = it.personIn("person");
    var has = it.answers().flag("hasNumber");
    return it.determination()
        .test(it.check("TN-NEW")
            .needs("hasNumber")
            .must(has == null ? null : !has, () -> "There is a taxpayer number already.")
            .orMet(() -> "There is no taxpayer number yet."))
        .test(sourcesTest(it))
        .test(papersTest(it, person))
        .determineOnly(() -> IdentityTest.standard(it, person))
        .determineOnly(() -> PaperWants.of(it).test())
        .award(() -> Map.of("fee", Terms.of(it.rates()).fee()))
        .result(word());
  }

  private static Test sourcesTest(Situation it) {
    var sources = it.answers().texts("sources");
    var check = it.check("TN-SOURCES")
        .needs("sources")
        .must(
            it.answers().has("sources") ? Boolean.valueOf(!sources.isEmpty()) : null,
            () -> "No source of income is named.");
    if (sources.contains("employment")) {
      check.needs("employerNumber");
    }
    return check.orMet(() -> "Income comes from "
        + Wording.list(sources.stream().map(Wording::spoken).toList()) + ".");
  }

  private static Test papersTest(Situation it, Optional<Person> person) {
    var kinds = it.answers().groups("identityPapers").stream()
        .filter(paper -> paper.has("kind") && paper.has("number"))
        .map(paper -> paper.text("kind"))
        .distinct()
        .count();
    var enough = kinds >= 2 || kinds == 1 && isVouchedFor(it, person);
    return it.check("TN-IDS")
        .needs("identityPapers")
        .uses("voucher")
        .doubtIf(
            it.answers().has("identityPapers") && !enough,
            () ->
                "Two identity papers of different kinds with their numbers are wanted, or one and a resident who"
                    + " vouches.")
        .orMet(() -> kinds >= 2
            ? "Two kinds of identity papers are named."
            : "One paper is named, and a resident vouches.");
  }

  /** Whether a resident other than the person vouches, by a resident number whose digits are right. */
  private static boolean isVouchedFor(Situation it, Optional<Person> person) {
    var voucher = it.answers().group("voucher");
    var number = voucher == null ? null : voucher.text("residentNumber");
    return number != null
        && CheckDigits.isResidentNumber(number)
        && !number.equals(person.map(Person::residentNumber).orElse(null));
  }
}
