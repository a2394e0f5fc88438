package civitane.core.services;

import civitane.core.rates.RateBook;
import civitane.core.rules.Outcome;
import civitane.core.rules.Result;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** What rate books that are not in force yet would say to a request: worked out once, when the first check asks. */
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

  /** From when a book would meet a check that is not met now; none when none does. */
  Optional<LocalDate> meeting(String check) {
    if (results == null) {
      results = books.stream().map(rules).toList();
    }
    for (var i = 0; i < books.size(); i++) {
      if (results.get(i).check(check).filter(later -> later.is(Outcome.MET)).isPresent()) {
        return Optional.of(books.get(i).from());
      }
    }
    return Optional.empty();
  }
}
