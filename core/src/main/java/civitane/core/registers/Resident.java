package civitane.core.registers;

import civitane.core.facts.Sex;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** Somebody as the population register has them, with where they live. */
public record Resident(
    String residentNumber,
    String givenName,
    String familyName,
    LocalDate birthDate,
    @Nullable Sex sex,
    String line1,
    String postcode,
    String town) {}
