package civitane.app.door;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Who was asked to sign, for which claim, at which contact. */
@Repository
class SignerRows {
  private final JdbcClient database;

  SignerRows(JdbcClient database) {
    this.database = database;
  }

  /**
   * Somebody who was asked.
   *
   * @param number the claim for which they were; what was lodged with it is signed together
   * @param signedAt null while they have not signed
   */
  record AskedToSign(
      UUID id,
      String number,
      UUID person,
      Instant askedAt,
      @Nullable Instant signedAt) {}

  /** Asks somebody; whoever was asked before is asked at this contact from now on. */
  void ask(UUID id, String number, UUID person, String contact, Instant at) {
    database
        .sql("""
            insert into door_signer (id, number, person, contact, asked_at)
            values (:id, :number, :person, :contact, :at)
            on conflict (number, person) do update set contact = excluded.contact, asked_at = excluded.asked_at
            """)
        .param("id", id)
        .param("number", number)
        .param("person", person)
        .param("contact", contact)
        .param("at", Timestamp.from(at))
        .update();
  }

  /** Those who were asked at a contact and have not signed, whoever was asked last first. */
  List<AskedToSign> open(String contact) {
    return database
        .sql(
            "select * from door_signer where contact = ? and signed_at is null order by asked_at desc")
        .param(contact)
        .query(SignerRows::asked)
        .list();
  }

  Optional<AskedToSign> find(UUID id) {
    return database
        .sql("select * from door_signer where id = ?")
        .param(id)
        .query(SignerRows::asked)
        .optional();
  }

  List<AskedToSign> of(String number) {
    return database
        .sql("select * from door_signer where number = ?")
        .param(number)
        .query(SignerRows::asked)
        .list();
  }

  void signed(UUID id, Instant at) {
    database
        .sql("update door_signer set signed_at = ? where id = ?")
        .params(Timestamp.from(at), id)
        .update();
  }

  private static AskedToSign asked(ResultSet row, int n) throws SQLException {
    var signed = row.getTimestamp("signed_at");
    return new AskedToSign(
        row.getObject("id", UUID.class),
        row.getString("number"),
        row.getObject("person", UUID.class),
        row.getTimestamp("asked_at").toInstant(),
        signed == null ? null : signed.toInstant());
  }
}
