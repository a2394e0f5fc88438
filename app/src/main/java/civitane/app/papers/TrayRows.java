package civitane.app.papers;

import civitane.app.problems.Problem;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The pieces in the post tray. */
@Repository
class TrayRows {
  private static final int MOST = 200;

  private static final String WITH_PAGES = """
      select t.*, s.pages, s.drawn, s.unreadable from tray_piece t cross join lateral (
        select count(*) pages, bool_and(f.drawn) drawn, bool_or(f.unreadable) unreadable
        from sheet join paper_file f using (hash) where sheet.of = t.id) s
      where t.set_aside is null and s.pages > 0""";

  private final JdbcClient database;

  TrayRows(JdbcClient database) {
    this.database = database;
  }

  void add(UUID id, String name, String by, Instant at, boolean envelopes) {
    database
        .sql(
            "insert into tray_piece (id, name, came_by, came_at, envelopes) values (?, ?, ?, ?, ?)")
        .param(id)
        .param(name)
        .param(by)
        .param(Timestamp.from(at))
        .param(envelopes)
        .update();
  }

  /** What waits, the oldest first. */
  List<TrayPiece> waiting() {
    return database
        .sql(WITH_PAGES + " order by t.came_at, t.id limit " + MOST)
        .query(TrayRows::piece)
        .list();
  }

  TrayPiece find(UUID id) {
    return waiting(id).orElseThrow(() -> Problem.notThere("The piece"));
  }

  /** A piece; none where it was filed or put aside. */
  Optional<TrayPiece> waiting(UUID id) {
    return database
        .sql(WITH_PAGES + " and t.id = ?")
        .param(id)
        .query(TrayRows::piece)
        .optional();
  }

  private static TrayPiece piece(ResultSet row, int n) throws SQLException {
    return new TrayPiece(
        row.getObject("id", UUID.class),
        row.getString("name"),
        row.getString("came_by"),
        row.getTimestamp("came_at").toInstant(),
        row.getBoolean("envelopes"),
        row.getBoolean("sorted"),
        row.getInt("version"),
        row.getInt("pages"),
        row.getBoolean("drawn"),
        row.getBoolean("unreadable"));
  }

  /** What is done to a piece is done to the one that was looked at. */
  void touch(UUID id, int version) {
    var changed = database.sql("""
            update tray_piece set version = version + 1
            where id = ? and version = ? and set_aside is null
            """).param(id).param(version).update();
    if (changed == 0) {
      throw Problem.overtaken("Somebody did something with this piece after you opened it.");
    }
  }

  void sorted(UUID id) {
    database.sql("update tray_piece set sorted = true where id = ?").param(id).update();
  }

  void setAside(UUID id, String because, Instant at) {
    database
        .sql("update tray_piece set set_aside = ?, set_aside_at = ? where id = ?")
        .params(because, Timestamp.from(at), id)
        .update();
  }
}
