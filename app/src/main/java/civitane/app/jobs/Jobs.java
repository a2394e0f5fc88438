package civitane.app.jobs;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import java.time.Instant;
import org.springframework.beans.factory.ObjectProvider;
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

  Jobs(ObjectProvider<Scheduler> scheduler) {
    this.scheduler = scheduler;
  }

  /**
   * Orders a piece of work of a kind, once for each key; it begins as soon as this transaction is kept, and is not
   * there at all when it is not.
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void later(TaskDescriptor<Void> kind, String key) {
    scheduler.getObject().scheduleIfNotExists(kind.instance(key).scheduledTo(Instant.now()));
    TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
      @Override
      public void afterCommit() {
        scheduler.getObject().triggerCheckForDueExecutions();
      }
    });
  }
}
