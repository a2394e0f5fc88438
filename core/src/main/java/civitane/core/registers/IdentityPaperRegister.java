package civitane.core.registers;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Which identity papers were issued, and which were reported lost; what is asked and read, for whoever asks it. */
public final class IdentityPaperRegister {
  private IdentityPaperRegister() {}

  /** The question what became of a paper, by the number printed on it. */
  public static RegisterQuestion question(String paperNumber) {
    return RegisterQuestion.of(RegisterName.IDENTITY_PAPERS, Map.of("number", paperNumber));
  }

  /** The paper; empty where none of that number was issued. */
  public static Optional<IssuedPaper> read(List<RegisterRow> rows) {
    return rows.stream()
        .map(row -> new IssuedPaper(
            row.text("number"),
            row.text("givenName") + " " + row.text("familyName"),
            row.date("birthDate"),
            row.date("expiresOn"),
            row.dateOrNull("lostOn")))
        .findFirst();
  }
}
