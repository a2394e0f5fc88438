package civitane.app.post;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A letter that waits to go out.
 *
 * @param to whom it is addressed to
 * @param about the number it is about
 * @param claim the claim that number stands for; null where it is none, as for a form that came in
 * @param held whether post to the household is held back, because a letter came back
 */
record ToGo(
    UUID id,
    String kind,
    String to,
    String about,
    @Nullable String claim,
    LocalDate writtenOn,
    boolean held) {}
