package civitane.app.post;

import civitane.app.jobs.OneByOne;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.Schedules;
import java.time.Duration;
import java.time.LocalTime;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Tells of letters after they went out, and looks each morning for those that nobody has got. */
@Configuration
class TellingOfLetters {
  /** A letter to tell of, by its id. */
  static final TaskDescriptor<Void> KIND = TaskDescriptor.of("tell of letter");

  private static final Duration AGAIN_AFTER = Duration.ofSeconds(5);
  private static final LocalTime IN_THE_MORNING = LocalTime.of(7, 30);

  @Bean
  static Task<Void> tellingOfLetter(LetterNews news) {
    return Tasks.oneTime(KIND)
        .onFailure(new FailureHandler.ExponentialBackoffFailureHandler<>(AGAIN_AFTER))
        .execute((letter, context) -> news.tell(UUID.fromString(letter.getId())));
  }

  @Bean
  static RecurringTask<Void> lookingForLyingLetters(LetterNews news) {
    return Tasks.recurring("look for letters that nobody got", Schedules.daily(IN_THE_MORNING))
        .execute((task, context) -> new OneByOne().each(news.lying(), news::ask).end());
  }
}
