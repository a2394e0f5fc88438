package civitane.core.checking;

import civitane.core.facts.Form;
import org.jspecify.annotations.Nullable;

/**
 * A fact of a packet that a paper can show.
 *
 * @param place its JSON Pointer
 * @param form what its value looks like
 * @param every where its frequency stands; null where it is no money that recurs
 */
public record PaperFact(String place, Form form, @Nullable String every) {
  static PaperFact at(String place, Form form) {
    return new PaperFact(place, form, null);
  }

  /** Money a period, its amount and frequency being parts of one thing. */
  static PaperFact recurring(String thing) {
    return new PaperFact(thing + "/amount", Form.MONEY, thing + "/frequency");
  }
}
