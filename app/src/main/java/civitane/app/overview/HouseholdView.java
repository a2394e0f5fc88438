package civitane.app.overview;

import civitane.app.claims.ClaimView;
import civitane.app.claims.OfHousehold;
import civitane.app.decisions.Grants;
import civitane.app.lodging.ReadThrough;
import civitane.app.money.Debts;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * A household as it held on a day, and as was known at the end of a day.
 *
 * @param changedOn the days on which something was recorded of it, the oldest first
 * @param moved who was of it and is of another, as far as that one may be seen
 * @param contact how the applicant is reached and what is safe
 * @param restricted null where everybody may see it whose work it is
 * @param gets what the decisions gave that stood; what ended before the day is left out
 * @param ahead what is foreseen of a year from the day, the soonest first
 * @param owes what is owed now
 * @param contested facts of which what speaks for them does not say the same
 * @param facts what the office goes by, as a person would say it
 */
record HouseholdView(
    UUID id,
    String name,
    @Nullable String town,
    LocalDate today,
    LocalDate holdsOn,
    LocalDate knownOn,
    List<LocalDate> changedOn,
    List<HouseholdMember> people,
    List<Moved> moved,

    @Schema(type = "object", additionalProperties = Schema.AdditionalPropertiesValue.TRUE) @Nullable
    JsonNode contact,

    List<ClaimView.ActingView> acting,
    @Nullable RestrictedTo restricted,
    List<OfHousehold> claims,
    List<Grants.Granted> gets,
    List<Ahead> ahead,
    List<Debts.Debt> owes,
    List<Contested> contested,
    List<ReadThrough.Section> facts,
    List<HandedIn> papers,
    List<Sent> letters) {

  /** A day ahead and what it brings. */
  record Ahead(LocalDate on, String words) {}

  /** Why only named people see it beside the seniors, and who they are. */
  record RestrictedTo(String because, String setBy, List<NamedFor> named) {}

  /**
   * Somebody who may see it.
   *
   * @param because why they had to, where nobody named them
   */
  record NamedFor(String name, @Nullable String because) {}

  /** Somebody of the household. */
  record HouseholdMember(
      String id,
      String name,
      @Nullable String givenName,
      String role,
      @Nullable LocalDate birthDate) {}

  /**
   * Somebody who was of the household and is of another.
   *
   * @param since null where as far back as anybody asks
   * @param home what the other household is called
   */
  record Moved(String name, @Nullable LocalDate since, UUID household, String home) {}

  /** A fact that what speaks for it does not agree on; null where something does not speak of it. */
  record Contested(
      String label,
      @Nullable String said,
      @Nullable String shown,
      @Nullable String checked,
      String used) {}

  /** A paper that came. */
  record HandedIn(
      String words, @Nullable String person, @Nullable Boolean accepted) {}

  /** A letter that was written to it. */
  record Sent(UUID id, String kind, String about, LocalDate on) {}
}
