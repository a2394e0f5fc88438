package civitane.app.load;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import org.jspecify.annotations.Nullable;
import org.postgresql.PGConnection;

/** Rows for one table, as PostgreSQL copies them in. */
final class Copying {
  private final String table;
  private final StringBuilder rows = new StringBuilder();

  /** @param table with the columns that are given, as in {@code household (id, name)} */
  Copying(String table) {
    this.table = table;
  }

  /** A row, a value for each column; null for none. */
  void row(@Nullable Object... values) {
    for (var i = 0; i < values.length; i++) {
      if (i > 0) {
        rows.append('\t');
      }
      var value = values[i];
      if (value == null) {
        rows.append("\\N");
      } else {
        escaped(value.toString());
      }
    }
    rows.append('\n');
  }

  private void escaped(String text) {
    for (var i = 0; i < text.length(); i++) {
      var letter = text.charAt(i);
      switch (letter) {
        case '\\' -> rows.append("\\\\");
        case '\t' -> rows.append("\\t");
        case '\n' -> rows.append("\\n");
        case '\r' -> rows.append("\\r");
        default -> rows.append(letter);
      }
    }
  }

  void into(Connection database) throws SQLException {
    try {
      database
          .unwrap(PGConnection.class)
          .getCopyAPI()
          .copyIn(
              "copy " + table + " from stdin",
              new ByteArrayInputStream(rows.toString().getBytes(StandardCharsets.UTF_8)));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
