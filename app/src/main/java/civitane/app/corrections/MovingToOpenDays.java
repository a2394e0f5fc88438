package civitane.app.corrections;

import civitane.app.claims.ClaimLists;
import civitane.app.claims.Claims;
import civitane.app.closures.ClosureDeclared;
import civitane.app.closures.Closures;
import civitane.app.closures.DeclaredClosure;
import civitane.app.jobs.Jobs;
import civitane.app.jobs.OneByOne;
import civitane.app.staff.Staff;
import civitane.core.claims.Why;
import civitane.core.reasons.Argument;
import civitane.core.time.OpenDays;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Moves what others have to do by days that turn out to be closed on to the next open day, claim by claim. */
@Component
class MovingToOpenDays {
  private static final TaskDescriptor<Void> KIND = TaskDescriptor.of("move to open days");
  private static final Duration AGAIN_AFTER = Duration.ofSeconds(10);

  private final Closures closures;
  private final CorrectionRows rows;
  private final Corrections corrections;
  private final Claims claims;
  private final ClaimLists claimLists;
  private final Staff staff;
  private final Jobs jobs;
  private final TransactionTemplate inTransaction;

  MovingToOpenDays(
      Closures closures,
      CorrectionRows rows,
      Corrections corrections,
      Claims claims,
      ClaimLists claimLists,
      Staff staff,
      Jobs jobs,
      TransactionTemplate inTransaction) {
    this.closures = closures;
    this.rows = rows;
    this.corrections = corrections;
    this.claims = claims;
    this.claimLists = claimLists;
    this.staff = staff;
    this.jobs = jobs;
    this.inTransaction = inTransaction;
  }

  @Configuration
  static class Later {
    @Bean
    static Task<Void> movingOfClosedDays(MovingToOpenDays moving) {
      return Tasks.oneTime(KIND)
          .onFailure(new FailureHandler.ExponentialBackoffFailureHandler<>(AGAIN_AFTER))
          .execute((closure, context) -> moving.move(UUID.fromString(closure.getId())));
    }
  }

  @EventListener
  @Transactional(propagation = Propagation.MANDATORY)
  public void on(ClosureDeclared declared) {
    jobs.soon(KIND, declared.id().toString());
  }

  /** One claim that can't be moved now holds up none of the others; it is tried again. */
  void move(UUID id) {
    var closure = closures.find(id);
    if (!closure.stands()) {
      return;
    }
    var open = closures.openDays();
    new OneByOne()
        .each(
            claimLists.dueToOthers(closure.from(), closure.until()),
            number -> inTransaction.executeWithoutResult(status -> move(number, closure, open)))
        .end();
  }

  private void move(String number, DeclaredClosure closure, OpenDays open) {
    var by = staff.named(closure.by()).actor();
    claims.moveItem(
        by,
        number,
        Why.OFFICE_CLOSED.with(
            Argument.day(closure.from()),
            Argument.day(closure.until()),
            Argument.told(closure.because())),
        (claim, act) -> claim.movedToOpen(act, open));
    rows.of(number).stream()
        .filter(request -> closure.days().covers(request.dueOn()))
        .forEach(request -> {
          var until = open.of(request.dueOn());
          rows.dueOn(request.id(), until);
          corrections.moved(by, request, closure, until);
        });
  }
}
