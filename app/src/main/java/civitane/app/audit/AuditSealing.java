package civitane.app.audit;

import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Duration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Has the audit log sealed every few seconds, and marked outside the database each hour, by one node at a time. */
@Configuration
class AuditSealing {
  private static final Duration EVERY = Duration.ofSeconds(2);

  private static final Duration ANCHORED_EVERY = Duration.ofHours(1);

  @Bean
  static RecurringTask<Void> anchoring(AuditSeal seal) {
    return Tasks.recurring("anchor audit log", FixedDelay.of(ANCHORED_EVERY))
        .execute((task, context) -> seal.anchor());
  }

  @Bean
  static RecurringTask<Void> sealing(AuditSeal seal) {
    return Tasks.recurring("seal audit log", FixedDelay.of(EVERY))
        .execute((task, context) -> seal.seal());
  }
}
