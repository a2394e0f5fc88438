package civitane.core.facts;

import java.util.Comparator;

/** The names that the entries of a household go by within it, as in {@code p2} or {@code i10}. */
public final class Ids {
  /** As people count: {@code p2} before {@code p10}. */
  public static final Comparator<String> ORDER =
      Comparator.comparingInt(String::length).thenComparing(Comparator.naturalOrder());

  private Ids() {}
}
