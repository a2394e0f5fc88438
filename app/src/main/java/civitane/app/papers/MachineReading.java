package civitane.app.papers;

import civitane.app.reading.Pages;
import civitane.app.reading.Proposal;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Reads a file that came, after it has been kept, so that a person has less to type: what it found are proposals. */
@Configuration
class MachineReading {
  /** A file to be read, by its hash. */
  static final TaskDescriptor<Void> KIND = TaskDescriptor.of("read pages");

  private static final Logger LOG = LoggerFactory.getLogger(MachineReading.class);
  private static final Duration AGAIN_AFTER = Duration.ofSeconds(5);

  /** A longer file is no single paper; a person splits it first. */
  private static final int MOST_PAGES = 12;

  @Bean
  static Task<Void> readingOfPages(PaperRows rows, ProposalRows proposals, Clock clock) {
    return Tasks.oneTime(KIND)
        .onFailure(new FailureHandler.ExponentialBackoffFailureHandler<>(AGAIN_AFTER))
        .execute((file, context) ->
            proposals.keep(file.getId(), read(rows, file.getId(), LocalDate.now(clock))));
  }

  private static List<Proposal> read(PaperRows rows, String hash, LocalDate today) {
    try {
      try (var kept = OnDisk.of(rows, hash)) {
        return read(kept.path(), rows.file(hash).orElseThrow(), today);
      }
    } catch (IOException | RuntimeException | StackOverflowError | OutOfMemoryError e) {
      // A person reads it without being helped.
      LOG.warn("a file can't be read by machine: {}", e.getClass().getSimpleName());
      return List.of();
    }
  }

  private static List<Proposal> read(Path path, PaperRows.File file, LocalDate today)
      throws IOException {
    if (!file.mediaType().equals(Sifting.PDF)) {
      return Pages.ofPicture(PagePictures.fineOfPicture(path), 0, today);
    }
    var proposals = new ArrayList<Proposal>();
    try (var document = Loader.loadPDF(path.toFile())) {
      for (var page = 0; page < Math.min(MOST_PAGES, file.pages()); page++) {
        proposals.addAll(Pages.ofPdf(document, page, today));
      }
    }
    return proposals;
  }
}
