package civitane.app.papers;

import civitane.core.claims.Actor;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Files that are brought: looked through before anything is held in the database, distrusted wherever they come from. */
@Component
public class Bringing {
  private final Sifter sifter;
  private final Papers papers;
  private final FurtherPages furtherPages;
  private final TransactionTemplate inTransaction;

  Bringing(
      Sifter sifter, Papers papers, FurtherPages furtherPages, TransactionTemplate inTransaction) {
    this.sifter = sifter;
    this.papers = papers;
    this.furtherPages = furtherPages;
    this.inTransaction = inTransaction;
  }

  /**
   * A file that is kept, and of no claim yet.
   *
   * @param hash SHA-256 of what is in it, in hexadecimal digits
   */
  public record Kept(String hash, int pages) {}

  /**
   * Keeps a file to be filed later.
   *
   * @param noted notes what it is kept for, together with it
   */
  public void keep(InputStream stream, Consumer<Kept> noted) throws IOException {
    try (var file = Incoming.of(stream)) {
      var fit = sifter.fit(file);
      inTransaction.executeWithoutResult(status -> {
        papers.keep(file, fit);
        noted.accept(new Kept(file.hash(), fit.pages()));
      });
    }
  }

  /** Files what was kept, one behind the other, as a paper of a claim's household. */
  public void file(Actor by, String number, List<Kept> kept, Papers.Filing filing) {
    var pages = kept.stream()
        .flatMap(one -> SheetRows.whole(one.hash(), one.pages()).stream())
        .toList();
    papers.file(by, number, pages, filing);
  }

  /** Takes a file as a paper of a claim's household; answers the paper. */
  public UUID bring(Actor by, String number, InputStream stream, Papers.Filing filing)
      throws IOException {
    try (var file = Incoming.of(stream)) {
      return papers.take(by, number, file, sifter.fit(file), filing);
    }
  }

  /** Takes a file as further pages of the paper that came for an item of a claim. */
  public void bringMore(Actor by, String number, int item, InputStream stream) throws IOException {
    try (var file = Incoming.of(stream)) {
      furtherPages.add(by, number, item, file, sifter.fit(file));
    }
  }
}
