package civitane.app.door;

import civitane.app.problems.Problem;
import civitane.app.quickcheck.QuickChecks;
import civitane.core.rates.RateShelf;
import civitane.core.reasons.Argument;
import civitane.core.rules.Check;
import civitane.core.rules.Entitlement;
import civitane.core.rules.IncomeChart;
import civitane.core.rules.Result;
import civitane.core.services.Services;
import civitane.packet.form.FirstLookForm;
import civitane.packet.form.ScreenForm;
import civitane.words.Language;
import civitane.words.Voice;
import civitane.words.Words;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;

/** Before anybody begins: whether a service could be for them, with every reason, and what it could come to. Nothing is kept. */
@Component
class FirstLook {
  private static final int LONGEST_ANSWER = 2_000;

  private final QuickChecks quickChecks;
  private final Choosing choosing;
  private final RateShelf rates;
  private final Clock clock;

  FirstLook(QuickChecks quickChecks, Choosing choosing, RateShelf rates, Clock clock) {
    this.quickChecks = quickChecks;
    this.choosing = choosing;
    this.rates = rates;
    this.clock = clock;
  }

  /**
   * What is asked for a first look.
   *
   * @param limits the incomes it goes by, printed from the rate book of today
   * @param grown what grown-ups are called who have no names, in their order
   * @param children likewise
   */
  record ToAsk(
      List<AskedFirst> groups, List<Sum> limits, List<String> grown, List<String> children) {}

  /** @param title empty where the group needs none */
  record AskedFirst(String title, List<DoorForm.DoorAsk> asks) {}

  /**
   * What a first look says.
   *
   * @param verdict {@code worthwhile}, {@code not} or {@code open}
   * @param wrong what can't be read, each at its question
   * @param comes what it could come to
   */
  record DoorLook(
      String verdict,
      List<DoorForm.DoorWrong> wrong,
      List<Because> reasons,
      List<String> comes,
      List<Sum> sums) {}

  /**
   * A reason.
   *
   * @param outcome {@code met}, {@code notMet} or {@code unknown}
   * @param says the reason with its numbers, and what would change it
   */
  record Because(String outcome, String says) {}

  /** A line of what it comes to. */
  record Sum(String label, String value) {}

  Entitlement<?> offered(String word) {
    var today = LocalDate.now(clock);
    return Services.named(word)
        .filter(service -> !service.offeredFrom().isAfter(today))
        .orElseThrow(() -> Problem.notThere("A service of this name"));
  }

  ToAsk asks(String service, Language language) {
    var words = Words.in(language);
    return new ToAsk(
        form(service, language).groups().stream()
            .map(group -> new AskedFirst(
                group.title(), group.asks().stream().map(this::asked).toList()))
            .toList(),
        limits(service, words),
        called("grown", words),
        called("child", words));
  }

  private DoorForm.DoorAsk asked(ScreenForm.Ask ask) {
    return new DoorForm.DoorAsk(
        ask.name(), ask.label(), choosing.kind(ask), choosing.choices(ask), "", "", "");
  }

  private static List<String> called(String what, Words words) {
    return IntStream.rangeClosed(1, QuickChecks.MOST_PEOPLE)
        .mapToObj(n -> words.say("letter.first." + what, "n", BigDecimal.valueOf(n)))
        .toList();
  }

  private List<Sum> limits(String service, Words words) {
    return rates.on(LocalDate.now(clock)).stream()
        .flatMap(book -> offered(service).charts(book).stream())
        .map(chart -> new Sum(words.say(chart.label(), Voice.LETTER), limit(chart, words)))
        .toList();
  }

  private static String limit(IncomeChart chart, Words words) {
    var from14 = chart.from14();
    var under14 = chart.under14();
    var first = Argument.each(chart.first().round2(), chart.each());
    return from14 == null || under14 == null
        ? words.say(first)
        : words.say(
            "door.look.limit",
            "first",
            first,
            "older",
            Argument.once(from14.round2()),
            "younger",
            Argument.once(under14.round2()));
  }

  private FirstLookForm form(String service, Language language) {
    return new FirstLookForm(offered(service), LocalDate.now(clock), language);
  }

  DoorLook look(String word, Map<String, String> typed, Language language) {
    if (typed.values().stream().anyMatch(text -> text.length() > LONGEST_ANSWER)) {
      throw Problem.wrong("An answer has at most " + LONGEST_ANSWER + " letters.");
    }
    var service = offered(word);
    var form = form(word, language);
    var words = Words.in(language);
    var told = form.read(typed);
    var wrong = new ArrayList<>(unread(form, told, words));
    if (people(told) < 1 || people(told) > QuickChecks.MOST_PEOPLE) {
      wrong.add(new DoorForm.DoorWrong(
          0,
          "adults",
          words.say("door.look.people", "most", BigDecimal.valueOf(QuickChecks.MOST_PEOPLE))));
    }
    if (!wrong.isEmpty()) {
      return new DoorLook(QuickChecks.Verdict.OPEN.word(), wrong, List.of(), List.of(), List.of());
    }
    var packet = quickChecks.packet(word, told(told));
    form.name(packet);
    var seen = quickChecks.seen(service, packet);
    var result = Optional.ofNullable(seen.result()).filter(one -> seen.mayCome());
    return new DoorLook(
        seen.verdict().word(),
        List.of(),
        seen.shown().stream().map(check -> because(check, words)).distinct().toList(),
        result.map(one -> comes(one, words)).orElse(List.of()),
        result.map(one -> sums(one, words)).orElse(List.of()));
  }

  private static List<DoorForm.DoorWrong> unread(
      FirstLookForm form, FirstLookForm.Told told, Words words) {
    return form.groups().stream()
        .map(ScreenForm.Group::asks)
        .flatMap(List::stream)
        .filter(ask -> told.unread().contains(ask.name()))
        .map(ask -> new DoorForm.DoorWrong(0, ask.name(), Unread.of(ask.form(), words)))
        .toList();
  }

  private static int people(FirstLookForm.Told told) {
    return adults(told) < 1 ? 0 : adults(told) + count(told, "from14") + count(told, "under14");
  }

  /** Where nobody is counted, it is one who asks. */
  private static int adults(FirstLookForm.Told told) {
    return told.numbers().containsKey("adults") ? count(told, "adults") : 1;
  }

  private static int count(FirstLookForm.Told told, String of) {
    return told.numbers()
        .getOrDefault(of, BigDecimal.ZERO)
        .min(BigDecimal.valueOf(QuickChecks.MOST_PEOPLE + 1L))
        .intValue();
  }

  private static QuickChecks.Told told(FirstLookForm.Told told) {
    return new QuickChecks.Told(
        told.postcode(),
        adults(told),
        count(told, "from14"),
        count(told, "under14"),
        told.numbers().get("monthly"),
        told.numbers().get("owned"),
        told.answers());
  }

  private static Because because(Check check, Words words) {
    var says = words.say(check.reasons(), Voice.LETTER);
    return new Because(
        check.outcome().word(),
        check.changes().isEmpty() ? says : says + " " + words.say(check.changes(), Voice.LETTER));
  }

  private static List<String> comes(Result result, Words words) {
    return result.awards().stream()
        .map(award -> words.award(result.service(), award))
        .toList();
  }

  private static List<Sum> sums(Result result, Words words) {
    return result.working().stream()
        .map(line -> new Sum(words.say(line.label(), Voice.LETTER), words.say(line.value())))
        .toList();
  }
}
