package civitane.app.corrections;

import java.sql.Date;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What households were asked for. */
@Repository
class CorrectionRows {
  private final JdbcClient database;

  CorrectionRows(JdbcClient database) {
    this.database = database;
  }

  /** What was asked for a claim, the newest first. */
  List<SentRequest> of(String number) {
    return database
        .sql("select * from correction_request where claim_number = ? order by nr desc")
        .param(number)
        .query((row, n) -> request(row))
        .list();
  }

  /** What is due by a day and was never reminded of, and what is due today and was reminded of only before. */
  List<SentRequest> toRemindOf(LocalDate today, LocalDate soon) {
    return database
        .sql("""
            select * from correction_request
            where due_on <= :soon and reminded_on is null or due_on <= :today and reminded_on < due_on
            order by due_on, claim_number
            """)
        .param("today", Date.valueOf(today))
        .param("soon", Date.valueOf(soon))
        .query((row, n) -> request(row))
        .list();
  }

  private SentRequest request(ResultSet row) throws SQLException {
    var id = row.getObject("id", UUID.class);
    var reminded = row.getDate("reminded_on");
    return new SentRequest(
        id,
        row.getString("claim_number"),
        row.getInt("nr"),
        row.getObject("letter_id", UUID.class),
        row.getString("sent_by"),
        row.getTimestamp("sent_at").toInstant(),
        row.getDate("due_on").toLocalDate(),
        reminded == null ? null : reminded.toLocalDate(),
        items(id));
  }

  private Map<Integer, String> items(UUID request) {
    var items = new TreeMap<Integer, String>();
    database
        .sql("select item, settles from correction_item where request_id = ?")
        .param(request)
        .query((row, n) -> items.put(row.getInt(1), row.getString(2)))
        .list();
    return items;
  }

  void add(SentRequest request) {
    database
        .sql("""
            insert into correction_request (id, claim_number, nr, letter_id, sent_by, sent_at, due_on)
            values (?, ?, ?, ?, ?, ?, ?)
            """)
        .param(request.id())
        .param(request.number())
        .param(request.nr())
        .param(request.letter())
        .param(request.by())
        .param(Timestamp.from(request.at()))
        .param(Date.valueOf(request.dueOn()))
        .update();
    request
        .items()
        .forEach((item, settles) -> database
            .sql("insert into correction_item (request_id, item, settles) values (?, ?, ?)")
            .param(request.id())
            .param(item)
            .param(settles)
            .update());
  }

  /** There is time until another day; reminders begin anew. */
  void dueOn(UUID request, LocalDate day) {
    database
        .sql("update correction_request set due_on = ?, reminded_on = null where id = ?")
        .param(Date.valueOf(day))
        .param(request)
        .update();
  }

  void reminded(UUID request, LocalDate on) {
    database
        .sql("update correction_request set reminded_on = ? where id = ?")
        .param(Date.valueOf(on))
        .param(request)
        .update();
  }
}
