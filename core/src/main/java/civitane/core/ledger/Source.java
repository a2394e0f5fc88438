package civitane.core.ledger;

import civitane.core.registers.RegisterName;
import org.jspecify.annotations.Nullable;

/**
 * Where an entry comes from.
 *
 * @param ref which application, paper, register or report
 * @param because why a caseworker sets it; null where nobody had to say
 */
public record Source(SourceKind kind, String ref, @Nullable String because) {
  public static Source application(String id) {
    return new Source(SourceKind.APPLICATION, id, null);
  }

  /** What a household reported as a change. */
  public static Source change(String id) {
    return new Source(SourceKind.CHANGE, id, null);
  }

  /**
   * What a household puts right of what it told.
   *
   * @param number of the claim that asked
   * @param how it was told: at the door, by phone
   */
  public static Source correction(String number, String how) {
    return new Source(SourceKind.CORRECTION, number, how);
  }

  /**
   * What somebody outside said.
   *
   * @param how in a letter, on the phone
   */
  public static Source party(String id, String how) {
    return new Source(SourceKind.PARTY, id, how);
  }

  /**
   * What was read off a paper.
   *
   * @param because why it was returned, or taken in spite of something; null where nobody had to say
   */
  public static Source paper(String id, @Nullable String because) {
    return new Source(SourceKind.PAPER, id, because);
  }

  /** What a register answered. */
  public static Source register(RegisterName register) {
    return new Source(SourceKind.REGISTER, register.word(), null);
  }

  public static Source caseworker(String login, String because) {
    return new Source(SourceKind.CASEWORKER, login, because);
  }
}
