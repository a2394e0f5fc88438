package civitane.app.lodging;

import java.util.UUID;

/** An application has become claims. */
public record ApplicationLodged(UUID application) {}
