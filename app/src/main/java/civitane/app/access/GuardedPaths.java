package civitane.app.access;

import civitane.app.problems.Problem;
import civitane.app.staff.Role;
import civitane.app.staff.Staff;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;

/**
 * Stands before everything that is asked for by its address: what is of a household that somebody may not see is not
 * there, in the words of what is not there; and that somebody looked is noted.
 */
@Component
class GuardedPaths implements HandlerInterceptor {
  private final Guard guard;
  private final Whose whose;
  private final LookedAt lookedAt;
  private final Staff staff;
  private final TransactionTemplate inTransaction;

  /** What an address names by its id, as it is called where it is not there. */
  private record Named(String what, Function<UUID, Optional<Whose.There>> there) {}

  private final Map<String, Named> named;

  GuardedPaths(
      Guard guard, Whose whose, LookedAt lookedAt, Staff staff, TransactionTemplate inTransaction) {
    this.guard = guard;
    this.whose = whose;
    this.lookedAt = lookedAt;
    this.staff = staff;
    this.inTransaction = inTransaction;
    this.named = Map.of(
        "applications", new Named("The application", whose::application),
        "papers", new Named("The paper", whose::paper),
        "letters", new Named("The letter", whose::letter),
        "forms-out", new Named("The form", whose::form),
        "scans", new Named("The page", whose::scan));
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    if (request.getUserPrincipal() == null
        || !(handler instanceof HandlerMethod method)
        || !isTheirs(request, method)
        || method.hasMethodAnnotation(ThroughTheGlass.class)) {
      return true;
    }
    @SuppressWarnings("unchecked")
    var parts =
        (Map<String, String>) request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
    var kind = request.getRequestURI().split("/");
    if (parts != null && kind.length > 2) {
      inTransaction.executeWithoutResult(status -> look(request, kind[2], parts));
    }
    return true;
  }

  /** Whoever may not use it at all is told so, whatever it is about. */
  private static boolean isTheirs(HttpServletRequest request, HandlerMethod method) {
    var may = method.getMethodAnnotation(PreAuthorize.class);
    return may != null
        && (may.value().startsWith("isAuthenticated")
            || Stream.of(Role.values())
                .map(Enum::name)
                .filter(request::isUserInRole)
                .anyMatch(role -> may.value().contains("'" + role + "'")));
  }

  private void look(HttpServletRequest request, String kind, Map<String, String> parts) {
    var asked = asked(kind, parts);
    if (asked == null) {
      return;
    }
    // What is not there and what is not theirs to see are told in the same place, in the same
    // words.
    var there = asked.there().orElseThrow(asked::hidden);
    if (there.household() == null) {
      return;
    }
    var me = staff.me();
    if (!guard.maySee(me, there.household())) {
      throw asked.hidden();
    }
    // What a page asks by itself is no look.
    if ("GET".equals(request.getMethod()) && request.getHeader("X-Untouched") == null) {
      lookedAt.note(me, kind, there.household());
    }
  }

  private record Asked(Optional<Whose.There> there, Problem hidden) {}

  private @Nullable Asked asked(String kind, Map<String, String> parts) {
    var number = parts.get("number");
    if ("claims".equals(kind) && number != null) {
      return new Asked(whose.claim(number), Whose.noClaim());
    }
    var household = id(parts.get("household"));
    if (household != null) {
      return new Asked(whose.household(household), Problem.notThere("The household"));
    }
    var one = named.get(kind);
    var id = id(parts.get("id"));
    return one == null || id == null
        ? null
        : new Asked(one.there().apply(id), Problem.notThere(one.what()));
  }

  /** What is no id is told of where it is taken for one. */
  private static @Nullable UUID id(@Nullable String text) {
    try {
      return text == null ? null : UUID.fromString(text);
    } catch (IllegalArgumentException e) {
      return null;
    }
  }
}
