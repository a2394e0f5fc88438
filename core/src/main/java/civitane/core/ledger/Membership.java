package civitane.core.ledger;

import civitane.core.facts.Role;
import java.util.UUID;

/** That somebody is of a household, and as what. The same person may have been of others before. */
public record Membership(UUID household, Role role) {}
