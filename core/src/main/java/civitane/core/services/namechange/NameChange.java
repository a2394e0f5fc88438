package civitane.core.services.namechange;

import civitane.core.facts.Answers;
import civitane.core.facts.Benefit;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Person;
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
import civitane.core.time.Ages;
import civitane.core.time.Dates;
import java.text.Normalizer;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A person takes another name. */
public final class NameChange implements Service {
  /** Letters of any script with their marks, spaces, apostrophes and hyphens. */
  private static final Pattern NAME =
      Pattern.compile("[\\p{L}\\p{M} '\u2019\\-\u2010]*\\p{L}[\\p{L}\\p{M} '\u2019\\-\u2010]*");

  private static final String GIVEN = "newGivenName";
  private static final String FAMILY = "newFamilyName";

  /** The numbers of the Name Change. */
  private record Terms(Amount fee, int objectionDays, int yearsBetween) {
    static Terms of(RateBook rates) {
      return rates.terms(Terms.class, whole -> {
        var part = whole.section("certificates").section("nameChange");
        return new Terms(
            part.amount("fee"), part.whole("objectionDays"), part.whole("yearsBetween"));
      });
    }
  }

  @Override
  public String word() {
    return "nameChange";
  }

  @Override
  public String title() {
    return "Name change";
  }

  /** Objections are waited for, then eight days more; the longest objection time of the books is counted in. */
  @Override
  public StandardTime standardTime() {
    return StandardTime.days(32);
  }

  @Override
  public QuickCheck quickCheck() {
    return QuickCheck.of(
        "newGivenName", "newFamilyName", "lastChangeOn", "noticeWaived", "noticePublishedOn");
  }

  @Override
  public List<Question> questions() {
    return List.of(
        Question.of("person", QuestionKind.PERSON),
        Question.of(GIVEN, QuestionKind.TEXT).otherwise("it stays"),
        Question.of(FAMILY, QuestionKind.TEXT).otherwise("it stays"),
        Question.of("reason", QuestionKind.LONG_TEXT).forTheFile(),
        Question.of("noticeWaived", QuestionKind.FLAG).otherwise("no"),
        Question.of("noticePublishedOn", QuestionKind.DATE)
            .when("noticeWaived", "false")
            .calls("publishedNotice"),
        Question.of("lastChangeOn", QuestionKind.DATE).otherwise("never"),
        Question.groups(
                "guardians",
                Question.of("name", QuestionKind.TEXT).forTheFile(),
                Question.of("consents", QuestionKind.FLAG),
                Question.choice("absence", "courtOrder", "soleCustody", "died"))
            .otherwise("none")
            .calls("consent"));
  }

  @Override
  public Result determine(Situation it) {
    var terms = Terms.of(it.rates());
    var person = it.personIn("person");
    return it.determination()
        .test(differentTest(it, person))
        .test(lettersTest(it))
        .test(intervalTest(it, terms))
        .test(consentTest(it, person))
        .test(noticeTest(it))
        .determineOnly(() -> IdentityTest.standard(it, person))
        .determineOnly(() -> papers(it, person).test())
        .award(() -> amounts(it, terms))
        .result(word());
  }

  private static Test differentTest(Situation it, Optional<Person> person) {
    var given = it.answers().text(GIVEN);
    var family = it.answers().text(FAMILY);
    var check = it.check("NC-DIFFERENT").needs("person").uses(GIVEN).uses(FAMILY);
    if (given == null && family == null) {
      return check.lacks(List.of(it.pointer(GIVEN))).orMet(() -> "");
    }
    if (person.isEmpty()) {
      return check.orMet(() -> "");
    }
    var who = person.get();
    return check
        .must(
            !stays(given, who.givenName()) || !stays(family, who.familyName()),
            () -> "The new name is the one " + who.calledBy() + " has.")
        .orMet(() -> "The new name differs from the one " + who.calledBy() + " has.");
  }

  private static boolean stays(@Nullable String fresh, @Nullable String now) {
    return fresh == null || now != null && plain(fresh).equals(plain(now));
  }

  private static String plain(String name) {
    return Normalizer.normalize(name, Normalizer.Form.NFC).strip();
  }

  private static Test lettersTest(Situation it) {
    var given = it.answers().text(GIVEN);
    var family = it.answers().text(FAMILY);
    var check = it.check("NC-LETTERS").uses(GIVEN).uses(FAMILY);
    if (given == null && family == null) {
      check.lacks(List.of(it.pointer(GIVEN)));
    }
    return check
        .must(
            Stream.of(Optional.ofNullable(given), Optional.ofNullable(family))
                .flatMap(Optional::stream)
                .allMatch(name -> NAME.matcher(name).matches()),
            () ->
                "A name is made of letters, spaces, apostrophes and hyphens, with at least one letter.")
        .orMet(() -> "The new name is made of letters.");
  }

  private static Test intervalTest(Situation it, Terms terms) {
    var last = it.answers().date("lastChangeOn");
    return it.check("NC-INTERVAL")
        .uses("lastChangeOn")
        .must(
            last == null || !last.plusYears(terms.yearsBetween()).isAfter(it.lodgedOn()),
            () -> "The last change was on " + Dates.written(last) + ", less than "
                + terms.yearsBetween() + " years ago.")
        .changedBy(() ->
            "From " + Dates.written(last.plusYears(terms.yearsBetween())) + " on it would be met.")
        .orMet(() -> last == null
            ? "The name was never changed."
            : "The last change is at least " + terms.yearsBetween() + " years ago.");
  }

  private static @Nullable Boolean isMinor(Situation it, Optional<Person> person) {
    return person
        .map(Person::birthDate)
        .map(birth -> !Ages.isAdult(birth, it.assessedOn()))
        .orElse(null);
  }

  private static Test consentTest(Situation it, Optional<Person> person) {
    var minor = isMinor(it, person);
    var check = it.check("NC-CONSENT").needs("person").uses("guardians");
    if (minor == null) {
      person.ifPresent(who -> check.needsFact(it.personPointer(who, "birthDate"), who.birthDate()));
      return check.orMet(() -> "");
    }
    if (!minor) {
      return Test.notApplicable("NC-CONSENT", () -> "An adult needs nobody's consent.");
    }
    var guardians = it.answers().groups("guardians");
    return check
        .doubtIf(guardians.isEmpty(), () -> "No guardian is named.")
        .doubtIf(
            !guardians.stream()
                .allMatch(guardian -> guardian.flag("consents", false) || guardian.has("absence")),
            () -> "Each guardian has to consent, or the reason be given why one can't.")
        .orMet(() -> "Each guardian consents or is absent for a reason.");
  }

  private static Test noticeTest(Situation it) {
    if (it.answers().flag("noticeWaived", false)) {
      return Test.notApplicable(
          "NC-NOTICE", () -> "No notice is published, as it would endanger somebody.");
    }
    var published = it.answers().date("noticePublishedOn");
    return it.check("NC-NOTICE")
        .needs("noticePublishedOn")
        .doubtIf(
            published != null && published.isAfter(it.lodgedOn()),
            () ->
                "The notice is to be published on " + Dates.written(published) + ", after lodging.")
        .orMet(() -> "The notice was published on " + Dates.written(published) + ".");
  }

  private static PaperWants papers(Situation it, Optional<Person> person) {
    var papers = PaperWants.of(it);
    if (!it.answers().flag("noticeWaived", false)) {
      papers.any(PaperKind.PUBLISHED_NOTICE);
    }
    var consenting = (int) it.answers().groups("guardians").stream()
        .filter(guardian -> guardian.flag("consents", false))
        .count();
    return Boolean.TRUE.equals(isMinor(it, person)) && consenting > 0
        ? papers.any(consenting, PaperKind.CONSENT)
        : papers;
  }

  private static Map<String, Object> amounts(Situation it, Terms terms) {
    var answers = it.answers();
    var amounts = new LinkedHashMap<String, Object>();
    amounts.put(
        "fee",
        it.household().benefits().contains(Benefit.HOUSEHOLD_ALLOWANCE)
            ? Amount.ZERO
            : terms.fee());
    amounts.put("effectiveFrom", effectiveFrom(it, answers, terms));
    return amounts;
  }

  private static java.time.LocalDate effectiveFrom(Situation it, Answers answers, Terms terms) {
    return answers.flag("noticeWaived", false)
        ? it.lodgedOn().plusDays(1)
        : answers.date("noticePublishedOn").plusDays(terms.objectionDays() + 1L);
  }
}
