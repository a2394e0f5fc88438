package civitane.core.facts;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A paper handed in.
 *
 * @param mrz the lines of the machine-readable zone, as printed
 * @param accepted true when a person has accepted it, false when it was returned, null while it waits
 * @param replaces the paper that was given back and that this one came in place of
 * @param coversFrom the first day that it certifies, as in that somebody could not work
 * @param coversUntil the last such day
 * @param nameAccepted a person has looked at a name that is near or in another script, and accepted it
 */
public record Paper(
    @Required PaperKind kind,
    @As(Form.PERSON) @Nullable String person,
    @As(Form.INCOME) @Nullable String income,
    @Nullable String employer,
    @Nullable LocalDate issuedOn,
    @Nullable LocalDate expiresOn,
    @Nullable String nameOnPaper,
    @Nullable Boolean nameAccepted,
    @Nullable LocalDate birthDateOnPaper,
    @Nullable String addressOnPaper,
    List<String> mrz,
    boolean reportedLost,
    @Nullable Boolean accepted,
    @Nullable String replaces,
    @Nullable String note,
    @Nullable LocalDate coversFrom,
    @Nullable LocalDate coversUntil) {

  public Paper {
    mrz = Lists.of(mrz);
  }

  /** A paper that came and that nobody has read yet. */
  public static Paper came(
      PaperKind kind,
      @Nullable String person,
      @Nullable String income,
      @Nullable String replaces,
      @Nullable String note) {
    return new Paper(
        kind, person, income, null, null, null, null, null, null, null, List.of(), false, null,
        replaces, note, null, null);
  }

  /** The paper with a verdict on it, and, where the name on it differs, on that. */
  public Paper judged(boolean fits, @Nullable Boolean fittingName) {
    return new Paper(
        kind,
        person,
        income,
        employer,
        issuedOn,
        expiresOn,
        nameOnPaper,
        fittingName,
        birthDateOnPaper,
        addressOnPaper,
        mrz,
        reportedLost,
        fits,
        replaces,
        note,
        coversFrom,
        coversUntil);
  }

  public boolean isGivenBack() {
    return Boolean.FALSE.equals(accepted);
  }

  /** Only an accepted paper is evidence. */
  public boolean isEvidence() {
    return Boolean.TRUE.equals(accepted);
  }
}
