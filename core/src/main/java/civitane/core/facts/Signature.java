package civitane.core.facts;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A signature: who, with which name, when and how, and the statements ticked.
 *
 * @param signedBy who signed for them, by the right to act for them; null where they signed themselves
 * @param witness who saw a mark being made
 * @param heardBy who heard it, where it was spoken
 * @param interpreter who interpreted, where somebody did
 * @param language the language in which the statements were read
 * @param denied the statements that were read out and answered with no: as long as there is one, nothing is signed
 * @param wording the statements as they were read, in the order they were ticked
 */
public record Signature(
    @Required @As(Form.PERSON) String person,
    @Nullable String name,
    @Nullable LocalDate on,
    @Nullable SigningMethod method,
    @Nullable String signedBy,
    @Nullable String witness,
    @Nullable String heardBy,
    @Nullable String interpreter,
    @Nullable String language,
    List<String> statements,
    List<String> denied,
    List<String> wording) {

  public Signature {
    statements = Lists.of(statements);
    denied = Lists.of(denied);
    wording = Lists.of(wording);
  }

  /** A signature on a screen, without what only other ways of signing have. */
  public static Signature onScreen(
      String person, @Nullable String name, @Nullable LocalDate on, List<String> statements) {
    return new Signature(
        person,
        name,
        on,
        SigningMethod.SCREEN,
        null,
        null,
        null,
        null,
        null,
        statements,
        List.of(),
        List.of());
  }

  public boolean isSpoken() {
    return method == SigningMethod.SPOKEN;
  }

  /** The name signed; null as long as a statement was answered with no. */
  public @Nullable String nameThatHolds() {
    return denied.isEmpty() ? name : null;
  }
}
