package civitane.app.claims;

import java.time.LocalDate;

/** So many claims press on a day. */
record Falling(LocalDate on, long claims) {}
