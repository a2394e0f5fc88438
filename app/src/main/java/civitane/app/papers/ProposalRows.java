package civitane.app.papers;

import civitane.app.reading.Box;
import civitane.app.reading.Proposal;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What the machine read off files. */
@Repository
class ProposalRows {
  private final JdbcClient database;

  ProposalRows(JdbcClient database) {
    this.database = database;
  }

  /** Keeps what was found; from then on the file counts as read. */
  @Transactional
  public void keep(String hash, List<Proposal> proposals) {
    for (var one : proposals) {
      database
          .sql("""
              insert into paper_proposal (hash, field, value, page, x, y, width, height, sure)
              values (?, ?, ?, ?, ?, ?, ?, ?, ?) on conflict do nothing
              """)
          .param(hash)
          .param(one.field().name())
          .param(one.value())
          .param(one.page())
          .param(one.box().left())
          .param(one.box().top())
          .param(one.box().width())
          .param(one.box().height())
          .param(one.sure())
          .update();
    }
    database.sql("update paper_file set read = true where hash = ?").param(hash).update();
  }

  /** What was found in a file, the first page first. */
  List<Proposal> of(String hash) {
    return database
        .sql("select * from paper_proposal where hash = ? order by page, field")
        .param(hash)
        .query((row, n) -> new Proposal(
            Proposal.Field.valueOf(row.getString("field")),
            row.getString("value"),
            row.getInt("page"),
            new Box(
                row.getDouble("x"),
                row.getDouble("y"),
                row.getDouble("width"),
                row.getDouble("height")),
            row.getBoolean("sure")))
        .list();
  }
}
