package civitane.app.door;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.http.ResponseCookie;

/** What a browser shows to come in again: of this visit only, and to the door only. */
final class DoorCookie {
  private static final String NAME = "civitane-door";

  /** A browser takes one of such a name only where the line is encrypted (RFC 6265bis, cookie name prefixes). */
  private static final String ENCRYPTED = "__Secure-" + NAME;

  private DoorCookie() {}

  static ResponseCookie of(String token, HttpServletRequest request) {
    return cookie(token, request).build();
  }

  /** Takes it from the browser. */
  static ResponseCookie gone(HttpServletRequest request) {
    return cookie("", request).maxAge(Duration.ZERO).build();
  }

  private static String name(HttpServletRequest request) {
    return request.isSecure() ? ENCRYPTED : NAME;
  }

  private static ResponseCookie.ResponseCookieBuilder cookie(
      String token, HttpServletRequest request) {
    return ResponseCookie.from(name(request), token)
        .httpOnly(true)
        .secure(request.isSecure())
        .sameSite("Strict")
        .path("/api/door");
  }

  static Optional<String> token(HttpServletRequest request) {
    return Stream.ofNullable(request.getCookies())
        .flatMap(Stream::of)
        .filter(cookie -> cookie.getName().equals(name(request)))
        .map(Cookie::getValue)
        .findFirst();
  }
}
