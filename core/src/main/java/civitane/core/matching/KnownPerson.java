package civitane.core.matching;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** Somebody as the office knows people: what is compared when two records may be of one person. */
public record KnownPerson(
    @Nullable String givenName,
    @Nullable String familyName,
    @Nullable LocalDate birthDate,
    @Nullable String residentNumber,
    @Nullable String line1,
    @Nullable String postcode) {

  /** Given and family name as one. */
  public String fullName() {
    return (text(givenName) + " " + text(familyName)).strip();
  }

  static String text(@Nullable String part) {
    return part == null ? "" : part.strip();
  }
}
