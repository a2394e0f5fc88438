package civitane.core.facts;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A signature: who, with which name, when and how, and the statements ticked.
 *
 * @param witness who saw a mark being made
 * @param heardBy who heard it, where it was spoken
 * @param language the language in which the statements were read
 * @param wording the statements as they were read, in the order they were ticked
 */
public record Signature(
    @Required @As(Form.PERSON) String person,
    @Nullable String name,
    @Nullable LocalDate on,
    @Nullable SigningMethod method,
    @Nullable String witness,
    @Nullable String heardBy,
    @Nullable String language,
    List<String> statements,
    List<String> wording) {

  public Signature {
    statements = Lists.of(statements);
    wording = Lists.of(wording);
  }
}
