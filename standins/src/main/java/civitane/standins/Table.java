package civitane.standins;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** The rows a register was shipped with; those are answered that have what is asked in the columns it names. */
record Table(List<Map<String, String>> rows) implements Register {
  private static final CSVFormat FORMAT =
      CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).get();

  static Table named(String name) {
    try (var stream = Table.class.getResourceAsStream(name + ".csv");
        var records = FORMAT.parse(new InputStreamReader(stream, StandardCharsets.UTF_8))) {
      return new Table(records.stream().map(CSVRecord::toMap).toList());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Override
  public List<Map<String, String>> answer(Map<String, String> question) {
    return rows.stream()
        .filter(row -> question.entrySet().stream()
            .allMatch(asked -> asked.getValue().equals(row.get(asked.getKey()))))
        .toList();
  }
}
