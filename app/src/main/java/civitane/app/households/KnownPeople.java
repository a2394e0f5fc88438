package civitane.app.households;

import civitane.core.facts.Packet;
import civitane.core.matching.KnownPerson;
import civitane.core.matching.Likeness;
import civitane.core.matching.Sought;
import java.sql.Date;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The people the office knows, to see when somebody comes a second time. Nothing is joined by itself. */
@Service
public class KnownPeople {
  private static final int MOST_COMPARED = 200;
  private static final int MOST_FOUND = 12;

  /** From which likeness on somebody is found by a word that is spelt wrong: a letter left out, two changed places. */
  private static final String LIKE_ENOUGH = "0.45";

  /** Whoever is looked for by fewer letters is not found among very many. */
  private static final int LEAST_LETTERS = 3;

  private final JdbcClient database;
  private final Clock clock;

  KnownPeople(JdbcClient database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /** Somebody known, in a household, and how like they are. */
  public record Acquaintance(UUID household, UUID subject, KnownPerson person, Likeness likeness) {}

  /** Somebody's birthday, of a household that gets something or asks for it. */
  public record Birthday(UUID person, UUID household, String givenName, LocalDate born) {}

  /**
   * Who reaches an age between two days, the soonest first.
   *
   * @param most how many at most
   */
  @Transactional(readOnly = true)
  public List<Birthday> reaching(int age, LocalDate from, LocalDate until, int most) {
    return database
        .sql("""
            select p.person_id, p.household_id, p.given_name, p.birth_date from known_person p
            where p.birth_date between :from and :until
            and not exists (select 1 from entry e where e.subject_id = p.person_id and e.field = 'diedOn')
            and exists (
              select 1 from claim c
              where c.household_id = p.household_id and c.state in ('LODGED', 'OPEN', 'DECIDED'))
            order by p.birth_date, p.person_id limit :most
            """)
        .param("from", Date.valueOf(from.minusYears(age)))
        .param("until", Date.valueOf(until.minusYears(age)))
        .param("most", most)
        .query((row, n) -> new Birthday(
            row.getObject(1, UUID.class),
            row.getObject(2, UUID.class),
            row.getString(3),
            row.getDate(4).toLocalDate()))
        .list();
  }

  /**
   * Remembers the people of a household as they were told last.
   *
   * @param subjects of the people by their ids in the packet
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void remember(UUID household, Packet packet, Map<String, UUID> subjects) {
    var address = packet.household().address();
    for (var person : packet.household().people()) {
      if (person.fullName().isBlank()) {
        continue;
      }
      database
          .sql("""
              insert into known_person values
                (:person, :household, :given, :family, :birth, :number, :line1, :postcode, :now, :sought)
              on conflict (person_id) do update set
                household_id = excluded.household_id, given_name = excluded.given_name, family_name = excluded.family_name,
                birth_date = excluded.birth_date, resident_number = excluded.resident_number,
                line1 = excluded.line1, postcode = excluded.postcode, recorded_at = excluded.recorded_at,
                sought = excluded.sought
              """)
          .param("household", household)
          .param("person", subjects.get(person.id()))
          .param("given", person.givenName() == null ? "" : person.givenName())
          .param("family", person.familyName() == null ? "" : person.familyName())
          .param("birth", person.birthDate() == null ? null : Date.valueOf(person.birthDate()))
          .param("number", person.residentNumber())
          .param("line1", address.line1())
          .param("postcode", address.postcode())
          .param("now", Timestamp.from(clock.instant()))
          .param("sought", Sought.of(person, address))
          .update();
    }
  }

  /** Somebody who was found, and the household they are of. */
  public record Found(
      UUID household,
      String name,
      @Nullable LocalDate birthDate,
      @Nullable String line1,
      @Nullable String postcode) {}

  /** Those of whom every word is, else those of whom something is very like what was typed; the likest first. */
  @Transactional(readOnly = true)
  public List<Found> found(Set<String> words) {
    if (words.stream().noneMatch(word -> word.length() >= LEAST_LETTERS)) {
      return List.of();
    }
    var exact = ask(
        words.stream().map(word -> "sought like ?").collect(Collectors.joining(" and ")),
        words.stream().map(KnownPeople::pattern).toList(),
        words);
    // A number that is nearly the same is somebody else's.
    var spelt = words.stream().anyMatch(word -> !word.matches("\\d+"));
    return exact.isEmpty() && spelt ? near(words) : exact;
  }

  private List<Found> near(Set<String> words) {
    database
        .sql("select set_config('pg_trgm.word_similarity_threshold', ?, true)")
        .param(LIKE_ENOUGH)
        .query(String.class)
        .single();
    return ask("? <% sought", List.of(Sought.together(words)), words);
  }

  /** A word begins with what was typed; digits may stand anywhere, as the end of a phone number does. */
  private static String pattern(String word) {
    var escaped = word.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_");
    return word.matches("\\d+") ? "%" + escaped + "%" : "% " + escaped + "%";
  }

  private List<Found> ask(String where, List<String> parameters, Set<String> words) {
    return database
        .sql("select * from known_person where " + where
            + " order by word_similarity(?, sought) desc, recorded_at desc limit " + MOST_FOUND)
        .params(Stream.concat(parameters.stream(), Stream.of(Sought.together(words)))
            .toList())
        .query((row, n) -> {
          var birth = row.getDate("birth_date");
          return new Found(
              row.getObject("household_id", UUID.class),
              (row.getString("given_name") + " " + row.getString("family_name")).strip(),
              birth == null ? null : birth.toLocalDate(),
              row.getString("line1"),
              row.getString("postcode"));
        })
        .list();
  }

  /**
   * Those who are, or may be, the person, the most alike first. Of very many with one name, those are compared whose
   * number, birth date or given name is the same, before those who came lately.
   */
  @Transactional(readOnly = true)
  public List<Acquaintance> like(KnownPerson person) {
    return database
        .sql("""
            select * from known_person
            where resident_number = :number or birth_date = :birth or lower(family_name) = lower(:family)
            order by (resident_number = :number) is true desc, (birth_date = :birth) is true desc,
              lower(given_name) = lower(:given) desc, recorded_at desc
            limit :most
            """)
        .param("number", person.residentNumber())
        .param("birth", person.birthDate() == null ? null : Date.valueOf(person.birthDate()))
        .param("family", person.familyName() == null ? "" : person.familyName())
        .param("given", person.givenName() == null ? "" : person.givenName())
        .param("most", MOST_COMPARED)
        .query((row, n) -> acquaintance(row, person))
        .list()
        .stream()
        .filter(known -> known.likeness().isWorthALook())
        .sorted(Comparator.comparing((Acquaintance known) -> known.likeness().points())
            .reversed())
        .toList();
  }

  private static Acquaintance acquaintance(ResultSet row, KnownPerson sought) throws SQLException {
    var birth = row.getDate("birth_date");
    var known = new KnownPerson(
        row.getString("given_name"),
        row.getString("family_name"),
        birth == null ? null : birth.toLocalDate(),
        row.getString("resident_number"),
        row.getString("line1"),
        row.getString("postcode"));
    return new Acquaintance(
        row.getObject("household_id", UUID.class),
        row.getObject("person_id", UUID.class),
        known,
        Likeness.of(sought, known));
  }
}
