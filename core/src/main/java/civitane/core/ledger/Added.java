package civitane.core.ledger;

import java.util.List;

/** What is to be added to a ledger: nothing of it is ever changed. */
public record Added(List<Subject> subjects, List<Entry> entries) {
  public Added {
    subjects = List.copyOf(subjects);
    entries = List.copyOf(entries);
  }

  public boolean isEmpty() {
    return subjects.isEmpty() && entries.isEmpty();
  }
}
