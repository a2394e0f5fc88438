package civitane.app.remembering;

import civitane.app.access.Guard;
import civitane.app.claims.Claims;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.packet.Fault;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Work that people were called away from: each sees their own, and goes on where they were. */
@Service
class Parking {
  private static final int LONGEST = 200;

  private final JdbcClient database;
  private final Claims claims;
  private final Guard guard;
  private final Clock clock;

  Parking(JdbcClient database, Claims claims, Guard guard, Clock clock) {
    this.database = database;
    this.claims = claims;
    this.guard = guard;
    this.clock = clock;
  }

  /** What is parked: an application that is being taken, or a claim. */
  record ToPark(@Nullable UUID application, @Nullable String claim, Parked.Where where) {}

  /** What somebody has parked, the latest first; nothing of a household that they may not see any more. */
  @Transactional(readOnly = true)
  List<Parked> of(Staff.Colleague me) {
    return database.sql("""
            select p.*, c.service, h.name as household from parked p
            left join application a on a.id = p.application_id
            left join claim c on c.number = p.claim
            left join household h on h.id = c.household_id
            where p.login = ? and (p.claim is not null or a.state = 'drafting')
            order by p.parked_at desc, p.id
            """).param(me.login()).query(Parking::parked).list().stream()
        .filter(one -> one.claim() == null || guard.maySee(me, claims.householdOf(one.claim())))
        .toList();
  }

  /** Parks something, in place of where one was in it before. */
  @Transactional
  void park(Staff.Colleague me, ToPark what) {
    fit(what);
    if (what.claim() != null) {
      claims.householdOf(what.claim());
    }
    if (what.application() != null) {
      isBeingTaken(me, what.application());
    }
    var where = what.where();
    database
        .sql("""
            delete from parked
            where login = :login and (application_id = :application or claim = :claim)
            """)
        .param("login", me.login())
        .param("application", what.application())
        .param("claim", what.claim())
        .update();
    database
        .sql("""
            insert into parked (id, login, application_id, claim, part, field, label, caret, parked_at)
            values (:id, :login, :application, :claim, :part, :field, :label, :caret, :at)
            """)
        .param("id", UUID.randomUUID())
        .param("login", me.login())
        .param("application", what.application())
        .param("claim", what.claim())
        .param("part", where.part())
        .param("field", where.field())
        .param("label", where.label())
        .param("caret", where.caret())
        .param("at", Timestamp.from(clock.instant()))
        .update();
  }

  private void fit(ToPark what) {
    var faults = new ArrayList<Fault>();
    if ((what.application() == null) == (what.claim() == null)) {
      faults.add(new Fault(
          "/application", "one thing is parked at a time", "an application or a claim, not both"));
    }
    var where = what.where();
    if (where.part().isBlank()) {
      faults.add(new Fault("/where/part", "it is not said where in it", "the part that was open"));
    }
    tooLong(faults, "/where/part", where.part());
    tooLong(faults, "/where/field", where.field());
    tooLong(faults, "/where/label", where.label());
    if (where.caret() != null && where.caret() < 0) {
      faults.add(new Fault("/where/caret", "a place in a text is counted from 0", "0 or more"));
    }
    if (!faults.isEmpty()) {
      throw Problem.wrong("It can't be parked so.", faults);
    }
  }

  /** An application that is not being taken any more, or of a household that is not for these eyes, is not there. */
  private void isBeingTaken(Staff.Colleague me, UUID application) {
    var households = database
        .sql("select household_id from application where id = ? and state = 'drafting'")
        .param(application)
        .query((row, n) -> Optional.ofNullable(row.getObject(1, UUID.class)))
        .list();
    if (households.isEmpty()
        || households.get(0).filter(one -> !guard.maySee(me, one)).isPresent()) {
      throw Problem.notThere("The application");
    }
  }

  private static void tooLong(List<Fault> faults, String at, @Nullable String text) {
    if (text != null && text.length() > LONGEST) {
      faults.add(new Fault(at, "it is too long", "up to " + LONGEST + " letters"));
    }
  }

  /** Takes something off the parked again: one goes on with it, or does not need it any more. */
  @Transactional
  void takeUp(Staff.Colleague me, UUID parked) {
    var gone = database
        .sql("delete from parked where id = ? and login = ?")
        .params(parked, me.login())
        .update();
    if (gone == 0) {
      throw Problem.notThere("What was parked");
    }
  }

  private static Parked parked(ResultSet row, int n) throws SQLException {
    return new Parked(
        row.getObject("id", UUID.class),
        row.getObject("application_id", UUID.class),
        row.getString("claim"),
        row.getString("household"),
        row.getString("service"),
        new Parked.Where(
            row.getString("part"),
            row.getString("field"),
            row.getString("label"),
            row.getObject("caret", Integer.class)),
        row.getTimestamp("parked_at").toInstant());
  }
}
