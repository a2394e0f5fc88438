package civitane.app.papers;

import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The pages of papers, in the order they are read. */
@Repository
class SheetRows {
  private final JdbcClient database;

  SheetRows(JdbcClient database) {
    this.database = database;
  }

  List<Sheet> of(UUID paper) {
    return database
        .sql("select hash, page, turn from sheet where of = ? order by position")
        .param(paper)
        .query((row, n) -> new Sheet(row.getString(1), row.getInt(2), row.getInt(3)))
        .list();
  }

  /** The pages are these from now on. */
  void set(UUID paper, List<Sheet> sheets) {
    database.sql("delete from sheet where of = ?").param(paper).update();
    for (var position = 0; position < sheets.size(); position++) {
      var sheet = sheets.get(position);
      database
          .sql("insert into sheet (of, position, hash, page, turn) values (?, ?, ?, ?, ?)")
          .param(paper)
          .param(position)
          .param(sheet.hash())
          .param(sheet.page())
          .param(sheet.turn())
          .update();
    }
  }

  /** All pages of a file, as it came. */
  static List<Sheet> whole(String hash, int pages) {
    return IntStream.range(0, pages).mapToObj(page -> new Sheet(hash, page, 0)).toList();
  }
}
