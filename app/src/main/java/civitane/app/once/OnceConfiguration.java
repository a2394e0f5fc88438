package civitane.app.once;

import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Duration;
import org.springframework.aop.Advisor;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.annotation.AnnotationMatchingPointcut;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.core.Ordered;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/** Puts what is done once behind the question who may do it: a key opens nothing. */
@Configuration
@Role(BeanDefinition.ROLE_INFRASTRUCTURE)
class OnceConfiguration {
  private static final Duration EVERY = Duration.ofHours(1);

  @Bean
  @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
  static Advisor onceByKey(
      ObjectProvider<DoneOnce> once,
      ObjectProvider<TransactionTemplate> inTransaction,
      ObjectProvider<JsonMapper> json) {
    var advisor = new DefaultPointcutAdvisor(
        AnnotationMatchingPointcut.forMethodAnnotation(OnceByKey.class),
        new Doing(once, inTransaction, json));
    advisor.setOrder(Ordered.LOWEST_PRECEDENCE);
    return advisor;
  }

  @Bean
  static RecurringTask<Void> forgettingKeys(DoneOnce once) {
    return Tasks.recurring("forget keys", FixedDelay.of(EVERY))
        .execute((task, context) -> once.forget());
  }
}
