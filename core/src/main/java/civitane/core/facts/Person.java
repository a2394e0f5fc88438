package civitane.core.facts;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Somebody of the household.
 *
 * @param id the person's name within one packet, as in {@code p1}
 * @param nightsHere nights of fourteen spent in this home
 * @param residentNumber ten digits, the last a check digit; null with {@code residentNumberMissing} saying why
 */
public record Person(
    @Required String id,
    @Required Role role,
    @Nullable String givenName,
    @Nullable String familyName,
    List<OtherName> otherNames,
    @Nullable String nameInScript,
    @Nullable String addressAs,
    @Nullable LocalDate birthDate,
    @Nullable Sex sex,
    boolean disabled,
    @Usually("true") boolean sharesMoney,
    @UpTo(14) @Usually("14") int nightsHere,
    @Nullable Away away,
    @As(Form.RESIDENT_NUMBER) @Nullable String residentNumber,
    @Nullable MissingNumber residentNumberMissing,
    @Nullable Contact contact,
    @As(Form.PERSON) @Nullable String guardian) {

  /** Half of the nights of a fortnight make a home. */
  private static final int NIGHTS_OF_A_HOME = 7;

  public Person {
    otherNames = Lists.of(otherNames);
  }

  public static Person of(
      String id, Role role, String givenName, String familyName, @Nullable LocalDate birthDate) {
    return new Person(
        id,
        role,
        givenName,
        familyName,
        List.of(),
        null,
        null,
        birthDate,
        null,
        false,
        true,
        14,
        null,
        null,
        null,
        null,
        null);
  }

  /** The same person, who is something else to whoever applies now. */
  public Person as(Role other) {
    return new Person(
        id,
        other,
        givenName,
        familyName,
        otherNames,
        nameInScript,
        addressAs,
        birthDate,
        sex,
        disabled,
        sharesMoney,
        nightsHere,
        away,
        residentNumber,
        residentNumberMissing,
        contact,
        guardian);
  }

  public boolean livesHere() {
    return role == Role.APPLICANT || nightsHere >= NIGHTS_OF_A_HOME || away != null;
  }

  /** Whether letters to them are printed large. */
  public boolean readsLargePrint() {
    return contact != null && contact.format() == ReadingFormat.LARGE_PRINT;
  }

  /** Given and family name as one; empty when neither is known. */
  public String fullName() {
    var given = givenName == null || givenName.isBlank() ? "" : givenName;
    var family = familyName == null || familyName.isBlank() ? "" : familyName;
    return given.isEmpty() || family.isEmpty() ? given + family : given + " " + family;
  }

  /** The name a person is spoken of by: the given one, else all there is; null when no name is known. */
  public @Nullable String spokenName() {
    if (givenName != null && !givenName.isBlank()) {
      return givenName;
    }
    return familyName == null || familyName.isBlank() ? null : familyName;
  }

  /** Every name the person goes by: the full name, former and known ones, and the one in another script. */
  public List<String> everyName() {
    var names = new ArrayList<String>(2);
    names.add(fullName());
    for (var other : otherNames) {
      names.add(other.name());
    }
    if (nameInScript != null) {
      names.add(nameInScript);
    }
    return names;
  }
}
