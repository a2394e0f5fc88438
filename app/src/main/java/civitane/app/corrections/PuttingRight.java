package civitane.app.corrections;

import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.claims.SaidValue;
import civitane.app.claims.Wanting;
import civitane.app.determining.ChangedFacts;
import civitane.app.determining.Screenings;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Actor;
import civitane.core.claims.Item;
import civitane.core.claims.ItemKind;
import civitane.core.claims.ItemState;
import civitane.core.claims.Turn;
import civitane.core.claims.Why;
import civitane.core.facts.Packet;
import civitane.core.facts.Parts;
import civitane.core.ledger.Assembled;
import civitane.core.ledger.Source;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import civitane.core.services.Services;
import civitane.packet.PacketWriter;
import civitane.packet.form.ScreenForm;
import civitane.words.Language;
import civitane.words.Words;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

import static civitane.core.facts.Known.known;

/**
 * What a household puts right of what it told: only what it is asked about, each in the place of what it said before.
 * What papers and registers say of it stays beside it.
 */
@Service
public class PuttingRight {
  private final Claims claims;
  private final Wanting wanting;
  private final Ledgers ledgers;
  private final Screenings screenings;
  private final AuditLog audit;
  private final JsonMapper json;
  private final Clock clock;

  PuttingRight(
      Claims claims,
      Wanting wanting,
      Ledgers ledgers,
      Screenings screenings,
      AuditLog audit,
      JsonMapper json,
      Clock clock) {
    this.claims = claims;
    this.wanting = wanting;
    this.ledgers = ledgers;
    this.screenings = screenings;
    this.audit = audit;
    this.json = json;
    this.clock = clock;
  }

  /** What is asked about, as it was told and as it is told now, in words; a dash where nothing was told. */
  public record Line(int item, String what, String before, String after) {}

  /**
   * What came of reading answers.
   *
   * @param unread the items to which something was typed that can't be their answer
   */
  public record Looked(List<Line> lines, List<Integer> unread) {}

  /** An answer that can be read: where it belongs, what stands there now and what is to. */
  private record Answer(
      Item item,
      String place,
      JsonNode value,
      Argument.Several what,
      Argument.Several before,
      Argument.Several after) {}

  private record Read(List<Answer> answers, List<Integer> unread) {}

  /**
   * A question that would answer what is wanted of the household.
   *
   * @param told what was told so far, in words; empty where nothing was
   */
  public record Asked(ScreenForm.Ask question, String told) {}

  /** The question that would answer what is wanted of the household; none where it is no single one. */
  @Transactional(readOnly = true)
  public Optional<Asked> asking(String number, Item item, Language language) {
    var facts = claims.told(number);
    return place(facts, item)
        .flatMap(place -> form(facts, language)
            .asking(place)
            .map(question -> new Asked(question, told(facts.packet(), place, language))));
  }

  private String told(Packet packet, String place, Language language) {
    var value = json.readTree(PacketWriter.written(packet)).at(ChangedFacts.place(place));
    return value.isMissingNode() || value.isNull()
        ? ""
        : Words.in(language).say(SaidValue.of(packet, place, value));
  }

  private static Optional<String> place(Assembled facts, Item item) {
    var want = item.want();
    return want.kind() == ItemKind.FACT && item.turn() == Turn.HOUSEHOLD && !want.isOfTheClaim()
        ? Optional.of(facts.places().here(want.subject()))
        : Optional.empty();
  }

  private ScreenForm form(Assembled facts, Language language) {
    var service = facts.packet().requests().get(0).service();
    return new ScreenForm(
        List.of(Services.named(service).orElseThrow()), LocalDate.now(clock), language);
  }

  /**
   * Reads answers, keeping nothing.
   *
   * @param typed as it was typed, by item; what is empty is no answer
   */
  @Transactional(readOnly = true)
  public Looked look(String number, Map<Integer, String> typed, Language language) {
    var words = Words.in(language);
    var read = read(number, typed);
    return new Looked(
        read.answers().stream()
            .map(one -> new Line(
                one.item().id(),
                words.capital(words.say(one.what())),
                words.say(one.before()),
                words.say(one.after())))
            .toList(),
        read.unread());
  }

  private Read read(String number, Map<Integer, String> typed) {
    var facts = claims.told(number);
    var form = form(facts, Language.EN);
    var stands = json.readTree(PacketWriter.written(claims.facts(number).packet()));
    var answers = new ArrayList<Answer>();
    var unread = new ArrayList<Integer>();
    new TreeMap<>(typed).forEach((id, text) -> {
      if (text.isBlank()) {
        return;
      }
      var item = wanted(number, id);
      var place = place(facts, item)
          .filter(one -> form.asking(one).isPresent())
          .orElseThrow(() -> Problem.wrong("That is no question with one answer."));
      var value = form.read(place, text).filter(one -> fits(facts.packet(), place, one));
      if (value.isEmpty()) {
        unread.add(id);
        return;
      }
      answers.add(new Answer(
          item,
          place,
          value.get(),
          new Argument.Several(List.of(screenings.place(facts.packet(), place))),
          SaidValue.of(facts.packet(), place, stands.at(ChangedFacts.place(place))),
          SaidValue.of(facts.packet(), place, value.get())));
    });
    return new Read(answers, unread);
  }

  private Item wanted(String number, int id) {
    return claims
        .claim(number)
        .item(id)
        .filter(item -> item.isLive() && item.turn() == Turn.HOUSEHOLD)
        .orElseThrow(() -> Problem.wrong("That is not wanted any more."));
  }

  private boolean fits(Packet packet, String place, JsonNode value) {
    try {
      screenings.changing(packet).put(place, value).packet("");
      return true;
    } catch (Problem e) {
      return false;
    }
  }

  /**
   * Records what a household puts right, all of it or nothing.
   *
   * @param by the household, or whoever of the office was told
   * @param how it was told to the office; null where they told it themselves
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void tell(Actor by, String number, Map<Integer, String> typed, @Nullable String how) {
    var household = claims.householdOf(number);
    // Held before it is read, so that nothing recorded meanwhile is taken for what is put right.
    ledgers.hold(household);
    claims.waitFor(number);
    var read = read(number, typed);
    if (!read.unread().isEmpty()) {
      throw Problem.wrong("Something that was typed can't be the answer to what is asked.");
    }
    if (read.answers().isEmpty()) {
      throw Problem.wrong("Nothing is answered.");
    }
    var told = claims.told(number);
    ledgers.correct(
        household,
        told,
        values(told, read.answers()),
        Source.correction(number, how == null ? "" : how),
        by.written());
    var because = read.answers().stream().map(one -> because(one, how)).toList();
    for (var i = 0; i < because.size(); i++) {
      answered(by, number, read.answers().get(i).item(), because.get(i));
    }
    wanting.askAgain(by, number, because.get(0));
    wanting.askAgain(by, household, List.of(number), null, because.get(0));
    audit.record(by.written(), "put right", number, String.valueOf(because.size()));
  }

  private Map<String, Object> values(Assembled told, List<Answer> answers) {
    var changed = screenings.changing(told.packet());
    answers.forEach(one -> changed.put(one.place(), one.value()));
    var packet = changed.packet("What is told now does not go together.");
    var values = new LinkedHashMap<String, Object>();
    for (var one : answers) {
      var field = told.places().fieldOf(one.place()).orElseThrow();
      values.put(field, known(Parts.at(packet, field)));
    }
    return values;
  }

  private static Reason because(Answer one, @Nullable String how) {
    return how == null
        ? Why.PUT_RIGHT.with(one.what(), one.before(), one.after())
        : Why.PUT_RIGHT_BY_WORD.with(one.what(), one.before(), one.after(), Argument.told(how));
  }

  /** What somebody doubted is looked at by somebody; what the rules missed they ask for again by themselves. */
  private void answered(Actor by, String number, Item item, Reason because) {
    if (item.want().isFoundByPeople()) {
      claims.moveItem(by, number, because, (claim, act) -> claim.answer(act, item.id()));
    } else if (!wanting.askAgain(by, number, because)) {
      claims.note(by, number, because);
    }
  }

  /** The same, as somebody of the office was told it. */
  @Transactional
  public void tellByWord(
      Staff.Colleague by, String number, int version, int item, String typed, String how) {
    if (how.isBlank()) {
      throw Problem.wrong("It is noted with who said so and how, as in “by phone, the mother”.");
    }
    ledgers.hold(claims.householdOf(number));
    claims.waitFor(by, number, version);
    tell(by.actor(), number, Map.of(item, typed), how.strip());
  }

  /**
   * Somebody looks at what the household put right.
   *
   * @param again why it does not settle what was asked and is asked again; null where it does
   */
  @Transactional
  public void lookAt(
      Staff.Colleague by, String number, int version, int item, @Nullable Finding again) {
    claims.mine(by, number);
    var facts = claims.facts(number);
    var place = claims
        .claim(number)
        .item(item)
        .filter(one -> one.state() == ItemState.ANSWERED && one.want().kind() == ItemKind.FACT)
        .map(one -> facts.places().here(one.want().subject()))
        .orElseThrow(() -> Problem.wrong("Nothing came for that."));
    var what = new Argument.Several(List.of(screenings.place(facts.packet(), place)));
    if (again == null) {
      claims.change(
          by, number, version, Why.SETTLES.with(what), (claim, act) -> claim.accept(act, item));
    } else {
      var because = again.code().with(what);
      claims.change(
          by,
          number,
          version,
          because,
          (claim, act) -> claim.giveBack(act, item, List.of(because), claims.toAnswerBy()));
    }
  }
}
