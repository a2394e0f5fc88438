package civitane.core.registers;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * An identity paper as whoever issued it has it.
 *
 * @param name of whom it was issued to
 * @param lostOn when it was reported lost; null where it was not
 */
public record IssuedPaper(
    String number,
    String name,
    LocalDate birthDate,
    LocalDate expiresOn,
    @Nullable LocalDate lostOn) {}
