package civitane.app.closures;

import civitane.core.time.OpenDays;
import java.sql.Date;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Closures as they are kept. */
@Repository
class ClosureRows {
  private final JdbcClient database;

  ClosureRows(JdbcClient database) {
    this.database = database;
  }

  /** All that were ever declared, by their first day. */
  List<DeclaredClosure> all() {
    return database
        .sql("select * from closure order by from_day, declared_at")
        .query(ClosureRows::closure)
        .list();
  }

  /** The days on which the office is open, by all closures that stand. */
  OpenDays openDays() {
    return new OpenDays(all().stream()
        .filter(DeclaredClosure::stands)
        .map(DeclaredClosure::days)
        .toList());
  }

  Optional<DeclaredClosure> find(UUID id) {
    return database
        .sql("select * from closure where id = ?")
        .param(id)
        .query(ClosureRows::closure)
        .optional();
  }

  void add(DeclaredClosure closure) {
    database
        .sql("""
            insert into closure (id, from_day, until_day, because, declared_by, declared_at)
            values (?, ?, ?, ?, ?, ?)
            """)
        .param(closure.id())
        .param(Date.valueOf(closure.from()))
        .param(Date.valueOf(closure.until()))
        .param(closure.because())
        .param(closure.by())
        .param(Timestamp.from(closure.at()))
        .update();
  }

  /** Whether it stood until now. */
  boolean takeBack(UUID id, String by, Instant at) {
    return database.sql("""
                update closure set taken_back_by = ?, taken_back_at = ?
                where id = ? and taken_back_at is null
                """).param(by).param(Timestamp.from(at)).param(id).update() > 0;
  }

  private static DeclaredClosure closure(ResultSet row, int n) throws SQLException {
    var back = row.getTimestamp("taken_back_at");
    return new DeclaredClosure(
        row.getObject("id", UUID.class),
        row.getObject("from_day", LocalDate.class),
        row.getObject("until_day", LocalDate.class),
        row.getString("because"),
        row.getString("declared_by"),
        row.getTimestamp("declared_at").toInstant(),
        back == null ? null : back.toInstant());
  }
}
