package civitane.app.door;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.authentication.session.NullAuthenticatedSessionStrategy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** What is asked for at the door goes through filters of its own. */
@Configuration
class DoorSecurity {
  private static final String CONTENT =
      "default-src 'self'; img-src 'self' blob:; object-src 'none';"
          + " base-uri 'self'; form-action 'self'; frame-ancestors 'none'";

  @Bean
  @Order(0)
  SecurityFilterChain doorFilters(HttpSecurity http, DoorKeeper keeper) throws Exception {
    return http.securityMatcher("/door", "/door.html", "/api/door/**")
        .authorizeHttpRequests(requests -> requests
            .requestMatchers(
                "/api/door/claims/**",
                "/api/door/standing",
                "/api/door/again",
                "/api/door/allowed/taken-back",
                "/api/door/letters/**")
            .hasRole(Visitor.ROLE)
            .requestMatchers("/api/door/application", "/api/door/application/**")
            .hasRole(Applicant.ROLE)
            .requestMatchers("/api/door/signing", "/api/door/signing/otherwise")
            .hasRole(Signer.ROLE)
            .requestMatchers("/api/door/device-key")
            .hasAnyRole(Visitor.ROLE, Applicant.ROLE, Signer.ROLE)
            .requestMatchers(
                "/door",
                "/door.html",
                "/api/door/start",
                "/api/door/first-look/*",
                "/api/door/blank-form/*",
                "/api/door/code",
                "/api/door/entry",
                "/api/door/beginning/code",
                "/api/door/beginning/entry",
                "/api/door/signing/entry",
                "/api/door/part",
                "/api/door/part/**",
                "/api/door/exit")
            .permitAll()
            .anyRequest()
            .denyAll())
        .addFilterBefore(new DoorFilter(keeper), AnonymousAuthenticationFilter.class)
        .sessionManagement(
            sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        // Who shows a visit is taken for somebody new with each request: each answer would bring
        // another token, and what is sent meanwhile would be refused.
        .csrf(csrf ->
            csrf.spa().sessionAuthenticationStrategy(new NullAuthenticatedSessionStrategy()))
        .exceptionHandling(handling ->
            handling.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)))
        .headers(headers -> headers
            .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT))
            .cacheControl(cache -> cache.disable())
            .referrerPolicy(policy -> policy.policy(ReferrerPolicy.NO_REFERRER)))
        .requestCache(cache -> cache.disable())
        .build();
  }
}
