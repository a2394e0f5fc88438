package civitane.app.claims;

import java.time.LocalDate;

/** So many claims fall due on a day. */
record Falling(LocalDate dueOn, long claims) {}
