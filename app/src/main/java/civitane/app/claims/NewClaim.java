package civitane.app.claims;

import civitane.core.claims.Pace;
import civitane.core.claims.Want;
import civitane.core.rules.StandardTime;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * What a lodged request hands over to be worked.
 *
 * @param request the subject of its answers
 */
public record NewClaim(
    UUID household,
    UUID application,
    String service,
    LocalDate lodgedOn,
    UUID request,
    StandardTime standard,
    Pace pace,
    List<Want> wants) {}
