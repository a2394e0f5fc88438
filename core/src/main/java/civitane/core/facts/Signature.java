package civitane.core.facts;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A signature: who, with which name, when and how, and the statements ticked. */
public record Signature(
    String person,
    @Nullable String name,
    @Nullable LocalDate on,
    @Nullable SigningMethod method,
    @Nullable String witness,
    List<String> statements) {

  public Signature {
    statements = List.copyOf(statements);
  }
}
