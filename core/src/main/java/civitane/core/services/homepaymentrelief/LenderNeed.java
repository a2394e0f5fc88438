package civitane.core.services.homepaymentrelief;

import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.rules.Line;
import civitane.core.rules.Situation;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** What is due to the lender: by the lender's own figure, else by the owner's word. */
final class LenderNeed {
  private final HomePaymentReliefTerms terms;
  private final LocalDate asOf;
  private final @Nullable Amount said;
  private final @Nullable Amount figure;
  private final @Nullable LocalDate figureOf;
  private final Amount otherCharges;

  LenderNeed(Situation<HomePaymentReliefAnswers> it, HomePaymentReliefTerms terms) {
    this.terms = terms;
    this.asOf = it.asOf();
    this.said = it.answers().amountDue();
    var lenders = it.answers().lenderFigure();
    this.figure = lenders == null ? null : lenders.amount();
    this.figureOf = lenders == null ? null : lenders.asOf();
    var other = it.answers().otherCharges();
    this.otherCharges = other == null ? Amount.ZERO : other;
  }

  @Nullable
  Amount need() {
    return figure != null ? figure : said;
  }

  Amount award() {
    return known(need()).plus(otherCharges).atMost(terms.cap());
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

  HomePaymentReliefAmounts amounts() {
    return new HomePaymentReliefAmounts(known(need()), award(), differs(), isStale());
  }

  List<Line> lines() {
    var lines = new ArrayList<Line>();
    lines.add(new Line(
        (figure != null ? Why.LINE_DUE_BY_LENDER : Why.LINE_DUE_BY_OWNER).with(),
        Argument.once(known(need()))));
    if (otherCharges.isPositive()) {
      lines.add(new Line(Why.LINE_CHARGES.with(), Argument.once(otherCharges)));
    }
    lines.add(new Line(Why.LINE_AWARD.with(Argument.once(terms.cap())), Argument.once(award())));
    return lines;
  }
}
