package civitane.app.door;

import civitane.app.forms.PartByCode;
import civitane.words.Language;
import civitane.words.Words;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What an employer, a doctor, a landlord or a lender gives by the code on their form. The code stands in no address. */
@RestController
@RequestMapping("/api/door/part")
class PartController {
  private static final String TRIED = "part by code";
  private static final String NAME = "name";
  private static final String KEPT = "kept";
  private static final int LONGEST_NAME = 200;

  private final PartByCode parts;
  private final Tries tries;
  private final Clock clock;

  PartController(PartByCode parts, Tries tries, Clock clock) {
    this.parts = parts;
    this.tries = tries;
    this.clock = clock;
  }

  /** The code as it was typed. */
  record PartCode(String code, String language) {}

  /**
   * What is asked.
   *
   * @param says whom it is about, and that the household allows it
   * @param standing {@code open}, {@code came} or {@code ended}
   */
  record DoorPart(String title, String says, List<DoorForm.DoorAsk> asks, String standing) {}

  /**
   * What is answered.
   *
   * @param name who fills it in
   * @param typed the answers by the names of the questions
   */
  record PartAnswers(String code, String name, Map<String, String> typed, String language) {}

  /**
   * What became of it.
   *
   * @param standing {@code kept} where it is; as before where it is not
   * @param wrong what is wrong, each at its question
   */
  record PartSent(String standing, List<DoorForm.DoorWrong> wrong) {}

  @PostMapping
  ResponseEntity<DoorPart> part(@RequestBody PartCode typed, HttpServletRequest request) {
    return byCode(typed.code(), request, part -> {
      var words = Words.in(Language.of(typed.language()));
      return new DoorPart(
          part.form().title(words),
          words.say("door.part.says", "name", part.about(), "asked", part.asked()),
          part.form().asks(words).stream()
              .map(ask -> DoorForm.DoorAsk.of(ask, List.of()))
              .toList(),
          word(part.standing()));
    });
  }

  @PostMapping("/answers")
  ResponseEntity<PartSent> answers(@RequestBody PartAnswers answers, HttpServletRequest request) {
    var language = Language.of(answers.language());
    var words = Words.in(language);
    return byCode(answers.code(), request, part -> {
      var read = part.form().read(answers.typed(), LocalDate.now(clock), words);
      var wrong = new ArrayList<DoorForm.DoorWrong>();
      for (var ask : part.form().asks(words)) {
        if (read.unread().contains(ask.name())) {
          wrong.add(new DoorForm.DoorWrong(0, ask.name(), Unread.of(ask.form(), words)));
        }
      }
      if (read.answers().isEmpty() && wrong.isEmpty()) {
        wrong.add(new DoorForm.DoorWrong(0, "", words.say("door.part.nothing")));
      }
      if (answers.name().isBlank() || answers.name().length() > LONGEST_NAME) {
        wrong.add(new DoorForm.DoorWrong(0, NAME, words.say("door.part.noName")));
      }
      return wrong.isEmpty()
          ? sent(parts.answer(answers.code(), answers.name().strip(), read.answers(), language))
          : new PartSent(word(part.standing()), wrong);
    });
  }

  /** Takes the form as a file; the code and the name stand in the head of the request. */
  @PostMapping(value = "/file", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  ResponseEntity<PartSent> file(
      @RequestParam(defaultValue = "en") String language, HttpServletRequest request)
      throws IOException {
    var code = WrittenHead.of(request, "X-Part-Code", LONGEST_NAME);
    var name = WrittenHead.of(request, "X-Part-Name", LONGEST_NAME);
    // Asked for before the file is read: nobody sends 15 MB without a code.
    var sent = byCode(code, request, part -> part);
    if (sent.getBody() == null) {
      return ResponseEntity.status(sent.getStatusCode())
          .headers(sent.getHeaders())
          .build();
    }
    if (name.isBlank()) {
      var words = Words.in(Language.of(language));
      return ResponseEntity.ok(new PartSent(
          word(sent.getBody().standing()),
          List.of(new DoorForm.DoorWrong(0, NAME, words.say("door.part.noName")))));
    }
    return ResponseEntity.ok(sent(parts.answer(code, name, request.getInputStream())));
  }

  /** @param before how it stood before */
  private static PartSent sent(PartByCode.Standing before) {
    return new PartSent(before == PartByCode.Standing.OPEN ? KEPT : word(before), List.of());
  }

  /** What is made of a part; tries of a code that is none are slowed, and told apart by nothing. */
  private <T> ResponseEntity<T> byCode(
      String code, HttpServletRequest request, Function<PartByCode.Part, T> of) {
    var wait = tries.wait(TRIED, code, request);
    if (wait.isPresent()) {
      return Tries.refused(wait.get());
    }
    var part = parts.of(code);
    if (part.isEmpty()) {
      return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT).build();
    }
    tries.forget(TRIED, code, request);
    return ResponseEntity.ok(of.apply(part.get()));
  }

  private static String word(PartByCode.Standing standing) {
    return standing.name().toLowerCase(Locale.ROOT);
  }
}
