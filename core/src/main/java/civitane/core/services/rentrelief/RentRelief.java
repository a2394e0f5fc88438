package civitane.core.services.rentrelief;

import civitane.core.facts.Answers;
import civitane.core.facts.AssetKind;
import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Packet;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Person;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import civitane.core.income.Counted;
import civitane.core.income.Counting;
import civitane.core.income.IncomePicture;
import civitane.core.income.Sum;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.rules.AssetTest;
import civitane.core.rules.Hardship;
import civitane.core.rules.Hold;
import civitane.core.rules.IdentityTest;
import civitane.core.rules.IncomeChart;
import civitane.core.rules.IncomeTest;
import civitane.core.rules.Outcome;
import civitane.core.rules.PaperWants;
import civitane.core.rules.Question;
import civitane.core.rules.QuestionKind;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Residence;
import civitane.core.rules.Result;
import civitane.core.rules.Service;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.rules.Test;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Rent owed, and rent to come, paid to the landlord. */
public final class RentRelief implements Service {

  @Override
  public String word() {
    return "rentRelief";
  }

  @Override
  public String title() {
    return "Rent relief";
  }

  @Override
  public StandardTime standardTime() {
    return StandardTime.days(28);
  }

  @Override
  public QuickCheck quickCheck() {
    return QuickCheck.of("monthlyRent", "arrears", "comingMonths", "hardship", "hardshipText")
        .with(
            QuickCheck.Fact.POSTCODE,
            QuickCheck.Fact.PEOPLE,
            QuickCheck.Fact.INCOME,
            QuickCheck.Fact.OWNED);
  }

  @Override
  public List<IncomeChart> charts(RateBook rates) {
    var terms = RentReliefTerms.of(rates);
    return List.of(
        IncomeChart.ofMiddle("income up to", rates, terms.incomePercent()),
        IncomeChart.flat("owned up to", "in all", terms.assetLimit()),
        IncomeChart.flat("paid at most", "in all", terms.cap()));
  }

  @Override
  public List<Question> questions() {
    return List.of(
        Question.of("monthlyRent", QuestionKind.MONEY)
            .otherwise("the rent among the expenses")
            .calls("lease", "tenancyProof"),
        Question.groups(
                "arrears",
                Question.of("month", QuestionKind.MONTH),
                Question.of("owed", QuestionKind.MONEY))
            .otherwise("none")
            .calls("arrearsNotice"),
        Question.of("comingMonths", QuestionKind.WHOLE).otherwise("0"),
        Hardship.kinds(),
        Hardship.words(),
        Question.of("subsidised", QuestionKind.FLAG).otherwise("no"),
        Question.of("ownShare", QuestionKind.MONEY).when("subsidised", "true"),
        Question.group(
            "landlord",
            Question.of("name", QuestionKind.TEXT).forTheFile(),
            Question.of("iban", QuestionKind.IBAN).forTheFile(),
            Question.of("agrees", QuestionKind.FLAG),
            Question.of("askedOn", QuestionKind.DATE)),
        Question.of("leaseNames", QuestionKind.TEXTS));
  }

  @Override
  public boolean concerns(Packet packet) {
    return packet.household().listedExpenses().stream()
        .anyMatch(expense -> expense.kind() == ExpenseKind.RENT);
  }

  /** One month's rent to come, so that it is the income that decides. */
  @Override
  public Answers presumed(Packet packet) {
    return new Answers(Map.of("comingMonths", Amount.of(1)));
  }

  @Override
  public Result determine(Situation it) {
    var terms = RentReliefTerms.of(it.rates());
    var counted = it.counted(Counting.SHARED_MONEY);
    var income = it.income(counted);
    var need = new RentNeed(it, counted, terms);
    var incomeTest = incomeTest(it, income, terms);
    var payee = payeeTest(it, terms);
    return it.determination()
        .test(Residence.test(it))
        .test(leaseTest(it, counted))
        .test(Hardship.test(it, "RR-HARDSHIP"))
        .test(incomeTest)
        .test(AssetTest.atMost(
            it, "RR-ASSETS", counted, "Assets", RentRelief::assets, terms.assetLimit()))
        .test(need.test())
        .test(payee)
        .hold(payee.is(Outcome.UNKNOWN), Hold.LANDLORD)
        .determineOnly(() -> IdentityTest.standard(it, it.household().applicant()))
        .determineOnly(() -> papers(it, counted, income, need).test())
        .note(
            need.leavesOutMonths(),
            "monthsLeftOut",
            () -> "Only the month of lodging and the " + (terms.backMonths() - 1)
                + " before it can be paid.")
        .notes(IncomeTest.notes(income, !incomeTest.is(Outcome.UNKNOWN)))
        .aid("months", () -> need.allowedMonths())
        .award(() -> amounts(it, need))
        .working(() -> need.isKnown() ? need.lines() : List.of())
        .result(word());
  }

  private static Test leaseTest(Situation it, Counted counted) {
    var names = it.answers().texts("leaseNames");
    var ours = names.stream()
        .anyMatch(name -> counted.adults().stream().anyMatch(adult -> isName(adult, name)));
    var strangers = names.stream()
        .filter(name ->
            it.household().people().stream().noneMatch(who -> who.livesHere() && isName(who, name)))
        .toList();
    return it.check("RR-LEASE")
        .needs("leaseNames")
        .usesFact("/household/people")
        .doubtIf(
            it.answers().has("leaseNames") && names.isEmpty(),
            () -> "No name stands on the lease; another tenancy proof is wanted.")
        .doubtIf(!names.isEmpty() && !ours, () -> "No counted adult's name stands on the lease.")
        .doubtIf(
            !strangers.isEmpty(),
            () -> "On the lease stands somebody who is not listed here: "
                + String.join(", ", strangers) + ".")
        .orMet(() -> "Every name on the lease is that of somebody who lives here.");
  }

  private static boolean isName(Person person, String name) {
    var match = Names.compare(person, name);
    return match == NameMatch.SAME || match == NameMatch.CLOSE;
  }

  private static Test incomeTest(Situation it, IncomePicture income, RentReliefTerms terms) {
    var childcare = income.counted().yearly(EnumSet.of(ExpenseKind.CHILDCARE));
    var medical = income.counted().yearly(EnumSet.of(ExpenseKind.MEDICAL));
    var costs = childcare.plus(medical);
    if (income.isKnown() && !costs.isKnown()) {
      return it.check("RR-INCOME")
          .usesFact("/household/expenses")
          .lacks(costs.missing())
          .orMet(() -> "");
    }
    return IncomeTest.atMost(
        "RR-INCOME",
        income,
        "a year after childcare and medical costs",
        () -> adjusted(income.yearlyLow(), childcare.known(), medical.known(), terms),
        () -> adjusted(income.yearlyHigh(), childcare.known(), medical.known(), terms),
        () -> income.counted().middle(it.rates()).percent(terms.incomePercent()));
  }

  private static Amount adjusted(
      Amount yearly, Amount childcare, Amount medical, RentReliefTerms terms) {
    return yearly
        .minus(childcare)
        .minus(medical.minus(yearly.percent(terms.medicalPercent())).notBelowZero());
  }

  /** What counted adults own, without retirement savings and each adult's first vehicle. */
  private static Sum assets(Counted counted) {
    var sum = Sum.ZERO;
    var haveVehicle = new HashSet<String>();
    var assets = counted.household().assets();
    for (var i = 0; i < assets.size(); i++) {
      var asset = assets.get(i);
      if (asset.kind() == AssetKind.RETIREMENT || !isAdults(counted, asset.person())) {
        continue;
      }
      if (asset.kind() == AssetKind.VEHICLE && haveVehicle.add(String.valueOf(asset.person()))) {
        continue;
      }
      sum = asset.value() == null
          ? sum.missing("/household/assets/" + i + "/value")
          : sum.plus(asset.value());
    }
    return sum;
  }

  private static boolean isAdults(
      Counted counted, @org.jspecify.annotations.Nullable String person) {
    return person == null
        || counted.includes(person)
            && counted.isAdult(counted.household().person(person).orElseThrow());
  }

  private static Test payeeTest(Situation it, RentReliefTerms terms) {
    if (agrees(it)) {
      return Test.met("RR-PAYEE", () -> "The landlord agrees to be paid.")
          .needing(() -> List.of(it.pointer("landlord")));
    }
    if (isTenantPaid(it, terms)) {
      return Test.met(
              "RR-PAYEE",
              () -> "The landlord was asked and has not agreed within " + terms.landlordDays()
                  + " days, so the tenant is paid.")
          .needing(() -> List.of(it.pointer("landlord")));
    }
    return Test.unknown("RR-PAYEE", () -> "The landlord has not agreed yet to be paid.")
        .missing(List.of(it.pointer("landlord/agrees")))
        .needing(() -> List.of(it.pointer("landlord")));
  }

  private static boolean agrees(Situation it) {
    var landlord = it.answers().group("landlord");
    return landlord != null && landlord.flag("agrees", false);
  }

  private static boolean isTenantPaid(Situation it, RentReliefTerms terms) {
    var landlord = it.answers().group("landlord");
    var askedOn = landlord == null ? null : landlord.date("askedOn");
    return askedOn != null && !askedOn.plusDays(terms.landlordDays()).isAfter(it.asOf());
  }

  private static PaperWants papers(
      Situation it, Counted counted, IncomePicture income, RentNeed need) {
    var papers = PaperWants.of(it)
        .incomes(income)
        .eachAdult(counted, 1, PaperKind.ASSET_STATEMENT, PaperKind.BANK_STATEMENT)
        .any(PaperKind.LEASE, PaperKind.TENANCY_PROOF);
    for (var person : onLease(it)) {
      papers.photoIdentity(person);
    }
    return need.asksForArrears() ? papers.any(PaperKind.ARREARS_NOTICE) : papers;
  }

  private static Set<String> onLease(Situation it) {
    var people = new HashSet<String>();
    for (var person : it.household().inOrder()) {
      if (person.livesHere()
          && it.answers().texts("leaseNames").stream().anyMatch(name -> isName(person, name))) {
        people.add(person.id());
      }
    }
    return people;
  }

  private static Map<String, Object> amounts(Situation it, RentNeed need) {
    var amounts = new LinkedHashMap<String, Object>();
    amounts.put("back", need.back());
    amounts.put("backMonths", Amount.of(need.backMonths()));
    amounts.put("coming", need.coming());
    amounts.put("comingMonths", Amount.of(need.comingMonths()));
    amounts.put("award", need.award());
    amounts.put("payee", agrees(it) ? "landlord" : "tenant");
    return amounts;
  }
}
