package civitane.core.income;

import civitane.core.money.Amount;
import java.util.ArrayList;
import java.util.List;

/**
 * A sum of facts some of which may be missing.
 *
 * @param known what the known ones come to, in euros
 * @param missing pointers to the facts that are not there
 */
public record Sum(Amount known, List<String> missing) {
  public static final Sum ZERO = new Sum(Amount.ZERO, List.of());

  public Sum plus(Amount amount) {
    return new Sum(known.plus(amount), missing);
  }

  public Sum plus(Sum other) {
    var all = new ArrayList<>(missing);
    all.addAll(other.missing);
    return new Sum(known.plus(other.known), all);
  }

  public Sum missing(String pointer) {
    var all = new ArrayList<>(missing);
    all.add(pointer);
    return new Sum(known, all);
  }

  public boolean isKnown() {
    return missing.isEmpty();
  }
}
