package civitane.app.households;

import java.util.UUID;

/** Who acts for a household is not as it was. */
public record ActingChanged(UUID household) {}
