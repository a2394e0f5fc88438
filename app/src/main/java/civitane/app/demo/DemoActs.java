package civitane.app.demo;

import civitane.app.appointments.Appointments;
import civitane.app.appointments.Place;
import civitane.app.claims.Claims;
import civitane.app.claims.Moving;
import civitane.app.corrections.Corrections;
import civitane.app.decisions.Decisions;
import civitane.app.papers.Bringing;
import civitane.app.papers.Papers;
import civitane.app.staff.Staff;
import civitane.core.claims.Item;
import civitane.core.claims.Turn;
import civitane.core.facts.Paper;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Payslip;
import civitane.core.facts.Vocabulary;
import civitane.core.money.Amount;
import civitane.core.time.LastDay;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

import static civitane.core.facts.Known.known;

/** Does at the desk what a made-up household's story tells, as somebody would by hand. */
@Component
@ConditionalOnProperty("civitane.demo")
class DemoActs {
  private static final int HALF_AN_HOUR = 30;

  private final Claims claims;
  private final Decisions decisions;
  private final Corrections corrections;
  private final Moving moving;
  private final Papers papers;
  private final Bringing bringing;
  private final Appointments appointments;
  private final LastDay openDays;
  private final Clock clock;

  DemoActs(
      Claims claims,
      Decisions decisions,
      Corrections corrections,
      Moving moving,
      Papers papers,
      Bringing bringing,
      Appointments appointments,
      LastDay openDays,
      Clock clock) {
    this.claims = claims;
    this.decisions = decisions;
    this.corrections = corrections;
    this.moving = moving;
    this.papers = papers;
    this.bringing = bringing;
    this.appointments = appointments;
    this.openDays = openDays;
    this.clock = clock;
  }

  void act(Staff.Colleague by, String number, DemoAct act) throws IOException {
    var version = claims.view(number).version();
    switch (act.does()) {
      case BRING -> bring(by, number, known(act.paper()));
      case FIND ->
        corrections.find(by, number, version, known(act.pointer()), known(act.finding()));
      case ASK ->
        corrections.ask(
            by,
            number,
            version,
            new Corrections.ToAsk(
                theirs(number).stream().collect(Collectors.toMap(Item::id, item -> "")),
                until(act)));
      case ANSWER ->
        decisions.answer(
            by, number, version, known(act.pointer()), known(act.value()), known(act.because()));
      case MORE_TIME ->
        moving.moreTime(
            by, number, version, theirs(number).get(0).id(), until(act), known(act.because()));
      case MEET ->
        appointments.make(
            by,
            number,
            new Appointments.Wished(
                openDays.of(until(act)),
                known(act.at()),
                HALF_AN_HOUR,
                by.login(),
                Place.COUNTER,
                act.value() == null ? "" : act.value().asString(),
                known(act.because()),
                false));
    }
  }

  private LocalDate until(DemoAct act) {
    return LocalDate.now(clock).plusDays(known(act.days()));
  }

  private List<Item> theirs(String number) {
    return claims.claim(number).live().stream()
        .filter(item -> item.turn() == Turn.HOUSEHOLD)
        .toList();
  }

  /** Brings a paper, and reads it where it was read. */
  void bring(Staff.Colleague by, String number, MadePaper made) throws IOException {
    var kind = (PaperKind) known(Vocabulary.of(PaperKind.class).byWord().get(made.kind()));
    var id = bringing.bring(
        by.actor(),
        number,
        new ByteArrayInputStream(made.pdf()),
        Papers.Filing.brought(null, kind, made.person(), made.income(), made.name(), ""));
    if (made.shows() != null) {
      papers.read(by, number, id, read(kind, made, made.shows()));
    }
  }

  private static Papers.Reading read(PaperKind kind, MadePaper made, MadePaper.Shows shows) {
    var paper = new Paper(
        kind,
        made.person(),
        made.income(),
        null,
        shows.issued(),
        shows.expires(),
        shows.name(),
        null,
        shows.born(),
        null,
        List.of(),
        false,
        null,
        null,
        null,
        null,
        null);
    var slip = shows.periodEnd() == null || shows.gross() == null
        ? null
        : new Payslip(shows.periodEnd(), Amount.of(shows.gross()));
    return new Papers.Reading(0, paper, made.wrong(), false, "", slip, List.of());
  }
}
