package civitane.core.ledger;

import civitane.core.facts.Channel;
import civitane.core.facts.Parts;
import civitane.core.facts.Value;
import civitane.core.services.Services;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What kind of value each field has, for whoever keeps entries. */
public final class FieldTypes {
  private FieldTypes() {}

  /** Whether a field says of which household somebody is; its values are {@link Membership memberships}. */
  public static boolean isMembership(String field) {
    return field.equals(Ledger.MEMBERSHIP);
  }

  /** Whether a field is one of the facts themselves, not something about the subject or its list. */
  public static boolean isFact(SubjectKind kind, String field) {
    return !isMembership(field)
        && !field.equals(Ledger.LISTED)
        && !field.equals(Ledger.DIED_ON)
        && !field.startsWith(Ledger.LIST)
        && (kind != SubjectKind.REQUEST
            || !Set.of(Keys.SERVICE, Keys.LODGED_ON, Keys.ASSESSED_ON, Keys.LODGED_AT, Keys.CHANNEL)
                .contains(field));
  }

  /** The field of a request that says which service it asks for. */
  public static String service() {
    return Keys.SERVICE;
  }

  /**
   * The kind of value of a field that is no membership.
   *
   * @param service of a request, the service it asks for; else null
   */
  public static Value of(SubjectKind kind, @Nullable String service, String field) {
    if (field.equals(Ledger.LISTED)) {
      return Value.of(Boolean.class);
    } else if (field.equals(Ledger.DIED_ON)) {
      return Value.of(LocalDate.class);
    } else if (field.startsWith(Ledger.LIST)) {
      return Value.of(ListState.class);
    } else if (kind == SubjectKind.HOUSEHOLD && field.equals(Keys.LANGUAGE)) {
      return Value.of(String.class);
    }
    return kind == SubjectKind.REQUEST ? ofRequest(service, field) : part(kind.facts(), field);
  }

  private static Value ofRequest(@Nullable String service, String field) {
    return switch (field) {
      case Keys.SERVICE -> Value.of(String.class);
      case Keys.LODGED_ON, Keys.ASSESSED_ON -> Value.of(LocalDate.class);
      case Keys.LODGED_AT -> Value.of(OffsetDateTime.class);
      case Keys.CHANNEL -> Value.of(Channel.class);
      default -> part(Services.named(String.valueOf(service)).orElseThrow().answers(), field);
    };
  }

  private static Value part(Class<?> record, String field) {
    var parts = Parts.of(record);
    var place = parts.place(field);
    if (place < 0) {
      throw new IllegalArgumentException(record.getSimpleName() + " has no field " + field);
    }
    return parts.fields().get(place).value();
  }
}
