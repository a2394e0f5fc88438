package civitane.app.registers;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** The rows that a stand-in of a register was shipped with. */
final class RegisterFile {
  private static final CSVFormat FORMAT =
      CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).get();

  private RegisterFile() {}

  static <T> List<T> rows(String name, Function<CSVRecord, T> row) {
    try (var stream = RegisterFile.class.getResourceAsStream("/registers/" + name + ".csv");
        var records = FORMAT.parse(new InputStreamReader(stream, StandardCharsets.UTF_8))) {
      return records.stream().map(row).toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
