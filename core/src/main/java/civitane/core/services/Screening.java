package civitane.core.services;

import civitane.core.facts.Packet;
import civitane.core.facts.Request;
import civitane.core.rates.RateShelf;
import civitane.core.rules.Entitlement;
import civitane.core.rules.Mode;
import civitane.core.rules.Outcome;
import civitane.core.rules.Result;
import civitane.core.rules.Situation;
import civitane.core.time.Dates;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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
    var request = packet.requests().get(index);
    var service = Services.named(request.service())
        .orElseThrow(
            () -> new IllegalArgumentException("no service is called " + request.service()));
    var book = rates
        .on(packet.lodgedOn())
        .orElseThrow(
            () -> new IllegalArgumentException("no rate book is in force on " + packet.lodgedOn()));
    return service.determine(new Situation(packet, request, index, book, mode));
  }

  /** A service nobody asked for: whether it is likely, and what would have to be known. */
  public record Likelihood(String service, boolean likely, List<String> missing) {}

  /** Looks at every service the household does not ask for, with the answers its facts imply. */
  public List<Likelihood> alsoLikely(Packet packet) {
    var asked = packet.requests().stream().map(Request::service).toList();
    var found = new ArrayList<Likelihood>();
    for (var service : Services.all()) {
      if (!asked.contains(service.word())) {
        var presumed =
            packet.withRequests(List.of(new Request(service.word(), service.presumed(packet))));
        found.add(likelihood(of(presumed, 0, Mode.SCREEN)));
      }
    }
    return found;
  }

  private static Likelihood likelihood(Result result) {
    var missing = result.tests().stream()
        .filter(test -> test.is(Outcome.UNKNOWN))
        .flatMap(test -> test.missing().stream())
        .distinct()
        .sorted()
        .toList();
    return new Likelihood(result.service(), result.outcome() != Entitlement.NOT_ENTITLED, missing);
  }

  /** From when a later rate book would allow what is refused now; none when none does. */
  public Optional<String> laterBook(Packet packet, int index, Mode mode) {
    return rates
        .after(packet.lodgedOn())
        .filter(book -> allows(packet, index, mode, book.from()))
        .findFirst()
        .map(book -> "From " + Dates.written(book.from()) + " the newer rates would allow it.");
  }

  private boolean allows(Packet packet, int index, Mode mode, LocalDate from) {
    var request = packet.requests().get(index);
    var book = rates.on(from).orElseThrow();
    var result = Services.named(request.service())
        .orElseThrow()
        .determine(new Situation(packet, request, index, book, mode));
    return result.outcome() != Entitlement.NOT_ENTITLED;
  }
}
