package civitane.app.signin;

import civitane.app.staff.Staff;
import org.aopalliance.intercept.MethodInvocation;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.security.authorization.AuthorizationEventPublisher;
import org.springframework.security.authorization.SpringAuthorizationEventPublisher;
import org.springframework.security.authorization.event.AuthorizationDeniedEvent;

/** Whoever of the office asks for what their role does not do stands in the log with it. */
@Configuration
class RefusedLog {
  private final SignInLog log;
  private final Staff staff;

  RefusedLog(SignInLog log, Staff staff) {
    this.log = log;
    this.staff = staff;
  }

  @Bean
  static AuthorizationEventPublisher refusals(ApplicationEventPublisher events) {
    return new SpringAuthorizationEventPublisher(events);
  }

  /** What the log tells is which thing was asked for, and not whose. */
  @EventListener
  public void refused(AuthorizationDeniedEvent<?> event) {
    var who = event.getAuthentication().get();
    if (event.getObject() instanceof MethodInvocation asked
        && who != null
        && staff.knows(who.getName())) {
      log.happened(who.getName(), "refused", asked.getMethod().getName());
    }
  }
}
