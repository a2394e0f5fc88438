package civitane.app.messages;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Messages as they are kept: what they said only until they are sent. */
@Repository
class MessageRows {
  private final JdbcClient database;

  MessageRows(JdbcClient database) {
    this.database = database;
  }

  void add(Message message, Instant at) {
    database
        .sql("""
            insert into message (id, household_id, channel, to_way, text, letter_id, not_after, ordered_at)
            values (:id, :household, :channel, :to, :text, :letter, :notAfter, :at)
            """)
        .param("id", message.id())
        .param("household", message.household())
        .param("channel", message.channel().name())
        .param("to", message.to())
        .param("text", message.text())
        .param("letter", message.letter())
        .param("notAfter", message.notAfter() == null ? null : Timestamp.from(message.notAfter()))
        .param("at", Timestamp.from(at))
        .update();
  }

  Optional<Message> waiting(UUID id) {
    return database
        .sql("select * from message where id = ? and state = 'WAITS'")
        .param(id)
        .query(MessageRows::message)
        .optional();
  }

  private static Message message(ResultSet row, int n) throws SQLException {
    var notAfter = row.getTimestamp("not_after");
    return new Message(
        row.getObject("id", UUID.class),
        row.getObject("household_id", UUID.class),
        Channel.valueOf(row.getString("channel")),
        row.getString("to_way"),
        row.getString("text"),
        row.getObject("letter_id", UUID.class),
        notAfter == null ? null : notAfter.toInstant());
  }

  /** Whether a message that waited is settled now; what it said is forgotten. */
  boolean settle(UUID id, MessageState state, Instant at) {
    return database.sql("""
                update message set state = ?, settled_at = ?, text = null
                where id = ? and state = 'WAITS'
                """).params(state.name(), Timestamp.from(at), id).update() == 1;
  }
}
