package civitane.app.letters;

import civitane.core.time.Dates;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The public page that says whether a letter is from this office, and nothing private. */
@Controller
class ConfirmationController {
  private static final Map<String, String> KINDS =
      Map.of("receipt", "A receipt", "decision", "A decision");

  private final Letters letters;

  ConfirmationController(Letters letters) {
    this.letters = letters;
  }

  @GetMapping("/verify")
  String confirm(@RequestParam(defaultValue = "") String code, Model model) {
    model.addAttribute("asked", !code.isBlank());
    letters.confirm(code).ifPresent(letter -> {
      model.addAttribute("kind", KINDS.getOrDefault(letter.kind(), "A letter"));
      model.addAttribute("day", Dates.written(letter.writtenOn()));
    });
    return "verify";
  }
}
