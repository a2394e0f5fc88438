package civitane.bench.desk;

import java.sql.Connection;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** What is asked for: names, claims, households and places of the desk that are there. */
record Known(
    List<String> names, List<String> numbers, List<String> households, List<Where> places) {
  private static final int SAMPLE = 2_000;

  static Known in(Connection database) throws SQLException {
    return new Known(
        texts(database, "select name from household order by random() limit " + SAMPLE),
        texts(database, "select number from claim order by random() limit " + SAMPLE),
        texts(database, "select id from household order by random() limit " + SAMPLE),
        places(database));
  }

  private static List<String> texts(Connection database, String sql) throws SQLException {
    var texts = new ArrayList<String>();
    try (var statement = database.createStatement();
        var rows = statement.executeQuery(sql)) {
      while (rows.next()) {
        texts.add(rows.getString(1));
      }
    }
    return texts;
  }

  private static List<Where> places(Connection database) throws SQLException {
    var places = new ArrayList<Where>();
    try (var statement = database.createStatement();
        var rows = statement.executeQuery(
            "select urgent, pressing_on, number from claim where state in ('LODGED', 'OPEN') order by random() limit "
                + SAMPLE)) {
      while (rows.next()) {
        places.add(
            new Where(rows.getBoolean(1), rows.getObject(2, LocalDate.class), rows.getString(3)));
      }
    }
    return places;
  }

  static <T> T any(List<T> of, Random chance) {
    return of.get(chance.nextInt(of.size()));
  }
}
