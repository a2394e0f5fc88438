package civitane.bench.desk;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.UUID;

/** The statements that the desk's questions need at the least, with nothing around them. */
final class BareDesk {
  private static final String OPEN = "state in ('LODGED', 'OPEN')";
  private static final String IN_ORDER = " order by (not urgent), pressing_on, number limit 51";

  private final Connection database;

  BareDesk(Connection database) throws SQLException {
    this.database = database;
    database.setReadOnly(true);
  }

  void first() throws SQLException {
    page("select * from claim where " + OPEN + IN_ORDER);
  }

  void next(Where after) throws SQLException {
    page(
        "select * from claim where " + OPEN + " and ((not urgent), pressing_on, number) > (?, ?, ?)"
            + IN_ORDER,
        !after.urgent(),
        after.pressingOn(),
        after.number());
  }

  void round(String step) throws SQLException {
    page("select * from claim where " + OPEN + " and step = ?" + IN_ORDER, step);
  }

  private void page(String sql, Object... values) throws SQLException {
    var claims = new ArrayList<Object>();
    var households = new LinkedHashSet<Object>();
    try (var statement = prepared(sql, values);
        var rows = statement.executeQuery()) {
      while (rows.next()) {
        claims.add(rows.getObject("id", UUID.class));
        households.add(rows.getObject("household_id", UUID.class));
      }
    }
    among("select * from claim_item where claim_id = any (?)", claims);
    among("select * from claim_stint where claim_id = any (?)", claims);
    among("select * from claim_decision where claim_id = any (?)", claims);
    among("select * from household where id = any (?)", List.copyOf(households));
    read("select step, turn, pressing_on, count(*) from claim where " + OPEN
        + " group by step, turn, pressing_on");
  }

  void find(String start) throws SQLException {
    read(
        "select * from household where lower(name) collate \"C\" >= lower(?)"
            + " and lower(name) collate \"C\" < lower(?) || chr(1114111)"
            + " order by lower(name) collate \"C\", id limit 50",
        start,
        start);
  }

  void claim(String number) throws SQLException {
    UUID id;
    UUID household;
    try (var statement = prepared("select * from claim where number = ?", number);
        var rows = statement.executeQuery()) {
      rows.next();
      id = rows.getObject("id", UUID.class);
      household = rows.getObject("household_id", UUID.class);
    }
    for (var of : List.of("claim_item", "claim_stint", "claim_decision", "claim_event")) {
      read("select * from " + of + " where claim_id = ?", id);
    }
    known(household);
  }

  void household(UUID household) throws SQLException {
    read("select * from claim where household_id = ?", household);
    known(household);
  }

  /** Everything known of a household. */
  private void known(UUID household) throws SQLException {
    var own =
        "with family as (select ?::uuid as id union select subject_id from entry where refers_to = ?),"
            + " own as (select id from subject where of_id in (select id from family) union select id from family),"
            + " theirs as (select id from own union select id from subject where of_id in (select id from own))";
    read(own + " select * from subject where id in (select id from theirs)", household, household);
    read(
        own + " select * from entry where subject_id in (select id from theirs) order by nr",
        household,
        household);
    read("select * from household where id = ?", household);
  }

  private void among(String sql, List<?> ids) throws SQLException {
    try (var statement = database.prepareStatement(sql)) {
      statement.setArray(1, database.createArrayOf("uuid", ids.toArray()));
      drained(statement);
    }
  }

  private void read(String sql, Object... values) throws SQLException {
    try (var statement = prepared(sql, values)) {
      drained(statement);
    }
  }

  private PreparedStatement prepared(String sql, Object... values) throws SQLException {
    var statement = database.prepareStatement(sql);
    for (var i = 0; i < values.length; i++) {
      statement.setObject(i + 1, values[i]);
    }
    return statement;
  }

  private static void drained(PreparedStatement statement) throws SQLException {
    try (var rows = statement.executeQuery()) {
      var columns = rows.getMetaData().getColumnCount();
      while (rows.next()) {
        for (var i = 1; i <= columns; i++) {
          rows.getObject(i);
        }
      }
    }
  }
}
