package civitane.core.ledger;

import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One value of one field of one subject. Entries are only added; what ended or was wrong is an entry that says so.
 *
 * @param value as the field's record has it; null where it is not known any more, or not so
 * @param by who recorded it
 * @param at when it was recorded
 * @param from since when it holds in the world; null where as far back as anybody asks
 * @param until the first day on which it does not hold any more; null while nobody knows one
 * @param nr its place among all entries: of two, the later one is the newer
 */
public record Entry(
    UUID subject,
    String field,
    EntryKind kind,
    @Nullable Object value,
    Source source,
    String by,
    Instant at,
    @Nullable LocalDate from,
    @Nullable LocalDate until,
    long nr) {

  boolean isKnownAt(Instant moment) {
    return !at.isAfter(moment);
  }

  boolean holdsOn(LocalDate day) {
    return (from == null || !from.isAfter(day)) && (until == null || until.isAfter(day));
  }

  /** The beginning of what it speaks for. */
  LocalDate beginning() {
    return from == null ? LocalDate.MIN : from;
  }

  /** Whether what it says begins a new stretch of the fact. */
  boolean beginsStretch() {
    return kind == EntryKind.SAID || source.kind() == SourceKind.CHANGE;
  }
}
