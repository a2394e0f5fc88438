package civitane.core.rules;

import civitane.core.facts.As;
import civitane.core.facts.Form;
import civitane.core.facts.Homes;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Request;
import civitane.core.facts.Role;
import civitane.core.facts.Told;
import civitane.core.money.Amount;
import civitane.core.rates.RateShelf;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** A service that is none, asked for by a household that is nothing more than one person. */
final class Samples {
  private static final LocalDate ON = LocalDate.parse("2026-11-23");

  /** What it asks. */
  record Answers(
      @Nullable List<Row> rows,
      @Nullable Group group,
      @Nullable Map<String, Boolean> filed) {}

  record Row(
      @As(Form.PERSON) @Nullable String person, @Nullable Amount owed) {}

  record Group(@Nullable Amount owed) {}

  private Samples() {}

  static Situation<Answers> situation(Mode mode, Map<String, ?> told) {
    var household =
        Homes.of(List.of(Person.of("p1", Role.APPLICANT, "Oluchi", "Tamsett", null)), List.of());
    var answers = Told.as(Answers.class, told);
    var packet = Packet.on(ON, household, List.of(new Request("anything", answers)));
    return new Situation<>(
        packet, "anything", answers, 0, RateShelf.shipped().on(ON).orElseThrow(), mode);
  }
}
