package civitane.core.services.estateauthority;

import civitane.core.money.Amount;

/** How it is settled, and euros to pay. */
public record EstateAuthorityAmounts(EstateKind kind, Amount fee) {}
