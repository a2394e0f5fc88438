package civitane.core.registers;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Which landlords agree to be paid by this office, and to which account. */
public final class LandlordRegister {
  private LandlordRegister() {}

  /** The question what a landlord has agreed to, by the name. */
  public static RegisterQuestion question(String landlord) {
    return RegisterQuestion.of(RegisterName.LANDLORDS, Map.of("landlord", landlord));
  }

  /** What was agreed; empty where nothing was. */
  public static Optional<LandlordAgreement> read(List<RegisterRow> rows) {
    return rows.stream()
        .map(row -> new LandlordAgreement(row.flag("agrees"), row.textOrNull("iban")))
        .findFirst();
  }
}
