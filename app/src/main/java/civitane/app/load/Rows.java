package civitane.app.load;

import civitane.core.claims.Actor;
import civitane.core.claims.Claim;
import civitane.core.claims.Happened;
import civitane.core.claims.NextStep;
import civitane.core.facts.Address;
import civitane.core.facts.Person;
import civitane.core.ledger.Added;
import civitane.core.ledger.Membership;
import civitane.core.matching.Sought;
import civitane.packet.KeptReasons;
import civitane.packet.KeptValues;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What some households and their claims are in the tables of the application. */
final class Rows {
  private static final ZoneOffset EAST = ZoneOffset.ofHours(1);

  private final Copying households = new Copying("household (id, name, town, created_at, version)");
  private final Copying subjects = new Copying("subject (id, kind, of_id)");
  private final Copying entries = new Copying(
      "entry (subject_id, field, kind, value, refers_to, source_kind, source_ref, because, recorded_by,"
          + " recorded_at, holds_from, holds_until)");
  private final Copying people = new Copying("known_person");
  private final Copying applications = new Copying(
      "application (id, household_id, draft, title, state, created_by, updated_by, updated_at, lodged_at, receipt,"
          + " version)");
  private final Copying claims = new Copying(
      "claim (id, number, household_id, application_id, request_id, service, state, working, turn, lodged_on,"
          + " pressing_on, urgent, outside_what, outside_on, outside_shown_by, step, standard_days, standard_working,"
          + " holder, moves, version)");
  private final Copying items = new Copying("claim_item");
  private final Copying stints = new Copying("claim_stint");
  private final Copying events =
      new Copying("claim_event (claim_id, happened_at, actor, move, reasons, turn)");
  private final Copying determinations = new Copying(
      "determination (id, claim_id, made_at, made_by, rules, book, book_hash, packet, result, hash)");
  private final Copying decisions = new Copying("claim_decision");

  /** Writes everything, each after what it refers to. */
  void into(Connection database) throws SQLException {
    for (var table : List.of(
        households,
        subjects,
        entries,
        people,
        applications,
        claims,
        items,
        stints,
        events,
        determinations,
        decisions)) {
      table.into(database);
    }
  }

  void household(UUID id, Person applicant, Address address, Instant since) {
    households.row(id, applicant.fullName(), address.town(), since, 0);
  }

  void told(Added added) {
    added.subjects().forEach(one -> subjects.row(one.id(), one.kind().name(), one.of()));
    for (var entry : added.entries()) {
      entries.row(
          entry.subject(),
          entry.field(),
          entry.kind().name(),
          entry.value() == null ? null : KeptValues.written(entry.value()),
          entry.value() instanceof Membership member ? member.household() : null,
          entry.source().kind().name(),
          entry.source().ref(),
          entry.source().because(),
          entry.by(),
          entry.at(),
          entry.from(),
          entry.until());
    }
  }

  void person(UUID person, UUID household, Person told, Address address, Instant at) {
    people.row(
        person,
        household,
        told.givenName(),
        told.familyName(),
        told.birthDate(),
        told.residentNumber(),
        address.line1(),
        address.postcode(),
        at,
        Sought.of(told, address));
  }

  void application(Lodged lodged, String draft, String receipt) {
    applications.row(
        lodged.application(),
        lodged.household(),
        draft,
        lodged.title(),
        "lodged",
        lodged.by(),
        lodged.by(),
        lodged.at(),
        lodged.at(),
        receipt,
        1);
  }

  /** An application that was lodged. */
  record Lodged(UUID application, UUID household, String title, String by, Instant at) {}

  /** A determination with the words it is kept in. */
  record Determined(
      UUID id,
      Instant at,
      String by,
      String rules,
      String book,
      String bookHash,
      String packet,
      String result,
      String hash) {}

  /** A claim as it has become, with everything that happened to it. */
  void claim(
      UUID id,
      Lodged lodged,
      UUID request,
      String service,
      Claim claim,
      List<Happened> happened,
      @Nullable Determined determined) {
    var outside = claim.pace().outside();
    claims.row(
        id,
        claim.number(),
        lodged.household(),
        lodged.application(),
        request,
        service,
        claim.state().name(),
        claim.working().name(),
        claim.turn().name(),
        claim.lodgedOn(),
        claim.pressingOn(),
        claim.pace().urgent(),
        outside == null ? null : outside.what().name(),
        outside == null ? null : outside.on(),
        outside == null ? null : outside.shownBy(),
        claim.next(claim.lodgedOn()).map(NextStep::step).map(Enum::name).orElse(null),
        claim.standard().days(),
        claim.standard().working(),
        claim.holder(),
        happened.size(),
        happened.size() - 1);
    for (var item : claim.items()) {
      var want = item.want();
      items.row(
          id,
          item.id() - 1,
          want.kind().name(),
          want.subject(),
          KeptReasons.written(want.reasons()),
          want.owner().name(),
          item.dueOn(),
          item.state().name(),
          item.returned());
    }
    for (var i = 0; i < claim.stints().size(); i++) {
      stints.row(
          id, i, claim.stints().get(i).from(), claim.stints().get(i).turn().name());
    }
    for (var one : happened) {
      events.row(
          id,
          morning(one.act().on()),
          ((Actor.Staff) one.act().by()).login(),
          one.move().name(),
          KeptReasons.written(one.act().because()),
          one.turn().name());
    }
    if (determined != null) {
      determinations.row(
          determined.id(),
          id,
          determined.at(),
          determined.by(),
          determined.rules(),
          determined.book(),
          determined.bookHash(),
          determined.packet(),
          determined.result(),
          determined.hash());
    }
    for (var decision : claim.decisions()) {
      decisions.row(
          id,
          decision.id() - 1,
          decision.kind().name(),
          decision.grants(),
          decision.determination(),
          decision.reason(),
          decision.by(),
          decision.on(),
          decision.secondBy(),
          decision.state().name());
    }
  }

  /** When a day begins in the district, at the earliest: what is loaded for today is known already. */
  static Instant morning(LocalDate day) {
    return day.atStartOfDay().toInstant(EAST);
  }
}
