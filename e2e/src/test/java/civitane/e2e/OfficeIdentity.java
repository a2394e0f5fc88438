package civitane.e2e;

import com.nimbusds.jose.JOSEException;
import com.nimbusds.jose.jwk.JWKSet;
import com.nimbusds.jose.jwk.gen.RSAKeyGenerator;
import com.nimbusds.jose.jwk.source.ImmutableJWKSet;
import com.nimbusds.jose.jwk.source.JWKSource;
import com.nimbusds.jose.proc.SecurityContext;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configuration.EnableWebSecurity;
import org.springframework.security.config.annotation.web.configuration.OAuth2AuthorizationServerConfiguration;
import org.springframework.security.config.annotation.web.configurers.oauth2.server.authorization.OAuth2AuthorizationServerConfigurer;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.oauth2.core.AuthorizationGrantType;
import org.springframework.security.oauth2.jwt.JwtDecoder;
import org.springframework.security.oauth2.server.authorization.client.InMemoryRegisteredClientRepository;
import org.springframework.security.oauth2.server.authorization.client.RegisteredClient;
import org.springframework.security.oauth2.server.authorization.client.RegisteredClientRepository;
import org.springframework.security.oauth2.server.authorization.settings.AuthorizationServerSettings;
import org.springframework.security.oauth2.server.authorization.settings.ClientSettings;
import org.springframework.security.oauth2.server.authorization.token.JwtEncodingContext;
import org.springframework.security.oauth2.server.authorization.token.OAuth2TokenCustomizer;
import org.springframework.security.provisioning.InMemoryUserDetailsManager;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint;

import static org.springframework.security.config.Customizer.withDefaults;

/** The OpenID Connect server of an office: who works there, in what roles, each with the log-in twice as a password. */
final class OfficeIdentity implements AutoCloseable {
  static final String CLIENT = "civitane";
  static final String SECRET = "a secret between servers";

  private static final Map<String, List<String>> ROLES = Map.of(
      "maud", List.of("caseworker", "canteen"),
      "edda", List.of("caseworker"),
      "teun", List.of("senior", "caseworker"),
      "pia", List.of("canteen"),
      "stranger", List.of("senior"));

  private final ConfigurableApplicationContext server;

  private OfficeIdentity(ConfigurableApplicationContext server) {
    this.server = server;
  }

  /** Starts it for a desk at an address. */
  static OfficeIdentity startFor(String desk) {
    return new OfficeIdentity(SpringApplication.run(
        Server.class, "--server.port=0", "--spring.main.banner-mode=off", "--office.desk=" + desk));
  }

  /** Another site than that of the desk, as it is in an office. */
  String issuer() {
    return "http://localhost:"
        + ((WebServerApplicationContext) server).getWebServer().getPort();
  }

  @Override
  public void close() {
    server.close();
  }

  @Configuration
  @EnableWebSecurity
  static class Server {
    @Bean
    TomcatServletWebServerFactory web() {
      var web = new TomcatServletWebServerFactory(0);
      // Filters answer everything, but are asked only where there is something behind them.
      web.setRegisterDefaultServlet(true);
      return web;
    }

    @Bean
    @Order(1)
    SecurityFilterChain protocol(HttpSecurity http) throws Exception {
      var server = new OAuth2AuthorizationServerConfigurer();
      return http.securityMatcher(server.getEndpointsMatcher())
          .with(server, set -> set.oidc(withDefaults()))
          .authorizeHttpRequests(requests -> requests.anyRequest().authenticated())
          .exceptionHandling(handling ->
              handling.authenticationEntryPoint(new LoginUrlAuthenticationEntryPoint("/login")))
          .build();
    }

    @Bean
    @Order(2)
    SecurityFilterChain people(HttpSecurity http) throws Exception {
      return http.authorizeHttpRequests(requests -> requests.anyRequest().authenticated())
          .formLogin(withDefaults())
          .build();
    }

    @Bean
    UserDetailsService users() {
      return new InMemoryUserDetailsManager(ROLES.keySet().stream()
          .map(login ->
              User.withUsername(login).password("{noop}" + login + "-" + login).build())
          .toList());
    }

    @Bean
    RegisteredClientRepository clients(org.springframework.core.env.Environment settings) {
      return new InMemoryRegisteredClientRepository(
          RegisteredClient.withId(UUID.randomUUID().toString())
              .clientId(CLIENT)
              .clientSecret("{noop}" + SECRET)
              .authorizationGrantType(AuthorizationGrantType.AUTHORIZATION_CODE)
              .redirectUri(settings.getProperty("office.desk") + "/api/sign-in/back/office")
              .scope("openid")
              .scope("profile")
              .clientSettings(ClientSettings.builder().requireProofKey(true).build())
              .build());
    }

    @Bean
    JWKSource<SecurityContext> keys() throws JOSEException {
      return new ImmutableJWKSet<>(
          new JWKSet(new RSAKeyGenerator(2048).keyID("office").generate()));
    }

    @Bean
    JwtDecoder tokensOfItsOwn(JWKSource<SecurityContext> keys) {
      return OAuth2AuthorizationServerConfiguration.jwtDecoder(keys);
    }

    @Bean
    AuthorizationServerSettings settings() {
      return AuthorizationServerSettings.builder().build();
    }

    @Bean
    OAuth2TokenCustomizer<JwtEncodingContext> whoTheyAre() {
      return token -> token
          .getClaims()
          .claim("preferred_username", token.getPrincipal().getName())
          .claim("roles", ROLES.get(token.getPrincipal().getName()));
    }
  }
}
