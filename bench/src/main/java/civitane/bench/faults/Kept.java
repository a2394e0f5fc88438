package civitane.bench.faults;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Collection;
import java.util.UUID;

/** What the database holds of the work, against what was answered. */
final class Kept {
  private static final String OURS = "application where draft like '%" + Families.STREET + "%'";

  private final String url;

  Kept(String url) {
    this.url = url;
  }

  private long count(String from, Object... values) throws SQLException {
    try (var connection = DriverManager.getConnection(url, "civitane", "");
        var statement = connection.prepareStatement("select count(*) from " + from)) {
      for (var i = 0; i < values.length; i++) {
        statement.setObject(i + 1, values[i]);
      }
      try (var rows = statement.executeQuery()) {
        rows.next();
        return rows.getLong(1);
      }
    }
  }

  /** Waits until what is done later is done. */
  void awaitDone(long until) throws SQLException, InterruptedException {
    while (waiting() > 0 && System.nanoTime() < until) {
      Thread.sleep(1_000);
    }
  }

  private long waiting() throws SQLException {
    return count(
        "scheduled_tasks where execution_time < now() + interval '1 minute' and task_name = 'render letter'");
  }

  /** A line that tells what was lost and what is there twice; both are to be none. */
  String line(Collection<UUID> lodged) throws SQLException {
    try (Connection connection = DriverManager.getConnection(url, "civitane", "")) {
      var said = connection.createArrayOf("uuid", lodged.toArray());
      var there = count("application where state = 'lodged' and id = any (?)", said);
      var claims = count("claim where application_id = any (?)", said);
      var receipts = count(
          "letter where kind = 'receipt' and pdf is not null and about in (select receipt from application where id = any (?))",
          said);
      var twice = count(
          "(select 1 from " + OURS
              + " group by draft::json #>> '{packet,household,people,0,familyName}',"
              + " draft::json #>> '{packet,household,people,0,givenName}' having count(*) > 1) as same");
      return "lodged=%d lost=%d claims=%d receipts=%d unlodged=%d twice=%d waiting=%d"
          .formatted(
              lodged.size(),
              lodged.size() - there,
              claims,
              receipts,
              count(OURS + " and state <> 'lodged'"),
              twice,
              waiting());
    }
  }
}
