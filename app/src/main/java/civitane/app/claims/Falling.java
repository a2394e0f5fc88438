package civitane.app.claims;

import civitane.core.claims.Step;
import civitane.core.claims.Turn;
import java.time.LocalDate;

/** So many claims with one next step, of one turn, press on a day. */
record Falling(Step step, Turn turn, LocalDate on, long claims) {}
