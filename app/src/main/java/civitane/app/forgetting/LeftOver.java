package civitane.app.forgetting;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What came in and belongs to nobody the office knows: forgotten in time. */
@Service
public class LeftOver {
  /** Whoever comes back for what was put aside finds it so long. */
  static final Duration KEPT = Duration.ofDays(90);

  /** A file is kept together with what it is for: one that is for nothing is not on its way, once it was drawn and read. */
  private static final String OF_NOTHING = """
      select hash from paper_file
      where drawn and read
        and not exists (select 1 from sheet where sheet.hash = paper_file.hash)
        and not exists (select 1 from form_out where answer = paper_file.hash)
        and not exists (select 1 from application_paper where application_paper.hash = paper_file.hash)
      """;

  /** A piece of post that was put aside long ago, or was filed: its pages are a paper's then. */
  private static final String POST_THAT_IS_OVER = """
      select id from tray_piece
      where set_aside_at < :until
        or came_at < :until and not exists (select 1 from sheet where sheet.of = tray_piece.id)
      """;

  private final JdbcClient database;
  private final Clock clock;

  LeftOver(JdbcClient database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /** Forgets all of it whose time is over. */
  @Transactional
  public void forget() {
    forgetPost();
    forgetRows();
    forgetContacts();
    forgetFiles();
  }

  private Instant before() {
    return clock.instant().minus(KEPT);
  }

  private void forgetPost() {
    for (var rows :
        List.of("delete from sheet where of in (", "delete from tray_piece where id in (")) {
      database
          .sql(rows + POST_THAT_IS_OVER + ")")
          .param("until", Timestamp.from(before()))
          .update();
    }
  }

  /** Of rows of a list that were sent back only their place is left: whoever sent them has them. */
  private void forgetRows() {
    database.sql("""
            update batch_row set cells = '[]', faults = '[]'
            where state = 'returned' and cells <> '[]'
              and batch_id in (select id from batch where sent_at < ?)
            """).param(Timestamp.from(before())).update();
  }

  /** Forgets files that nothing is made of any more, as what was sent and taken away again. */
  private void forgetFiles() {
    for (var table : List.of("paper_proposal", "paper_page", "paper_piece", "paper_file")) {
      database
          .sql("delete from " + table + " where hash in (" + OF_NOTHING + ")")
          .update();
    }
  }

  /** Forgets to whom codes and messages went who did not become a household, or had not yet. */
  private void forgetContacts() {
    for (var rows : List.of(
        "delete from message where household_id is null and ordered_at < ?",
        "delete from door_code where made_at < ?")) {
      database.sql(rows).param(Timestamp.from(before())).update();
    }
  }
}
