package civitane.app.households;

import civitane.core.facts.Person;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The households the office knows, and their facts through time. */
@Service
public class Households {
  private static final List<String> PARTS = List.of(
      "people",
      "incomes",
      "noIncome",
      "expenses",
      "assets",
      "benefits",
      "address",
      "expectedChildren");
  private static final int PAGE = 50;
  private static final String SAID = "said";
  private static final String OVER = "null";

  private final HouseholdRepository repository;
  private final JdbcClient database;
  private final JsonMapper json;
  private final Clock clock;

  Households(HouseholdRepository repository, JdbcClient database, JsonMapper json, Clock clock) {
    this.repository = repository;
    this.database = database;
    this.json = json;
    this.clock = clock;
  }

  /** A household in a list. */
  public record ListedHousehold(
      UUID id, String name, @Nullable String town) {}

  /** Which household an application belongs to; a new one where none is named. */
  @Transactional
  public UUID keep(@Nullable UUID known, Person applicant, @Nullable String town) {
    var id = known == null ? UUID.randomUUID() : known;
    repository
        .findById(id)
        .ifPresentOrElse(
            record -> record.isCalled(applicant.fullName(), town),
            () -> repository.saveAndFlush(
                new StoredHousehold(id, applicant.fullName(), town, clock.instant())));
    return id;
  }

  /** Keeps each fact that differs from what was last known, as a new row beside the old ones. */
  @Transactional
  public void facts(UUID household, String kind, JsonNode facts, String source, String by) {
    var last = latest(household, kind);
    var now = Timestamp.from(clock.instant());
    var rows = rows(facts);
    // What was told before and is not told any more is over from now on.
    last.keySet().stream()
        .filter(path -> SAID.equals(kind))
        .forEach(path -> rows.putIfAbsent(path, OVER));
    rows.forEach((path, value) -> {
      if (!value.equals(last.get(path))) {
        database
            .sql("""
                insert into household_fact (household_id, path, kind, value, source, recorded_by, valid_from)
                values (:household, :path, :kind, :value, :source, :by, :now)
                """)
            .param("household", household)
            .param("path", path)
            .param("kind", kind)
            .param("value", value)
            .param("source", source)
            .param("by", by)
            .param("now", now)
            .update();
      }
    });
  }

  private Map<String, String> latest(UUID household, String kind) {
    var latest = new LinkedHashMap<String, String>();
    database
        .sql("""
            select distinct on (path) path, value from household_fact
            where household_id = :household and kind = :kind order by path, valid_from desc, id desc
            """)
        .param("household", household)
        .param("kind", kind)
        .query((row, n) -> latest.put(row.getString("path"), row.getString("value")))
        .list();
    return latest;
  }

  /** What a household told last, and on which day. */
  public record Told(LocalDate on, JsonNode facts) {}

  /** What a household said as it stands, put together from its rows; empty when it never said anything. */
  @Transactional(readOnly = true)
  public Optional<Told> told(UUID household) {
    var last = latest(household, SAID);
    if (last.isEmpty()) {
      return Optional.empty();
    }
    var on = database
        .sql(
            "select max(valid_from) from household_fact where household_id = :household and kind = :kind")
        .param("household", household)
        .param("kind", SAID)
        .query(Timestamp.class)
        .single();
    var facts = json.createObjectNode();
    last.forEach((path, value) -> {
      if (OVER.equals(value)) {
        return;
      }
      var slash = path.indexOf('/');
      if (slash < 0) {
        facts.set(path, json.readTree(value));
      } else {
        facts.withArray(path.substring(0, slash)).add(json.readTree(value));
      }
    });
    return Optional.of(new Told(LocalDate.ofInstant(on.toInstant(), clock.getZone()), facts));
  }

  /** A row an entry: entries with an id are known by it, others by their place. */
  private static Map<String, String> rows(JsonNode facts) {
    var rows = new LinkedHashMap<String, String>();
    for (var part : PARTS) {
      var value = facts.path(part);
      if (value.isArray()) {
        for (var i = 0; i < value.size(); i++) {
          var id = value.get(i).path("id");
          rows.put(
              part + "/" + (id.isString() ? id.stringValue() : i), value.get(i).toString());
        }
      } else if (!value.isMissingNode() && !value.isNull()) {
        rows.put(part, value.toString());
      }
    }
    return rows;
  }

  /** Households whose name begins so, a page at a time. */
  @Transactional(readOnly = true)
  public List<ListedHousehold> startingWith(String start, String afterName, UUID afterId) {
    return repository.page(start, afterName, afterId, Limit.of(PAGE)).stream()
        .map(record -> new ListedHousehold(record.id(), record.name(), record.town()))
        .toList();
  }

  @Transactional(readOnly = true)
  public Map<UUID, ListedHousehold> named(List<UUID> ids) {
    var named = new LinkedHashMap<UUID, ListedHousehold>();
    repository
        .findAllById(ids)
        .forEach(record ->
            named.put(record.id(), new ListedHousehold(record.id(), record.name(), record.town())));
    return named;
  }
}
