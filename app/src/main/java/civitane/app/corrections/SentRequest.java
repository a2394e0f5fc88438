package civitane.app.corrections;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What was asked of a household in one letter.
 *
 * @param nr which of its claim, from 1
 * @param dueOn until when it was to bring it, as the letter says
 * @param remindedOn when it was reminded last; null where it was not
 * @param items the items asked for, with what would settle each; empty where that was left open
 */
record SentRequest(
    UUID id,
    String number,
    int nr,
    UUID letter,
    String by,
    Instant at,
    LocalDate dueOn,
    @Nullable LocalDate remindedOn,
    Map<Integer, String> items) {}
