package civitane.core.services.clearrecord;

import civitane.core.awards.Award;
import civitane.core.awards.Recipient;
import civitane.core.awards.What;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Person;
import civitane.core.facts.Statement;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.reasons.Argument;
import civitane.core.reasons.ReasonCode;
import civitane.core.rules.Check;
import civitane.core.rules.Entitlement;
import civitane.core.rules.IdentityRule;
import civitane.core.rules.Line;
import civitane.core.rules.PaperWants;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.time.Ages;
import java.util.List;
import java.util.Optional;

import static civitane.core.facts.Known.known;

/** A statement that the register holds nothing against a person. */
public final class ClearRecord implements Entitlement<ClearRecordAnswers> {

  /** The numbers of the Clear Record, fees in euros. */
  private record Terms(Amount fee, Amount post, Amount postAbroad, int ageFrom, int validMonths) {
    static Terms of(RateBook rates) {
      return rates.terms(Terms.class, whole -> {
        var part = whole.section("certificates").section("clearRecord");
        return new Terms(
            part.amount("fee"),
            part.amount("post"),
            part.amount("postAbroad"),
            part.whole("ageFrom"),
            part.whole("validMonths"));
      });
    }
  }

  @Override
  public List<Statement> ownStatements() {
    return List.of(Statement.HANDED_OVER);
  }

  @Override
  public String word() {
    return "clearRecord";
  }

  @Override
  public Class<ClearRecordAnswers> answers() {
    return ClearRecordAnswers.class;
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
    return QuickCheck.of("purpose", "country", "copies", "delivery", "collector", "authorised");
  }

  @Override
  public Result determine(Situation<ClearRecordAnswers> it) {
    var terms = Terms.of(it.rates());
    var person = it.person(it.answers().person());
    return it.determination()
        .check(ageCheck(it, person, terms))
        .check(purposeCheck(it))
        .check(registerCheck(it))
        .check(collectorCheck(it))
        .determineOnly(() -> IdentityRule.standard(it, person))
        .determineOnly(() ->
            PaperWants.of(it).any(PaperKind.PHOTO).any(PaperKind.PASSPORT_PAGE).check())
        .amounts(() -> amounts(it, terms))
        .awards(() -> List.of(
            Award.of(What.CERTIFICATE, Recipient.HOUSEHOLD)
                .of(Argument.count(it.answers().copies()))
                .until(amounts(it, terms).validUntil())
                .forWhom(it.who(person.orElseThrow())),
            Award.money(Argument.once(amounts(it, terms).fee()), Recipient.OFFICE)))
        .working(true, () -> working(it, terms))
        .result(word());
  }

  /** CR-AGE: the person is old enough. */
  private static Check ageCheck(
      Situation<ClearRecordAnswers> it, Optional<Person> person, Terms terms) {
    var check = it.check("CR-AGE").needs("person", it.answers().person());
    if (person.isEmpty()) {
      return check.open();
    }
    var birth = person.get().birthDate();
    check.needsFact(it.personPointer(person.get(), "birthDate"), birth);
    if (birth == null) {
      return check.open();
    }
    var age = Ages.completedYears(birth, it.assessedOn());
    var who = it.who(person.get());
    var from = Argument.years(terms.ageFrom());
    return check
        .comparing(Amount.of(age), Amount.of(terms.ageFrom()))
        .must(age >= terms.ageFrom(), () -> Why.TOO_YOUNG.with(who, Argument.years(age), from))
        .orMet(() -> Why.OF_AGE.with(who, Argument.years(age), from));
  }

  /** CR-PURPOSE: what it is for, and in which country, is said. */
  private static Check purposeCheck(Situation<ClearRecordAnswers> it) {
    return it.check("CR-PURPOSE")
        .needs("purpose", it.answers().purpose())
        .needs("country", it.answers().country())
        .orMet(() -> Why.PURPOSE.with(
            Argument.told(known(it.answers().purpose())),
            Argument.told(known(it.answers().country()))));
  }

  /** CR-REGISTER: the register holds nothing; an entry may be a namesake's. */
  private static Check registerCheck(Situation<ClearRecordAnswers> it) {
    var answer = it.answers().registerAnswer();
    return it.check("CR-REGISTER")
        .needs("registerAnswer", answer)
        .must(
            answer == null ? null : answer != RecordAnswer.ENTRY_CONFIRMED,
            Why.REGISTER_ENTRY::with)
        .judgedIf(answer == RecordAnswer.ENTRY, Why.REGISTER_NAMESAKE::with)
        .orMet(Why.REGISTER_CLEAR::with);
  }

  /** CR-COLLECTOR: who fetches it may. */
  private static Check collectorCheck(Situation<ClearRecordAnswers> it) {
    var delivery = it.answers().delivery();
    if (delivery != null && delivery != Delivery.COUNTER) {
      return it.check("CR-COLLECTOR").notApplicable(Why.BY_POST.with());
    }
    var other = it.answers().collector() == Collector.OTHER;
    return it.check("CR-COLLECTOR")
        .needs("delivery", delivery)
        .uses("collector")
        .uses("authorised")
        .doubtIf(other && !it.answers().authorised(), Why.OTHER_NOT_AUTHORISED::with)
        .orMet((other ? Why.OTHER_COLLECTS : Why.SELF_COLLECTS)::with);
  }

  private static Amount copies(Situation<ClearRecordAnswers> it, Terms terms) {
    return terms.fee().times(it.answers().copies());
  }

  private static Amount postage(Situation<ClearRecordAnswers> it, Terms terms) {
    var delivery = it.answers().delivery();
    return switch (delivery == null ? Delivery.COUNTER : delivery) {
      case COUNTER -> Amount.ZERO;
      case POST -> terms.post();
      case POST_ABROAD -> terms.postAbroad();
    };
  }

  private static ClearRecordAmounts amounts(Situation<ClearRecordAnswers> it, Terms terms) {
    return new ClearRecordAmounts(
        copies(it, terms).plus(postage(it, terms)),
        it.assessedOn().plusMonths(terms.validMonths()));
  }

  private static List<Line> working(Situation<ClearRecordAnswers> it, Terms terms) {
    var fee = copies(it, terms);
    return List.of(
        new Line(Why.LINE_FEE.with(Argument.count(it.answers().copies())), Argument.once(fee)),
        new Line(Why.LINE_POSTAGE.with(), Argument.once(postage(it, terms))),
        new Line(Why.LINE_TO_PAY.with(), Argument.once(fee.plus(postage(it, terms)))));
  }
}
