package civitane.app.households;

import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.core.facts.Person;
import civitane.core.ledger.Assembled;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The households the office knows, and their facts through time. */
@Service
public class Households {
  private static final int PAGE = 50;

  private final HouseholdRepository repository;
  private final Ledgers ledgers;
  private final JdbcClient database;
  private final Clock clock;

  Households(HouseholdRepository repository, Ledgers ledgers, JdbcClient database, Clock clock) {
    this.repository = repository;
    this.ledgers = ledgers;
    this.database = database;
    this.clock = clock;
  }

  /** A household in a list. */
  public record ListedHousehold(
      UUID id, String name, @Nullable String town) {
    static ListedHousehold of(StoredHousehold record) {
      return new ListedHousehold(record.id(), record.name(), record.town());
    }
  }

  /** Which household an application belongs to; a new one where none is named. */
  @Transactional
  public UUID keep(@Nullable UUID known, Person applicant, @Nullable String town) {
    var id = known == null ? ledgers.freshId() : known;
    repository
        .findById(id)
        .ifPresentOrElse(
            record -> record.isCalled(applicant.fullName(), town),
            () -> repository.saveAndFlush(
                new StoredHousehold(id, applicant.fullName(), town, clock.instant())));
    return id;
  }

  /** What a household told last, as a packet without requests, and on which day. */
  public record Told(LocalDate on, Assembled facts) {}

  /** What is known of a household today; empty when it never told anything, or when nobody lives in it any more. */
  @Transactional(readOnly = true)
  public Optional<Told> told(UUID household) {
    return ledgers
        .lastToldAt(household)
        .map(at -> new Told(LocalDate.ofInstant(at, clock.getZone()), ledgers.household(household)))
        .filter(told -> !told.facts().packet().household().people().isEmpty());
  }

  /** Households whose name begins so, a page at a time. */
  @Transactional(readOnly = true)
  public List<ListedHousehold> startingWith(String start, String afterName, UUID afterId) {
    return repository.page(start, afterName.isEmpty() ? start : afterName, afterId, PAGE).stream()
        .map(ListedHousehold::of)
        .toList();
  }

  /** A household, which has to be there. */
  @Transactional(readOnly = true)
  public ListedHousehold find(UUID id) {
    return repository
        .findById(id)
        .map(ListedHousehold::of)
        .orElseThrow(() -> Problem.notThere("The household"));
  }

  @Transactional(readOnly = true)
  public ListedHousehold named(UUID id) {
    return repository.findById(id).map(ListedHousehold::of).orElseThrow();
  }

  @Transactional(readOnly = true)
  public Map<UUID, ListedHousehold> named(List<UUID> ids) {
    return database
        .sql("select id, name, town from household where id = any (:ids::uuid[])")
        .param("ids", ids.stream().map(UUID::toString).toArray(String[]::new))
        .query((row, n) -> new ListedHousehold(
            row.getObject("id", UUID.class), row.getString("name"), row.getString("town")))
        .stream()
        .collect(Collectors.toMap(ListedHousehold::id, Function.identity()));
  }
}
