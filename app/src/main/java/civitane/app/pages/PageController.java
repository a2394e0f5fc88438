package civitane.app.pages;

import civitane.words.Language;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * Hands the one page of the desk to every address that the desk draws itself, and the page of the door. Neither holds
 * data, but each names what it will ask for first, so that the browser fetches that while it still reads the code.
 */
@Controller
class PageController {
  private static final String PAGE = "forward:/index.html";
  private static final List<String> DESK =
      List.of("/api/session", "/api/desk", "/api/applications");
  private static final List<String> ELSEWHERE = List.of("/api/session");

  @GetMapping("/sign-in")
  String signIn() {
    return PAGE;
  }

  @GetMapping("/")
  String desk(Principal who, HttpServletResponse response) {
    return pageThatAsks(who == null ? ELSEWHERE : DESK, response);
  }

  /** The door's words come in the language of the address, else in that of the browser, as its code asks for them. */
  @GetMapping("/door")
  String door(
      @RequestParam(required = false) @Nullable String language,
      HttpServletRequest request,
      HttpServletResponse response) {
    var read = Language.of(language == null ? request.getLocale().toLanguageTag() : language)
        .word();
    fetchedAhead(List.of("/api/door/start?language=" + read), response);
    return "forward:/door.html";
  }

  @GetMapping({
    "/applications/{id}",
    "/claims/{number}",
    "/quick-check/{service}",
    "/outside",
    "/registers",
    "/tray",
    "/coming-up",
    "/post-out",
    "/counter",
    "/alike",
    "/households/{id}",
    "/looks",
    "/own-sign-in",
    "/rules/{service}"
  })
  String elsewhere(HttpServletResponse response) {
    return pageThatAsks(ELSEWHERE, response);
  }

  private static String pageThatAsks(List<String> data, HttpServletResponse response) {
    fetchedAhead(data, response);
    return PAGE;
  }

  private static void fetchedAhead(List<String> data, HttpServletResponse response) {
    response.setHeader(
        HttpHeaders.LINK,
        data.stream()
            .map("<%s>; rel=preload; as=fetch; crossorigin"::formatted)
            .collect(Collectors.joining(", ")));
  }
}
