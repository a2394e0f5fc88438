package civitane.core.services;

import civitane.core.rates.RateBook;
import civitane.core.rules.Outcome;
import civitane.core.rules.Result;
import civitane.core.time.Dates;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** What rate books that are not in force yet would say to a request: worked out once, when the first test asks. */
final class LaterRates {
  private final List<RateBook> books;
  private final Function<RateBook, Result> rules;
  private @Nullable List<Result> results;

  /**
   * Later rates of one request.
   *
   * @param books the next first
   * @param rules the request's result by a book
   */
  LaterRates(List<RateBook> books, Function<RateBook, Result> rules) {
    this.books = books;
    this.rules = rules;
  }

  /** From when a book would meet a test that is not met now; none when none does. */
  Optional<String> meeting(String test) {
    if (results == null) {
      results = books.stream().map(rules).toList();
    }
    for (var i = 0; i < books.size(); i++) {
      if (results.get(i).test(test).filter(later -> later.is(Outcome.MET)).isPresent()) {
        return Optional.of(
            "From " + Dates.written(books.get(i).from()) + " the newer rates would allow it.");
      }
    }
    return Optional.empty();
  }
}
