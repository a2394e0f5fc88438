package civitane.app.registers;

import civitane.core.registers.AddressBook;
import civitane.core.registers.Street;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.springframework.stereotype.Component;

/** The streets of the district, as they were shipped. */
@Component
class ShippedAddressBook implements AddressBook {
  private static final CSVFormat FORMAT =
      CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).get();

  private final List<Street> streets = shipped();

  private static List<Street> shipped() {
    try (var stream = ShippedAddressBook.class.getResourceAsStream("/registers/streets.csv");
        var rows = FORMAT.parse(new InputStreamReader(stream, StandardCharsets.UTF_8))) {
      return rows.stream()
          .map(row -> new Street(row.get("name"), row.get("postcode"), row.get("town")))
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Override
  public List<Street> streets() {
    return streets;
  }
}
