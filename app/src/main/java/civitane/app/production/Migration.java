package civitane.app.production;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.regex.Pattern;
import org.flywaydb.core.Flyway;

/** Brings a database to this version, as the role that owns it, and lets the role that serves do its work and no more. */
public final class Migration {
  private static final Pattern ROLE = Pattern.compile("[a-z_][a-z0-9_]{0,62}");

  /** What is only added to: who serves can't change it, whatever triggers there are. */
  private static final List<String> ONLY_ADDED_TO =
      List.of("audit_log", "audit_chain", "claim_event", "determination", "entry");

  private Migration() {}

  /**
   * Migrates.
   *
   * @param owner the role that owns the tables
   * @param serving the role that serves; it is there already
   * @return how many steps were taken
   */
  public static int run(String url, String owner, String password, String serving)
      throws SQLException {
    if (!ROLE.matcher(serving).matches() || serving.equals(owner)) {
      throw new Refused(
          List.of(
              "CIVITANE_DB_USER is the role that serves, written in small letters, digits and _, and not the owner."));
    }
    var flyway = Flyway.configure().dataSource(url, owner, password).load();
    var steps = flyway.migrate().migrationsExecuted;
    try (var connection = flyway.getConfiguration().getDataSource().getConnection()) {
      allow(connection, serving);
    }
    return steps;
  }

  private static void allow(Connection connection, String serving) throws SQLException {
    try (var statement = connection.createStatement()) {
      statement.execute("revoke create on schema public from public");
      statement.execute("grant usage on schema public to " + serving);
      statement.execute(
          "grant select, insert, update, delete on all tables in schema public to " + serving);
      statement.execute("grant usage, select on all sequences in schema public to " + serving);
      statement.execute("revoke insert, update, delete on flyway_schema_history from " + serving);
      for (var table : ONLY_ADDED_TO) {
        statement.execute("revoke update, delete on " + table + " from " + serving);
      }
    }
  }
}
