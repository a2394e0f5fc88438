package civitane.core.ledger;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * Where in a packet which subject stands, to name a place in a way that stays true when the packet is put together
 * otherwise: by its subject and what follows.
 */
public final class Places {
  private static final char MARK = '@';

  /** The answers of a request are its own fields. */
  private static final String ANSWERS = "/answers/";

  private final Map<String, UUID> subjects;
  private final Map<String, UUID> ids;

  /**
   * Places of a packet.
   *
   * @param subjects by their pointers, as in {@code /household/people/0}
   * @param ids the subjects of people and incomes by their ids in the packet
   */
  Places(Map<String, UUID> subjects, Map<String, UUID> ids) {
    this.subjects = Map.copyOf(subjects);
    this.ids = Map.copyOf(ids);
  }

  public Optional<UUID> subject(String pointer) {
    return Optional.ofNullable(subjects.get(pointer));
  }

  /** The whole field of a subject that a pointer lies in; none where it lies in none of a subject. */
  public Optional<String> fieldOf(String pointer) {
    var end = pointer.length();
    while (end > 0 && !subjects.containsKey(pointer.substring(0, end))) {
      end = pointer.lastIndexOf('/', end - 1);
    }
    if (end <= 0 || end == pointer.length()) {
      return Optional.empty();
    }
    var beyond = pointer.substring(end);
    var answers = beyond.startsWith(ANSWERS) ? ANSWERS.length() - 1 : 0;
    var next = beyond.indexOf('/', answers + 1);
    return Optional.of(pointer.substring(0, end) + (next < 0 ? beyond : beyond.substring(0, next)));
  }

  /** The subject that a field is of, by the pointer of the field. */
  Optional<UUID> subjectOf(String field) {
    var above = field.substring(0, field.lastIndexOf('/'));
    return subject(above.endsWith("/answers") ? above.substring(0, above.lastIndexOf('/')) : above);
  }

  /** All that the packet tells of, by where it stands in it. */
  Map<String, UUID> subjects() {
    return subjects;
  }

  /** The people and incomes by their ids in the packet. */
  public Map<String, UUID> ids() {
    return ids;
  }

  /** A pointer, or a kind of paper with whose it is ({@code payslips:i1}), by its subject. */
  public String lasting(String place) {
    var colon = place.indexOf(':');
    if (colon >= 0 && ids.containsKey(place.substring(colon + 1))) {
      return place.substring(0, colon + 1) + MARK + ids.get(place.substring(colon + 1));
    }
    for (var end = place.length(); end > 0; end = place.lastIndexOf('/', end - 1)) {
      var subject = subjects.get(place.substring(0, end));
      if (subject != null) {
        return MARK + subject.toString() + place.substring(end);
      }
    }
    return place;
  }

  /** The place of this packet that was named by its subject; itself where the subject is not in the packet any more. */
  public String here(String lasting) {
    var mark = lasting.indexOf(MARK);
    if (mark < 0) {
      return lasting;
    }
    var slash = lasting.indexOf('/', mark);
    var end = slash < 0 ? lasting.length() : slash;
    var subject = UUID.fromString(lasting.substring(mark + 1, end));
    if (mark > 0) {
      return byValue(ids, subject).map(id -> lasting.substring(0, mark) + id).orElse(lasting);
    }
    return byValue(subjects, subject).map(at -> at + lasting.substring(end)).orElse(lasting);
  }

  private static Optional<String> byValue(Map<String, UUID> map, UUID subject) {
    return map.entrySet().stream()
        .filter(entry -> entry.getValue().equals(subject))
        .map(Map.Entry::getKey)
        .findFirst();
  }

  /** Places that are found one by one. */
  static final class Finding {
    private final Map<String, UUID> subjects = new HashMap<>();

    void put(String pointer, UUID subject) {
      subjects.put(pointer, subject);
    }

    Places with(Map<String, UUID> ids) {
      return new Places(subjects, ids);
    }
  }
}
