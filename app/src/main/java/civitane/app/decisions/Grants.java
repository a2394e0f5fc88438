package civitane.app.decisions;

import civitane.app.catalogue.Catalogue;
import civitane.app.catalogue.DeskWords;
import civitane.app.determining.Screenings;
import civitane.core.awards.Award;
import civitane.core.rules.Mode;
import java.nio.charset.StandardCharsets;
import java.sql.Date;
import java.time.LocalDate;
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

  /** The rules give the same again for the same facts, so that awards need not be kept beside them. */
  private Stream<Granted> granted(Standing decision) {
    var packet = known(
        screenings.read(decision.packet().getBytes(StandardCharsets.UTF_8)).packet());
    return screenings.results(packet, Mode.DETERMINE).get(0).awards().stream()
        .map(award -> granted(decision, award));
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
