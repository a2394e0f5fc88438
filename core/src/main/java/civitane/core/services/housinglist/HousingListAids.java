package civitane.core.services.housinglist;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What helps to ask for a place.
 *
 * @param bedrooms how many are needed; null while an age is not known
 */
public record HousingListAids(
    HomelessStrip homeless, @Nullable Integer bedrooms) {

  /**
   * The times without a home within the years that count.
   *
   * @param days what they come to
   * @param longFrom from how many days on they are long
   */
  public record HomelessStrip(
      LocalDate from, LocalDate to, List<Stretch> times, int days, int longFrom) {}

  /** From a day up to, not including, another. */
  public record Stretch(LocalDate from, LocalDate to) {}
}
