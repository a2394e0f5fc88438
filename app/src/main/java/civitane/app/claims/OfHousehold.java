package civitane.app.claims;

import civitane.app.catalogue.Catalogue;
import civitane.core.claims.Decision;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A claim of a household with its turn line.
 *
 * @param granted what was decided last; null while it is open, or where nothing was decided
 */
public record OfHousehold(
    String number,
    String title,
    String state,
    String turn,
    LocalDate lodgedOn,
    LocalDate dueOn,
    ClaimView.@Nullable NextStep next,
    @Nullable String holder,
    @Nullable Boolean granted,
    List<ClaimView.Stretch> stretches) {

  static OfHousehold of(StoredClaim stored, LocalDate today) {
    var claim = stored.claim();
    return new OfHousehold(
        claim.number(),
        Catalogue.title(stored.service()),
        claim.state().word(),
        claim.turn().word(),
        claim.lodgedOn(),
        claim.dueOn(today),
        claim.next(today).map(ClaimView.NextStep::of).orElse(null),
        claim.holder(),
        claim.state().isUndecided()
            ? null
            : claim.decision().map(Decision::grants).orElse(null),
        ClaimView.Stretch.of(claim.stretches(today)));
  }
}
