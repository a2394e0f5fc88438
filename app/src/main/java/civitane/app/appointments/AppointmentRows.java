package civitane.app.appointments;

import java.sql.Date;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Time;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Appointments as they are kept. */
@Repository
class AppointmentRows {
  private final JdbcClient database;

  AppointmentRows(JdbcClient database) {
    this.database = database;
  }

  /** What is to come of a day or is over, the earliest first. */
  List<Appointment> on(LocalDate day) {
    return database
        .sql("select * from appointment where on_day = ? order by at_time, id")
        .param(Date.valueOf(day))
        .query(AppointmentRows::appointment)
        .list();
  }

  /** Those about a claim, the latest first. */
  List<Appointment> about(String claim) {
    return database
        .sql("select * from appointment where claim = ? order by on_day desc, at_time desc")
        .param(claim)
        .query(AppointmentRows::appointment)
        .list();
  }

  /** Those to come that somebody has on a day; nobody else gives them one meanwhile. */
  List<Appointment> holding(String with, LocalDate day) {
    database
        .sql("select login from staff where login = ? for update")
        .param(with)
        .query(String.class)
        .single();
    return database
        .sql("select * from appointment where with_whom = ? and on_day = ? and over is null")
        .param(with)
        .param(Date.valueOf(day))
        .query(AppointmentRows::appointment)
        .list();
  }

  Optional<Appointment> find(UUID id) {
    return database
        .sql("select * from appointment where id = ?")
        .param(id)
        .query(AppointmentRows::appointment)
        .optional();
  }

  void add(Appointment made, String by, Instant at) {
    database
        .sql("""
            insert into appointment
              (id, claim, on_day, at_time, minutes, with_whom, place, interpreter, about, hearing, made_by, made_at)
            values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
            """)
        .param(made.id())
        .param(made.claim())
        .param(Date.valueOf(made.on()))
        .param(Time.valueOf(made.at()))
        .param(made.minutes())
        .param(made.with())
        .param(made.place().name())
        .param(made.interpreter())
        .param(made.about())
        .param(made.hearing())
        .param(by)
        .param(Timestamp.from(at))
        .update();
  }

  /** Whether they had not checked in until now, nor was it over. */
  boolean here(UUID id, Instant at) {
    return database.sql("""
                update appointment set here_since = ?
                where id = ? and here_since is null and over is null
                """).param(Timestamp.from(at)).param(id).update() > 0;
  }

  /** Whether it was to come until now. */
  boolean over(UUID id, Over over, String note, String by, Instant at) {
    return database
            .sql("""
                update appointment set over = ?, note = ?, over_by = ?, over_at = ?
                where id = ? and over is null
                """)
            .param(over.name())
            .param(note)
            .param(by)
            .param(Timestamp.from(at))
            .param(id)
            .update()
        > 0;
  }

  private static Appointment appointment(ResultSet row, int n) throws SQLException {
    var here = row.getTimestamp("here_since");
    var over = row.getString("over");
    return new Appointment(
        row.getObject("id", UUID.class),
        row.getString("claim"),
        row.getObject("on_day", LocalDate.class),
        row.getObject("at_time", LocalTime.class),
        row.getInt("minutes"),
        row.getString("with_whom"),
        Place.valueOf(row.getString("place")),
        row.getString("interpreter"),
        row.getString("about"),
        row.getBoolean("hearing"),
        here == null ? null : here.toInstant(),
        over == null ? null : Over.valueOf(over),
        row.getString("note"));
  }
}
