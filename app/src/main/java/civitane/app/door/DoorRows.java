package civitane.app.door;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
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

  /** A visit, and who came. */
  record Visit(Guest guest, Instant beganAt, Instant touchedAt) {}

  /** Gives a key a code in the place of any before. */
  void give(String key, String hash, Instant at) {
    database
        .sql("""
            insert into door_code (key, code_hash, made_at, wrong) values (:key, :hash, :at, 0)
            on conflict (key) do update set code_hash = :hash, made_at = :at, wrong = 0
            """)
        .param("key", key)
        .param("hash", hash)
        .param("at", Timestamp.from(at))
        .update();
  }

  /** The code of a key, which nobody else tries meanwhile. */
  Optional<GivenCode> holdCode(String key) {
    return database
        .sql("select code_hash, made_at, wrong from door_code where key = ? for update")
        .param(key)
        .query((row, n) ->
            new GivenCode(row.getString(1), row.getTimestamp(2).toInstant(), row.getInt(3)))
        .optional();
  }

  void wrong(String key) {
    database
        .sql("update door_code set wrong = wrong + 1 where key = ?")
        .param(key)
        .update();
  }

  void forgetCode(String key) {
    database.sql("delete from door_code where key = ?").param(key).update();
  }

  void begin(String tokenHash, String number, Instant at) {
    begin(tokenHash, number, null, null, at);
  }

  void beginToApply(String tokenHash, UUID application, Instant at) {
    begin(tokenHash, null, application, null, at);
  }

  void beginToSign(String tokenHash, UUID signer, Instant at) {
    begin(tokenHash, null, null, signer, at);
  }

  private void begin(
      String tokenHash,
      @Nullable String number,
      @Nullable UUID application,
      @Nullable UUID signer,
      Instant at) {
    database
        .sql("""
            insert into door_visit (token_hash, number, application_id, signer_id, began_at, touched_at)
            values (:token, :number, :application, :signer, :at, :at)
            """)
        .param("token", tokenHash)
        .param("number", number)
        .param("application", application)
        .param("signer", signer)
        .param("at", Timestamp.from(at))
        .update();
  }

  /** Whoever applied looks at the claim from now on that came of it. */
  void goesOnWith(String tokenHash, String number) {
    database
        .sql("update door_visit set number = ?, application_id = null where token_hash = ?")
        .params(number, tokenHash)
        .update();
  }

  /** Whoever looked at a claim takes an application from now on. */
  void asks(String tokenHash, UUID application) {
    database
        .sql("update door_visit set application_id = ? where token_hash = ? and number is not null")
        .params(application, tokenHash)
        .update();
  }

  /** Whoever came to an application from a claim is back there. */
  void goesBack(String tokenHash) {
    database.sql("""
            update door_visit set application_id = null
            where token_hash = ? and number is not null""").param(tokenHash).update();
  }

  Optional<Visit> visit(String tokenHash) {
    return database
        .sql("""
            select c.household_id, v.number, v.began_at, v.touched_at, v.application_id, v.signer_id
            from door_visit v left join claim c on c.number = v.number where v.token_hash = ?
            """)
        .param(tokenHash)
        .query((row, n) -> new Visit(
            guest(row), row.getTimestamp(3).toInstant(), row.getTimestamp(4).toInstant()))
        .optional();
  }

  private static Guest guest(ResultSet row) throws SQLException {
    var number = row.getString("number");
    var application = row.getObject("application_id", UUID.class);
    if (application != null) {
      return new Applicant(application, number != null);
    }
    return number == null
        ? new Signer(row.getObject("signer_id", UUID.class))
        : new Visitor(row.getObject("household_id", UUID.class), number);
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
