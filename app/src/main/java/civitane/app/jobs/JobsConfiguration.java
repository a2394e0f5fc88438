package civitane.app.jobs;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import java.time.Duration;
import java.util.List;
import javax.sql.DataSource;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;

/** The scheduler of this node; what there is to do is shared by all nodes of a database. */
@Configuration
class JobsConfiguration {
  private static final int AT_ONCE = 4;
  private static final Duration LOOK = Duration.ofSeconds(1);

  /** A node that has not been heard of for four of these has been lost, and its work is done by another. */
  private static final Duration HEARTBEAT = Duration.ofSeconds(3);

  private static final Duration TO_FINISH = Duration.ofSeconds(10);

  /** Ordering joins the transaction it is ordered in. */
  @Bean(destroyMethod = "stop")
  Scheduler scheduler(DataSource database, List<Task<?>> kinds) {
    var again = kinds.stream().filter(RecurringTask.class::isInstance).toList();
    var ordered = kinds.stream().filter(kind -> !again.contains(kind)).toList();
    return Scheduler.create(new TransactionAwareDataSourceProxy(database), ordered)
        .startTasks(again.stream().map(RecurringTask.class::cast).toArray(RecurringTask[]::new))
        .threads(AT_ONCE)
        .enablePriority()
        .pollingInterval(LOOK)
        .heartbeatInterval(HEARTBEAT)
        .missedHeartbeatsLimit(4)
        .shutdownMaxWait(TO_FINISH)
        .build();
  }

  /** Not for a command that ends: what a node does later is done by those that serve. */
  @Bean
  @ConditionalOnProperty(name = "civitane.jobs", havingValue = "on", matchIfMissing = true)
  Starting starting(Scheduler scheduler) {
    return new Starting(scheduler);
  }

  /** Begins once everything that does the work is there. */
  record Starting(Scheduler scheduler) {
    @EventListener(ApplicationReadyEvent.class)
    void start() {
      scheduler.start();
    }
  }
}
