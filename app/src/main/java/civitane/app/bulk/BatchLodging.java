package civitane.app.bulk;

import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Lodges the rows of a list that was sent, on one node at a time; a node that is lost is followed by another. */
@Configuration
class BatchLodging {
  /** A list to lodge, by its id. */
  static final TaskDescriptor<Void> KIND = TaskDescriptor.of("lodge list");

  private static final Duration AGAIN_AFTER = Duration.ofSeconds(5);

  @Bean
  static Task<Void> lodgingOfLists(Batches batches) {
    return Tasks.oneTime(KIND)
        .onFailure(new FailureHandler.ExponentialBackoffFailureHandler<>(AGAIN_AFTER))
        .execute((list, context) -> {
          var id = UUID.fromString(list.getId());
          while (!context.getSchedulerState().isShuttingDown() && batches.lodgeNext(id)) {}
          if (context.getSchedulerState().isShuttingDown()) {
            throw new IllegalStateException("stopped in the middle, and taken up again");
          }
        });
  }
}
