package civitane.core.services;

import civitane.core.facts.Answers;
import civitane.core.facts.Packet;
import civitane.core.facts.Request;
import civitane.core.rates.RateBook;
import civitane.core.rates.RateShelf;
import civitane.core.rules.Entitlement;
import civitane.core.rules.Mode;
import civitane.core.rules.Outcome;
import civitane.core.rules.Result;
import civitane.core.rules.Situation;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** Runs a household's facts through the rules: through what it asks for, and through what it does not. */
public final class Screening {
  private final RateShelf rates;

  public Screening(RateShelf rates) {
    this.rates = rates;
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
    var book = rates
        .on(packet.assessedOn())
        .orElseThrow(() ->
            new IllegalArgumentException("no rate book is in force on " + packet.assessedOn()));
    var result = with(book, packet, index, mode);
    if (result.outcome() == Entitlement.NOT_ENTITLED) {
      var later = new LaterRates(
          rates.after(packet.assessedOn()), newer -> with(newer, packet, index, mode));
      for (var test : result.tests()) {
        if (test.is(Outcome.NOT_MET)) {
          test.changedLater(() -> later.meeting(test.id()));
        }
      }
    }
    return result;
  }

  private static Result with(RateBook book, Packet packet, int index, Mode mode) {
    var request = packet.requests().get(index);
    return Services.named(request.service())
        .orElseThrow(
            () -> new IllegalArgumentException("no service is called " + request.service()))
        .determine(new Situation(packet, request, index, book, mode));
  }

  /** A service nobody asked for: whether it is likely, and what would have to be known. */
  public record Likelihood(String service, boolean likely, List<String> missing) {}

  /** Looks at every service the household does not ask for, with the answers its facts imply. */
  public List<Likelihood> alsoLikely(Packet packet) {
    var asked = packet.requests().stream().map(Request::service).toList();
    var found = new ArrayList<Likelihood>();
    for (var service : Services.all()) {
      if (!asked.contains(service.word())) {
        var presumed = service.presumed(packet);
        var asking = packet.withRequests(List.of(new Request(service.word(), presumed)));
        found.add(likelihood(
            of(asking, 0, Mode.SCREEN), isForSomebody(presumed), service.concerns(packet)));
      }
    }
    return found;
  }

  /** Likely is what nothing speaks against and something speaks for: the income, or somebody whom the service is for. */
  private static Likelihood likelihood(Result result, boolean forSomebody, boolean concerned) {
    var missing = result.tests().stream()
        .filter(test -> test.is(Outcome.UNKNOWN))
        .flatMap(test -> test.missing().stream())
        .distinct()
        .sorted()
        .toList();
    var incomeFits =
        result.tests().stream().anyMatch(test -> test.is(Outcome.MET) && isOfIncome(test.id()));
    var likely =
        concerned && result.outcome() != Entitlement.NOT_ENTITLED && (incomeFits || forSomebody);
    return new Likelihood(result.service(), likely, missing);
  }

  /** Whether the presumed answers name people. */
  private static boolean isForSomebody(Answers presumed) {
    return !presumed.groups("children").isEmpty();
  }

  private static boolean isOfIncome(String test) {
    return test.endsWith("-INCOME") || test.endsWith("-GROSS") || test.endsWith("-NET");
  }
}
