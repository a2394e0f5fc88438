package civitane.core.ledger;

import civitane.core.facts.Packet;

/** A packet, with the subjects that its parts are. */
public record Assembled(Packet packet, Places places) {}
