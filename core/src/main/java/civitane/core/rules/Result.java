package civitane.core.rules;

import civitane.core.awards.Award;
import civitane.core.facts.Parts;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * What the rules say to one request: the outcome with every check, the amounts, what is granted, and how it came about.
 *
 * @param hold whom an undecided request waits for
 * @param route where it goes instead of the queue
 * @param book the name of the rate book
 * @param checks in the order of the rules
 * @param amounts the service's record of them; null where none is known
 * @param awards what is granted; nothing unless entitled
 * @param working the sum line by line
 * @param urgent whether it must not wait in a queue
 */
public record Result(
    String service,
    Finding outcome,
    @Nullable Hold hold,
    @Nullable Route route,
    String book,
    List<Check> checks,
    @Nullable Record amounts,
    List<Award> awards,
    List<Note> notes,
    List<Line> working,
    boolean urgent) {

  public Result {
    checks = List.copyOf(checks);
    awards = List.copyOf(awards);
    notes = List.copyOf(notes);
    working = List.copyOf(working);
  }

  public Optional<Check> check(String id) {
    return checks.stream().filter(check -> check.id().equals(id)).findFirst();
  }

  /** The amounts that are known, by name in their order. */
  public Map<String, Object> amountsByName() {
    return Parts.byKey(amounts);
  }

  /** The same with its checks changed. */
  public Result withChecks(UnaryOperator<Check> change) {
    return new Result(
        service,
        outcome,
        hold,
        route,
        book,
        checks.stream().map(change).toList(),
        amounts,
        awards,
        notes,
        working,
        urgent);
  }
}
