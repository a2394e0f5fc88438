package civitane.app.letters;

import civitane.app.signing.OfficeKey;
import civitane.words.Language;
import civitane.words.Words;
import java.util.Locale;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The public page that says whether a letter is from this office, and nothing private, in the reader's language. */
@Controller
class ConfirmationController {
  private final Letters letters;
  private final OfficeKey key;
  private final boolean demo;

  ConfirmationController(
      Letters letters, OfficeKey key, @Value("${civitane.demo:no}") String demo) {
    this.letters = letters;
    this.key = key;
    this.demo = demo.equals("yes");
  }

  @GetMapping("/verify")
  String confirm(@RequestParam(defaultValue = "") String code, Locale reader, Model model) {
    var language = Language.of(reader.getLanguage());
    var words = Words.in(language);
    model.addAttribute("words", words);
    model.addAttribute("language", language);
    model.addAttribute("demo", demo);
    model.addAttribute("asked", !code.isBlank());
    key.told().ifPresent(told -> model.addAttribute("key", told));
    model.addAttribute("earlier", key.earlier());
    letters.confirm(code).ifPresent(letter -> {
      model.addAttribute("kind", words.say("letter.check.kind." + letter.kind()));
      model.addAttribute("day", letter.writtenOn());
    });
    return "verify";
  }
}
