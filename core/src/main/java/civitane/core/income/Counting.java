package civitane.core.income;

import civitane.core.facts.Person;
import org.jspecify.annotations.Nullable;

/**
 * Who of a home is counted, which differs from service to service.
 *
 * @param fosterChildren foster children are counted
 * @param relativesAlways parents, siblings and relatives are counted even when they keep their money apart
 * @param expectedChildren children not yet born are counted
 * @param always the id of somebody who is counted whatever the role, or null
 * @param never the id of somebody who is never counted, or null
 */
public record Counting(
    boolean fosterChildren,
    boolean relativesAlways,
    boolean expectedChildren,
    @org.jspecify.annotations.Nullable String always,
    @Nullable String never) {
  /** Applicant, spouse, children, and kin who share their money. */
  public static final Counting SHARED_MONEY = new Counting(false, false, false, null, null);

  public Counting withFosterChildren() {
    return new Counting(true, relativesAlways, expectedChildren, always, never);
  }

  public Counting withAllKin() {
    return new Counting(fosterChildren, true, expectedChildren, always, never);
  }

  public Counting withExpectedChildren() {
    return new Counting(fosterChildren, relativesAlways, true, always, never);
  }

  public Counting alwaysWith(String person) {
    return new Counting(fosterChildren, relativesAlways, expectedChildren, person, never);
  }

  public Counting neverWith(@Nullable String person) {
    return new Counting(fosterChildren, relativesAlways, expectedChildren, always, person);
  }

  public boolean counts(Person person) {
    if (person.id().equals(never)) {
      return false;
    }
    if (person.id().equals(always)) {
      return true;
    }
    if (!person.livesHere()) {
      return false;
    }
    return switch (person.role()) {
      case APPLICANT, SPOUSE, CHILD -> true;
      case PARENT, SIBLING, RELATIVE -> relativesAlways || person.sharesMoney();
      case FOSTER_CHILD -> fosterChildren;
      case RESIDENT_CARER, LODGER -> false;
    };
  }
}
