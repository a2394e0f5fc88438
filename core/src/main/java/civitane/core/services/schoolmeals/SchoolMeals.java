package civitane.core.services.schoolmeals;

import civitane.core.awards.Award;
import civitane.core.awards.Recipient;
import civitane.core.awards.What;
import civitane.core.facts.Benefit;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.identity.CheckDigits;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import civitane.core.income.Counted;
import civitane.core.income.Counting;
import civitane.core.income.IncomePicture;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Missing;
import civitane.core.reasons.ReasonCode;
import civitane.core.rules.Check;
import civitane.core.rules.Entitlement;
import civitane.core.rules.IncomeChart;
import civitane.core.rules.IncomeRule;
import civitane.core.rules.Line;
import civitane.core.rules.Outcome;
import civitane.core.rules.PaperWants;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.time.Ages;
import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** Free or reduced-price school meals. */
public final class SchoolMeals implements Entitlement<SchoolMealsAnswers> {
  private static final int AGE_FROM = 3;
  private static final int AGE_TO = 19;
  private static final Pattern BENEFIT_NUMBER = Pattern.compile("HA-(\\d{6})-(\\d)");

  @Override
  public String word() {
    return "schoolMeals";
  }

  @Override
  public Class<SchoolMealsAnswers> answers() {
    return SchoolMealsAnswers.class;
  }

  @Override
  public List<? extends ReasonCode> reasons() {
    return List.of(Why.values());
  }

  @Override
  public StandardTime standardTime() {
    return StandardTime.workingDays(8);
  }

  @Override
  public boolean comesInLists() {
    return true;
  }

  @Override
  public QuickCheck quickCheck() {
    return QuickCheck.of().with(QuickCheck.Fact.PEOPLE, QuickCheck.Fact.INCOME);
  }

  @Override
  public List<IncomeChart> charts(RateBook rates) {
    var terms = SchoolMealsTerms.of(rates);
    return List.of(
        IncomeChart.ofBase(Why.CHART_FREE.with(), rates, terms.freePercent()),
        IncomeChart.ofBase(Why.CHART_REDUCED.with(), rates, terms.reducedPercent()));
  }

  @Override
  public SchoolMealsAnswers presumed(Packet packet) {
    var children = packet.household().people().stream()
        .filter(person -> person.birthDate() != null && isOfAge(person, packet))
        .filter(person ->
            person.role() != Role.APPLICANT && person.role() != Role.SPOUSE && person.livesHere())
        .map(SchoolMealsAnswers.Child::of)
        .toList();
    return new SchoolMealsAnswers(children, null, null, null, null);
  }

  @Override
  public boolean isForSomebody(SchoolMealsAnswers presumed) {
    return !presumed.named().isEmpty();
  }

  private static boolean isOfAge(Person person, Packet packet) {
    var age = Ages.completedYears(known(person.birthDate()), packet.assessedOn());
    return age >= AGE_FROM && age <= AGE_TO;
  }

  @Override
  public Result determine(Situation<SchoolMealsAnswers> it) {
    var counted = it.counted(Counting.SHARED_MONEY.withFosterChildren());
    var income = it.incomeWithChildrensEarnings(counted);
    var named = namedChildren(it);
    var children = childChecks(it);
    var freeAnyway =
        named.values().stream().filter(child -> isFreeAnyway(it, child)).count();
    var allFree = !named.isEmpty() && freeAnyway == named.size();
    var meals = income.isKnown() && !allFree ? new MealIncome(income, it.rates()) : null;
    var incomeCheck = incomeCheck(it, income, meals, allFree, freeAnyway > 0);
    return it.determination()
        .checks(children)
        .check(totalCheck(it, counted, allFree))
        .determineOnly(() -> signedCheck(it, counted))
        .check(incomeCheck)
        .determineOnly(() -> PaperWants.of(it).check())
        .note(hasWrongBenefitNumber(it), Why.BENEFIT_NUMBER::with)
        .notes(allFree ? List.of() : IncomeRule.notes(income, !incomeCheck.is(Outcome.UNKNOWN)))
        .amounts(() -> amounts(it, prices(it, children, named, meals), meals))
        .awards(() -> awards(it, prices(it, children, named, meals)))
        .working(meals != null, () -> working(known(meals)))
        .result(word());
  }

  /** The year in which the school year asked for begins. */
  private static int schoolYear(Situation<SchoolMealsAnswers> it) {
    var asked = it.answers().schoolYear();
    return asked == null ? SchoolMealsTerms.schoolYear(it.assessedOn()) : asked;
  }

  /** The children named, each once, by their ids. */
  private static Map<String, SchoolMealsAnswers.Child> namedChildren(
      Situation<SchoolMealsAnswers> it) {
    var byPerson = new LinkedHashMap<String, SchoolMealsAnswers.Child>();
    for (var child : it.answers().named()) {
      if (child.person() != null) {
        byPerson.putIfAbsent(child.person(), child);
      }
    }
    return byPerson;
  }

  /** SM-CHILD: each child, each once, is of school age and goes to a school, for a year that can be asked for. */
  private static List<Check> childChecks(Situation<SchoolMealsAnswers> it) {
    var checks = new ArrayList<Check>();
    var entries = it.answers().named();
    var seen = new ArrayList<String>();
    for (var i = 0; i < entries.size(); i++) {
      var id = entries.get(i).person();
      if (id == null) {
        checks.add(it.check("SM-CHILD").needs("children/" + i + "/person", null).open());
      } else if (!seen.contains(id)) {
        seen.add(id);
        checks.add(childCheck(it, i, it.household().person(id).orElseThrow(), entries.get(i)));
      }
    }
    if (checks.isEmpty()) {
      checks.add(it.check("SM-CHILD").needs("children", null).unknown(Why.NO_CHILD.with()));
    }
    return checks;
  }

  private static Check childCheck(
      Situation<SchoolMealsAnswers> it, int index, Person child, SchoolMealsAnswers.Child entry) {
    var birth = child.birthDate();
    var age = birth == null ? null : Ages.completedYears(birth, it.assessedOn());
    var who = it.who(child);
    return it.check("SM-CHILD:" + child.id())
        .needsFact(it.personPointer(child, "birthDate"), birth)
        .needs("children/" + index + "/school", entry.school())
        .uses("schoolYear")
        .doubtIf(
            !SchoolMealsTerms.canBeAskedFor(schoolYear(it), it.assessedOn()),
            Why.OTHER_SCHOOL_YEAR::with)
        .must(
            age == null ? null : age >= AGE_FROM && age <= AGE_TO,
            () -> Why.CHILD_NOT_OF_AGE.with(
                who, Argument.years(known(age)), Argument.years(AGE_FROM), Argument.years(AGE_TO)))
        .orMet(() -> Why.CHILD_OF_AGE.with(
            who, Argument.years(known(age)), Argument.told(known(entry.school()))));
  }

  private static boolean isFreeAnyway(
      Situation<SchoolMealsAnswers> it, SchoolMealsAnswers.Child child) {
    return it.household().receives(Benefit.HOUSEHOLD_ALLOWANCE)
        || child.homeless()
        || hasRightBenefitNumber(it)
        || it.household().person(child.person()).orElseThrow().role() == Role.FOSTER_CHILD;
  }

  private static boolean hasRightBenefitNumber(Situation<SchoolMealsAnswers> it) {
    var number = it.answers().benefitNumber();
    if (number == null) {
      return false;
    }
    var written = BENEFIT_NUMBER.matcher(number.strip());
    return written.matches() && CheckDigits.isRight(written.group(1) + written.group(2));
  }

  private static boolean hasWrongBenefitNumber(Situation<SchoolMealsAnswers> it) {
    return it.answers().benefitNumber() != null && !hasRightBenefitNumber(it);
  }

  /** SM-TOTAL: the number of people stated is that of the people counted. */
  private static Check totalCheck(
      Situation<SchoolMealsAnswers> it, Counted counted, boolean allFree) {
    if (allFree) {
      return it.check("SM-TOTAL").notApplicable(Why.ALL_FREE.with());
    }
    var stated = it.answers().householdTotal();
    var check = it.check("SM-TOTAL").needs("householdTotal", stated).usesFact("/household/people");
    if (stated == null) {
      return check.open();
    }
    return check
        .comparing(Amount.of(stated), Amount.of(counted.size()))
        .doubtIf(
            stated != counted.size(),
            () -> Why.TOTAL_DIFFERS.with(Argument.count(stated), Argument.count(counted.size())))
        .orMet(() -> Why.TOTAL_AGREES.with(Argument.count(stated)));
  }

  /** SM-SIGNED: a counted adult has signed with the name as given, and a resident number or why there is none. */
  private static Check signedCheck(Situation<SchoolMealsAnswers> it, Counted counted) {
    var check = it.check("SM-SIGNED").usesFact("/signatures");
    for (var signature : it.packet().signatures()) {
      var signer = it.household().person(signature.person()).orElseThrow();
      if (counted.includes(signer.id())
          && counted.isAdult(signer)
          && (signer.residentNumber() != null || signer.residentNumberMissing() != null)
          && Names.compare(signer, signature.nameThatHolds()) == NameMatch.SAME) {
        return check.met(Why.SIGNED.with(it.who(signer)));
      }
    }
    return check
        .lacks(List.of(new Missing("/signatures", "wanted.signature", null, null)))
        .unknown(Why.NOT_SIGNED.with());
  }

  /** SM-INCOME: what comes in is within the limit of free or reduced-price meals. */
  private static Check incomeCheck(
      Situation<SchoolMealsAnswers> it,
      IncomePicture income,
      @Nullable MealIncome meals,
      boolean allFree,
      boolean someFree) {
    if (allFree) {
      return it.check("SM-INCOME").ofIncome().notApplicable(Why.ALL_FREE.with());
    }
    if (meals == null) {
      return IncomeRule.gap(it, "SM-INCOME", income);
    }
    var high = meals.high();
    var tier = meals.tier(high);
    if (income.isDisputed() && meals.tier(meals.low()) != tier) {
      return IncomeRule.disputed(
          it,
          "SM-INCOME",
          income,
          Why.PRICE_DISPUTED.with(meals.money(meals.low()), meals.money(high)));
    }
    var limit = meals.limit(tier);
    if (tier != Tier.FULL) {
      return IncomeRule.of(it, "SM-INCOME", income)
          .comparing(high, limit)
          .met((tier == Tier.FREE ? Why.FREE_WITHIN : Why.REDUCED_WITHIN)
              .with(meals.money(high), meals.money(limit), meals.money(limit.minus(high))));
    }
    if (it.household().benefits() == null) {
      return IncomeRule.of(it, "SM-INCOME", income)
          .comparing(high, limit)
          .needsFact("/household/benefits", null)
          .open();
    }
    if (someFree) {
      return it.check("SM-INCOME")
          .ofIncome()
          .notApplicable(Why.FULL_BUT_FREE_CHILD.with(meals.money(high), meals.money(limit)));
    }
    var low = meals.low();
    var over = meals.money(low.minus(limit));
    return IncomeRule.of(it, "SM-INCOME", income)
        .comparing(low, limit)
        .must(false, () -> Why.FULL_PRICE.with(meals.money(low), meals.money(limit), over))
        .changedBy(() -> Why.LESS_INCOME.with(over))
        .open();
  }

  /** What the meals of each child cost whose check is met. */
  private static Map<String, Tier> prices(
      Situation<SchoolMealsAnswers> it,
      List<Check> checks,
      Map<String, SchoolMealsAnswers.Child> named,
      @Nullable MealIncome meals) {
    var prices = new LinkedHashMap<String, Tier>();
    named.forEach((id, child) -> {
      if (checks.stream()
          .anyMatch(check -> check.id().equals("SM-CHILD:" + id) && check.is(Outcome.MET))) {
        prices.put(
            id, isFreeAnyway(it, child) || meals == null ? Tier.FREE : meals.tier(meals.high()));
      }
    });
    return prices;
  }

  private static SchoolMealsAmounts amounts(
      Situation<SchoolMealsAnswers> it, Map<String, Tier> prices, @Nullable MealIncome meals) {
    return new SchoolMealsAmounts(prices, until(it), meals != null && meals.isNearLimit());
  }

  private static LocalDate until(Situation<SchoolMealsAnswers> it) {
    return SchoolMealsTerms.of(it.rates()).until(schoolYear(it));
  }

  private static List<Award> awards(Situation<SchoolMealsAnswers> it, Map<String, Tier> prices) {
    var begins = LocalDate.of(schoolYear(it), Month.AUGUST, 1);
    var awards = new ArrayList<Award>();
    prices.forEach((id, tier) -> awards.add(Award.of(What.MEALS, Recipient.SCHOOL)
        .from(begins.isAfter(it.assessedOn()) ? begins : it.assessedOn())
        .until(until(it))
        .forWhom(it.who(it.household().person(id).orElseThrow()))
        .with(Argument.term(tier))));
    return awards;
  }

  private static List<Line> working(MealIncome meals) {
    return List.of(
        new Line(Why.LINE_INCOME.with(), meals.money(meals.high())),
        new Line(Why.LINE_FREE.with(), meals.money(meals.limit(Tier.FREE))),
        new Line(Why.LINE_REDUCED.with(), meals.money(meals.limit(Tier.REDUCED))));
  }
}
