package civitane.app.production;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.core.env.Environment;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;

/**
 * How it does is told at a port of its own, to whoever watches it on the machine itself: nobody signs in there, and nothing
 * of a household stands there. Everywhere else it is not told.
 */
@Configuration
class Watched {
  private static final int BEFORE_ALL_OTHERS = -1;

  @Bean
  @Order(BEFORE_ALL_OTHERS)
  SecurityFilterChain watching(HttpSecurity http, Environment environment) throws Exception {
    return http.securityMatcher(request -> isAtItsOwnPort(request, environment))
        .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
        .sessionManagement(
            sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .requestCache(cache -> cache.disable())
        .build();
  }

  private static boolean isAtItsOwnPort(HttpServletRequest request, Environment environment) {
    var own = environment.getProperty("local.management.port");
    return own != null
        && own.equals(String.valueOf(request.getLocalPort()))
        && !own.equals(environment.getProperty("local.server.port"));
  }
}
