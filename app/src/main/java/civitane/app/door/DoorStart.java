package civitane.app.door;

import civitane.core.rules.Entitlement;
import civitane.core.services.Services;
import civitane.words.Language;
import civitane.words.Words;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** What stands before the door, for anybody. */
@Component
class DoorStart {
  private final Clock clock;
  private final boolean demo;

  DoorStart(Clock clock, @Value("${civitane.demo:no}") String demo) {
    this.clock = clock;
    this.demo = demo.equals("yes");
  }

  /**
   * The words of the door in a language, and what can be asked for.
   *
   * @param rightToLeft whether the language is read so
   * @param demo whether nobody in it is real
   */
  record Start(
      String language,
      boolean rightToLeft,
      boolean demo,
      Map<String, String> labels,
      List<DoorOffer> offers) {}

  /** A service, in words. */
  record DoorOffer(
      String service,
      String title,
      String what,
      String who,
      String comes,
      String takes,
      List<String> bring) {}

  Start in(Language language) {
    var words = Words.in(language);
    var today = LocalDate.now(clock);
    return new Start(
        language.word(),
        language.runsRightToLeft(),
        demo,
        words.labels("door"),
        Services.all().stream()
            .filter(service -> !service.offeredFrom().isAfter(today))
            .map(service -> offer(service, words))
            .toList());
  }

  private static DoorOffer offer(Entitlement<?> service, Words words) {
    var word = service.word();
    var time = service.standardTime();
    return new DoorOffer(
        word,
        words.title(word),
        words.say(word + ".what"),
        words.say(word + ".who"),
        words.say(word + ".pays"),
        words.say(
            time.working() ? "door.services.workingDays" : "door.services.days",
            "n",
            BigDecimal.valueOf(time.days())),
        words.items(word + ".bring"));
  }
}
