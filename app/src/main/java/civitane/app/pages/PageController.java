package civitane.app.pages;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Hands the one page of the desk to every address that the desk draws itself. It holds no data. */
@Controller
class PageController {

  @GetMapping({"/", "/sign-in", "/applications/{id}", "/claims/{number}", "/quick-check/{service}"})
  String page() {
    return "forward:/index.html";
  }
}
