package civitane.app.checking;

import civitane.core.checking.Comparison;
import civitane.core.claims.ItemKind;
import civitane.core.claims.Turn;
import civitane.core.claims.Want;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Something held against something else, and what was done about it.
 *
 * @param key what it is known by, whatever becomes of the packet it stands in
 * @param seen the hash of what both say now
 * @param settled what was done about just this; null where nothing was
 */
record Held(
    Comparison comparison,
    String key,
    String seen,
    @Nullable Settled settled) {

  /** Whether somebody has to look at it. */
  boolean isOpen() {
    return comparison.differs() != null
        && (settled == null || settled.how() != Settled.How.ACCEPTED);
  }

  boolean isAsked() {
    return settled != null && settled.how() == Settled.How.ASKED;
  }

  /** What is wanted while it is open: a look of ours, or the word of the household that was asked. */
  Optional<Want> want() {
    var differs = comparison.differs();
    if (differs == null || !isOpen()) {
      return Optional.empty();
    }
    return Optional.of(
        isAsked()
            ? new Want(ItemKind.FACT, Want.COMPARE + key, List.of(differs), Turn.HOUSEHOLD)
            : new Want(ItemKind.JUDGEMENT, Want.COMPARE + key, List.of(differs), Turn.OURS));
  }
}
