package civitane.app.door;

import civitane.app.papers.Bringing;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Files that came for applications before they were lodged. */
@Repository
class EarlyPaperRows {
  private final JdbcClient database;

  EarlyPaperRows(JdbcClient database) {
    this.database = database;
  }

  /** A file, as it came. */
  record Early(String wanted, Bringing.Kept kept, String name, String remark) {}

  /** The same file sent again, as after a connection that was lost, is there once. */
  void add(UUID application, Early early, Instant at) {
    database
        .sql("""
            insert into application_paper (id, application_id, wanted, hash, pages, name, remark, came_at)
            values (:id, :application, :wanted, :hash, :pages, :name, :remark, :at)
            on conflict (application_id, wanted, hash) do nothing
            """)
        .param("id", UUID.randomUUID())
        .param("application", application)
        .param("wanted", early.wanted())
        .param("hash", early.kept().hash())
        .param("pages", early.kept().pages())
        .param("name", early.name())
        .param("remark", early.remark())
        .param("at", Timestamp.from(at))
        .update();
  }

  /** How many pages came for each thing that is wanted. */
  Map<String, Integer> pages(UUID application) {
    return database
        .sql("""
            select wanted, sum(pages) as pages from application_paper where application_id = ? group by wanted
            """)
        .param(application)
        .query((row, n) -> Map.entry(row.getString("wanted"), row.getInt("pages")))
        .list()
        .stream()
        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
  }

  int count(UUID application) {
    return database
        .sql("select count(*) from application_paper where application_id = ?")
        .param(application)
        .query(Integer.class)
        .single();
  }

  /** Takes away what came for something. */
  void remove(UUID application, String wanted) {
    database
        .sql(
            "delete from application_paper where application_id = ? and wanted = ? and filed_at is null")
        .params(application, wanted)
        .update();
  }

  /** For what something came that is not filed yet. */
  List<String> unfiled(UUID application) {
    return database.sql("""
            select wanted from application_paper where application_id = ? and filed_at is null
            group by wanted order by min(came_at), wanted
            """).param(application).query(String.class).list();
  }

  /** What came for something, page after page; it is filed from now on. */
  List<Early> filed(UUID application, String wanted, Instant at) {
    return database
        .sql("""
            with filed as (
              update application_paper set filed_at = :at
              where application_id = :application and wanted = :wanted and filed_at is null returning *)
            select * from filed order by came_at, id
            """)
        .param("at", Timestamp.from(at))
        .param("application", application)
        .param("wanted", wanted)
        .query((row, n) -> new Early(
            row.getString("wanted"),
            new Bringing.Kept(row.getString("hash"), row.getInt("pages")),
            row.getString("name"),
            row.getString("remark")))
        .list();
  }
}
