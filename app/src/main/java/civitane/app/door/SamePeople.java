package civitane.app.door;

import java.util.List;
import java.util.OptionalInt;

/**
 * Who of a list is who of the list before it: whoever has the same name; else who stood in that row, was born on the same
 * day and stands nowhere else now, for a name may change. Anybody else is somebody who came.
 */
final class SamePeople {
  private final List<Named> before;
  private final List<Named> now;

  /** People by their rows. */
  SamePeople(List<Named> before, List<Named> now) {
    this.before = before;
    this.now = now;
  }

  /** Somebody as they were written; empty where nothing was. */
  record Named(String givenName, String familyName, String born) {
    private boolean isCalled(Named other) {
      return isNamed() && givenName.equals(other.givenName) && familyName.equals(other.familyName);
    }

    private boolean isNamed() {
      return !givenName.isBlank() || !familyName.isBlank();
    }

    private boolean isBornAs(Named other) {
      return !born.isBlank() && born.equals(other.born);
    }
  }

  /** The row in which somebody stood before. */
  OptionalInt rowBefore(int row) {
    var person = now.get(row);
    for (var was = 0; was < before.size(); was++) {
      if (person.isCalled(before.get(was))) {
        return OptionalInt.of(was);
      }
    }
    return row < before.size()
            && person.isNamed()
            && person.isBornAs(before.get(row))
            && now.stream().noneMatch(before.get(row)::isCalled)
        ? OptionalInt.of(row)
        : OptionalInt.empty();
  }
}
