package civitane.app.jobs;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.Priority;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.Optional;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Work that is done after what ordered it has been kept: kept in the database together with it, done on whichever node
 * is free, and done again when it fails or the node is lost.
 */
@Service
public class Jobs {
  private final ObjectProvider<Scheduler> scheduler;
  private final JdbcClient database;

  Jobs(ObjectProvider<Scheduler> scheduler, JdbcClient database) {
    this.scheduler = scheduler;
    this.database = database;
  }

  /**
   * Orders a piece of work of a kind, once for each key; it begins as soon as this transaction is kept, and is not
   * there at all when it is not.
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void later(TaskDescriptor<Void> kind, String key) {
    order(kind, key, Priority.MEDIUM);
  }

  /** The same of what somebody waits for or claims move by: before all letters and papers that are to be done. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void soon(TaskDescriptor<Void> kind, String key) {
    order(kind, key, Priority.HIGH);
  }

  private void order(TaskDescriptor<Void> kind, String key, int priority) {
    scheduler
        .getObject()
        .scheduleIfNotExists(kind.instance(key).priority(priority).scheduledTo(Instant.now()));
    beginOnceKept();
  }

  /** When the first work of a kind is done whose key begins so; empty where there is none. */
  @Transactional(readOnly = true)
  public Optional<Instant> dueAt(TaskDescriptor<Void> kind, String beginning) {
    return database
        .sql("""
            select min(execution_time) from scheduled_tasks
            where task_name = :kind and task_instance between :beginning and :beginning || '~'
            """)
        .param("kind", kind.getTaskName())
        .param("beginning", beginning)
        .query(Timestamp.class)
        .optional()
        .map(Timestamp::toInstant);
  }

  private void beginOnceKept() {
    TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
      @Override
      public void afterCommit() {
        scheduler.getObject().triggerCheckForDueExecutions();
      }
    });
  }
}
