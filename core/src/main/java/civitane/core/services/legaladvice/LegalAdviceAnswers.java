package civitane.core.services.legaladvice;

import civitane.core.facts.As;
import civitane.core.facts.Asked;
import civitane.core.facts.Form;
import civitane.core.facts.OrNone;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What Legal Advice asks beyond the household's facts.
 *
 * @param otherPartyPerson the other side, where it is one of the household: not counted, nor their money
 * @param knownClients names of clients the office has
 */
public record LegalAdviceAnswers(
    @Asked(proposes = LegalArea.class) @Nullable String area,
    @As(Form.LONG_TEXT) @Asked(forTheFile = true) @Nullable String problem,
    @Asked(optional = true) List<Urgent> urgent,
    @Nullable OrNone<OtherParty> otherParty,
    @As(Form.PERSON) @Asked(optional = true) @Nullable String otherPartyPerson,

    @Asked(optional = true, filledIn = true, knownAs = "clients")
    List<String> knownClients) {

  /** Something that can't wait, with its date where it has one. */
  public record Urgent(
      @Nullable UrgentKind kind,

      @Asked(
          when = "kind",
          is = {"hearing", "deadline", "sale"})
      @Nullable
      LocalDate on) {}

  /** Whom the matter is against. */
  public record OtherParty(@Nullable String name) {}

  @Nullable
  String otherName() {
    return otherParty == null || otherParty.value() == null
        ? null
        : otherParty.value().name();
  }
}
