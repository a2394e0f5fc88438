package civitane.core.registers;

import civitane.core.money.Amount;
import java.math.BigDecimal;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A property as the register has it.
 *
 * @param number the parcel's number
 * @param ownerNumber the owner's resident number; null for an owner who is no person
 * @param area square metres lived in or used
 * @param condition from 1, poor, to 5, as new
 * @param valuedOn the day the assessed value stands for
 */
public record Parcel(
    String number,
    String line1,
    String postcode,
    String town,
    String owner,
    @Nullable String ownerNumber,
    String propertyClass,
    BigDecimal area,
    int condition,
    Amount assessedValue,
    LocalDate valuedOn) {}
