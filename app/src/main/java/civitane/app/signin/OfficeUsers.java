package civitane.app.signin;

import civitane.app.audit.AuditLog;
import civitane.app.staff.Role;
import civitane.app.staff.Staff;
import civitane.app.staff.StaffSessions;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.oauth2.client.oidc.userinfo.OidcUserRequest;
import org.springframework.security.oauth2.client.userinfo.OAuth2UserService;
import org.springframework.security.oauth2.core.OAuth2AuthenticationException;
import org.springframework.security.oauth2.core.oidc.user.DefaultOidcUser;
import org.springframework.security.oauth2.core.oidc.user.OidcUser;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Who of those the office's server knows gets in: whoever is on the roll here and not disabled, in the one role that the
 * server says. Somebody unknown, or with no role of ours or several, does not.
 */
@Service
@ConditionalOnExpression("!'${civitane.oidc.issuer:}'.isEmpty()")
class OfficeUsers implements OAuth2UserService<OidcUserRequest, OidcUser> {
  private final Staff staff;
  private final StaffSessions sessions;
  private final AuditLog audit;
  private final String loginClaim;
  private final String rolesClaim;

  OfficeUsers(
      Staff staff,
      StaffSessions sessions,
      AuditLog audit,
      @Value("${civitane.oidc.login-claim:preferred_username}") String loginClaim,
      @Value("${civitane.oidc.roles-claim:roles}") String rolesClaim) {
    this.staff = staff;
    this.sessions = sessions;
    this.audit = audit;
    this.loginClaim = loginClaim;
    this.rolesClaim = rolesClaim;
  }

  String loginClaim() {
    return loginClaim;
  }

  @Override
  @Transactional
  public OidcUser loadUser(OidcUserRequest request) {
    var token = request.getIdToken();
    var login = Optional.ofNullable(token.getClaimAsString(loginClaim)).orElse("");
    var role = role(token.getClaims().get(rolesClaim));
    var known = staff.letsIn(login);
    if (role == null || known.isEmpty()) {
      throw new OAuth2AuthenticationException("nobody of ours");
    }
    if (known.get().role() != role) {
      staff.becomes(login, role);
      sessions.end(login);
      audit.record("the office’s server", "staff role " + role.word(), login, "");
    }
    return new DefaultOidcUser(
        AuthorityUtils.createAuthorityList("ROLE_" + role.name()), token, loginClaim);
  }

  /** The one role of ours among what the server says; null where there is none, or more than one. */
  private static @Nullable Role role(@Nullable Object claimed) {
    Collection<?> words = claimed instanceof Collection<?> many
        ? many
        : claimed == null ? List.of() : List.of(claimed);
    var roles = words.stream()
        .flatMap(word -> Role.of(String.valueOf(word)).stream())
        .distinct()
        .toList();
    return roles.size() == 1 ? roles.get(0) : null;
  }
}
