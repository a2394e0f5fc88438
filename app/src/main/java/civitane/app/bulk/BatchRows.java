package civitane.app.bulk;

import civitane.app.drafts.ApplicationView;
import civitane.packet.form.BatchReader;
import civitane.packet.form.FormFault;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The lists and their rows as they are kept. A row keeps its packet only while it waits. */
@Repository
class BatchRows {
  private static final TypeReference<List<String>> STRINGS = new TypeReference<>() {};
  private static final TypeReference<List<FormFault>> FAULTS = new TypeReference<>() {};

  private final JdbcClient database;
  private final JdbcTemplate many;
  private final JsonMapper json;

  BatchRows(JdbcClient database, JdbcTemplate many, JsonMapper json) {
    this.database = database;
    this.many = many;
    this.json = json;
  }

  /** A list. */
  record Kept(UUID id, String service, String sentBy, Instant sentAt, List<String> columns) {}

  /** A row nothing has become of yet. */
  record Waiting(int nr, ObjectNode packet) {}

  /** How many rows there are. */
  record Counts(int rows, int waiting, int returned) {}

  void keep(UUID id, String service, String by, Instant at, BatchReader.Batch list) {
    database
        .sql("""
            insert into batch (id, service, sent_by, sent_at, columns)
            values (:id, :service, :by, :at, :columns)
            """)
        .param("id", id)
        .param("service", service)
        .param("by", by)
        .param("at", Timestamp.from(at))
        .param("columns", json.writeValueAsString(list.columns()))
        .update();
    var rows = new ArrayList<Object[]>();
    list.good()
        .forEach(row -> rows.add(new Object[] {
          id,
          row.row(),
          "waiting",
          json.writeValueAsString(row.cells()),
          row.packet().toString(),
          null
        }));
    list.bad()
        .forEach(row -> rows.add(new Object[] {
          id,
          row.row(),
          "returned",
          json.writeValueAsString(row.cells()),
          null,
          json.writeValueAsString(row.faults())
        }));
    many.batchUpdate(
        "insert into batch_row (batch_id, nr, state, cells, packet, faults) values (?, ?, ?, ?, ?, ?)",
        rows);
  }

  List<Kept> sentBy(String login) {
    return database
        .sql("select * from batch where sent_by = :by order by sent_at desc, id")
        .param("by", login)
        .query(this::kept)
        .list();
  }

  Optional<Kept> find(UUID id) {
    return database
        .sql("select * from batch where id = :id")
        .param("id", id)
        .query(this::kept)
        .optional();
  }

  private Kept kept(ResultSet row, int n) throws SQLException {
    return new Kept(
        row.getObject("id", UUID.class),
        row.getString("service"),
        row.getString("sent_by"),
        row.getTimestamp("sent_at").toInstant(),
        json.readValue(row.getString("columns"), STRINGS));
  }

  Counts counts(UUID id) {
    return database
        .sql("""
            select count(*), count(*) filter (where state = 'waiting'),
              count(*) filter (where state = 'returned')
            from batch_row where batch_id = :id
            """)
        .param("id", id)
        .query((row, n) -> new Counts(row.getInt(1), row.getInt(2), row.getInt(3)))
        .single();
  }

  List<BatchView.Taken> taken(UUID id) {
    return database
        .sql("""
            select nr, receipt, claims from batch_row
            where batch_id = :id and state = 'lodged' order by nr
            """)
        .param("id", id)
        .query((row, n) -> new BatchView.Taken(
            row.getInt(1), row.getString(2), json.readValue(row.getString(3), STRINGS)))
        .list();
  }

  List<BatchReader.Bad> returned(UUID id) {
    return database
        .sql("""
            select nr, cells, faults from batch_row
            where batch_id = :id and state = 'returned' and cells <> '[]' order by nr
            """)
        .param("id", id)
        .query((row, n) -> new BatchReader.Bad(
            row.getInt(1),
            json.readValue(row.getString(2), STRINGS),
            json.readValue(row.getString(3), FAULTS)))
        .list();
  }

  Optional<Waiting> next(UUID id) {
    return database
        .sql("""
            select nr, packet from batch_row
            where batch_id = :id and state = 'waiting' order by nr limit 1
            """)
        .param("id", id)
        .query((row, n) -> new Waiting(row.getInt(1), (ObjectNode) json.readTree(row.getString(2))))
        .optional();
  }

  /** Holds a row until the transaction ends; whether it still waits. */
  boolean hold(UUID id, int nr) {
    return database
        .sql("""
            select state from batch_row
            where batch_id = :id and nr = :nr and state = 'waiting' for update
            """)
        .param("id", id)
        .param("nr", nr)
        .query(String.class)
        .optional()
        .isPresent();
  }

  void lodged(UUID id, int nr, ApplicationView application) {
    database
        .sql("""
            update batch_row set state = 'lodged', packet = null, receipt = :receipt, claims = :claims
            where batch_id = :id and nr = :nr
            """)
        .param("id", id)
        .param("nr", nr)
        .param("receipt", application.receipt())
        .param("claims", json.writeValueAsString(application.claims()))
        .update();
  }

  void returned(UUID id, int nr, List<FormFault> faults) {
    database
        .sql("""
            update batch_row set state = 'returned', packet = null, faults = :faults
            where batch_id = :id and nr = :nr
            """)
        .param("id", id)
        .param("nr", nr)
        .param("faults", json.writeValueAsString(faults))
        .update();
  }

  void remove(UUID id) {
    database.sql("delete from batch_row where batch_id = :id").param("id", id).update();
    database.sql("delete from batch where id = :id").param("id", id).update();
  }
}
