package civitane.app.door;

import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Files the papers that came before an application was lodged, each by itself. */
@Configuration
class FilingOfEarlyPapers {
  /** An application, by its id. */
  static final TaskDescriptor<Void> KIND = TaskDescriptor.of("file early papers");

  private static final Duration AGAIN_AFTER = Duration.ofSeconds(5);

  @Bean
  static Task<Void> filingOfEarly(EarlyPapers papers) {
    return Tasks.oneTime(KIND)
        .onFailure(new FailureHandler.ExponentialBackoffFailureHandler<>(AGAIN_AFTER))
        .execute((lodged, context) -> {
          var application = UUID.fromString(lodged.getId());
          papers.unfiled(application).forEach(wanted -> papers.file(application, wanted));
        });
  }
}
