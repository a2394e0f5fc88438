package civitane.app.registers;

import civitane.core.money.Amount;
import civitane.core.registers.Parcel;
import civitane.core.registers.PropertyRegister;
import civitane.core.registers.Sale;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;

@Component
class StandInProperty implements PropertyRegister {
  static final String NAME = "parcels";

  private static final int MOST_FOUND = 12;
  private static final int MOST_SALES = 40;

  /** Streets of the same parish are near one another: the first three letters of their postcodes are the same. */
  private static final int NEIGHBOURHOOD = 3;

  private final RegisterCalls calls;
  private final List<Parcel> parcels = RegisterFile.rows(NAME, StandInProperty::parcel);
  private final List<Sale> sales = RegisterFile.rows("sales", StandInProperty::sale);

  StandInProperty(RegisterCalls calls) {
    this.calls = calls;
  }

  private static Parcel parcel(CSVRecord row) {
    return new Parcel(
        row.get("number"),
        row.get("line1"),
        row.get("postcode"),
        row.get("town"),
        row.get("owner"),
        row.get("ownerNumber").isEmpty() ? null : row.get("ownerNumber"),
        row.get("propertyClass"),
        new BigDecimal(row.get("area")),
        Integer.parseInt(row.get("condition")),
        Amount.of(row.get("assessedValue")),
        LocalDate.parse(row.get("valuedOn")));
  }

  private static Sale sale(CSVRecord row) {
    return new Sale(
        row.get("parcel"),
        row.get("line1"),
        row.get("postcode"),
        LocalDate.parse(row.get("soldOn")),
        Amount.of(row.get("price")),
        new BigDecimal(row.get("area")),
        Integer.parseInt(row.get("condition")));
  }

  @Override
  public List<Parcel> find(String addressOrNumber) {
    var sought = plain(addressOrNumber);
    return calls.ask(
        NAME,
        () -> parcels.stream()
            .filter(parcel -> sought.length() > 2
                && (plain(parcel.line1() + parcel.town()).contains(sought)
                    || plain(parcel.number()).equals(sought)))
            .limit(MOST_FOUND)
            .toList());
  }

  private static String plain(String text) {
    return text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
  }

  @Override
  public Optional<Parcel> parcel(String number) {
    return calls.ask(
        NAME,
        () -> parcels.stream().filter(parcel -> parcel.number().equals(number)).findFirst());
  }

  @Override
  public List<Parcel> ownedBy(String residentNumber) {
    return calls.ask(
        NAME,
        () -> parcels.stream()
            .filter(parcel -> residentNumber.equals(parcel.ownerNumber()))
            .toList());
  }

  @Override
  public List<Sale> salesNear(Parcel parcel) {
    return calls.ask(
        NAME,
        () -> sales.stream()
            .filter(sale -> near(sale.postcode()).equals(near(parcel.postcode())))
            .limit(MOST_SALES)
            .toList());
  }

  private static String near(String postcode) {
    return postcode.substring(0, Math.min(NEIGHBOURHOOD, postcode.length()));
  }
}
