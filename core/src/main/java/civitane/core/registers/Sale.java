package civitane.core.registers;

import civitane.core.money.Amount;
import java.math.BigDecimal;
import java.time.LocalDate;

/** A sale of a property as the register has it; area in square metres, condition from 1 to 5. */
public record Sale(
    String parcel,
    String line1,
    String postcode,
    LocalDate soldOn,
    Amount price,
    BigDecimal area,
    int condition) {}
