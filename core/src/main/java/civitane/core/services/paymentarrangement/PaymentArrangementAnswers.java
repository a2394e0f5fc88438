package civitane.core.services.paymentarrangement;

import civitane.core.facts.As;
import civitane.core.facts.Asked;
import civitane.core.facts.Form;
import civitane.core.facts.PaperKind;
import civitane.core.facts.WhoseWord;
import civitane.core.money.Amount;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a Payment Arrangement asks beyond the household's facts; euros throughout. */
public record PaymentArrangementAnswers(
    @Asked(knownAs = "debts") @Nullable List<Debt> debts,
    @Nullable String reason,
    @As(Form.LONG_TEXT) @Nullable String reasonText,
    @Nullable Integer months,
    @As(Form.NUMBER) @Nullable Amount downPercent,
    @Nullable LocalDate firstDueOn,

    @As(Form.LONG_TEXT) @Asked(optional = true, calls = PaperKind.BANK_STATEMENT) @Nullable
    String affordability) {

  /** A debt to the office. */
  public record Debt(
      @Asked(forTheFile = true) @Nullable String ref,

      @Asked(forTheFile = true, counts = WhoseWord.OFFICE) @Nullable
      String kind,

      @Asked(counts = WhoseWord.OFFICE) @Nullable Amount amount,
      @Asked(optional = true) @Nullable DebtWord said) {

    boolean isDisputed() {
      return said != null && said != DebtWord.OWED;
    }
  }

  /** The debts of which the household says that they are paid, or not theirs. */
  List<Debt> disputed() {
    return debts == null ? List.of() : debts.stream().filter(Debt::isDisputed).toList();
  }

  /** What is owed in all, without what is disputed; null while a debt's amount is not known. */
  @Nullable
  Amount total() {
    if (debts == null) {
      return null;
    }
    var sum = Amount.ZERO;
    for (var debt : debts) {
      if (debt.isDisputed()) {
        continue;
      }
      if (debt.amount() == null) {
        return null;
      }
      sum = sum.plus(debt.amount());
    }
    return sum;
  }
}
