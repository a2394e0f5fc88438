package civitane.core.claims;

import java.time.LocalDate;

/** Whose turn it has been since a day, until the next stint begins. */
public record Stint(LocalDate from, Turn turn) {}
