package civitane.core.ledger;

import java.util.EnumSet;
import java.util.Set;

/** What fields are called that are no part of the facts themselves, and those that are told in another way. */
final class Keys {
  static final String ID = "id";
  static final String ROLE = "role";

  /** Whose something is, where it belongs to somebody. */
  static final String OWNER = "person";

  static final String SERVICE = "service";
  static final String LODGED_ON = "lodgedOn";
  static final String ASSESSED_ON = "assessedOn";
  static final String LODGED_AT = "lodgedAt";
  static final String CHANNEL = "channel";
  static final String LANGUAGE = "language";

  private static final Set<SubjectKind> BELONGING = EnumSet.of(
      SubjectKind.INCOME,
      SubjectKind.NO_INCOME,
      SubjectKind.EXPENSE,
      SubjectKind.ASSET,
      SubjectKind.CONSENT);

  private Keys() {}

  /** Whether it follows from the subject itself whose it is. */
  static boolean belongsToPerson(SubjectKind kind) {
    return BELONGING.contains(kind);
  }

  /** Whether a field is told by what a subject is, not by an entry. */
  static boolean isOfTheSubject(SubjectKind kind, String field) {
    return field.equals(ID)
        || field.equals(OWNER) && belongsToPerson(kind)
        || field.equals(ROLE) && kind == SubjectKind.PERSON;
  }
}
