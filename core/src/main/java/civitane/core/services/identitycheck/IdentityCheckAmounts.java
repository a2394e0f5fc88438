package civitane.core.services.identitycheck;

import civitane.core.identity.IdentityLevel;

/** How far it is shown who somebody is. */
public record IdentityCheckAmounts(IdentityLevel level) {}
