package civitane.core.services.taxpayernumber;

import civitane.core.awards.Award;
import civitane.core.awards.Recipient;
import civitane.core.awards.What;
import civitane.core.facts.Person;
import civitane.core.facts.Statement;
import civitane.core.identity.CheckDigits;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.reasons.Argument;
import civitane.core.reasons.ReasonCode;
import civitane.core.rules.Check;
import civitane.core.rules.Entitlement;
import civitane.core.rules.IdentityRule;
import civitane.core.rules.PaperWants;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import java.util.List;
import java.util.Optional;

import static civitane.core.facts.Known.known;

/** A person registers as a taxpayer. */
public final class TaxpayerNumber implements Entitlement<TaxpayerNumberAnswers> {

  /** The numbers of the Taxpayer Number, in euros. */
  private record Terms(Amount fee) {
    static Terms of(RateBook rates) {
      return rates.terms(
          Terms.class,
          whole ->
              new Terms(whole.section("certificates").section("taxpayerNumber").amount("fee")));
    }
  }

  @Override
  public List<Statement> ownStatements() {
    return List.of(Statement.NO_NUMBER_YET);
  }

  @Override
  public String word() {
    return "taxpayerNumber";
  }

  @Override
  public Class<TaxpayerNumberAnswers> answers() {
    return TaxpayerNumberAnswers.class;
  }

  @Override
  public List<? extends ReasonCode> reasons() {
    return List.of(Why.values());
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
  public Result determine(Situation<TaxpayerNumberAnswers> it) {
    var terms = Terms.of(it.rates());
    var person = it.person(it.answers().person());
    return it.determination()
        .check(newCheck(it))
        .check(sourcesCheck(it))
        .check(papersCheck(it, person))
        .determineOnly(() -> IdentityRule.standard(it, person))
        .determineOnly(() -> PaperWants.of(it).check())
        .amounts(() -> new TaxpayerNumberAmounts(terms.fee()))
        .awards(() -> List.of(Award.of(What.NUMBER, Recipient.HOUSEHOLD)
            .forWhom(it.who(person.orElse(it.household().applicant())))))
        .result(word());
  }

  /** TN-NEW: the person has no number yet. */
  private static Check newCheck(Situation<TaxpayerNumberAnswers> it) {
    var has = it.answers().hasNumber();
    return it.check("TN-NEW")
        .needs("hasNumber", has)
        .must(has == null ? null : !has, Why.NUMBER_ALREADY::with)
        .orMet(Why.NO_NUMBER_YET::with);
  }

  /** TN-SOURCES: at least one source is named, with the employer's number where it is employment. */
  private static Check sourcesCheck(Situation<TaxpayerNumberAnswers> it) {
    var sources = it.answers().sources();
    var check = it.check("TN-SOURCES")
        .needs("sources", sources)
        .must(sources == null ? null : !sources.isEmpty(), Why.NO_SOURCE::with);
    if (sources != null && sources.contains(TaxSource.EMPLOYMENT)) {
      check.needs("employerNumber", it.answers().employerNumber());
    }
    return check.orMet(() -> Why.SOURCES.with(Argument.terms(known(sources))));
  }

  /** TN-IDS: two kinds of identity papers are given by their numbers, or one and a resident who vouches. */
  private static Check papersCheck(Situation<TaxpayerNumberAnswers> it, Optional<Person> person) {
    var papers = it.answers().identityPapers();
    var kinds = papers == null
        ? 0
        : papers.stream()
            .filter(paper -> paper.kind() != null && paper.number() != null)
            .map(TaxpayerNumberAnswers.NamedPaper::kind)
            .distinct()
            .count();
    var enough = kinds >= 2 || kinds == 1 && isVouchedFor(it, person);
    return it.check("TN-IDS")
        .needs("identityPapers", papers)
        .uses("voucher")
        .doubtIf(papers != null && !enough, Why.PAPERS_WANTED::with)
        .orMet((kinds >= 2 ? Why.TWO_PAPERS : Why.PAPER_AND_VOUCHER)::with);
  }

  /** Whether a resident other than the person vouches, by a resident number whose digits are right. */
  private static boolean isVouchedFor(
      Situation<TaxpayerNumberAnswers> it, Optional<Person> person) {
    var voucher = it.answers().voucher();
    var number = voucher == null ? null : voucher.residentNumber();
    return number != null
        && CheckDigits.isResidentNumber(number)
        && !number.equals(person.map(Person::residentNumber).orElse(null));
  }
}
