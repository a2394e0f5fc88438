package civitane.app.door;

import civitane.app.jobs.OneByOne;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import java.time.LocalTime;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Each morning: who began an application at the door is reminded of it, or it is put aside. */
@Configuration
class LyingApplications {
  /** No phone is to ring at night. */
  private static final LocalTime IN_THE_MORNING = LocalTime.of(9, 30);

  @Bean
  static RecurringTask<Void> lookingAfterBegun(Lying lying) {
    return Tasks.recurring("look after begun applications", Schedules.daily(IN_THE_MORNING))
        .execute((task, context) -> new OneByOne()
            .each(lying.tooOld(), lying::putAside)
            .each(lying.toRemind(), lying::remind)
            .end());
  }
}
