package civitane.app.foreseeing;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A day ahead that wants somebody to look.
 *
 * @param what which it is of its household; it is seen to by this
 * @param words what it brings
 * @param claim what was granted and ends; null for a birthday
 * @param holder who has the claim
 * @param mine whether who looks may ask the household to renew it
 */
record ComingDay(
    String what,
    LocalDate on,
    UUID household,
    String name,
    String words,
    @Nullable String claim,
    @Nullable String holder,
    boolean mine) {

  /** The same with what its household is called. */
  ComingDay of(String household) {
    return new ComingDay(what, on, this.household, household, words, claim, holder, mine);
  }
}
