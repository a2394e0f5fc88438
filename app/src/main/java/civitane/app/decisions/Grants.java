package civitane.app.decisions;

import civitane.app.catalogue.Catalogue;
import civitane.app.catalogue.DeskWords;
import civitane.app.determining.Screenings;
import civitane.core.awards.Award;
import civitane.core.awards.Given;
import civitane.core.facts.Packet;
import civitane.core.rules.Mode;
import civitane.core.rules.Result;
import java.nio.charset.StandardCharsets;
import java.sql.Date;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import static civitane.core.facts.Known.known;

/** What a household was granted, over all services. */
@Service
public class Grants {
  private final JdbcClient database;
  private final Screenings screenings;

  Grants(JdbcClient database, Screenings screenings) {
    this.database = database;
    this.screenings = screenings;
  }

  /**
   * Something that was granted.
   *
   * @param words what and how much, without its days
   * @param until the last day; null where it has no end
   */
  public record Granted(
      String claim,
      String title,
      String words,
      LocalDate from,
      @Nullable LocalDate until) {}

  private record Standing(
      String claim, String service, LocalDate on, boolean grants, String packet) {}

  /** What the decisions give that stood on a day: of each claim, the last one by then. */
  @Transactional(readOnly = true)
  public List<Granted> of(UUID household, LocalDate decidedBy) {
    return database
        .sql("""
            select distinct on (c.number) c.number, c.service, d.decided_on, d.grants, t.packet
            from claim c join claim_decision d on d.claim_id = c.id
            join determination t on t.id = d.determination_id
            where c.household_id = :household and d.state = 'STANDS' and d.decided_on <= :by
            order by c.number, d.nr desc
            """)
        .param("household", household)
        .param("by", Date.valueOf(decidedBy))
        .query((row, n) -> new Standing(
            row.getString(1),
            row.getString(2),
            row.getDate(3).toLocalDate(),
            row.getBoolean(4),
            row.getString(5)))
        .list()
        .stream()
        .filter(Standing::grants)
        .flatMap(this::granted)
        .toList();
  }

  /** The last day of all that a result grants; null where something of it has no end, or nothing is granted. */
  static @Nullable LocalDate end(Result result) {
    var ends = result.awards().stream().map(Award::until).toList();
    return ends.contains(null)
        ? null
        : ends.stream().max(Comparator.naturalOrder()).orElse(null);
  }

  /**
   * What ends, and when: the last decision on its claim, which stands.
   *
   * @param holder who has the claim
   */
  public record Ending(
      String claim,
      UUID household,
      String service,
      LocalDate on,
      @Nullable String holder) {}

  /**
   * What ends between two days and was not asked for again, the soonest first.
   *
   * @param most how many at most
   */
  @Transactional(readOnly = true)
  public List<Ending> ending(LocalDate from, LocalDate until, int most) {
    return database
        .sql("""
            select c.number, c.household_id, c.service, t.ends_on, c.holder
            from determination t join claim_decision d on d.determination_id = t.id
            join claim c on c.id = d.claim_id
            where t.ends_on between :from and :until and d.grants and d.state = 'STANDS' and c.state = 'DECIDED'
            and not exists (select 1 from claim_decision later where later.claim_id = c.id and later.nr > d.nr)
            and not exists (
              select 1 from claim again where again.household_id = c.household_id and again.service = c.service
              and again.id <> c.id and again.state in ('LODGED', 'OPEN'))
            order by t.ends_on, c.number limit :most
            """)
        .param("from", Date.valueOf(from))
        .param("until", Date.valueOf(until))
        .param("most", most)
        .query((row, n) -> new Ending(
            row.getString(1),
            row.getObject(2, UUID.class),
            row.getString(3),
            row.getDate(4).toLocalDate(),
            row.getString(5)))
        .list();
  }

  /** What the last decision on a claim grants that stands; nothing where none does. */
  @Transactional(readOnly = true)
  public List<Award> awards(String claim) {
    return database
        .sql("""
            select d.grants, t.packet from claim c join claim_decision d on d.claim_id = c.id
            join determination t on t.id = d.determination_id
            where c.number = ? and d.state = 'STANDS' order by d.nr desc limit 1
            """)
        .param(claim)
        .query((row, n) -> row.getBoolean(1) ? row.getString(2) : "")
        .optional()
        .filter(packet -> !packet.isEmpty())
        .map(this::awarded)
        .orElse(List.of());
  }

  /** What each of a claim's decisions gives that stand, the first one first. */
  @Transactional(readOnly = true)
  List<Given> chain(String claim) {
    return database
        .sql("""
            select d.decided_on, d.grants, t.packet from claim c join claim_decision d on d.claim_id = c.id
            join determination t on t.id = d.determination_id
            where c.number = ? and d.state = 'STANDS' order by d.nr
            """)
        .param(claim)
        .query((row, n) -> {
          var packet = packet(row.getString(3));
          return new Given(
              row.getDate(1).toLocalDate(),
              packet.assessedOn(),
              row.getBoolean(2) ? awarded(packet) : List.of());
        })
        .list();
  }

  private Packet packet(String written) {
    return known(screenings.read(written.getBytes(StandardCharsets.UTF_8)).packet());
  }

  private List<Award> awarded(String packet) {
    return awarded(packet(packet));
  }

  private List<Award> awarded(Packet packet) {
    return screenings.results(packet, Mode.DETERMINE).get(0).awards();
  }

  /** The rules give the same again for the same facts, so that awards need not be kept beside them. */
  private Stream<Granted> granted(Standing decision) {
    return awarded(decision.packet()).stream().map(award -> granted(decision, award));
  }

  private static Granted granted(Standing decision, Award award) {
    return new Granted(
        decision.claim(),
        Catalogue.title(decision.service()),
        DeskWords.WORDS.award(decision.service(), award.from(null).until(null)),
        award.from() == null ? decision.on() : award.from(),
        award.until());
  }
}
