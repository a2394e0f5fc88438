package civitane.core.registers;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What lenders answer about a loan: whether they take part, and what is due. */
public final class LenderRegister {
  private LenderRegister() {}

  /** The question what is due on a loan, by the lender's name and the number it has there. */
  public static RegisterQuestion question(String lender, String loan) {
    return RegisterQuestion.of(RegisterName.LENDERS, Map.of("lender", lender, "loan", loan));
  }

  /** The answer about a loan; empty where the lender has no such loan. */
  public static Optional<LoanState> read(List<RegisterRow> rows) {
    return rows.stream()
        .map(row -> new LoanState(
            row.flag("participates"), row.amountOrNull("due"), row.dateOrNull("asOf")))
        .findFirst();
  }
}
