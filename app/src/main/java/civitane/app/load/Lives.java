package civitane.app.load;

import civitane.app.decisions.Grounds;
import civitane.core.claims.Act;
import civitane.core.claims.Actor;
import civitane.core.claims.Claim;
import civitane.core.claims.ClaimNumber;
import civitane.core.claims.ClaimState;
import civitane.core.claims.Happened;
import civitane.core.claims.Item;
import civitane.core.claims.Move;
import civitane.core.claims.Moved;
import civitane.core.claims.Occasion;
import civitane.core.claims.OutsideDate;
import civitane.core.claims.Pace;
import civitane.core.claims.Turn;
import civitane.core.claims.Wants;
import civitane.core.claims.Why;
import civitane.core.facts.Channel;
import civitane.core.facts.Household;
import civitane.core.facts.Packet;
import civitane.core.facts.Request;
import civitane.core.facts.Role;
import civitane.core.facts.Signature;
import civitane.core.ledger.EntryKind;
import civitane.core.ledger.Ledger;
import civitane.core.ledger.Recording;
import civitane.core.ledger.Source;
import civitane.core.ledger.Telling;
import civitane.core.ledger.When;
import civitane.core.rates.RateShelf;
import civitane.core.reasons.Argument;
import civitane.core.rules.Finding;
import civitane.core.rules.Mode;
import civitane.core.rules.Result;
import civitane.core.services.Screening;
import civitane.core.services.Services;
import civitane.core.services.schoolmeals.SchoolMealsAnswers;
import civitane.packet.PacketWriter;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** What families ask for over the months, and what becomes of it: made by the rules and the moves of the core. */
final class Lives {
  private static final int CENTURY = 100;
  private static final int DAYS_TO_ANSWER = 14;
  private static final int LATELY = 45;
  private static final int PERCENT = 100;
  private static final int NOBODY_HAS_IT_YET = 20;
  private static final int HAS_A_DAY_OUTSIDE = 4;
  private static final int WITHDRAWN = 60;
  private static final List<String> OTHERS =
      List.of("rentRelief", "householdAllowance", "housingList", "clearRecord", "legalAdvice");

  private final Screening screening;
  private final RateShelf rates;
  private final Random random;
  private final LocalDate today;
  private final List<String> staff;
  private final Rows rows;
  private int running;

  /**
   * @param staff who works, by login
   * @param running the first of the running numbers that claims get
   */
  Lives(
      RateShelf rates,
      Screening screening,
      long seed,
      LocalDate today,
      List<String> staff,
      int running,
      Rows rows) {
    this.rates = rates;
    this.screening = screening;
    this.random = new Random(seed);
    this.today = today;
    this.staff = staff;
    this.running = running;
    this.rows = rows;
  }

  /**
   * A family with so many claims, the last of them still open or not.
   *
   * @param later how they live when they come again
   */
  void live(Household family, Function<Household, Household> later, int claims, boolean open) {
    var household = freshId();
    var days = days(claims, open);
    rows.household(household, family.applicant(), family.address(), Rows.morning(days.get(0)));
    var ledger = Ledger.empty();
    var known = Map.<String, UUID>of();
    var now = family;
    for (var i = 0; i < claims; i++) {
      var last = i + 1 == claims;
      var told = lodge(household, ledger, known, now, days.get(i), last && open);
      ledger = told.ledger();
      known = told.known();
      now = later.apply(now);
    }
    for (var person : family.people()) {
      rows.person(
          known(known.get(person.id())),
          household,
          person,
          family.address(),
          Rows.morning(days.get(claims - 1)));
    }
  }

  private List<LocalDate> days(int claims, boolean open) {
    var from = rates.oldest();
    var days = new ArrayList<LocalDate>();
    var span = (int) from.until(today, ChronoUnit.DAYS) - 2 * LATELY;
    for (var i = 0; i < claims; i++) {
      days.add(from.plusDays(random.nextInt(span)));
    }
    days.sort(null);
    if (open) {
      days.set(claims - 1, today.minusDays(random.nextInt(LATELY)));
    }
    return days;
  }

  private record Known(Ledger ledger, Map<String, UUID> known) {}

  private Known lodge(
      UUID household,
      Ledger ledger,
      Map<String, UUID> known,
      Household family,
      LocalDate day,
      boolean open) {
    var at = Rows.morning(day);
    var lodged =
        new Rows.Lodged(freshId(), household, family.applicant().fullName(), staffMember(), at);
    var packet = packet(family, day);
    var told = Telling.of(
        ledger,
        household,
        packet,
        known,
        new Recording(
            EntryKind.SAID,
            Source.application(lodged.application().toString()),
            lodged.by(),
            at,
            day,
            this::freshId),
        new When(day, at));
    rows.told(told.added());
    var after = ledger.with(told.added());
    var number = new ClaimNumber(day.getYear() % CENTURY, running++).toString();
    rows.application(
        lodged,
        "{\"packet\":" + PacketWriter.written(packet) + ",\"typed\":{},\"taking\":{}}",
        "R-" + number.substring(number.indexOf('-') + 1));
    var request = told.requests().get(0);
    var facts =
        after.assembled(household, List.of(request), new When(day, at), day).packet();
    var life = new Life(lodged, number, request, facts);
    if (open) {
      life.beOpen();
    } else {
      life.beOver();
    }
    return new Known(after, new HashMap<>(told.places().ids()));
  }

  private Packet packet(Household family, LocalDate day) {
    var applicant = family.applicant();
    return new Packet(
        day,
        day,
        day,
        OffsetDateTime.ofInstant(Rows.morning(day), ZoneOffset.UTC),
        random.nextBoolean() ? Channel.COUNTER : Channel.POST,
        "en",
        family,
        List.of(request(family)),
        List.of(),
        List.of(Signature.onScreen(
            applicant.id(), applicant.fullName(), day, List.of("true", "changes"))));
  }

  private Request request(Household family) {
    var children = family.people().stream()
        .filter(person -> person.role() == Role.CHILD)
        .map(child ->
            new SchoolMealsAnswers.Child(child.id(), "Marsh Road School", "4", null, false))
        .toList();
    if (!children.isEmpty() && random.nextInt(4) > 0) {
      return new Request(
          "schoolMeals",
          new SchoolMealsAnswers(children, family.people().size(), null, null, null));
    }
    var service = OTHERS.get(random.nextInt(OTHERS.size()));
    return new Request(service, Services.named(service).orElseThrow().nothingAnswered());
  }

  private String staffMember() {
    return staff.get(random.nextInt(staff.size()));
  }

  /** Ids as the ledger's are, of the moment of loading: those made later are greater. */
  private UUID freshId() {
    var high = System.currentTimeMillis() << 16 | 0x7000L | random.nextInt(0x1000);
    return new UUID(high, Long.MIN_VALUE | random.nextLong() >>> 2);
  }

  /** One claim from lodging on. */
  private final class Life {
    private final UUID id = freshId();
    private final Rows.Lodged lodged;
    private final UUID request;
    private final Packet facts;
    private final Result result;
    private final List<Happened> happened = new ArrayList<>();
    private Claim claim;
    private LocalDate day;

    Life(Rows.Lodged lodged, String number, UUID request, Packet facts) {
      this.lodged = lodged;
      this.request = request;
      this.facts = facts;
      this.day = facts.lodgedOn();
      this.result = screening.of(facts, Mode.DETERMINE).get(0);
      var service = Services.named(result.service()).orElseThrow();
      var pace = Pace.of(result.urgent());
      this.claim = Claim.lodged(
          number,
          day,
          service.standardTime(result),
          pace,
          Wants.of(result, service::whose),
          day.plusDays(DAYS_TO_ANSWER));
      happened.add(new Happened(Move.LODGE, act(lodged.by()), claim.turn()));
    }

    private Act act(String login) {
      return Act.of(new Actor.Staff(login), day);
    }

    private void later(int most) {
      var then = day.plusDays(random.nextInt(most + 1));
      day = then.isAfter(today) ? today : then;
    }

    private void done(Moved moved) {
      if (moved instanceof Moved.Done made) {
        claim = made.claim();
        happened.add(made.happened());
      }
    }

    private void takenUp() {
      later(3);
      var who = staffMember();
      var act = Act.of(new Actor.Staff(who), day, Why.TAKEN_UP.with(Argument.told(who)));
      done(claim.takeUp(act, who));
    }

    private String holder() {
      return claim.holder() == null ? lodged.by() : claim.holder();
    }

    void beOpen() {
      if (random.nextInt(PERCENT) < HAS_A_DAY_OUTSIDE) {
        var occasions = Occasion.values();
        done(claim.outsideDate(
            act(lodged.by()),
            new OutsideDate(
                occasions[random.nextInt(occasions.length)],
                today.plusDays(random.nextInt(LATELY)),
                "notice")));
      }
      if (random.nextInt(PERCENT) >= NOBODY_HAS_IT_YET) {
        takenUp();
        for (var item : claim.live()) {
          if (item.turn() != Turn.OURS && random.nextInt(3) == 0) {
            settled(item);
          }
        }
      }
      write(null);
    }

    private void settled(Item item) {
      later(8);
      done(claim.answer(act(holder()), item.id()));
      done(claim.accept(act(holder()), item.id()));
    }

    void beOver() {
      takenUp();
      claim.live().forEach(this::settled);
      later(10);
      if (result.outcome() == Finding.UNKNOWN) {
        var act = act(holder());
        done(random.nextInt(PERCENT) < WITHDRAWN ? claim.withdraw(act) : claim.lapse(act));
        write(null);
        return;
      }
      var grants = result.outcome() == Finding.ENTITLED;
      var determined = determined();
      done(claim.decide(
          Act.of(new Actor.Staff(holder()), day, (grants ? Why.GRANTED : Why.REFUSED).with()),
          holder(),
          grants,
          determined.id(),
          null,
          false));
      if (grants) {
        done(claim.run(act(holder())));
      }
      if (!grants || random.nextBoolean()) {
        later(60);
        done(claim.close(act(holder())));
      }
      write(determined);
    }

    private Rows.Determined determined() {
      var book = rates.on(facts.assessedOn()).orElseThrow();
      var grounds = Grounds.of(book, facts);
      var kept = Grounds.written(result);
      return new Rows.Determined(
          freshId(),
          Rows.morning(day),
          holder(),
          grounds.rules(),
          grounds.book(),
          grounds.bookHash(),
          grounds.packet(),
          kept,
          grounds.hashWith(kept));
    }

    private void write(Rows.@Nullable Determined determined) {
      var over = claim.state() != ClaimState.LODGED && claim.state() != ClaimState.OPEN;
      rows.claim(id, lodged, request, result.service(), claim, happened, over ? determined : null);
    }
  }
}
