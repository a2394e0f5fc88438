package civitane.app.corrections;

import civitane.app.catalogue.DeskWords;
import civitane.core.claims.Item;
import civitane.words.Voice;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a household is to bring for a claim, and what it was asked for.
 *
 * @param until the day it has when it is asked now
 */
record CorrectionView(LocalDate until, List<ToBring> items, List<SentLetter> sent) {

  /**
   * Something it is to bring.
   *
   * @param returned how often what came did not settle it
   * @param askedOn when it was asked for last; null where it never was
   */
  record ToBring(
      int id,
      String words,
      LocalDate dueOn,
      int returned,
      @Nullable Instant askedOn) {
    static ToBring of(Item item, @Nullable SentRequest asked) {
      return new ToBring(
          item.id(),
          DeskWords.WORDS.say(item.want().reasons(), Voice.DESK),
          item.dueOn(),
          item.returned(),
          asked == null ? null : asked.at());
    }
  }

  /** A letter that asked. */
  record SentLetter(
      int nr,
      UUID letter,
      String by,
      Instant at,
      LocalDate dueOn,
      int asked,
      @Nullable LocalDate remindedOn) {
    static SentLetter of(SentRequest request, String by) {
      return new SentLetter(
          request.nr(),
          request.letter(),
          by,
          request.at(),
          request.dueOn(),
          request.items().size(),
          request.remindedOn());
    }
  }
}
