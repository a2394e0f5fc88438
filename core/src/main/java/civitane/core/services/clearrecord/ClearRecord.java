package civitane.core.services.clearrecord;

import civitane.core.facts.PaperKind;
import civitane.core.facts.Person;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.rules.IdentityTest;
import civitane.core.rules.Line;
import civitane.core.rules.PaperWants;
import civitane.core.rules.Question;
import civitane.core.rules.QuestionKind;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Service;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.rules.Test;
import civitane.core.time.Ages;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A statement that the register holds nothing against a person. */
public final class ClearRecord implements Service {

  /** The numbers of the Clear Record, fees in euros. */
  private record Terms(
      Amount fee, Amount post, Amount postAbroad, Amount ageFrom, int validMonths) {
    static Terms of(RateBook rates) {
      return rates.terms(Terms.class, whole -> {
        var part = whole.section("certificates").section("clearRecord");
        return new Terms(
            part.amount("fee"),
            part.amount("post"),
            part.amount("postAbroad"),
            part.amount("ageFrom"),
            part.whole("validMonths"));
      });
    }
  }

  @Override
  public String word() {
    return "clearRecord";
  }

  @Override
  public String title() {
    return "Clear record";
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
  public List<Question> questions() {
    return List.of(
        Question.of("person", QuestionKind.PERSON).calls("photo", "passportPage"),
        Question.of("purpose", QuestionKind.TEXT),
        Question.of("country", QuestionKind.TEXT),
        Question.of("copies", QuestionKind.WHOLE).otherwise("1"),
        Question.choice("delivery", "counter", "post", "postAbroad"),
        Question.choice("collector", "self", "other").otherwise("self").when("delivery", "counter"),
        Question.of("authorised", QuestionKind.FLAG).otherwise("no").when("collector", "other"),
        Question.choice("registerAnswer", "clear", "entry", "entryConfirmed").filledIn());
  }

  @Override
  public Result determine(Situation it) {
    var terms = Terms.of(it.rates());
    var person = it.personIn("person");
    return it.determination()
        .test(ageTest(it, person, terms))
        .test(it.check("CR-PURPOSE")
            .needs("purpose")
            .needs("country")
            .orMet(() -> "It is for " + it.answers().text("purpose") + ", in "
                + it.answers().text("country") + "."))
        .test(registerTest(it))
        .test(collectorTest(it))
        .determineOnly(() -> IdentityTest.standard(it, person))
        .determineOnly(() ->
            PaperWants.of(it).any(PaperKind.PHOTO).any(PaperKind.PASSPORT_PAGE).test())
        .award(() -> amounts(it, terms))
        .working(() -> working(it, terms))
        .result(word());
  }

  private static Test ageTest(Situation it, Optional<Person> person, Terms terms) {
    var check = it.check("CR-AGE").needs("person");
    if (person.isEmpty()) {
      return check.orMet(() -> "");
    }
    var who = person.get();
    check.needsFact(it.personPointer(who, "birthDate"), who.birthDate());
    if (who.birthDate() == null) {
      return check.orMet(() -> "");
    }
    var age = Amount.of(Ages.completedYears(who.birthDate(), it.assessedOn()));
    return check
        .must(
            terms.ageFrom().isWithin(age),
            () -> who.calledBy() + " is " + age.plain() + ", under "
                + terms.ageFrom().plain() + ".")
        .comparing(age, terms.ageFrom())
        .orMet(() -> who.calledBy() + " is " + age.plain() + ", at least "
            + terms.ageFrom().plain() + ".");
  }

  private static Test registerTest(Situation it) {
    var answer = it.answers().text("registerAnswer");
    return it.check("CR-REGISTER")
        .needs("registerAnswer")
        .must(
            answer == null ? null : !"entryConfirmed".equals(answer),
            () -> "The register holds an entry.")
        .doubtIf(
            "entry".equals(answer),
            () ->
                "The register holds an entry under this name; a person has to compare, as namesakes are common.")
        .orMet(() -> "The register holds nothing.");
  }

  private static Test collectorTest(Situation it) {
    var delivery = it.answers().text("delivery");
    if (delivery != null && !"counter".equals(delivery)) {
      return Test.notApplicable("CR-COLLECTOR", () -> "It goes by post.");
    }
    var other = "other".equals(it.answers().text("collector"));
    return it.check("CR-COLLECTOR")
        .needs("delivery")
        .uses("collector")
        .uses("authorised")
        .doubtIf(
            other && !it.answers().flag("authorised", false),
            () -> "Somebody else is to collect it, and the authority for that is wanted.")
        .orMet(() -> other ? "Somebody with authority collects it." : "The person collects it.");
  }

  private static Amount copies(Situation it) {
    var copies = it.answers().number("copies");
    return copies == null ? Amount.of(1) : copies;
  }

  private static Amount postage(Situation it, Terms terms) {
    return switch (String.valueOf(it.answers().text("delivery"))) {
      case "post" -> terms.post();
      case "postAbroad" -> terms.postAbroad();
      default -> Amount.ZERO;
    };
  }

  private static Map<String, Object> amounts(Situation it, Terms terms) {
    var amounts = new LinkedHashMap<String, Object>();
    amounts.put("fee", terms.fee().times(copies(it)).plus(postage(it, terms)));
    amounts.put("validUntil", it.assessedOn().plusMonths(terms.validMonths()));
    return amounts;
  }

  private static List<Line> working(Situation it, Terms terms) {
    var fee = terms.fee().times(copies(it));
    return List.of(
        new Line("Fee, copies: " + copies(it).plain(), fee),
        new Line("Postage", postage(it, terms)),
        new Line("To pay", fee.plus(postage(it, terms))));
  }
}
