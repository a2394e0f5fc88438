package civitane.app.checking;

import civitane.app.audit.Hash;
import civitane.app.catalogue.DeskWords;
import civitane.app.claims.AlsoWanted;
import civitane.core.checking.Comparing;
import civitane.core.checking.Comparison;
import civitane.core.claims.Want;
import civitane.core.ledger.Assembled;
import civitane.core.ledger.Places;
import civitane.core.reasons.Argument;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What was said of a household beside what registers answered; what is open of it is wanted for its claims. */
@Component
class Comparisons implements AlsoWanted {
  private final InquiryRows rows;
  private final Clock clock;

  Comparisons(InquiryRows rows, Clock clock) {
    this.rows = rows;
    this.clock = clock;
  }

  @Override
  public List<Want> of(UUID household, Assembled facts) {
    return held(household, facts).stream().flatMap(held -> held.want().stream()).toList();
  }

  /** All that is compared, in the order of the people. */
  List<Held> held(UUID household, Assembled facts) {
    var answers = rows.answers(household);
    var settled = rows.settled(household);
    return Comparing.of(
            facts.packet(),
            question -> Optional.ofNullable(answers.get(InquiryRows.hash(question))),
            LocalDate.now(clock))
        .stream()
        .map(comparison -> held(comparison, facts.places(), settled))
        .toList();
  }

  private static Held held(Comparison comparison, Places places, Map<String, Settled> settled) {
    var key = comparison.matter().word()
        + ":"
        + places.lasting(comparison.place())
        + (comparison.part().isEmpty() ? "" : "/" + comparison.part());
    var seen = Hash.of(words(comparison.said()) + "\n" + words(comparison.found()));
    var before = settled.get(key);
    return new Held(
        comparison, key, seen, before != null && before.seen().equals(seen) ? before : null);
  }

  /** A side of a comparison as it is read; empty where it says nothing. */
  static String words(@Nullable Argument side) {
    if (side instanceof Argument.Several several) {
      return several.all().stream().map(Comparisons::words).collect(Collectors.joining(", "));
    }
    return side == null ? "" : DeskWords.WORDS.say(side);
  }
}
