package civitane.app.letters;

import java.util.UUID;

/** A letter was ordered by what has just been kept. */
record LetterOrdered(UUID letter) {}
