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
import civitane.core.facts.Form;
import civitane.core.facts.Household;
import civitane.core.facts.Packet;
import civitane.core.ledger.Assembled;
import civitane.core.ledger.Source;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import civitane.core.services.Services;
import civitane.packet.PacketWriter;
import civitane.packet.form.PlaceForm;
import civitane.packet.form.ScreenForm;
import civitane.words.Language;
import civitane.words.Words;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.MissingNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a household puts right of what it told: only what it is asked about, each in the place of what it said before.
 * What papers and registers say of it stays beside it.
 */
@Service
public class PuttingRight {
  private static final String NO_INCOME = "/household/noIncome";
  private static final Asked NOTHING_ASKED = new Asked("", List.of(), "", false);

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

  /**
   * What is asked about, as it was told and as it is told now, in words; a dash where nothing was told.
   *
   * @param place where it stands in the packet
   */
  public record Line(int item, String place, String what, String before, String after) {}

  /** A question to which something else has to be typed, by its name, with the form of its answer. */
  public record Fault(int item, String question, Form form, boolean isMissing, String asks) {}

  /**
   * What came of reading answers.
   *
   * @param faults what can't be an answer as it was typed, or is missing with it
   */
  public record Looked(List<Line> lines, List<Fault> faults) {}

  /** An answer that can be read: where it belongs, what stands there now and what is to. */
  private record Answer(
      Item item,
      String place,
      List<PlaceForm.Value> values,
      Argument.Several what,
      Argument.Several before,
      Argument.Several after) {}

  private record Read(List<Answer> answers, List<Fault> faults) {}

  /**
   * The questions that would answer what is wanted of the household.
   *
   * @param place where it stands in the packet; empty where nothing is asked
   * @param told what was told so far, in words; empty where nothing was
   * @param isWhole whether the answer stands in the place of all that was told
   */
  public record Asked(String place, List<ScreenForm.Ask> questions, String told, boolean isWhole) {}

  /** The questions that would answer what is wanted of the household; none where it is answered in words. */
  @Transactional(readOnly = true)
  public Asked asking(String number, Item item, Language language) {
    var facts = claims.told(number);
    return place(facts, item)
        .map(place -> asked(facts, form(facts, language), place, language))
        .orElse(NOTHING_ASKED);
  }

  private Asked asked(Assembled facts, PlaceForm form, String place, Language language) {
    return new Asked(
        place, form.asking(place), told(facts.packet(), place, language), form.isList(place));
  }

  private String told(Packet packet, String place, Language language) {
    var value = standing(packet, place);
    return value.isMissingNode() || value.isNull()
        ? ""
        : Words.in(language).say(SaidValue.of(packet, place, value));
  }

  /** What stands at a place of a packet; nothing where it is about what somebody lives on. */
  private JsonNode standing(Packet packet, String place) {
    return place.startsWith(PlaceForm.LIVES_ON)
        ? MissingNode.getInstance()
        : json.readTree(PacketWriter.written(packet)).at(ChangedFacts.place(place));
  }

  private static Optional<String> place(Assembled facts, Item item) {
    var want = item.want();
    return want.kind() == ItemKind.FACT && item.turn() == Turn.HOUSEHOLD && !want.isOfTheClaim()
        ? Optional.of(facts.places().here(want.subject()))
        : Optional.empty();
  }

  private PlaceForm form(Assembled facts, Language language) {
    var service = facts.packet().requests().get(0).service();
    return new PlaceForm(Services.named(service).orElseThrow(), LocalDate.now(clock), language);
  }

  /**
   * Reads answers, keeping nothing.
   *
   * @param typed as it was typed, by item and question; what is empty is no answer
   */
  @Transactional(readOnly = true)
  public Looked look(String number, Map<Integer, Map<String, String>> typed, Language language) {
    var words = Words.in(language);
    var read = read(number, typed, language);
    return new Looked(
        read.answers().stream()
            .map(one -> new Line(
                one.item().id(),
                one.place(),
                words.capital(words.say(one.what())),
                words.say(one.before()),
                words.say(one.after())))
            .toList(),
        read.faults());
  }

  private Read read(String number, Map<Integer, Map<String, String>> typed, Language language) {
    var facts = claims.told(number);
    var stands = claims.facts(number).packet();
    var form = form(facts, language);
    var answers = new ArrayList<Answer>();
    var faults = new ArrayList<Fault>();
    new TreeMap<>(typed).forEach((id, texts) -> {
      if (texts.values().stream().allMatch(String::isBlank)) {
        return;
      }
      var item = wanted(number, id);
      var place = place(facts, item)
          .filter(one -> form.asking(one).stream()
              .anyMatch(ask -> !texts.getOrDefault(ask.name(), "").isBlank()))
          .orElseThrow(() -> Problem.wrong("That is no question that can be answered so."));
      var answered = form.read(place, texts);
      if (!answered.isWhole()) {
        faults.addAll(faults(id, form.asking(place), answered));
        return;
      }
      if (answered.values().isEmpty()) {
        return;
      }
      var right = putRight(facts.packet(), answered.values());
      if (right.isEmpty()) {
        form.asking(place).stream()
            .filter(ask -> !texts.getOrDefault(ask.name(), "").isBlank())
            .forEach(ask -> faults.add(fault(id, ask, false)));
        return;
      }
      answers.add(new Answer(
          item,
          place,
          answered.values(),
          what(facts.packet(), place),
          before(stands, place),
          said(right.get(), place, answered.values())));
    });
    return new Read(answers, faults);
  }

  private static List<Fault> faults(
      int item, List<ScreenForm.Ask> asked, PlaceForm.Answered answered) {
    return asked.stream()
        .filter(ask ->
            answered.unread().contains(ask.name()) || answered.missing().contains(ask.name()))
        .map(ask -> fault(item, ask, answered.missing().contains(ask.name())))
        .toList();
  }

  private static Fault fault(int item, ScreenForm.Ask ask, boolean isMissing) {
    return new Fault(item, ask.name(), ask.form(), isMissing, ask.label());
  }

  private Argument.Several what(Packet packet, String place) {
    return place.startsWith(PlaceForm.LIVES_ON)
        ? asked("wanted.income", who(packet.household(), place))
        : new Argument.Several(List.of(screenings.place(packet, place)));
  }

  private Argument.Several before(Packet packet, String place) {
    return place.startsWith(PlaceForm.LIVES_ON)
        ? new Argument.Several(List.of(Argument.told("—")))
        : SaidValue.of(packet, place, standing(packet, place));
  }

  /** What is told now, as it is said; that there is none of something, so. */
  private Argument.Several said(Packet packet, String place, List<PlaceForm.Value> values) {
    var told = values.get(0).value();
    if (values.get(0).place().startsWith(NO_INCOME)) {
      return asked("household.noIncome", null);
    }
    if (told.isArray() && told.isEmpty()) {
      return asked("wanted.none", null);
    }
    return place.startsWith(PlaceForm.LIVES_ON)
        ? new Argument.Several(values.stream()
            .flatMap(one -> incomeAlone(packet, one).all().stream())
            .toList())
        : SaidValue.of(packet, place, standing(packet, place));
  }

  /** An income without whose it is, which what is asked says. */
  private static Argument.Several incomeAlone(Packet packet, PlaceForm.Value income) {
    var alone = ((ObjectNode) income.value()).deepCopy();
    return SaidValue.of(packet, income.place(), alone.remove(List.of("id", "person")));
  }

  private static Argument.Several asked(String question, Argument.@Nullable Who whose) {
    return new Argument.Several(List.of(new Argument.Missing("", question, null, whose)));
  }

  private static Argument.Who who(Household household, String place) {
    var person = household.person(place.substring(PlaceForm.LIVES_ON.length())).orElseThrow();
    return Argument.Who.of(household, person);
  }

  private Item wanted(String number, int id) {
    return claims
        .claim(number)
        .item(id)
        .filter(item -> item.isLive() && item.turn() == Turn.HOUSEHOLD)
        .orElseThrow(() -> Problem.wrong("That is not wanted any more."));
  }

  /** The packet with what is told now; none where it can't stand there. */
  private Optional<Packet> putRight(Packet packet, List<PlaceForm.Value> values) {
    var changed = screenings.changing(packet);
    try {
      values.forEach(one -> changed.put(one.place(), one.value()));
      return Optional.of(changed.packet(""));
    } catch (Problem e) {
      return Optional.empty();
    }
  }

  /**
   * Records what a household puts right, all of it or nothing.
   *
   * @param by the household, or whoever of the office was told
   * @param typed by item and question
   * @param how it was told to the office; null where they told it themselves
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void tell(
      Actor by, String number, Map<Integer, Map<String, String>> typed, @Nullable String how) {
    var household = claims.householdOf(number);
    // Held before it is read, so that nothing recorded meanwhile is taken for what is put right.
    ledgers.hold(household);
    claims.waitFor(number);
    var read = read(number, typed, Language.EN);
    if (!read.faults().isEmpty()) {
      throw Problem.wrong("Something that was typed can't be the answer to what is asked.");
    }
    if (read.answers().isEmpty()) {
      throw Problem.wrong("Nothing is answered.");
    }
    var told = claims.told(number);
    ledgers.correct(
        household,
        told,
        right(told.packet(), read.answers()),
        places(read.answers()),
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

  private Packet right(Packet told, List<Answer> answers) {
    var changed = screenings.changing(told);
    answers.stream()
        .flatMap(answer -> answer.values().stream())
        .forEach(one -> changed.put(one.place(), one.value()));
    return changed.packet("What is told now does not go together.");
  }

  private static Set<String> places(List<Answer> answers) {
    return answers.stream()
        .flatMap(answer -> answer.values().stream())
        .map(PlaceForm.Value::place)
        .collect(Collectors.toCollection(LinkedHashSet::new));
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
    tell(by.actor(), number, Map.of(item, Map.of(alone(number, item), typed)), how.strip());
  }

  /** The name of the only question that answers an item. */
  private String alone(String number, int item) {
    var facts = claims.told(number);
    return place(facts, wanted(number, item))
        .map(form(facts, Language.EN)::asking)
        .filter(asked -> asked.size() == 1)
        .map(asked -> asked.get(0).name())
        .orElseThrow(() -> Problem.wrong("That is no question with one answer."));
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
