package civitane.app.signin;

import java.time.Clock;
import org.springframework.boot.security.autoconfigure.web.servlet.SecurityFilterProperties;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Puts what guards the door before the filters that open it. */
@Configuration
class SignInConfiguration {
  private static final int BEFORE_SECURITY = SecurityFilterProperties.DEFAULT_FILTER_ORDER - 10;

  @Bean
  FilterRegistrationBean<SignInGuard> signInGuard(Attempts attempts, SignInLog log) {
    var filter = new FilterRegistrationBean<>(new SignInGuard(attempts, log));
    filter.addUrlPatterns("/api/sign-in");
    filter.setOrder(BEFORE_SECURITY);
    return filter;
  }

  @Bean
  FilterRegistrationBean<SessionLimits> sessionLimits(Clock clock) {
    var filter = new FilterRegistrationBean<>(new SessionLimits(clock));
    filter.addUrlPatterns("/api/*");
    filter.setOrder(BEFORE_SECURITY);
    return filter;
  }
}
