package civitane.core.ledger;

import civitane.core.money.Amount;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What the office goes by for a field, and why: worked out from the entries, never kept.
 *
 * @param entry the one that counts; null where nothing is known
 * @param agreement how the entries of its stretch stand to one another
 * @param difference by how much what was said and what was shown or checked differ; null where they are no amounts
 * @param surfaces whether newer evidence has come than a value that was set by hand
 */
public record Used(
    @Nullable Entry entry, Agreement agreement, @Nullable Amount difference, boolean surfaces) {

  static final Used NOTHING = new Used(null, Agreement.NOTHING_KNOWN, null, false);

  public @Nullable Object value() {
    return entry == null ? null : entry.value();
  }

  /**
   * Of the entries of one field, those that are known and hold compete within the latest stretch: what a caseworker set
   * with a reason; else the newest that was shown; else what a register answered, where it agrees with what was said;
   * else what was said.
   */
  static Used of(List<Entry> entries, When when) {
    var stretch = stretch(entries, when);
    if (stretch.isEmpty()) {
      return NOTHING;
    }
    var said = newest(stretch, EntryKind.SAID);
    var shown = newest(stretch, EntryKind.SHOWN);
    var checked = newest(stretch, EntryKind.CHECKED);
    var set = newest(stretch, EntryKind.USED);
    var agreement = agreement(stretch, said);
    var evidence = shown.or(() -> checked);
    var counts = set.or(() -> shown)
        .or(() -> checked.filter(
            one -> said.isEmpty() || Objects.equals(one.value(), said.get().value())))
        .or(() -> said)
        .orElseThrow();
    var surfaces = set.isPresent()
        && stretch.stream()
            .anyMatch(entry -> isEvidence(entry) && entry.nr() > set.get().nr());
    return new Used(counts, agreement, difference(said, evidence), surfaces);
  }

  /** The entries that compete: those that are known and hold, within the latest stretch. */
  static List<Entry> stretch(List<Entry> entries, When when) {
    var holding = entries.stream()
        .filter(entry -> entry.isKnownAt(when.knownAt()) && entry.holdsOn(when.holdsOn()))
        .toList();
    var begins = holding.stream()
        .filter(Entry::beginsStretch)
        .map(Entry::beginning)
        .max(Comparator.naturalOrder())
        .orElse(LocalDate.MIN);
    return holding.stream().filter(entry -> !entry.beginning().isBefore(begins)).toList();
  }

  static Optional<Entry> newest(List<Entry> entries, EntryKind kind) {
    return entries.stream()
        .filter(entry -> entry.kind() == kind)
        .max(Comparator.comparingLong(Entry::nr));
  }

  private static boolean isEvidence(Entry entry) {
    return entry.kind() == EntryKind.SHOWN || entry.kind() == EntryKind.CHECKED;
  }

  private static Agreement agreement(List<Entry> stretch, Optional<Entry> said) {
    var evidence = new ArrayList<@Nullable Object>();
    stretch.stream().filter(Used::isEvidence).map(Entry::value).distinct().forEach(evidence::add);
    if (evidence.size() > 1) {
      return Agreement.CONTRADICT;
    } else if (evidence.isEmpty()) {
      return Agreement.ONLY_SAID;
    }
    return said.isEmpty() || Objects.equals(said.get().value(), evidence.get(0))
        ? Agreement.AGREE
        : Agreement.DIFFER;
  }

  private static @Nullable Amount difference(Optional<Entry> said, Optional<Entry> evidence) {
    return said.isPresent()
            && evidence.isPresent()
            && said.get().value() instanceof Amount told
            && evidence.get().value() instanceof Amount shown
        ? told.distanceTo(shown)
        : null;
  }
}
