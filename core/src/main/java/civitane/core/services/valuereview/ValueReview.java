package civitane.core.services.valuereview;

import civitane.core.facts.Answers;
import civitane.core.facts.PaperKind;
import civitane.core.money.Amount;
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
import civitane.core.rules.TimeLimit;
import civitane.core.rules.Wording;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The owner disputes the assessed value of a property. */
public final class ValueReview implements Service {
  private static final String NEARBY = "salesNearby";
  private static final List<String> ANY_CLASS = List.of(NEARBY, "recordError", "floodRisk");
  private static final Map<String, List<String>> BY_CLASS = Map.of(
      "residential", List.of("valuation", "stateOfRepair"),
      "commercial", List.of("valuation", "stateOfRepair", "rentalIncome", "vacancy"),
      "industrial", List.of("valuation", "stateOfRepair", "vacancy", "access"),
      "agricultural", List.of("rentalIncome", "access", "landUse"),
      "vacant", List.of("access", "landUse"));

  @Override
  public String word() {
    return "valueReview";
  }

  @Override
  public String title() {
    return "Value review";
  }

  @Override
  public StandardTime standardTime() {
    return StandardTime.days(45);
  }

  @Override
  public QuickCheck quickCheck() {
    return QuickCheck.of(
        "noticeOn",
        "lateReason",
        "currentValue",
        "askedValue",
        "propertyClass",
        "grounds",
        "standing");
  }

  @Override
  public List<Question> questions() {
    return List.of(
        Question.of("parcel", QuestionKind.TEXT).knownAs("parcel").forTheFile(),
        Question.of("noticeOn", QuestionKind.DATE),
        Question.of("lateReason", QuestionKind.LONG_TEXT).otherwise("none"),
        Question.of("currentValue", QuestionKind.MONEY),
        Question.of("askedValue", QuestionKind.MONEY).otherwise("none"),
        Question.choice(
            "propertyClass", "residential", "commercial", "vacant", "agricultural", "industrial"),
        Question.choices(
                "grounds",
                "valuation",
                "stateOfRepair",
                "recordError",
                NEARBY,
                "floodRisk",
                "rentalIncome",
                "vacancy",
                "landUse",
                "access")
            .calls("appraisal", "conditionPhoto"),
        Question.of("valuedOn", QuestionKind.DATE),
        Question.group(
            "subject",
            Question.of("area", QuestionKind.NUMBER),
            Question.of("condition", QuestionKind.WHOLE)),
        Question.groups(
                "sales",
                Question.of("parcel", QuestionKind.TEXT).forTheFile(),
                Question.of("soldOn", QuestionKind.DATE),
                Question.of("price", QuestionKind.MONEY),
                Question.of("area", QuestionKind.NUMBER),
                Question.of("condition", QuestionKind.WHOLE))
            .otherwise("none"),
        Question.choice("standing", "owner", "representative", "newOwner").calls("mandate", "deed"),
        Question.of("mandateGiven", QuestionKind.FLAG)
            .otherwise("no")
            .when("standing", "representative"),
        Question.of("earlierYears", QuestionKind.TEXTS).otherwise("none").forTheFile(),
        Question.choice("appearance", "phone", "inPerson", "writing").forTheFile());
  }

  @Override
  public Result determine(Situation it) {
    var terms = ValueReviewTerms.of(it.rates());
    var kept = keptGrounds(it);
    var sales = sales(it, terms);
    var asked = askedTest(it);
    return it.determination()
        .test(TimeLimit.lodgedWithin(
            it, "VR-TIME", "noticeOn", "noticeOn", terms.days(), Integer.MAX_VALUE))
        .test(standingTest(it))
        .test(groundsTest(it, kept))
        .test(asked)
        .test(salesTest(it, kept, sales, asked.is(Outcome.UNKNOWN)))
        .determineOnly(() -> papers(it, kept).test())
        .note(
            kept != null && !kept.containsAll(it.answers().texts("grounds")),
            "groundsStruck",
            () -> "Grounds that do not belong to this class of property are left out.")
        .note(
            sales != null && sales.leavesOut(),
            "salesLeftOut",
            () -> "Of " + sales.usable() + " usable sales the " + terms.sales()
                + " nearest in area are used.")
        .aid("sales", () -> sales == null ? null : sales.aid())
        .award(() -> sales == null || sales.usable() == 0 ? Map.of() : amounts(it, sales, terms))
        .working(() -> sales == null || sales.usable() == 0 ? List.of() : working(sales))
        .result(word());
  }

  /** The grounds that belong to the property's class; null while either is not known. */
  private static @Nullable List<String> keptGrounds(Situation it) {
    var property = it.answers().text("propertyClass");
    if (property == null || !it.answers().has("grounds")) {
      return null;
    }
    var allowed = BY_CLASS.get(property);
    return it.answers().texts("grounds").stream()
        .filter(ground -> ANY_CLASS.contains(ground) || allowed.contains(ground))
        .distinct()
        .toList();
  }

  private static Test standingTest(Situation it) {
    var standing = it.answers().text("standing");
    var hasDeed = it.packet().papers().stream()
        .anyMatch(paper -> paper.kind() == PaperKind.DEED && paper.isEvidence());
    return it.check("VR-STANDING")
        .needs("standing")
        .uses("mandateGiven")
        .doubtIf(
            "representative".equals(standing) && !it.answers().flag("mandateGiven", false),
            () -> "The mandate of the representative is wanted.")
        .doubtIf(
            "newOwner".equals(standing) && !hasDeed,
            () -> "The new owner is not in the record yet; the deed is wanted.")
        .lacks("newOwner".equals(standing) && !hasDeed ? List.of("deed") : List.of())
        .orMet(() -> "The " + Wording.spoken(standing) + " may ask for it.");
  }

  private static Test groundsTest(Situation it, @Nullable List<String> kept) {
    return it.check("VR-GROUNDS")
        .needs("propertyClass")
        .needs("grounds")
        .must(
            kept == null ? null : !kept.isEmpty(),
            () -> "No ground is named that belongs to this class of property.")
        .orMet(
            () -> "Grounds: " + Wording.list(kept.stream().map(Wording::spoken).toList()) + ".");
  }

  private static Test askedTest(Situation it) {
    var asked = it.answers().number("askedValue");
    var current = it.answers().number("currentValue");
    if (asked == null) {
      return Test.notApplicable("VR-ASKED", () -> "No value is asked for.");
    }
    return it.check("VR-ASKED")
        .needs("askedValue")
        .needs("currentValue")
        .must(
            current == null ? null : current.isAbove(asked),
            () -> "The value asked for, " + asked + ", is not lower than the assessed one, "
                + current + ".")
        .comparing(current == null ? null : asked, current)
        .changedBy(() -> "A value asked for below " + current + " would meet it.")
        .orMet(() ->
            "The value asked for, " + asked + ", is lower than the assessed one, " + current + ".");
  }

  /** The sales made comparable; null while there is none or something of them is missing. */
  private static @Nullable ComparableSales sales(Situation it, ValueReviewTerms terms) {
    var sales = it.answers().groups("sales");
    var subject = it.answers().group("subject");
    var valuedOn = it.answers().date("valuedOn");
    if (valuedOn == null || !sales.stream().allMatch(ValueReview::isComplete)) {
      return null;
    }
    if (!sales.isEmpty()
        && (subject == null || !subject.has("area") || !subject.has("condition"))) {
      return null;
    }
    return new ComparableSales(sales, subject == null ? Answers.NONE : subject, valuedOn, terms);
  }

  private static boolean isComplete(Answers sale) {
    return sale.has("soldOn")
        && sale.has("price")
        && sale.has("area")
        && sale.number("area").isPositive()
        && sale.has("condition");
  }

  /** The assessed value, which only the amounts need here, is not asked for twice. */
  private static Test salesTest(
      Situation it,
      @Nullable List<String> kept,
      @Nullable ComparableSales sales,
      boolean valueIsWanted) {
    var nearby = it.answers().texts("grounds").contains(NEARBY);
    var none = it.answers().groups("sales").isEmpty();
    var usable = sales != null && sales.usable() > 0;
    var valued = !usable || valueIsWanted || it.answers().has("currentValue");
    if (!nearby && kept != null && (none || sales != null && valued)) {
      return Test.notApplicable("VR-SALES", () -> "Sales nearby are not among the grounds.");
    }
    var check = it.check("VR-SALES").uses("sales");
    if (!nearby) {
      check.needs("grounds").needs("propertyClass");
    }
    if (nearby || !none) {
      check.needs("valuedOn");
    }
    if (!none) {
      check.needs("subject/area").needs("subject/condition");
      if (!valueIsWanted) {
        check.needs("currentValue");
      }
    }
    var entries = it.answers().groups("sales");
    for (var i = 0; i < entries.size(); i++) {
      for (var part : List.of("soldOn", "price", "area", "condition")) {
        check.needs("sales/" + i + "/" + part);
      }
      var area = entries.get(i).number("area");
      check.doubtIf(
          area != null && area.isZero(), () -> "A sale with an area of 0 can't be compared.");
    }
    return check
        .doubtIf(
            sales != null && sales.usable() == 0,
            () -> "No sale named can be used; at least one is wanted.")
        .comparing(sales == null || sales.usable() == 0 ? null : Amount.of(sales.usable()), null)
        .orMet(() -> "Usable sales: " + sales.usable() + ".");
  }

  private static PaperWants papers(Situation it, @Nullable List<String> kept) {
    var papers = PaperWants.of(it);
    var grounds = kept == null ? List.<String>of() : kept;
    if (grounds.contains("valuation")) {
      papers.any(PaperKind.APPRAISAL);
    }
    if (grounds.contains("stateOfRepair")) {
      papers.any(PaperKind.CONDITION_PHOTO);
    }
    return "representative".equals(it.answers().text("standing"))
        ? papers.any(PaperKind.MANDATE)
        : papers;
  }

  private static Map<String, Object> amounts(
      Situation it, ComparableSales sales, ValueReviewTerms terms) {
    var indicated = sales.indicated();
    var current = it.answers().number("currentValue");
    var asked = it.answers().number("askedValue");
    var amounts = new LinkedHashMap<String, Object>();
    amounts.put("adjusted", sales.adjusted());
    amounts.put("indicated", indicated);
    amounts.put("suggested", indicated.atMost(current));
    if (asked != null && indicated.isWithin(asked.plus(asked.percent(terms.supportPercent())))) {
      amounts.put("support", "full");
    } else {
      amounts.put("support", current.isAbove(indicated) ? "part" : "none");
    }
    return amounts;
  }

  private static List<Line> working(ComparableSales sales) {
    var lines = new ArrayList<Line>();
    var number = 1;
    for (var adjusted : sales.adjusted()) {
      lines.add(new Line("Sale " + number++ + ", made comparable", adjusted));
    }
    lines.add(new Line("Indicated, the median", sales.indicated()));
    return lines;
  }
}
