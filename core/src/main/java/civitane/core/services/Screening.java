package civitane.core.services;

import civitane.core.facts.Address;
import civitane.core.facts.Frequency;
import civitane.core.facts.Household;
import civitane.core.facts.Income;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Request;
import civitane.core.facts.Role;
import civitane.core.matching.Plausibility;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.rates.RateBookFault;
import civitane.core.rates.RateShelf;
import civitane.core.reasons.Argument.Missing;
import civitane.core.rules.Entitlement;
import civitane.core.rules.Finding;
import civitane.core.rules.MissingPlace;
import civitane.core.rules.Mode;
import civitane.core.rules.NewerRates;
import civitane.core.rules.Outcome;
import civitane.core.rules.Result;
import civitane.core.time.LastDay;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;

/** Runs a household's facts through the rules: through what it asks for, and through what it does not. */
public final class Screening {
  private static final String REQUESTS = "/requests/";
  private static final int GROWN = 40;
  private static final int AT_SCHOOL = 9;

  private final RateShelf rates;
  private final LastDay lastDays;

  /** Limits end on the day they are counted out to. */
  public Screening(RateShelf rates) {
    this(rates, LastDay.AS_COUNTED);
  }

  /** Limits end as an office ends them: what is meant for a day on which it is closed can be done on the next. */
  public Screening(RateShelf rates, LastDay lastDays) {
    this.rates = rates;
    this.lastDays = lastDays;
  }

  /**
   * Runs every service once by every rate book, so that a book that lacks a number is found before anybody is there.
   * Throws {@link RateBookFault} with what is missing.
   */
  public void tryOut() {
    for (var book : rates.all()) {
      var parent = Person.of("p1", Role.APPLICANT, "Some", "Body", book.from().minusYears(GROWN));
      var child = Person.of("p2", Role.CHILD, "Any", "Body", book.from().minusYears(AT_SCHOOL));
      var wage = Income.of("i1", "p1", IncomeKind.WAGES, Amount.of(AT_SCHOOL), Frequency.WEEKLY);
      var household = new Household(
          Address.UNKNOWN,
          List.of(parent, child),
          0,
          List.of(wage),
          List.of(),
          List.of(),
          List.of(),
          Set.of(),
          null,
          List.of());
      Services.all().stream()
          .filter(service -> !service.offeredFrom().isAfter(book.from()))
          .forEach(service -> service.charts(book));
      Plausibility.of(household, book.from(), book);
      alsoLikely(Packet.on(book.from(), household, List.of()));
    }
  }

  /** A day on which rules can be applied: not before the oldest rate book. */
  public boolean hasRatesOn(LocalDate day) {
    return rates.on(day).isPresent();
  }

  /** The results of all requests, in the packet's order. Throws when there is no rate book for the day. */
  public List<Result> of(Packet packet, Mode mode) {
    var results = new ArrayList<Result>(packet.requests().size());
    for (var i = 0; i < packet.requests().size(); i++) {
      results.add(of(packet, i, mode));
    }
    return results;
  }

  private Result of(Packet packet, int index, Mode mode) {
    var service = service(packet, index);
    var result = with(service, book(packet), packet, index, mode);
    if (result.outcome() != Finding.NOT_ENTITLED) {
      return result;
    }
    var later = new LaterRates(
        rates.after(packet.assessedOn()), newer -> with(service, newer, packet, index, mode));
    return result.withChecks(check -> check.is(Outcome.NOT_MET)
        ? later
            .meeting(check.id())
            .map(from -> NewerRates.changing(check, from))
            .orElse(check)
        : check);
  }

  /** What helps whoever asks or answers, for each request in the packet's order. */
  public List<Record> aids(Packet packet) {
    var aids = new ArrayList<Record>(packet.requests().size());
    for (var i = 0; i < packet.requests().size(); i++) {
      aids.add(aids(service(packet, i), packet, i));
    }
    return aids;
  }

  private <A extends Record> Record aids(Entitlement<A> service, Packet packet, int index) {
    return service.aids(service.situation(packet, index, book(packet), Mode.SCREEN));
  }

  /** What a place in a packet asks: a fact, or an answer of one of its requests. */
  public Missing place(Packet packet, String pointer) {
    var request = pointer.startsWith(REQUESTS) ? Integer.parseInt(pointer.split("/")[2]) : 0;
    var service = service(packet, request);
    return MissingPlace.of(service.situation(packet, request, book(packet), Mode.SCREEN), pointer);
  }

  private RateBook book(Packet packet) {
    return rates
        .on(packet.assessedOn())
        .orElseThrow(() ->
            new IllegalArgumentException("no rate book is in force on " + packet.assessedOn()));
  }

  private static Entitlement<?> service(Packet packet, int index) {
    var word = packet.requests().get(index).service();
    return Services.named(word)
        .orElseThrow(() -> new IllegalArgumentException("no service is called " + word));
  }

  private <A extends Record> Result with(
      Entitlement<A> service, RateBook book, Packet packet, int index, Mode mode) {
    return service.determine(service.situation(packet, index, book, mode).with(lastDays));
  }

  /** A service nobody asked for: whether it is likely, and what would have to be known. */
  public record Likelihood(String service, boolean likely, List<Missing> missing) {}

  /** Looks at every service the household does not ask for, with the answers its facts imply. */
  public List<Likelihood> alsoLikely(Packet packet) {
    var asked = packet.requests().stream().map(Request::service).toList();
    return Services.all().stream()
        .filter(service -> !asked.contains(service.word()))
        .filter(service -> !service.offeredFrom().isAfter(packet.assessedOn()))
        .map(service -> likelihood(service, packet))
        .toList();
  }

  /** Likely is what nothing speaks against and something speaks for: the income, or somebody whom the service is for. */
  private <A extends Record> Likelihood likelihood(Entitlement<A> service, Packet packet) {
    var presumed = service.presumed(packet);
    var result =
        of(packet.withRequests(List.of(new Request(service.word(), presumed))), 0, Mode.SCREEN);
    var missing = result.checks().stream()
        .filter(check -> check.is(Outcome.UNKNOWN))
        .flatMap(check -> check.missing().stream())
        .distinct()
        .sorted(Comparator.comparing(Missing::subject))
        .toList();
    var incomeFits =
        result.checks().stream().anyMatch(check -> check.is(Outcome.MET) && check.isOfIncome());
    var likely = service.concerns(packet)
        && result.outcome() != Finding.NOT_ENTITLED
        && (incomeFits || service.isForSomebody(presumed));
    return new Likelihood(service.word(), likely, missing);
  }
}
