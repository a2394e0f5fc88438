package civitane.app.quickcheck;

import civitane.app.determining.LenientReading;
import civitane.app.determining.ResultView;
import civitane.app.determining.Screenings;
import civitane.app.ledger.OfficeBooks;
import civitane.app.problems.Problem;
import civitane.core.facts.Packet;
import civitane.core.facts.Parts;
import civitane.core.facts.Request;
import civitane.core.facts.Word;
import civitane.core.rules.Check;
import civitane.core.rules.Entitlement;
import civitane.core.rules.Finding;
import civitane.core.rules.Mode;
import civitane.core.rules.Outcome;
import civitane.core.rules.Result;
import civitane.core.services.Services;
import civitane.packet.Fault;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A first look at one service, before anything is kept. */
@Service
public class QuickChecks {
  private static final int YEARS_OF_AN_ADULT = 40;
  private static final int YEARS_OF_THE_OLDER = 15;
  private static final int YEARS_OF_THE_YOUNGER = 8;
  /** More are taken down with the office. */
  public static final int MOST_PEOPLE = 12;

  private final Screenings screenings;
  private final OfficeBooks books;
  private final JsonMapper json;
  private final Clock clock;

  QuickChecks(Screenings screenings, OfficeBooks books, JsonMapper json, Clock clock) {
    this.screenings = screenings;
    this.books = books;
    this.json = json;
    this.clock = clock;
  }

  /**
   * What is told for a first look.
   *
   * @param adults how many people of 18 or over
   * @param from14 how many from 14 to 17
   * @param under14 how many under 14
   * @param monthly euros that come in a month, together
   * @param owned euros at hand
   */
  public record Told(
      @Nullable String postcode,
      int adults,
      int from14,
      int under14,
      @Nullable BigDecimal monthly,
      @Nullable BigDecimal owned,
      JsonNode answers) {}

  /**
   * What a first look says.
   *
   * @param verdict {@code worthwhile}, {@code not} or {@code open}
   * @param packet what was told, to go on with
   */
  record Look(
      String verdict,
      List<ResultView.CheckView> tests,
      List<String> awards,
      List<ResultView.LineView> working,
      List<Fault> faults,
      JsonNode packet) {}

  /** How it looks. */
  public enum Verdict implements Word {
    WORTHWHILE,
    NOT,
    OPEN
  }

  /**
   * What the rules say to what was told.
   *
   * @param result null where nothing of it could be read
   * @param shown the checks that can be told after what was asked
   */
  public record Seen(
      Verdict verdict, @Nullable Result result, List<Check> shown, List<Fault> faults) {
    /** Whether it may come to something, so that it is worth saying to how much. */
    public boolean mayCome() {
      return result != null && result.outcome() != Finding.NOT_ENTITLED;
    }
  }

  Look look(String word, Told told) {
    var service =
        Services.named(word).orElseThrow(() -> Problem.notThere("A service of this name"));
    if (told.adults() < 1 || told.adults() + told.from14() + told.under14() > MOST_PEOPLE) {
      throw Problem.wrong("A household has at least one adult, and " + MOST_PEOPLE
          + " people at most in a quick check.");
    }
    var tree = packet(word, told);
    var seen = seen(service, tree.deepCopy());
    var result = seen.result();
    return new Look(
        seen.verdict().word(),
        seen.shown().stream().map(check -> ResultView.CheckView.of(word, check)).toList(),
        result == null ? List.of() : ResultView.awards(result),
        result == null || !seen.mayCome() ? List.of() : ResultView.working(result),
        seen.faults(),
        tree);
  }

  /** What the rules say to a packet of a first look; what can't be read of it is left out. */
  public Seen seen(Entitlement<?> service, ObjectNode packet) {
    var lenient = new LenientReading(screenings).read(packet);
    if (lenient.packet() == null) {
      return new Seen(Verdict.OPEN, null, List.of(), lenient.faults());
    }
    var result = screenings
        .results(presumed(service, books.filled(lenient.packet(), null)), Mode.SCREEN)
        .get(0);
    var shown = service.quickCheck().shown(result);
    return new Seen(verdict(result, shown), result, shown, lenient.faults());
  }

  private static Verdict verdict(Result result, List<Check> shown) {
    if (result.outcome() == Finding.NOT_ENTITLED) {
      return Verdict.NOT;
    }
    return shown.stream().anyMatch(test -> test.is(Outcome.UNKNOWN))
        ? Verdict.OPEN
        : Verdict.WORTHWHILE;
  }

  /** The same with what follows from the household alone, where nothing else was told. */
  private static <A extends Record> Packet presumed(Entitlement<A> service, Packet packet) {
    var told = service.answers().cast(packet.requests().get(0).answers());
    var answers = Parts.filled(told, service.presumed(packet));
    return packet.withRequests(List.of(new Request(service.word(), answers)));
  }

  /** The packet of a first look: people without names, by their ages, and what is theirs together. */
  public ObjectNode packet(String service, Told told) {
    var today = LocalDate.now(clock);
    var packet = json.createObjectNode();
    packet
        .put("format", "civitane-packet")
        .put("version", 1)
        .put("lodgedOn", today.toString())
        .put("channel", "counter")
        .put("language", "en");
    var household = packet.putObject("household");
    var address = household.putObject("address");
    if (told.postcode() != null && !told.postcode().isBlank()) {
      address.put("postcode", told.postcode());
    }
    var people = household.putArray("people");
    for (var i = 0; i < told.adults(); i++) {
      var role = i == 0 ? "applicant" : i == 1 ? "spouse" : "relative";
      person(people.addObject(), people.size(), role, today.minusYears(YEARS_OF_AN_ADULT));
    }
    for (var i = 0; i < told.from14(); i++) {
      person(people.addObject(), people.size(), "child", today.minusYears(YEARS_OF_THE_OLDER));
    }
    for (var i = 0; i < told.under14(); i++) {
      person(people.addObject(), people.size(), "child", today.minusYears(YEARS_OF_THE_YOUNGER));
    }
    household.put("expectedChildren", 0);
    var incomes = household.putArray("incomes");
    var none = household.putArray("noIncome");
    if (told.monthly() != null) {
      if (told.monthly().signum() > 0) {
        incomes
            .addObject()
            .put("id", "i1")
            .put("person", "p1")
            .put("kind", "wages")
            .put("amount", told.monthly())
            .put("frequency", "monthly");
      } else {
        none.addObject().put("person", "p1");
      }
      for (var i = 2; i <= told.adults(); i++) {
        none.addObject().put("person", "p" + i);
      }
    }
    // What was left blank was not asked: it is not nothing.
    if (told.owned() != null) {
      household
          .putArray("assets")
          .addObject()
          .put("person", "p1")
          .put("kind", "savings")
          .put("value", told.owned());
    }
    household.putArray("benefits");
    var request = packet.putArray("requests").addObject().put("service", service);
    request.set("answers", told.answers() == null ? json.createObjectNode() : told.answers());
    packet.putArray("papers");
    packet.putArray("signatures");
    return packet;
  }

  private static void person(ObjectNode person, int number, String role, LocalDate born) {
    person.put("id", "p" + number).put("role", role).put("birthDate", born.toString());
  }
}
