package civitane.app.door;

import civitane.app.once.OnceByKey;
import civitane.words.Language;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Putting right at the door what the office asks about. */
@RestController
@RequestMapping("/api/door/claims/{number}/corrections")
class CorrectingController {
  private static final String THROUGH = "hasRole('" + Visitor.ROLE + "')";

  private final Correcting correcting;

  CorrectingController(Correcting correcting) {
    this.correcting = correcting;
  }

  /**
   * An answer as it was typed.
   *
   * @param name the question
   */
  record PutRight(int item, String name, String text) {}

  /** What is to be looked over. */
  record LookedOver(List<PutRight> answers, @Nullable String language) {
    Map<Integer, Map<String, String>> typed() {
      return byItem(answers);
    }
  }

  /** What is sent, with the name that signs it. */
  record SentCorrection(
      List<PutRight> answers, String name, @Nullable String language) {
    Map<Integer, Map<String, String>> typed() {
      return byItem(answers);
    }
  }

  /** @param otherName what is said where the name is another than was told; empty where it is sent */
  record TakenCorrection(String otherName) {}

  private static Map<Integer, Map<String, String>> byItem(List<PutRight> answers) {
    var typed = new TreeMap<Integer, Map<String, String>>();
    answers.forEach(one ->
        typed.computeIfAbsent(one.item(), item -> new TreeMap<>()).put(one.name(), one.text()));
    return typed;
  }

  @PostMapping("/look")
  @PreAuthorize(THROUGH)
  DoorCorrection look(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable String number,
      @RequestBody LookedOver looked) {
    return correcting.look(visitor, number, looked.typed(), Language.of(looked.language()));
  }

  @PostMapping
  @OnceByKey
  @PreAuthorize(THROUGH)
  TakenCorrection send(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable String number,
      @RequestBody SentCorrection sent) {
    return new TakenCorrection(
        correcting.send(visitor, number, sent.typed(), sent.name(), Language.of(sent.language())));
  }
}
