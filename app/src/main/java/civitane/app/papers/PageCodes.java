package civitane.app.papers;

import civitane.app.reading.Pages;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** The codes of ours on pages that came, and what each belongs to. */
@Component
class PageCodes {
  private static final Logger LOG = LoggerFactory.getLogger(PageCodes.class);

  private final PaperRows rows;
  private final List<Replying> replying;

  PageCodes(PaperRows rows, List<Replying> replying) {
    this.rows = rows;
    this.replying = List.copyOf(replying);
  }

  /** The code on each of some pages; they are drawn where they are not yet. */
  List<Optional<ReplyCode>> on(List<Sheet> pages) {
    var codes = new HashMap<Sheet, Optional<ReplyCode>>();
    pages.stream().collect(Collectors.groupingBy(Sheet::hash)).forEach((hash, ofOneFile) -> {
      Drawing.draw(rows, hash);
      codes.putAll(on(hash, ofOneFile));
    });
    return pages.stream()
        .map(page -> codes.getOrDefault(page, Optional.empty()))
        .toList();
  }

  /**
   * Looks as finely as pages are scanned, not at the pictures that are kept to be shown: the squares of a code are a
   * third of a millimetre wide, two points of such a picture.
   */
  private Map<Sheet, Optional<ReplyCode>> on(String hash, List<Sheet> pages) {
    var codes = new HashMap<Sheet, Optional<ReplyCode>>();
    // What can't be drawn carries no code that could be seen.
    var drawn = pages.stream().filter(page -> rows.isDrawn(hash, page.page())).toList();
    var file = rows.file(hash);
    if (drawn.isEmpty() || file.isEmpty()) {
      return codes;
    }
    try (var kept = OnDisk.of(rows, hash)) {
      if (!file.orElseThrow().mediaType().equals(Sifting.PDF)) {
        var picture = PagePictures.fineOfPicture(kept.path());
        drawn.forEach(page -> codes.put(page, ReplyCodes.on(picture)));
        return codes;
      }
      try (var document = Loader.loadPDF(kept.path().toFile())) {
        for (var page : drawn) {
          codes.put(page, ReplyCodes.on(Pages.picture(document, page.page())));
        }
      }
    } catch (IOException | RuntimeException | StackOverflowError | OutOfMemoryError e) {
      // A person looks at the pages.
      LOG.warn("no code can be looked for in a file: {}", e.getClass().getSimpleName());
    }
    return codes;
  }

  /** Where something with a code belongs. */
  Optional<Reply> reply(Optional<ReplyCode> code) {
    return code.flatMap(
        written -> replying.stream().flatMap(one -> one.to(written).stream()).findFirst());
  }

  /** Notes that what carries a code has come. */
  void came(ReplyCode code) {
    replying.forEach(one -> one.came(code));
  }
}
