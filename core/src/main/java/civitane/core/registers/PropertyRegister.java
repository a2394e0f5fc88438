package civitane.core.registers;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Who owns what, how it is assessed, and what was sold. Throws {@link RegisterSilent} when it does not answer. */
public final class PropertyRegister {
  private final Registers registers;

  public PropertyRegister(Registers registers) {
    this.registers = registers;
  }

  /** Parcels at an address or in a street, by a part of it or of the number. */
  public List<Parcel> find(String addressOrNumber) {
    return parcels(Map.of("sought", addressOrNumber));
  }

  public Optional<Parcel> parcel(String number) {
    return read(registers.ask(question(number)));
  }

  /** The question what a parcel is. */
  public static RegisterQuestion question(String number) {
    return RegisterQuestion.of(RegisterName.PARCELS, Map.of("number", number));
  }

  /** The parcel; empty where there is none of the number. */
  public static Optional<Parcel> read(List<RegisterRow> rows) {
    return rows.stream().map(PropertyRegister::parcel).findFirst();
  }

  /** The parcels somebody owns, by the resident number. */
  public List<Parcel> ownedBy(String residentNumber) {
    return parcels(Map.of("ownerNumber", residentNumber));
  }

  /** Sales in the same and neighbouring streets of a parcel. */
  public List<Sale> salesNear(Parcel parcel) {
    var asked = RegisterQuestion.of(RegisterName.SALES, Map.of("near", parcel.postcode()));
    return registers.ask(asked).stream().map(PropertyRegister::sale).toList();
  }

  private List<Parcel> parcels(Map<String, String> about) {
    return registers.ask(RegisterQuestion.of(RegisterName.PARCELS, about)).stream()
        .map(PropertyRegister::parcel)
        .toList();
  }

  private static Parcel parcel(RegisterRow row) {
    return new Parcel(
        row.text("number"),
        row.text("line1"),
        row.text("postcode"),
        row.text("town"),
        row.text("owner"),
        row.textOrNull("ownerNumber"),
        row.text("propertyClass"),
        new BigDecimal(row.text("area")),
        Integer.parseInt(row.text("condition")),
        row.amount("assessedValue"),
        row.date("valuedOn"));
  }

  private static Sale sale(RegisterRow row) {
    return new Sale(
        row.text("parcel"),
        row.text("line1"),
        row.text("postcode"),
        row.date("soldOn"),
        row.amount("price"),
        new BigDecimal(row.text("area")),
        Integer.parseInt(row.text("condition")));
  }
}
