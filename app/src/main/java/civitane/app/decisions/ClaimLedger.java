package civitane.app.decisions;

import civitane.app.audit.AuditLog;
import civitane.app.catalogue.DeskWords;
import civitane.app.catalogue.FactWords;
import civitane.app.claims.Claims;
import civitane.app.claims.Masked;
import civitane.app.determining.ChangedFacts;
import civitane.app.determining.Screenings;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.facts.Form;
import civitane.core.facts.Packet;
import civitane.core.facts.Value;
import civitane.core.facts.Word;
import civitane.core.ledger.Assembled;
import civitane.core.ledger.Entry;
import civitane.core.ledger.FieldTypes;
import civitane.core.ledger.Ledger;
import civitane.core.ledger.LedgerRow;
import civitane.core.ledger.SubjectKind;
import civitane.core.ledger.When;
import civitane.core.reasons.Argument;
import civitane.core.rules.Mode;
import civitane.packet.PacketWriter;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

import static civitane.core.facts.Known.known;

/** The facts that a claim goes by, as they were known and held on any day. */
@Service
class ClaimLedger {
  /** What speaks for a wage stands beside what was said of it, not on a line of its own. */
  private static final Set<String> OF_WAGES = Set.of("registerMonthly", "payslips");

  private final Claims claims;
  private final Ledgers ledgers;
  private final Screenings screenings;
  private final Staff staff;
  private final AuditLog audit;
  private final JsonMapper json;
  private final LedgerMoney money;
  private final DisputedEnds ends;
  private final Clock clock;

  ClaimLedger(
      Claims claims,
      Ledgers ledgers,
      Screenings screenings,
      Staff staff,
      AuditLog audit,
      JsonMapper json,
      LedgerMoney money,
      DisputedEnds ends,
      Clock clock) {
    this.claims = claims;
    this.ledgers = ledgers;
    this.screenings = screenings;
    this.staff = staff;
    this.audit = audit;
    this.json = json;
    this.money = money;
    this.ends = ends;
    this.clock = clock;
  }

  /**
   * The ledger of a claim.
   *
   * @param holdsOn the day of the world; null for the day the claim is assessed for
   * @param knownOn what was known at the end of this day; null for now
   */
  @Transactional(readOnly = true)
  LedgerView of(String number, @Nullable LocalDate holdsOn, @Nullable LocalDate knownOn) {
    var household = claims.householdOf(number);
    var request = claims.requestOf(number);
    var ledger = ledgers.of(household);
    var now = clock.instant();
    var known = knownOn == null ? now : When.endOf(knownOn, clock.getZone());
    var when = new When(holdsOn == null ? ledger.assessedOn(request, now) : holdsOn, known);
    var asOf = knownOn == null ? LocalDate.now(clock) : knownOn;
    if (ledger.used(request, FieldTypes.service(), when).entry() == null) {
      // Nobody had asked for it yet.
      return new LedgerView(when.holdsOn(), asOf, List.of(), List.of(), List.of(), List.of());
    }
    var assembled = ledger.assembled(household, List.of(request), when, asOf);
    return view(ledger, assembled, when, asOf);
  }

  private LedgerView view(Ledger ledger, Assembled assembled, When when, LocalDate asOf) {
    var packet = assembled.packet();
    var words = new FactWords(packet, assembled.places().ids());
    var needed = needed(packet);
    var rows = ledger.rows(assembled, when).stream()
        .filter(row -> !OF_WAGES.contains(row.field()))
        // What does not agree is shown whether or not a check names it: an amount may be worked out
        // from it.
        .filter(row ->
            row.isDisputed() || needed.stream().anyMatch(need -> touches(need, row.place())))
        .map(row -> row(ledger, packet, words, row))
        .sorted(Comparator.comparing(ClaimLedger::isQuiet))
        .toList();
    return new LedgerView(
        when.holdsOn(), asOf, rows, money.wages(packet), money.statements(packet), ends.of(packet));
  }

  private static boolean isQuiet(LedgerView.Fact row) {
    return !row.surfaces() && !row.disagrees();
  }

  /** The places of all that the claim's checks use. */
  private Set<String> needed(Packet packet) {
    return screenings.results(packet, Mode.DETERMINE).get(0).checks().stream()
        .flatMap(check -> check.needs().stream())
        .collect(Collectors.toSet());
  }

  private static boolean touches(String need, String place) {
    return need.equals(place) || need.startsWith(place + "/") || place.startsWith(need + "/");
  }

  private LedgerView.Fact row(Ledger ledger, Packet packet, FactWords words, LedgerRow row) {
    var asked = screenings.place(packet, row.place());
    var type = FieldTypes.of(row.subject().kind(), packet.requests().get(0).service(), row.field());
    var difference = row.used().difference();
    return new LedgerView.Fact(
        row.place(),
        row.subject().id(),
        row.field(),
        group(packet, row, asked),
        DeskWords.WORDS.capital(DeskWords.WORDS.question(asked.question())),
        cell(words, row.said()),
        cell(words, row.shown()),
        cell(words, row.checked()),
        cell(words, row.set()),
        said(words, row.field(), row.used().value()),
        row.isDisputed(),
        difference == null ? null : words.of(difference),
        row.used().surfaces(),
        kind(type),
        choices(type),
        ledger.history(row.subject().id(), row.field()).stream()
            .sorted(Comparator.comparingLong(Entry::nr).reversed())
            .map(entry -> known(cell(words, entry)))
            .toList());
  }

  private static String group(Packet packet, LedgerRow row, Argument.Missing asked) {
    if (row.subject().kind() == SubjectKind.REQUEST) {
      return DeskWords.WORDS.title(packet.requests().get(0).service());
    }
    return asked.whose() == null ? "" : DeskWords.WORDS.who(asked.whose());
  }

  private LedgerView.@Nullable Evidence cell(FactWords words, @Nullable Entry entry) {
    return entry == null
        ? null
        : new LedgerView.Evidence(
            said(words, entry.field(), entry.value()),
            entry.kind().word(),
            entry.source().kind().word(),
            staff.nameOf(entry.by()),
            entry.at(),
            entry.from(),
            entry.source().because());
  }

  private static String said(FactWords words, String field, @Nullable Object value) {
    return Masked.isNumber(field) && value != null
        ? Masked.number(value.toString())
        : words.of(value);
  }

  /**
   * A number of a person or an account, whole; that it was shown is in the log.
   *
   * @param place where it stands among the claim's facts
   */
  @Transactional
  String number(Staff.Colleague by, String number, String place) {
    var packet = claims.facts(number).packet();
    var found = json.readTree(PacketWriter.written(packet)).at(ChangedFacts.place(place));
    if (!Masked.isNumber(place.substring(place.lastIndexOf('/') + 1)) || !found.isString()) {
      throw Problem.notThere("The number");
    }
    audit.record(by.login(), "number shown", number, place);
    return found.stringValue();
  }

  /** How a value is typed; lists and groups have screens of their own. */
  private static @Nullable String kind(Value type) {
    return switch (type.form()) {
      case MONEY, NUMBER, WHOLE, DATE, MONTH, FLAG, CHOICE, TEXT ->
        type.form().name().toLowerCase(Locale.ROOT);
      default -> null;
    };
  }

  private static List<LedgerView.FactChoice> choices(Value type) {
    return type.form() != Form.CHOICE
        ? List.of()
        : type.words().byWord().values().stream()
            .map(word -> (Word) word)
            .map(word -> new LedgerView.FactChoice(word.word(), DeskWords.WORDS.word(word)))
            .toList();
  }
}
