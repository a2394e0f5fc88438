package civitane.app.staff;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.Map;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.method.configuration.EnableMethodSecurity;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.CsrfConfigurer;
import org.springframework.security.config.observation.SecurityObservationSettings;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

import static org.springframework.security.config.Customizer.withDefaults;

/** Who gets in, and what a browser is told to refuse. */
@Configuration
@EnableMethodSecurity
class SecurityConfiguration {
  /** The one style that the library of lists and dialogs adds to a page: it says how its parts are touched. */
  private static final String TOUCH = "'sha256-38RhXrc7EdReTKsOm23ZPOCUgniTUUcjky8QOOrQx6o='";

  /** What somebody is who has yet to take a password of their own: none of the roles, so that nothing else opens. */
  static final String NEWCOMER = "NEWCOMER";

  private static final String CONTENT = "default-src 'self'; style-src 'self' " + TOUCH
      + "; frame-src 'self' blob:; object-src 'none'; base-uri 'self'; form-action 'self';"
      + " frame-ancestors 'self'";

  /** How long each filter takes is looked at by nobody; to note it takes longer than most of them do. */
  @Bean
  SecurityObservationSettings observedFilters() {
    return SecurityObservationSettings.noObservations();
  }

  @Bean
  SecurityFilterChain filters(HttpSecurity http, ObjectProvider<WayIn> ways) throws Exception {
    var other = ways.getIfAvailable();
    if (other == null) {
      byPassword(http);
    } else {
      other.open(http);
    }
    return http.authorizeHttpRequests(requests -> requests
            .requestMatchers("/api/sign-in/**", "/api/session", "/verify/**", "/actuator/health")
            .permitAll()
            .requestMatchers("/api/**")
            .authenticated()
            .requestMatchers("/actuator/**")
            .denyAll()
            .anyRequest()
            .permitAll())
        .csrf(CsrfConfigurer::spa)
        .logout(logout -> logout
            .logoutUrl("/api/sign-out")
            .logoutSuccessHandler(
                (request, response, who) -> response.setStatus(HttpServletResponse.SC_NO_CONTENT)))
        .exceptionHandling(handling ->
            handling.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)))
        .headers(headers -> headers
            .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT))
            .frameOptions(frame -> frame.sameOrigin())
            .referrerPolicy(policy -> policy.policy(ReferrerPolicy.NO_REFERRER)))
        .requestCache(cache -> cache.disable())
        .securityContext(withDefaults())
        .build();
  }

  private static void byPassword(HttpSecurity http) throws Exception {
    http.formLogin(form -> form.loginPage("/sign-in")
        .loginProcessingUrl("/api/sign-in")
        .successHandler(
            (request, response, who) -> response.setStatus(HttpServletResponse.SC_NO_CONTENT))
        .failureHandler(
            (request, response, failure) -> response.setStatus(HttpServletResponse.SC_UNAUTHORIZED))
        .permitAll());
  }

  @Bean
  PasswordEncoder passwords() {
    return new DelegatingPasswordEncoder(
        "argon2", Map.of("argon2", Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8()));
  }

  @Bean
  UserDetailsService users(StaffRepository staff, Clock clock) {
    return login -> staff
        .findById(login)
        .filter(member -> !member.isDisabled())
        .map(member -> User.withUsername(member.login())
            .password(member.passwordHash())
            .roles(
                member.handedOutUntil().isPresent() ? NEWCOMER : member.role().name())
            .credentialsExpired(
                member.handedOutUntil().filter(clock.instant()::isAfter).isPresent())
            .build())
        .orElseThrow(() -> new UsernameNotFoundException("nobody signs in with this name"));
  }
}
