package civitane.app.corrections;

import civitane.app.audit.AuditLog;
import civitane.app.catalogue.DeskWords;
import civitane.app.claims.Claims;
import civitane.app.claims.MoreTimeGiven;
import civitane.app.closures.DeclaredClosure;
import civitane.app.determining.Screenings;
import civitane.app.jobs.OneByOne;
import civitane.app.ledger.Ledgers;
import civitane.app.letters.LetterText;
import civitane.app.letters.Letters;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Actor;
import civitane.core.claims.Item;
import civitane.core.claims.ItemKind;
import civitane.core.claims.Turn;
import civitane.core.claims.Want;
import civitane.core.claims.Why;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import civitane.core.time.LastDay;
import civitane.words.Voice;
import civitane.words.WordsFault;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Asks households for what only they can bring or put right, and reminds them of it. */
@Service
public class Corrections {
  /** A household is reminded this many days before what it was asked for is due, and on the day. */
  private static final int REMINDED_BEFORE = 4;

  private final CorrectionRows rows;
  private final Claims claims;
  private final Screenings screenings;
  private final Ledgers ledgers;
  private final Letters letters;
  private final Staff staff;
  private final AuditLog audit;
  private final TransactionTemplate inTransaction;
  private final LastDay lastDays;
  private final Clock clock;

  Corrections(
      CorrectionRows rows,
      Claims claims,
      Screenings screenings,
      Ledgers ledgers,
      Letters letters,
      Staff staff,
      AuditLog audit,
      TransactionTemplate inTransaction,
      LastDay lastDays,
      Clock clock) {
    this.rows = rows;
    this.claims = claims;
    this.screenings = screenings;
    this.ledgers = ledgers;
    this.letters = letters;
    this.staff = staff;
    this.audit = audit;
    this.inTransaction = inTransaction;
    this.lastDays = lastDays;
    this.clock = clock;
  }

  /**
   * What a letter is to ask for.
   *
   * @param items of the claim, each with what would settle it in the caseworker's words; empty where that is plain
   */
  public record ToAsk(Map<Integer, String> items, LocalDate until) {
    public ToAsk {
      items = new TreeMap<>(items);
    }
  }

  /** The letter as it would go out, without keeping anything. */
  @Transactional(readOnly = true)
  byte[] preview(String number, ToAsk ask) {
    return letters.preview(text(number, fit(number, ask)));
  }

  /** Asks the household in one letter; it goes out once. */
  @Transactional
  public void ask(Staff.Colleague by, String number, int version, ToAsk asked) {
    claims.mine(by, number);
    var ask = fit(number, asked);
    var text = text(number, ask);
    claims.change(
        by,
        number,
        version,
        Why.ASKED_FOR.with(Argument.count(ask.items().size()), Argument.day(ask.until())),
        (claim, act) -> claim.ask(act, List.copyOf(ask.items().keySet()), ask.until()));
    var letter = letters.write(by.actor(), text);
    rows.add(new SentRequest(
        UUID.randomUUID(),
        number,
        text.occasion(),
        letter.id(),
        by.login(),
        clock.instant(),
        ask.until(),
        null,
        ask.items()));
    audit.record(
        by.login(), "household asked", number, String.valueOf(ask.items().size()));
  }

  private ToAsk fit(String number, ToAsk ask) {
    if (!ask.until().isAfter(LocalDate.now(clock))) {
      throw Problem.wrong("The household needs a day that is still to come.");
    }
    if (ask.items().isEmpty()) {
      throw Problem.wrong("There is nothing to ask for: take at least one of what is wanted.");
    }
    var theirs = items(number);
    if (!theirs.keySet().containsAll(ask.items().keySet())) {
      throw Problem.wrong("Something of it is not the household's to bring any more.");
    }
    return new ToAsk(ask.items(), lastDays.of(ask.until()));
  }

  /** What the household is to bring, by its number within the claim. */
  private Map<Integer, Item> items(String number) {
    var items = new TreeMap<Integer, Item>();
    claims.claim(number).live().stream()
        .filter(item -> item.turn() == Turn.HOUSEHOLD && !item.want().isOfTheClaim())
        .forEach(item -> items.put(item.id(), item));
    return items;
  }

  private LetterText text(String number, ToAsk ask) {
    var items = items(number);
    var asked = new LinkedHashMap<Item, String>();
    ask.items().forEach((item, settles) -> asked.put(items.get(item), settles.strip()));
    return letter(number).request(rows.of(number).size() + 1, asked, ask.until());
  }

  private CorrectionLetter letter(String number) {
    return new CorrectionLetter(
        claims.claim(number),
        claims.facts(number).packet(),
        ledgers.acting(claims.householdOf(number)).values());
  }

  /** What is to be brought, and what was asked for so far. */
  @Transactional(readOnly = true)
  CorrectionView view(String number) {
    var sent = rows.of(number);
    var items = items(number).values().stream()
        .map(item -> CorrectionView.ToBring.of(
            item,
            sent.stream()
                .filter(one -> one.items().containsKey(item.id()))
                .findFirst()
                .orElse(null)))
        .toList();
    return new CorrectionView(
        claims.toAnswerBy(),
        items,
        sent.stream()
            .map(one -> CorrectionView.SentLetter.of(one, staff.nameOf(one.by())))
            .toList());
  }

  /**
   * Finds something wrong with a fact of a claim, for the household to put right.
   *
   * @param pointer where it stands in the claim's packet
   */
  @Transactional
  public void find(
      Staff.Colleague by, String number, int version, String pointer, Finding finding) {
    claims.mine(by, number);
    var facts = claims.facts(number);
    var place = screenings.place(facts.packet(), pointer);
    var reason = finding.code().with(new Argument.Several(List.of(place)));
    if (!canBeSaid(reason)) {
      throw Problem.wrong("There is no such place among the claim's facts.");
    }
    var want =
        new Want(ItemKind.FACT, facts.places().lasting(pointer), List.of(reason), Turn.HOUSEHOLD);
    claims.change(
        by, number, version, reason, (claim, act) -> claim.find(act, want, claims.toAnswerBy()));
  }

  /** Whether there are words for it: what nobody ever asks has none. */
  private static boolean canBeSaid(Reason reason) {
    try {
      return !DeskWords.WORDS.say(reason, Voice.DESK).isEmpty();
    } catch (WordsFault e) {
      return false;
    }
  }

  /** The household says that something it was asked about is right as it is. */
  @Transactional
  public void confirm(Staff.Colleague by, String number, int version, int item, String because) {
    claims.mine(by, number);
    var asked = items(number).get(item);
    if (asked == null || asked.want().kind() != ItemKind.FACT || !asked.want().isFoundByPeople()) {
      throw Problem.wrong("Only what somebody found to be in doubt can be right as it is.");
    }
    if (because.isBlank()) {
      throw Problem.wrong("It is noted with who said so and how, as in “by phone, the mother”.");
    }
    claims.change(
        by,
        number,
        version,
        Why.CONFIRMED.with(Argument.told(because.strip())),
        (claim, act) -> claim.accept(act, item));
  }

  /** Who was given more time is told so in a letter, and reminded later. */
  @EventListener
  @Transactional(propagation = Propagation.MANDATORY)
  public void on(MoreTimeGiven given) {
    var item = items(given.number()).get(given.item());
    if (item == null) {
      return;
    }
    rows.of(given.number()).stream()
        .filter(request -> request.items().containsKey(item.id()))
        .forEach(request -> rows.dueOn(request.id(), item.dueOn()));
    var occasion = letters.written("moreTime", given.number()) + 1;
    letters.write(
        staff.named(given.by()).actor(),
        letter(given.number()).moreTime(occasion, Map.of(item, ""), item.dueOn()));
  }

  /** Who was asked for something by a day that a closure moves is told so in a letter. */
  @Transactional(propagation = Propagation.MANDATORY)
  void moved(Actor by, SentRequest request, DeclaredClosure closure, LocalDate until) {
    var open = stillOpen(request);
    if (!open.isEmpty()) {
      var number = request.number();
      var occasion = letters.written("moreTime", number) + 1;
      letters.write(by, letter(number).moved(occasion, open, closure, until));
    }
  }

  /** What a household was asked for and has not brought. */
  private Map<Item, String> stillOpen(SentRequest request) {
    var wanted = items(request.number());
    var open = new LinkedHashMap<Item, String>();
    request.items().forEach((item, settles) -> {
      if (wanted.containsKey(item)) {
        open.put(wanted.get(item), settles);
      }
    });
    return open;
  }

  /** Reminds of everything that is due in a few days or today and has not been reminded of for that. */
  public void remindOfWhatIsDue() {
    var today = LocalDate.now(clock);
    new OneByOne()
        .each(
            rows.toRemindOf(today, today.plusDays(REMINDED_BEFORE)),
            request -> inTransaction.executeWithoutResult(status -> remind(request, today)))
        .end();
  }

  /** Reminds a household of what it was asked for and has not brought; nothing is written when all has come. */
  private void remind(SentRequest request, LocalDate today) {
    var open = stillOpen(request);
    rows.reminded(request.id(), today);
    if (open.isEmpty()) {
      return;
    }
    var by = staff.named(request.by());
    var askedOn = request.at().atZone(clock.getZone()).toLocalDate();
    var occasion = letters.written("reminder", request.number()) + 1;
    letters.write(
        by.actor(),
        letter(request.number()).reminder(occasion, open, askedOn, request.dueOn(), today));
    claims.note(by, request.number(), Why.REMINDED.with(Argument.day(request.dueOn())));
  }
}
