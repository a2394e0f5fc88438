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

  private DoorCookie() {}

  static ResponseCookie of(String token, HttpServletRequest request) {
    return cookie(token, request).build();
  }

  /** Takes it from the browser. */
  static ResponseCookie gone(HttpServletRequest request) {
    return cookie("", request).maxAge(Duration.ZERO).build();
  }

  private static ResponseCookie.ResponseCookieBuilder cookie(
      String token, HttpServletRequest request) {
    return ResponseCookie.from(NAME, token)
        .httpOnly(true)
        .secure(request.isSecure())
        .sameSite("Strict")
        .path("/api/door");
  }

  static Optional<String> token(HttpServletRequest request) {
    return Stream.ofNullable(request.getCookies())
        .flatMap(Stream::of)
        .filter(cookie -> cookie.getName().equals(NAME))
        .map(Cookie::getValue)
        .findFirst();
  }
}
