package civitane.app.door;

import java.sql.Timestamp;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Codes that were given and visits that go on, as they are kept: by their hashes. */
@Repository
class DoorRows {
  private final JdbcClient database;

  DoorRows(JdbcClient database) {
    this.database = database;
  }

  /** A code that was given. */
  record GivenCode(String hash, Instant madeAt, int wrong) {}

  /** A visit with the household it is of. */
  record Visit(UUID household, String number, Instant beganAt, Instant touchedAt) {}

  /** Gives a claim a code in the place of any before. */
  void give(String number, String hash, Instant at) {
    database
        .sql("""
            insert into door_code (number, code_hash, made_at, wrong) values (:number, :hash, :at, 0)
            on conflict (number) do update set code_hash = :hash, made_at = :at, wrong = 0
            """)
        .param("number", number)
        .param("hash", hash)
        .param("at", Timestamp.from(at))
        .update();
  }

  /** The code of a claim, which nobody else tries meanwhile. */
  Optional<GivenCode> holdCode(String number) {
    return database
        .sql("select code_hash, made_at, wrong from door_code where number = ? for update")
        .param(number)
        .query((row, n) ->
            new GivenCode(row.getString(1), row.getTimestamp(2).toInstant(), row.getInt(3)))
        .optional();
  }

  void wrong(String number) {
    database
        .sql("update door_code set wrong = wrong + 1 where number = ?")
        .param(number)
        .update();
  }

  void forgetCode(String number) {
    database.sql("delete from door_code where number = ?").param(number).update();
  }

  void begin(String tokenHash, String number, Instant at) {
    database
        .sql("""
            insert into door_visit (token_hash, number, began_at, touched_at)
            values (:token, :number, :at, :at)
            """)
        .param("token", tokenHash)
        .param("number", number)
        .param("at", Timestamp.from(at))
        .update();
  }

  Optional<Visit> visit(String tokenHash) {
    return database
        .sql("""
            select c.household_id, v.number, v.began_at, v.touched_at
            from door_visit v join claim c on c.number = v.number where v.token_hash = ?
            """)
        .param(tokenHash)
        .query((row, n) -> new Visit(
            row.getObject(1, UUID.class),
            row.getString(2),
            row.getTimestamp(3).toInstant(),
            row.getTimestamp(4).toInstant()))
        .optional();
  }

  void touch(String tokenHash, Instant at) {
    database
        .sql("update door_visit set touched_at = ? where token_hash = ?")
        .params(Timestamp.from(at), tokenHash)
        .update();
  }

  void end(String tokenHash) {
    database.sql("delete from door_visit where token_hash = ?").param(tokenHash).update();
  }

  /** Ends what began before a time. */
  void endBefore(Instant began) {
    database
        .sql("delete from door_visit where began_at < ?")
        .param(Timestamp.from(began))
        .update();
  }
}
