package civitane.app.signin;

import civitane.app.staff.WayIn;
import jakarta.servlet.http.HttpServletRequest;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.boot.session.autoconfigure.DefaultCookieSerializerCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.Authentication;
import org.springframework.security.oauth2.client.registration.ClientRegistration;
import org.springframework.security.oauth2.client.registration.ClientRegistrations;
import org.springframework.security.oauth2.client.registration.InMemoryClientRegistrationRepository;
import org.springframework.security.oauth2.client.registration.SupplierClientRegistrationRepository;
import org.springframework.security.oauth2.client.web.DefaultOAuth2AuthorizationRequestResolver;
import org.springframework.security.oauth2.client.web.OAuth2AuthorizationRequestCustomizers;
import org.springframework.security.oauth2.client.web.OAuth2AuthorizationRequestResolver;
import org.springframework.security.oauth2.core.endpoint.OAuth2AuthorizationRequest;

/**
 * Signing in at the OpenID Connect server of the office, instead of by passwords that are kept here. It is asked what it
 * is like when somebody first signs in: households get through their door also while it is down.
 */
@Configuration
@ConditionalOnExpression("!'${civitane.oidc.issuer:}'.isEmpty()")
class OfficeServer implements WayIn {
  /** The address at which it begins, but for what the server is called here. */
  static final String BEGINS = "/api/sign-in/with";

  private static final Logger LOG = LoggerFactory.getLogger(OfficeServer.class);
  private static final String NAMED = "office";
  private static final String REFUSED = "/sign-in?refused";

  private final OfficeUsers users;
  private final SignInLog log;
  private final String issuer;
  private final String client;
  private final String secret;
  private final String backTo;

  /** @param backTo where people reach the desk; empty where that follows from what was asked */
  OfficeServer(
      OfficeUsers users,
      SignInLog log,
      @Value("${civitane.oidc.issuer}") String issuer,
      @Value("${civitane.oidc.client}") String client,
      @Value("${civitane.oidc.secret}") String secret,
      @Value("${civitane.oidc.back-to:}") String backTo) {
    this.users = users;
    this.log = log;
    this.issuer = issuer;
    this.client = client;
    this.secret = secret;
    this.backTo = backTo;
  }

  @Override
  public String beginsAt() {
    return BEGINS + "/" + NAMED;
  }

  @Override
  public void open(HttpSecurity http) throws Exception {
    var known = new SupplierClientRegistrationRepository(
        () -> new InMemoryClientRegistrationRepository(registration()));
    var asking = new DefaultOAuth2AuthorizationRequestResolver(known, BEGINS);
    asking.setAuthorizationRequestCustomizer(OAuth2AuthorizationRequestCustomizers.withPkce());
    http.oauth2Login(way -> way.loginPage("/sign-in")
        .clientRegistrationRepository(known)
        .authorizationEndpoint(endpoint -> endpoint.authorizationRequestResolver(asked(asking)))
        .redirectionEndpoint(endpoint -> endpoint.baseUri("/api/sign-in/back/*"))
        .userInfoEndpoint(endpoint -> endpoint.oidcUserService(users))
        .successHandler((request, response, who) -> {
          happened(request, who, "signed in");
          response.sendRedirect("/");
        })
        .failureHandler((request, response, failure) -> {
          happened(request, null, "sign-in failed");
          response.sendRedirect(REFUSED);
        }));
  }

  /** Where the server does not answer, nothing is begun: who wanted to is told so, see {@link OfficeUnreachable}. */
  private static OAuth2AuthorizationRequestResolver asked(
      OAuth2AuthorizationRequestResolver asking) {
    return new OAuth2AuthorizationRequestResolver() {
      @Override
      public @Nullable OAuth2AuthorizationRequest resolve(HttpServletRequest request) {
        try {
          return asking.resolve(request);
        } catch (IllegalArgumentException e) {
          LOG.warn("the office’s server does not answer: {}", e.getMessage());
          return null;
        }
      }

      @Override
      public @Nullable OAuth2AuthorizationRequest resolve(
          HttpServletRequest request, String registration) {
        return asking.resolve(request, registration);
      }
    };
  }

  /** Who comes back from the server comes from elsewhere: the session that waited for them has to come along. */
  @Bean
  DefaultCookieSerializerCustomizer sessionsOfThoseWhoComeBack() {
    return cookie -> cookie.setSameSite("Lax");
  }

  private ClientRegistration registration() {
    return ClientRegistrations.fromIssuerLocation(issuer)
        .registrationId(NAMED)
        .clientId(client)
        .clientSecret(secret)
        .scope("openid", "profile")
        .userNameAttributeName(users.loginClaim())
        .redirectUri(
            (backTo.isEmpty() ? "{baseUrl}" : backTo) + "/api/sign-in/back/{registrationId}")
        .build();
  }

  private void happened(HttpServletRequest request, @Nullable Authentication who, String what) {
    log.happened(who == null ? "" : who.getName(), what, request.getRemoteAddr());
  }
}
