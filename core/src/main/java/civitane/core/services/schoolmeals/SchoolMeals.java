package civitane.core.services.schoolmeals;

import civitane.core.facts.Answers;
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
import civitane.core.rules.IncomeChart;
import civitane.core.rules.IncomeTest;
import civitane.core.rules.Line;
import civitane.core.rules.Outcome;
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
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Free or reduced-price school meals. */
public final class SchoolMeals implements Service {
  private static final int AGE_FROM = 3;
  private static final int AGE_TO = 19;
  private static final String BENEFIT_NUMBER = "HA-\\d{6}-\\d";

  @Override
  public String word() {
    return "schoolMeals";
  }

  @Override
  public String title() {
    return "School meals";
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
        IncomeChart.ofBase("free meals, income up to", rates, terms.freePercent()),
        IncomeChart.ofBase("reduced price, income up to", rates, terms.reducedPercent()));
  }

  @Override
  public List<Question> questions() {
    return List.of(
        Question.groups(
                "children",
                Question.of("person", QuestionKind.PERSON),
                Question.of("school", QuestionKind.TEXT),
                Question.of("grade", QuestionKind.TEXT).forTheFile(),
                Question.of("studentNumber", QuestionKind.TEXT)
                    .otherwise("none")
                    .forTheFile(),
                Question.of("homeless", QuestionKind.FLAG).otherwise("no"))
            .begunForEach(Role.CHILD, Role.FOSTER_CHILD),
        Question.of("householdTotal", QuestionKind.WHOLE),
        Question.of("schoolYear", QuestionKind.WHOLE).otherwise("the school year that runs"),
        Question.of("benefitNumber", QuestionKind.TEXT).otherwise("none"),
        Question.choice("medium", "screen", "paper").otherwise("screen").forTheFile());
  }

  @Override
  public Answers presumed(Packet packet) {
    var children = packet.household().people().stream()
        .filter(person -> person.birthDate() != null && isOfAge(person, packet))
        .filter(person ->
            person.role() != Role.APPLICANT && person.role() != Role.SPOUSE && person.livesHere())
        .map(person -> new Answers(Map.of("person", person.id())))
        .toList();
    return new Answers(Map.of("children", children));
  }

  private static boolean isOfAge(Person person, Packet packet) {
    var age = Ages.completedYears(person.birthDate(), packet.assessedOn());
    return age >= AGE_FROM && age <= AGE_TO;
  }

  @Override
  public Result determine(Situation it) {
    var counted = it.counted(Counting.SHARED_MONEY.withFosterChildren());
    var income = it.incomeWithChildrensEarnings(counted);
    var children = childTests(it);
    var named = namedChildren(it);
    var freeAnyway = named.stream().filter(child -> isFreeAnyway(it, child)).count();
    var allFree = !named.isEmpty() && freeAnyway == named.size();
    var meals = income.isKnown() && !allFree ? new MealIncome(income, it.rates()) : null;
    var incomeTest = incomeTest(it, income, meals, allFree, freeAnyway > 0);
    var compared = meals != null;
    return it.determination()
        .tests(children)
        .test(householdTotal(it, counted, allFree))
        .determineOnly(() -> signed(it, counted))
        .test(incomeTest)
        .determineOnly(() -> PaperWants.of(it).test())
        .note(
            hasWrongBenefitNumber(it),
            "benefitNumber",
            () -> "The benefit number is not one of ours, so the income decides.")
        .notes(allFree ? List.of() : IncomeTest.notes(income, !incomeTest.is(Outcome.UNKNOWN)))
        .award(() -> amounts(it, children, named, meals))
        .working(() -> compared ? working(meals) : List.of())
        .result(word());
  }

  /** The year in which the school year asked for begins. */
  private static int schoolYear(Situation it) {
    var asked = it.answers().number("schoolYear");
    return asked == null
        ? SchoolMealsTerms.schoolYear(it.assessedOn())
        : asked.toDecimal().intValue();
  }

  /** The children named, each once. */
  private static List<Answers> namedChildren(Situation it) {
    var byPerson = new LinkedHashMap<String, Answers>();
    for (var child : it.answers().groups("children")) {
      if (child.has("person")) {
        byPerson.putIfAbsent(child.text("person"), child);
      }
    }
    return List.copyOf(byPerson.values());
  }

  private static List<Test> childTests(Situation it) {
    var tests = new ArrayList<Test>();
    var entries = it.answers().groups("children");
    var seen = new ArrayList<String>();
    for (var i = 0; i < entries.size(); i++) {
      var id = entries.get(i).text("person");
      if (id == null) {
        tests.add(it.check("SM-CHILD").needs("children/" + i + "/person").orMet(() -> ""));
      } else if (!seen.contains(id)) {
        seen.add(id);
        tests.add(childTest(it, i, it.household().person(id).orElseThrow(), entries.get(i)));
      }
    }
    if (tests.isEmpty()) {
      tests.add(Test.unknown("SM-CHILD", () -> "No child is named yet.")
          .missing(List.of(it.pointer("children")))
          .needing(() -> List.of(it.pointer("children"))));
    }
    return tests;
  }

  private static Test childTest(Situation it, int index, Person child, Answers entry) {
    var age =
        child.birthDate() == null ? null : Ages.completedYears(child.birthDate(), it.assessedOn());
    return it.check("SM-CHILD:" + child.id())
        .needsFact(it.personPointer(child, "birthDate"), child.birthDate())
        .needs("children/" + index + "/school")
        .uses("schoolYear")
        .doubtIf(
            !SchoolMealsTerms.canBeAskedFor(schoolYear(it), it.assessedOn()),
            () ->
                "Meals can be asked for the school year that runs, and from June for the coming one.")
        .must(
            age == null ? null : age >= AGE_FROM && age <= AGE_TO,
            () -> child.calledBy() + " is " + age + ", not between " + AGE_FROM + " and " + AGE_TO
                + ".")
        .orMet(
            () -> child.calledBy() + " is " + age + " and goes to " + entry.text("school") + ".");
  }

  private static boolean isFreeAnyway(Situation it, Answers child) {
    return it.household().benefits().contains(Benefit.HOUSEHOLD_ALLOWANCE)
        || child.flag("homeless", false)
        || hasRightBenefitNumber(it)
        || it.household().person(child.text("person")).orElseThrow().role() == Role.FOSTER_CHILD;
  }

  private static boolean hasRightBenefitNumber(Situation it) {
    var number = it.answers().text("benefitNumber");
    return number != null
        && number.strip().matches(BENEFIT_NUMBER)
        && CheckDigits.isRight(number.strip().substring(3).replace("-", ""));
  }

  private static boolean hasWrongBenefitNumber(Situation it) {
    return it.answers().has("benefitNumber") && !hasRightBenefitNumber(it);
  }

  private static Test householdTotal(Situation it, Counted counted, boolean allFree) {
    var stated = it.answers().number("householdTotal");
    if (allFree) {
      return Test.notApplicable(
          "SM-TOTAL", () -> "Every child's meals are free whatever the income.");
    }
    var listed = Amount.of(counted.size());
    return it.check("SM-TOTAL")
        .needs("householdTotal")
        .usesFact("/household/people")
        .doubtIf(
            stated != null && !stated.equals(listed),
            () -> "The household states " + stated.plain() + " people, and " + listed.plain()
                + " are listed and counted.")
        .comparing(stated, stated == null ? null : listed)
        .orMet(() -> "The household states " + listed.plain()
            + " people, and as many are listed and counted.");
  }

  private static Test signed(Situation it, Counted counted) {
    for (var signature : it.packet().signatures()) {
      var signer = it.household().person(signature.person()).orElseThrow();
      if (counted.includes(signer.id())
          && counted.isAdult(signer)
          && (signer.residentNumber() != null || signer.residentNumberMissing() != null)
          && Names.compare(signer, signature.name()) == NameMatch.SAME) {
        return Test.met(
                "SM-SIGNED", () -> signer.calledBy() + " has signed with the name as given.")
            .needing(() -> List.of("/signatures"));
      }
    }
    return Test.unknown(
            "SM-SIGNED",
            () ->
                "An adult of the household has to sign, with the name as given and a resident number or the reason why"
                    + " there is none.")
        .missing(List.of("/signatures"))
        .needing(() -> List.of("/signatures"));
  }

  private static Test incomeTest(
      Situation it,
      IncomePicture income,
      @Nullable MealIncome meals,
      boolean allFree,
      boolean someFree) {
    if (allFree) {
      return Test.notApplicable(
          "SM-INCOME", () -> "Every child's meals are free whatever the income.");
    }
    if (meals == null) {
      return IncomeTest.gap("SM-INCOME", income);
    }
    var high = meals.high();
    var tier = meals.tier(high);
    if (income.isDisputed() && meals.tier(meals.low()) != tier) {
      return IncomeTest.disputed(
          "SM-INCOME",
          income,
          () -> "Income is between " + meals.low() + " and " + high + " " + meals.period()
              + ", as the register and the household disagree; the price depends on it. Payslips will settle it.");
    }
    if (tier != Tier.FULL) {
      return Test.met(
              "SM-INCOME",
              () -> "Income of " + high + " " + meals.period() + " is within the limit of "
                  + meals.limit(tier) + " for "
                  + (tier == Tier.FREE ? "free meals" : "the reduced price") + ", by "
                  + meals.limit(tier).minus(high) + ".")
          .comparing(high, meals.limit(tier))
          .needing(() -> IncomeTest.needs(income));
    }
    if (someFree) {
      return Test.notApplicable(
          "SM-INCOME",
          () -> "Income of " + high + " " + meals.period() + " is over the limit of "
              + meals.limit(Tier.REDUCED)
              + "; another child's meals are free whatever the income.");
    }
    var low = meals.low();
    var over = low.minus(meals.limit(Tier.REDUCED));
    return Test.notMet(
            "SM-INCOME",
            () -> "Income of " + low + " " + meals.period() + " is over the limit of "
                + meals.limit(Tier.REDUCED) + " for the reduced price, by " + over + ".")
        .comparing(low, meals.limit(Tier.REDUCED))
        .changedBy(() -> "Income lower by " + over + " " + meals.period() + " would meet it.")
        .needing(() -> IncomeTest.needs(income));
  }

  private static Map<String, Object> amounts(
      Situation it, List<Test> children, List<Answers> named, @Nullable MealIncome meals) {
    var prices = new LinkedHashMap<String, Object>();
    for (var child : named) {
      var id = child.text("person");
      var met = children.stream()
          .anyMatch(test -> test.id().equals("SM-CHILD:" + id) && test.is(Outcome.MET));
      if (met) {
        prices.put(
            id, isFreeAnyway(it, child) || meals == null ? Tier.FREE : meals.tier(meals.high()));
      }
    }
    var amounts = new LinkedHashMap<String, Object>();
    amounts.put("children", prices);
    amounts.put("until", SchoolMealsTerms.of(it.rates()).until(schoolYear(it)));
    amounts.put("nearLimit", meals != null && meals.isNearLimit());
    return amounts;
  }

  private static List<Line> working(MealIncome meals) {
    return List.of(
        new Line("Income " + meals.period(), meals.high()),
        new Line("Limit for free meals", meals.limit(Tier.FREE)),
        new Line("Limit for the reduced price", meals.limit(Tier.REDUCED)));
  }
}
