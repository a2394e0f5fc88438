package civitane.app.post;

import civitane.app.letters.LetterWay;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A letter that waits to go out.
 *
 * @param to whom it is addressed to
 * @param about the number it is about
 * @param claim the claim that number stands for; null where it is none, as for a form that came in
 * @param way how it goes: into the post, to the door, or from hand to hand
 * @param held whether it is held back: a letter to the household came back, or whom it is addressed to has died
 * @param died whether whom it is addressed to has died
 * @param missed whether it was found that they have not got it
 */
record ToGo(
    UUID id,
    String kind,
    String to,
    String about,
    @Nullable String claim,
    LocalDate writtenOn,
    LetterWay way,
    boolean held,
    boolean died,
    boolean missed) {}
