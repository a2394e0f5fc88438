package civitane.core.rates;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** All rate books, oldest first. */
public final class RateShelf {
  private static final List<String> SHIPPED = List.of("2025-07", "2026-07");

  private final List<RateBook> books;

  public RateShelf(List<RateBook> books) {
    if (books.isEmpty()) {
      throw new RateBookFault("there is none");
    }
    this.books = books.stream().sorted(Comparator.comparing(RateBook::from)).toList();
  }

  /** The books that come with the product. */
  public static RateShelf shipped() {
    return new RateShelf(SHIPPED.stream().map(RateShelf::shippedBook).toList());
  }

  private static RateBook shippedBook(String name) {
    try (var yaml = RateShelf.class.getResourceAsStream("/civitane/rates/" + name + ".yaml")) {
      if (yaml == null) {
        throw new RateBookFault(name + " is not there");
      }
      return RateBook.read(yaml);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The newest book in force on the day; none when the day lies before the oldest. */
  public Optional<RateBook> on(LocalDate day) {
    RateBook newest = null;
    for (var book : books) {
      if (!book.from().isAfter(day)) {
        newest = book;
      }
    }
    return Optional.ofNullable(newest);
  }

  /** The books that come into force after the day, the next first. */
  public List<RateBook> after(LocalDate day) {
    return books.stream().filter(book -> book.from().isAfter(day)).toList();
  }

  /** Every book, the oldest first. */
  public List<RateBook> all() {
    return books;
  }

  public LocalDate oldest() {
    return books.get(0).from();
  }
}
