package civitane.core.services.valuereview;

import civitane.core.awards.Award;
import civitane.core.awards.Recipient;
import civitane.core.awards.What;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Statement;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Missing;
import civitane.core.reasons.ReasonCode;
import civitane.core.rules.Check;
import civitane.core.rules.Entitlement;
import civitane.core.rules.Line;
import civitane.core.rules.Outcome;
import civitane.core.rules.PaperWants;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.rules.TimeLimit;
import civitane.core.services.valuereview.ValueReviewAnswers.ComparableSale;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** The owner disputes the assessed value of a property. */
public final class ValueReview implements Entitlement<ValueReviewAnswers> {
  /** A hearing is told of so many days ahead; the statute says it, and not the rate book. */
  private static final int HEARING_NOTICE = 14;

  @Override
  public List<Statement> ownStatements() {
    return List.of(Statement.MAY_SPEAK);
  }

  @Override
  public String word() {
    return "valueReview";
  }

  @Override
  public Class<ValueReviewAnswers> answers() {
    return ValueReviewAnswers.class;
  }

  @Override
  public List<? extends ReasonCode> reasons() {
    return List.of(Why.values());
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
  public ValueReviewAids aids(Situation<ValueReviewAnswers> it) {
    var sales = sales(it.answers(), ValueReviewTerms.of(it.rates()));
    return new ValueReviewAids(sales == null ? null : sales.byPlace());
  }

  @Override
  public OptionalInt hearingNotice(RateBook rates) {
    return OptionalInt.of(HEARING_NOTICE);
  }

  @Override
  public Result determine(Situation<ValueReviewAnswers> it) {
    var terms = ValueReviewTerms.of(it.rates());
    var answers = it.answers();
    var kept = keptGrounds(answers);
    var sales = sales(answers, terms);
    var asked = askedCheck(it);
    var usable = sales != null && sales.usable() > 0;
    var struck = kept == null
        ? List.<ReviewGround>of()
        : known(answers.grounds()).stream()
            .distinct()
            .filter(one -> !kept.contains(one))
            .toList();
    return it.determination()
        .check(timeCheck(it, terms))
        .check(standingCheck(it))
        .check(groundsCheck(it, kept))
        .check(asked)
        .check(salesCheck(it, kept, sales, asked.is(Outcome.UNKNOWN)))
        .determineOnly(() -> papers(it, kept).check())
        .note(!struck.isEmpty(), () -> Why.GROUNDS_STRUCK.with(Argument.terms(struck)))
        .note(
            usable && known(sales).leavesOut(),
            () -> Why.SALES_LEFT_OUT.with(
                Argument.count(known(sales).usable()),
                Argument.count(known(sales).used())))
        .amounts(() -> usable ? amounts(answers, known(sales), terms) : null)
        .awards(() -> List.of(Award.of(What.HEARING, Recipient.HOUSEHOLD)))
        .working(usable, () -> working(known(sales)))
        .result(word());
  }

  /** The grounds that belong to the property's class, each once; null while either is not known. */
  private static @Nullable List<ReviewGround> keptGrounds(ValueReviewAnswers answers) {
    if (answers.propertyClass() == null || answers.grounds() == null) {
      return null;
    }
    return answers.grounds().stream()
        .filter(ground -> ground.belongsTo(answers.propertyClass()))
        .distinct()
        .toList();
  }

  /** VR-TIME: it was lodged in time after the notice, or why it is late is said. */
  private static Check timeCheck(Situation<ValueReviewAnswers> it, ValueReviewTerms terms) {
    return TimeLimit.lodgedWithin(
        it,
        "VR-TIME",
        "noticeOn",
        it.answers().noticeOn(),
        it.answers().lateReason(),
        terms.days(),
        Integer.MAX_VALUE);
  }

  /** VR-STANDING: who asks may ask. */
  private static Check standingCheck(Situation<ValueReviewAnswers> it) {
    var standing = it.answers().standing();
    var hasDeed = it.packet().papers().stream()
        .anyMatch(paper -> paper.kind() == PaperKind.DEED && paper.isEvidence());
    var wantsDeed = standing == ReviewStanding.NEW_OWNER && !hasDeed;
    return it.check("VR-STANDING")
        .needs("standing", standing)
        .uses("mandateGiven")
        .doubtIf(
            standing == ReviewStanding.REPRESENTATIVE && !it.answers().mandateGiven(),
            Why.MANDATE_WANTED::with)
        .doubtIf(wantsDeed, Why.DEED_WANTED::with)
        .lacks(
            wantsDeed
                ? List.of(new Missing(PaperKind.DEED.word(), "paper.deed", null, null))
                : List.of())
        .orMet(() -> Why.MAY_ASK.with(Argument.term(known(standing))));
  }

  /** VR-GROUNDS: at least one ground belongs to the class of property. */
  private static Check groundsCheck(
      Situation<ValueReviewAnswers> it, @Nullable List<ReviewGround> kept) {
    return it.check("VR-GROUNDS")
        .needs("propertyClass", it.answers().propertyClass())
        .needs("grounds", it.answers().grounds())
        .must(kept == null ? null : !kept.isEmpty(), Why.NO_GROUND::with)
        .orMet(() -> Why.GROUNDS.with(Argument.terms(known(kept))));
  }

  /** VR-ASKED: the value asked for is lower than the assessed one. */
  private static Check askedCheck(Situation<ValueReviewAnswers> it) {
    var asked = it.answers().askedValue();
    var current = it.answers().currentValue();
    if (asked == null) {
      return it.check("VR-ASKED").notApplicable(Why.NO_VALUE_ASKED.with());
    }
    var check = it.check("VR-ASKED").needs("askedValue", asked).needs("currentValue", current);
    if (current == null) {
      return check.open();
    }
    return check
        .comparing(asked, current)
        .must(
            current.isAbove(asked),
            () -> Why.ASKED_NOT_LOWER.with(Argument.once(asked), Argument.once(current)))
        .changedBy(() -> Why.ASK_BELOW.with(Argument.once(current)))
        .orMet(() -> Why.ASKED_LOWER.with(Argument.once(asked), Argument.once(current)));
  }

  /** The sales made comparable; null while there is none or something of them is missing. */
  private static @Nullable ComparableSales sales(
      ValueReviewAnswers answers, ValueReviewTerms terms) {
    var sales = answers.sales();
    var subject = answers.subject();
    if (answers.valuedOn() == null || !sales.stream().allMatch(ComparableSale::isComplete)) {
      return null;
    }
    if (!sales.isEmpty() && (subject == null || !subject.isComplete())) {
      return null;
    }
    return new ComparableSales(sales, subject, answers.valuedOn(), terms);
  }

  /** VR-SALES: with that ground at least one sale can be used. The assessed value, which only the amounts need here, is not asked for twice. */
  private static Check salesCheck(
      Situation<ValueReviewAnswers> it,
      @Nullable List<ReviewGround> kept,
      @Nullable ComparableSales sales,
      boolean valueIsWanted) {
    var answers = it.answers();
    var nearby = answers.grounds() != null && answers.grounds().contains(ReviewGround.SALES_NEARBY);
    var none = answers.sales().isEmpty();
    var usable = sales != null && sales.usable() > 0;
    var valued = !usable || valueIsWanted || answers.currentValue() != null;
    if (!nearby && kept != null && (none || sales != null && valued)) {
      return it.check("VR-SALES").notApplicable(Why.SALES_NOT_ASKED.with());
    }
    var check = it.check("VR-SALES").uses("sales");
    if (!nearby) {
      check.needs("grounds", answers.grounds()).needs("propertyClass", answers.propertyClass());
    }
    if (nearby || !none) {
      check.needs("valuedOn", answers.valuedOn());
    }
    if (!none) {
      var subject = answers.subject();
      check
          .needs("subject/area", subject == null ? null : subject.area())
          .needs("subject/condition", subject == null ? null : subject.condition());
      if (!valueIsWanted) {
        check.needs("currentValue", answers.currentValue());
      }
    }
    for (var i = 0; i < answers.sales().size(); i++) {
      var sale = answers.sales().get(i);
      check
          .needs("sales/" + i + "/soldOn", sale.soldOn())
          .needs("sales/" + i + "/price", sale.price())
          .needs("sales/" + i + "/area", sale.area())
          .needs("sales/" + i + "/condition", sale.condition())
          .doubtIf(sale.area() != null && sale.area().isZero(), Why.SALE_WITHOUT_AREA::with);
    }
    return check
        .doubtIf(sales != null && sales.usable() == 0, Why.NO_SALE_USABLE::with)
        .comparing(usable ? Amount.of(known(sales).usable()) : null, null)
        .orMet(() -> Why.SALES_USABLE.with(Argument.count(known(sales).usable())));
  }

  private static PaperWants papers(
      Situation<ValueReviewAnswers> it, @Nullable List<ReviewGround> kept) {
    var papers = PaperWants.of(it);
    var grounds = kept == null ? List.<ReviewGround>of() : kept;
    if (grounds.contains(ReviewGround.VALUATION)) {
      papers.any(PaperKind.APPRAISAL);
    }
    if (grounds.contains(ReviewGround.STATE_OF_REPAIR)) {
      papers.any(PaperKind.CONDITION_PHOTO);
    }
    return it.answers().standing() == ReviewStanding.REPRESENTATIVE
        ? papers.any(PaperKind.MANDATE)
        : papers;
  }

  private static ValueReviewAmounts amounts(
      ValueReviewAnswers answers, ComparableSales sales, ValueReviewTerms terms) {
    var indicated = sales.indicated();
    var current = answers.currentValue();
    return new ValueReviewAmounts(
        sales.adjusted(),
        indicated,
        indicated.atMost(known(current)),
        support(answers.askedValue(), indicated, known(current), terms));
  }

  private static Support support(
      @Nullable Amount asked, Amount indicated, Amount current, ValueReviewTerms terms) {
    if (asked != null && indicated.isWithin(asked.plus(asked.percent(terms.supportPercent())))) {
      return Support.FULL;
    }
    return current.isAbove(indicated) ? Support.PART : Support.NONE;
  }

  private static List<Line> working(ComparableSales sales) {
    var lines = new ArrayList<Line>();
    var number = 1;
    for (var adjusted : sales.adjusted()) {
      lines.add(new Line(Why.LINE_SALE.with(Argument.count(number++)), Argument.once(adjusted)));
    }
    lines.add(new Line(Why.LINE_INDICATED.with(), Argument.once(sales.indicated())));
    return lines;
  }
}
