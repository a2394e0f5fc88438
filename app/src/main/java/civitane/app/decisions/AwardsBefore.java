package civitane.app.decisions;

import civitane.app.determining.Screenings;
import civitane.app.ledger.Ledgers;
import civitane.app.ledger.OfficeBook;
import civitane.core.awards.Award;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.rules.Mode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import static civitane.core.facts.Known.known;

/** What a household's other claims for the same service have brought, or may bring. */
@Component
class AwardsBefore {
  private static final UUID NONE = new UUID(0, 0);

  private final JdbcClient database;
  private final Ledgers ledgers;
  private final Screenings screenings;

  AwardsBefore(JdbcClient database, Ledgers ledgers, Screenings screenings) {
    this.database = database;
    this.ledgers = ledgers;
    this.screenings = screenings;
  }

  /**
   * An award of another claim.
   *
   * @param forWhom the person it is for, by the id in the packet that is asked about; null where it is for nobody there
   * @param granted whether it was decided; else the claim is still open
   */
  record Before(Award award, @Nullable String forWhom, boolean granted) {}

  private record Other(
      UUID household,
      UUID request,
      boolean decided,
      @Nullable String packet) {}

  @Transactional(readOnly = true)
  public List<Before> of(OfficeBook.About about) {
    if (about.household() == null) {
      return List.of();
    }
    var before = new ArrayList<Before>();
    for (var other : others(about)) {
      var packet = packet(other);
      // An open claim may still bring all that it asks for.
      var mode = other.decided() ? Mode.DETERMINE : Mode.SCREEN;
      for (var award : screenings.results(packet, mode).get(0).awards()) {
        before.add(new Before(award, sameAs(award, packet, about.packet()), other.decided()));
      }
    }
    return before;
  }

  /** The claims that are open, and those that were granted, as it was decided. */
  private List<Other> others(OfficeBook.About about) {
    return database
        .sql("""
            select c.household_id, c.request_id, t.packet from claim c
            left join lateral (
              select d.grants, d.determination_id from claim_decision d
              where d.claim_id = c.id and d.state = 'STANDS' order by d.nr desc limit 1) d on true
            left join determination t on t.id = d.determination_id
            where c.household_id = :household and c.service = :service and c.request_id <> :request
              and (d.grants or c.state in ('LODGED', 'OPEN'))
            order by c.number
            """)
        .param("household", about.household())
        .param("service", about.asked().service())
        .param("request", about.request() == null ? NONE : about.request())
        .query((row, n) -> new Other(
            row.getObject(1, UUID.class),
            row.getObject(2, UUID.class),
            row.getString(3) != null,
            row.getString(3)))
        .list();
  }

  private Packet packet(Other other) {
    return other.packet() == null
        ? ledgers.told(other.household(), other.request()).packet()
        : known(screenings.read(other.packet().getBytes(StandardCharsets.UTF_8)).packet());
  }

  private static @Nullable String sameAs(Award award, Packet there, Packet here) {
    return Optional.ofNullable(award.forWhom())
        .flatMap(who -> there.household().person(who.id()))
        .flatMap(person -> here.household().people().stream()
            .filter(one -> isSame(one, person))
            .findFirst())
        .map(Person::id)
        .orElse(null);
  }

  private static boolean isSame(Person one, Person other) {
    return one.birthDate() != null
        && one.birthDate().equals(other.birthDate())
        && one.fullName().equals(other.fullName());
  }
}
