package civitane.core.matching;

import civitane.core.identity.JaroWinkler;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import civitane.core.reasons.Reason;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * How likely two records are of one person, in points of a hundred.
 *
 * <p>The resident number speaks first; without it the name, the birth date and the address are weighed. Nothing is
 * joined by it: it says only what a person should look at.
 *
 * @param points what speaks for it, less what speaks against it
 * @param reasons what agrees and what differs
 */
public record Likeness(int points, List<Reason> reasons) {
  /** From here on it is one person as far as anybody can tell. */
  public static final int SAME_FROM = 85;

  /** From here on a person has to look. */
  public static final int PERHAPS_FROM = 62;

  private static final int CERTAIN = 100;
  private static final int OTHER_NUMBER = -60;
  private static final int NAME_SAME = 45;
  private static final int NAME_CLOSE = 34;
  private static final int NAME_OTHER_SCRIPT = 22;
  private static final int GIVEN_NAME_ONLY = 20;
  private static final int FAMILY_NAME_ONLY = 5;
  private static final int BORN_SAME = 40;
  private static final int BORN_NEAR = 22;
  private static final int HOME_SAME = 15;
  private static final int HOME_NEAR = 7;
  private static final double ALIKE = 0.9;

  /** Compares two records. */
  public static Likeness of(KnownPerson one, KnownPerson other) {
    var reasons = new ArrayList<Reason>();
    var name = name(one, other, reasons);
    var born = born(one.birthDate(), other.birthDate(), reasons);
    var home = home(one, other, reasons);
    var weighed = name + born + home;
    if (one.residentNumber() == null || other.residentNumber() == null) {
      return new Likeness(weighed, List.copyOf(reasons));
    }
    if (!one.residentNumber().equals(other.residentNumber())) {
      reasons.add(Why.NUMBER_DIFFERS.with());
      return new Likeness(weighed + OTHER_NUMBER, List.copyOf(reasons));
    }
    reasons.add(0, Why.NUMBER_SAME.with());
    // A number written down for the wrong person agrees in nothing else.
    return new Likeness(name + born > 0 ? CERTAIN : PERHAPS_FROM, List.copyOf(reasons));
  }

  public boolean isSame() {
    return points >= SAME_FROM;
  }

  /** Whether somebody has to look: it is the same person, or may be. */
  public boolean isWorthALook() {
    return points >= PERHAPS_FROM;
  }

  private static int name(KnownPerson one, KnownPerson other, List<Reason> reasons) {
    var match = Names.compare(one.fullName(), other.fullName());
    switch (match) {
      case SAME -> {
        reasons.add(Why.NAME_SAME.with());
        return NAME_SAME;
      }
      case CLOSE -> {
        reasons.add(Why.NAME_CLOSE.with());
        return NAME_CLOSE;
      }
      case OTHER_SCRIPT -> {
        reasons.add(Why.NAME_OTHER_SCRIPT.with());
        return NAME_OTHER_SCRIPT;
      }
      default -> {}
    }
    if (isSamePart(one.givenName(), other.givenName())) {
      reasons.add(Why.GIVEN_NAME_SAME.with());
      return GIVEN_NAME_ONLY;
    }
    if (isSamePart(one.familyName(), other.familyName())) {
      reasons.add(Why.FAMILY_NAME_SAME.with());
      return FAMILY_NAME_ONLY;
    }
    reasons.add(Why.NAME_DIFFERS.with());
    return 0;
  }

  private static boolean isSamePart(@Nullable String one, @Nullable String other) {
    return Names.compare(one, other) == NameMatch.SAME;
  }

  private static int born(
      @Nullable LocalDate one, @Nullable LocalDate other, List<Reason> reasons) {
    if (one == null || other == null) {
      return 0;
    }
    if (one.equals(other)) {
      reasons.add(Why.BORN_SAME_DAY.with());
      return BORN_SAME;
    }
    if (isNear(one, other)) {
      reasons.add(Why.BORN_NEAR.with());
      return BORN_NEAR;
    }
    reasons.add(Why.BORN_ANOTHER_DAY.with());
    return 0;
  }

  /** Whether day and month changed places, or one digit is another. */
  private static boolean isNear(LocalDate one, LocalDate other) {
    if (one.getYear() == other.getYear()
        && one.getMonthValue() == other.getDayOfMonth()
        && one.getDayOfMonth() == other.getMonthValue()) {
      return true;
    }
    var left = one.toString();
    var right = other.toString();
    var different = 0;
    for (var i = 0; i < Math.min(left.length(), right.length()); i++) {
      different += left.charAt(i) == right.charAt(i) ? 0 : 1;
    }
    return different == 1;
  }

  private static int home(KnownPerson one, KnownPerson other, List<Reason> reasons) {
    var street = street(one.line1());
    var otherStreet = street(other.line1());
    if (street.isEmpty() || otherStreet.isEmpty()) {
      return 0;
    }
    var samePost = street(one.postcode()).equals(street(other.postcode()));
    if (samePost && JaroWinkler.similarity(street, otherStreet) >= ALIKE) {
      reasons.add(Why.ADDRESS_SAME.with());
      return HOME_SAME;
    }
    if (samePost) {
      reasons.add(Why.POSTCODE_SAME.with());
      return HOME_NEAR;
    }
    return 0;
  }

  private static String street(@Nullable String line) {
    return KnownPerson.text(line).toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
  }
}
