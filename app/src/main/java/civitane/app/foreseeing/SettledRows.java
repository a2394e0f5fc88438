package civitane.app.foreseeing;

import java.sql.Timestamp;
import java.time.Instant;
import java.util.Collection;
import java.util.Set;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What was foreseen and has been seen to. */
@Repository
class SettledRows {
  private final JdbcClient database;

  SettledRows(JdbcClient database) {
    this.database = database;
  }

  /** Something that was foreseen of a household. */
  record Foretold(UUID household, String what) {}

  /** Of some households, what has been seen to. */
  Set<Foretold> of(Collection<UUID> households) {
    return households.isEmpty()
        ? Set.of()
        : database
            .sql("select household_id, what from foreseen_settled where household_id in (:all)")
            .param("all", households)
            .query((row, n) -> new Foretold(row.getObject(1, UUID.class), row.getString(2)))
            .set();
  }

  /** Settles it; answers whether nobody had yet. */
  boolean settle(Foretold foretold, String by, Instant at, String because) {
    return database
            .sql("insert into foreseen_settled values (?, ?, ?, ?, ?) on conflict do nothing")
            .params(foretold.household(), foretold.what(), by, Timestamp.from(at), because)
            .update()
        == 1;
  }
}
