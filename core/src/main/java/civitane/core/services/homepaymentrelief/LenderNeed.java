package civitane.core.services.homepaymentrelief;

import civitane.core.facts.Answers;
import civitane.core.money.Amount;
import civitane.core.rules.Line;
import civitane.core.rules.Situation;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What is due to the lender: by the lender's own figure, else by the owner's word. */
final class LenderNeed {
  private final HomePaymentReliefTerms terms;
  private final LocalDate asOf;
  private final @Nullable Amount said;
  private final @Nullable Amount figure;
  private final @Nullable LocalDate figureOf;
  private final Amount otherCharges;

  LenderNeed(Situation it, HomePaymentReliefTerms terms) {
    this.terms = terms;
    this.asOf = it.asOf();
    this.said = it.answers().number("amountDue");
    var lenders = it.answers().group("lenderFigure");
    this.figure = (lenders == null ? Answers.NONE : lenders).number("amount");
    this.figureOf = (lenders == null ? Answers.NONE : lenders).date("asOf");
    var other = it.answers().number("otherCharges");
    this.otherCharges = other == null ? Amount.ZERO : other;
  }

  @Nullable
  Amount need() {
    return figure != null ? figure : said;
  }

  Amount award() {
    return need().plus(otherCharges).atMost(terms.cap());
  }

  boolean differs() {
    return said != null
        && figure != null
        && figure.distanceTo(said).isAbove(figure.percent(terms.differencePercent()));
  }

  /** Whether the lender named a figure without its day, so that nobody can tell how old it is. */
  boolean isUndated() {
    return figure != null && figureOf == null;
  }

  boolean isStale() {
    return figureOf != null && figureOf.plusDays(terms.figureDays()).isBefore(asOf);
  }

  Map<String, Object> amounts() {
    var amounts = new LinkedHashMap<String, Object>();
    amounts.put("need", need());
    amounts.put("award", award());
    amounts.put("differs", differs());
    amounts.put("stale", isStale());
    return amounts;
  }

  List<Line> lines() {
    var lines = new ArrayList<Line>();
    lines.add(new Line(
        figure != null ? "Due by the lender's figure" : "Due by the owner's word", need()));
    if (otherCharges.isPositive()) {
      lines.add(new Line("Other charges", otherCharges));
    }
    lines.add(new Line("Paid, at most " + terms.cap(), award()));
    return lines;
  }
}
