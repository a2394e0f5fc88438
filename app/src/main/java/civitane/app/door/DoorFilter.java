package civitane.app.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Says who is through the door, by what their browser shows; that somebody works here is worth nothing at it. */
final class DoorFilter extends OncePerRequestFilter {

  private final DoorKeeper keeper;

  DoorFilter(DoorKeeper keeper) {
    this.keeper = keeper;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    var context = SecurityContextHolder.createEmptyContext();
    DoorCookie.token(request)
        .flatMap(keeper::guest)
        .map(guest -> UsernamePasswordAuthenticationToken.authenticated(
            guest, null, AuthorityUtils.createAuthorityList("ROLE_" + guest.role())))
        .ifPresent(context::setAuthentication);
    SecurityContextHolder.setContext(context);
    // Nothing of it stays in the browser, so that the way back shows nothing.
    response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
    chain.doFilter(request, response);
  }
}
