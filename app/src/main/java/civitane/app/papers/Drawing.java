package civitane.app.papers;

import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Draws the pages of a file that came, a page at a time, after it has been kept: what is drawn already is not again. */
@Configuration
class Drawing {
  /** A file to be drawn, by its hash. */
  static final TaskDescriptor<Void> KIND = TaskDescriptor.of("draw pages");

  private static final Logger LOG = LoggerFactory.getLogger(Drawing.class);
  private static final Duration AGAIN_AFTER = Duration.ofSeconds(5);

  @Bean
  static Task<Void> drawingOfPages(PaperRows rows) {
    return Tasks.oneTime(KIND)
        .onFailure(new FailureHandler.ExponentialBackoffFailureHandler<>(AGAIN_AFTER))
        .execute((file, context) -> draw(rows, file.getId()));
  }

  static void draw(PaperRows rows, String hash) {
    var unreadable = false;
    try (var kept = OnDisk.of(rows, hash)) {
      pages(rows, hash, kept.path());
    } catch (IOException | StackOverflowError | OutOfMemoryError e) {
      // The file stays as it came; a person sees that it can't be shown, and asks for another.
      LOG.warn("a file can't be drawn: {}", e.getClass().getSimpleName());
      unreadable = true;
    }
    rows.drawn(hash, unreadable);
  }

  private static void pages(PaperRows rows, String hash, Path path) throws IOException {
    var file = rows.file(hash).orElseThrow(() -> new IOException("no such file"));
    if (!file.mediaType().equals(Sifting.PDF)) {
      rows.draw(hash, 0, PagePictures.Drawn.of(PagePictures.ofPicture(path, Long.MAX_VALUE)));
      return;
    }
    try (var document = Loader.loadPDF(path.toFile())) {
      for (var page = 0; page < file.pages(); page++) {
        if (!rows.isDrawn(hash, page)) {
          rows.draw(hash, page, page(document, page));
        }
      }
    }
  }

  /** A page that the library stumbles over can't be drawn, now or later; the database alone is tried again. */
  private static PagePictures.Drawn page(PDDocument document, int page) throws IOException {
    try {
      return PagePictures.Drawn.of(PagePictures.ofPdf(document, page));
    } catch (RuntimeException e) {
      throw new IOException(e);
    }
  }
}
