package civitane.app.door;

import civitane.app.appeals.Appeals;
import civitane.app.once.OnceByKey;
import civitane.words.Language;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Appealing at the door against what was decided. */
@RestController
class AppealingController {
  private final Appealing appealing;

  AppealingController(Appealing appealing) {
    this.appealing = appealing;
  }

  /**
   * An appeal.
   *
   * @param grounds why they do not agree
   * @param keepPaying whether what was paid is to be paid on until it is heard
   * @param whyLate why it comes only now; empty where it is in time
   * @param name that signs it
   */
  record SentAppeal(
      String grounds,
      boolean keepPaying,
      String whyLate,
      String name,
      @Nullable String language) {}

  /** @param otherName what is said where the name is another than was told; empty where it is lodged */
  record TakenAppeal(String otherName) {}

  @PostMapping("/api/door/claims/{number}/appeal")
  @OnceByKey
  @PreAuthorize("hasRole('" + Visitor.ROLE + "')")
  TakenAppeal lodge(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable String number,
      @RequestBody SentAppeal sent) {
    var said = new Appeals.Said(sent.grounds(), sent.keepPaying(), sent.whyLate());
    return new TakenAppeal(
        appealing.lodge(visitor, number, said, sent.name(), Language.of(sent.language())));
  }
}
