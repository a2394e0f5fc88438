package civitane.core.services.namechange;

import civitane.core.awards.Award;
import civitane.core.awards.Recipient;
import civitane.core.awards.What;
import civitane.core.facts.Benefit;
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
import civitane.core.rules.PaperWants;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.time.Ages;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** A person takes another name. */
public final class NameChange implements Entitlement<NameChangeAnswers> {
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
  public List<Statement> ownStatements() {
    return List.of(Statement.NO_WAY_OUT);
  }

  @Override
  public String word() {
    return "nameChange";
  }

  @Override
  public Class<NameChangeAnswers> answers() {
    return NameChangeAnswers.class;
  }

  @Override
  public List<? extends ReasonCode> reasons() {
    return List.of(Why.values());
  }

  /** Objections are waited for, then eight days more; the longest objection time of the books is counted in. */
  @Override
  public StandardTime standardTime() {
    return StandardTime.days(32);
  }

  @Override
  public QuickCheck quickCheck() {
    return QuickCheck.of(GIVEN, FAMILY, "lastChangeOn", "noticeWaived", "noticePublishedOn");
  }

  @Override
  public Result determine(Situation<NameChangeAnswers> it) {
    var terms = Terms.of(it.rates());
    var person = it.person(it.answers().person());
    return it.determination()
        .check(differentCheck(it, person))
        .check(lettersCheck(it))
        .check(intervalCheck(it, terms))
        .check(consentCheck(it, person))
        .check(noticeCheck(it))
        .determineOnly(() -> IdentityRule.standard(it, person))
        .determineOnly(() -> papers(it, person).check())
        .amounts(() -> amounts(it, terms))
        .awards(() -> awards(it, person.orElseThrow(), terms))
        .result(word());
  }

  /** NC-DIFFERENT: the new name is another one. */
  private static Check differentCheck(Situation<NameChangeAnswers> it, Optional<Person> person) {
    var given = it.answers().newGivenName();
    var family = it.answers().newFamilyName();
    var check = it.check("NC-DIFFERENT").needs("person", it.answers().person()).uses(FAMILY);
    if (given == null && family == null) {
      return check.needs(GIVEN, null).open();
    }
    check.uses(GIVEN);
    if (person.isEmpty()) {
      return check.open();
    }
    var who = it.who(person.get());
    return check
        .must(
            !stays(given, person.get().givenName())
                || !stays(family, person.get().familyName()),
            () -> Why.NAME_THE_SAME.with(who))
        .orMet(() -> Why.NAME_DIFFERS.with(who));
  }

  private static boolean stays(@Nullable String fresh, @Nullable String now) {
    return fresh == null || now != null && plain(fresh).equals(plain(now));
  }

  private static String plain(String name) {
    return Normalizer.normalize(name, Normalizer.Form.NFC).strip();
  }

  /** NC-LETTERS: it is made of letters. */
  private static Check lettersCheck(Situation<NameChangeAnswers> it) {
    var given = it.answers().newGivenName();
    var family = it.answers().newFamilyName();
    var check = it.check("NC-LETTERS").uses(FAMILY);
    if (given == null && family == null) {
      return check.needs(GIVEN, null).open();
    }
    return check
        .uses(GIVEN)
        .must(isName(given) && isName(family), Why.NOT_LETTERS::with)
        .orMet(Why.LETTERS::with);
  }

  private static boolean isName(@Nullable String name) {
    return name == null || NAME.matcher(name).matches();
  }

  /** NC-INTERVAL: the last change is long ago. */
  private static Check intervalCheck(Situation<NameChangeAnswers> it, Terms terms) {
    var check = it.check("NC-INTERVAL").uses("lastChangeOn");
    var last = it.answers().lastChangeOn();
    if (last == null) {
      return check.met(Why.NEVER_CHANGED.with());
    }
    var again = last.plusYears(terms.yearsBetween());
    var years = Argument.years(terms.yearsBetween());
    return check
        .must(
            !again.isAfter(it.lodgedOn()), () -> Why.CHANGED_LATELY.with(Argument.day(last), years))
        .changedBy(() -> Why.FROM_DAY.with(Argument.day(again)))
        .orMet(() -> Why.CHANGED_LONG_AGO.with(years));
  }

  private static @Nullable Boolean isMinor(
      Situation<NameChangeAnswers> it, Optional<Person> person) {
    return person
        .map(Person::birthDate)
        .map(birth -> !Ages.isAdult(birth, it.assessedOn()))
        .orElse(null);
  }

  /** NC-CONSENT: for a minor each guardian consents, or can't. */
  private static Check consentCheck(Situation<NameChangeAnswers> it, Optional<Person> person) {
    var minor = isMinor(it, person);
    var check = it.check("NC-CONSENT").needs("person", it.answers().person()).uses("guardians");
    if (minor == null) {
      person.ifPresent(who -> check.needsFact(it.personPointer(who, "birthDate"), who.birthDate()));
      return check.open();
    }
    if (!minor) {
      return it.check("NC-CONSENT").notApplicable(Why.ADULT_NEEDS_NO_CONSENT.with());
    }
    var guardians = it.answers().guardians();
    return check
        .doubtIf(guardians.isEmpty(), Why.NO_GUARDIAN::with)
        .doubtIf(
            !guardians.stream()
                .allMatch(guardian -> guardian.hasConsented() || guardian.absence() != null),
            Why.CONSENT_WANTED::with)
        .orMet(Why.CONSENT_GIVEN::with);
  }

  /** NC-NOTICE: the notice was published, or waived. */
  private static Check noticeCheck(Situation<NameChangeAnswers> it) {
    if (it.answers().noticeWaived()) {
      return it.check("NC-NOTICE").notApplicable(Why.NOTICE_WAIVED.with());
    }
    var published = it.answers().noticePublishedOn();
    return it.check("NC-NOTICE")
        .needs("noticePublishedOn", published)
        .doubtIf(
            published != null && published.isAfter(it.lodgedOn()),
            () -> Why.NOTICE_TO_COME.with(Argument.day(known(published))))
        .orMet(() -> Why.NOTICE_PUBLISHED.with(Argument.day(known(published))));
  }

  private static PaperWants papers(Situation<NameChangeAnswers> it, Optional<Person> person) {
    var papers = PaperWants.of(it);
    if (!it.answers().noticeWaived()) {
      papers.any(PaperKind.PUBLISHED_NOTICE);
    }
    var consenting = (int) it.answers().guardians().stream()
        .filter(NameChangeAnswers.Guardian::hasConsented)
        .count();
    return Boolean.TRUE.equals(isMinor(it, person)) && consenting > 0
        ? papers.any(consenting, PaperKind.CONSENT)
        : papers;
  }

  private static NameChangeAmounts amounts(Situation<NameChangeAnswers> it, Terms terms) {
    return new NameChangeAmounts(
        it.household().receives(Benefit.HOUSEHOLD_ALLOWANCE) ? Amount.ZERO : terms.fee(),
        it.answers().noticeWaived()
            ? it.lodgedOn().plusDays(1)
            : known(it.answers().noticePublishedOn()).plusDays(terms.objectionDays() + 1L));
  }

  private static List<Award> awards(Situation<NameChangeAnswers> it, Person person, Terms terms) {
    var amounts = amounts(it, terms);
    var awards = new ArrayList<Award>();
    awards.add(Award.of(What.NAME, Recipient.HOUSEHOLD)
        .from(amounts.effectiveFrom())
        .forWhom(it.who(person)));
    if (amounts.fee().isPositive()) {
      awards.add(Award.money(Argument.once(amounts.fee()), Recipient.OFFICE));
    }
    return awards;
  }
}
