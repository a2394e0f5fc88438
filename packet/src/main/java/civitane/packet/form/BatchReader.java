package civitane.packet.form;

import civitane.core.rules.Entitlement;
import civitane.packet.PacketReader;
import civitane.words.Language;
import civitane.words.Words;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import tools.jackson.databind.node.ObjectNode;

import static civitane.core.facts.Known.known;

/**
 * Reads many applications for one service from a CSV file, one a row.
 *
 * <p>Columns are the fields of the service's form by short names, as in {@code person1.givenName},
 * {@code income1.amount}, {@code children1.school}; any may be left out.
 */
public final class BatchReader {
  public static final String REASONS = "reasons";

  private static final int MOST_ROWS = 2_000;
  private static final Pattern FORMULA = Pattern.compile("^[=+\\-@\\t\\r]");
  private static final CSVFormat FORMAT = CSVFormat.DEFAULT
      .builder()
      .setHeader()
      .setSkipHeaderRecord(true)
      .setIgnoreEmptyLines(true)
      .setTrim(true)
      .get();

  private final PacketReader packets;

  public BatchReader(PacketReader packets) {
    this.packets = packets;
  }

  /** A row that makes a packet. */
  public record Good(int row, List<String> cells, ObjectNode packet) {}

  /** A row that does not, with every reason. */
  public record Bad(int row, List<String> cells, List<FormFault> faults) {}

  /** What a file holds; faults of the file itself leave no rows. */
  public record Batch(
      List<String> columns, List<Good> good, List<Bad> bad, List<FormFault> faults) {}

  /** The field under the name its column has in the file. */
  private static FormField named(FormField field, String column) {
    return new FormField(field.name(), column, field.shape(), field.options());
  }

  /** The columns a file of the service may have. */
  public static List<String> columns(Entitlement<?> service, LocalDate on) {
    return fields(service, on).map(field -> column(field.name())).toList();
  }

  private static Stream<FormField> fields(Entitlement<?> service, LocalDate on) {
    return FormLayout.of(service, on, Words.in(Language.EN)).stream()
        .flatMap(section -> section.rows().stream())
        .flatMap(List::stream);
  }

  /** The short name of a field. */
  static String column(String name) {
    var steps = name.substring(1).replace(FormField.MARK, "/" + FormField.MARK).split("/");
    var kept = new ArrayList<String>();
    for (var step : steps) {
      if (step.startsWith(FormField.MARK)) {
        var mark = step.substring(1);
        kept.add(mark.isEmpty() ? "none" : mark);
      } else {
        kept.add(step);
      }
    }
    var start = kept.get(0).equals("household") ? 1 : kept.get(0).equals("requests") ? 3 : 0;
    var parts = new ArrayList<>(kept.subList(start, kept.size()));
    var words = new ArrayList<String>();
    for (var part : parts) {
      if (part.matches("\\d+") && !words.isEmpty()) {
        var last = words.size() - 1;
        words.set(last, singular(words.get(last)) + (Integer.parseInt(part) + 1));
      } else {
        words.add(part);
      }
    }
    return String.join(".", words);
  }

  private static String singular(String list) {
    return switch (list) {
      case "people" -> "person";
      case "incomes" -> "income";
      case "expenses" -> "expense";
      case "assets" -> "asset";
      case "signatures" -> "signature";
      default -> list;
    };
  }

  public Batch read(Entitlement<?> service, byte[] file, LocalDate on) {
    String text;
    try {
      text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(file)).toString();
    } catch (CharacterCodingException e) {
      return wrong("the bytes are not UTF-8", "text encoded as UTF-8");
    }
    var known = new LinkedHashMap<String, FormField>();
    fields(service, on).forEach(field -> known.put(column(field.name()), field));
    try (var rows =
        FORMAT.parse(new StringReader(text.startsWith("\uFEFF") ? text.substring(1) : text))) {
      var columns = rows.getHeaderNames();
      var unknown = columns.stream()
          .filter(column -> !known.containsKey(column) && !column.equals(REASONS))
          .toList();
      if (!unknown.isEmpty()) {
        return wrong(
            "columns are not known here: " + String.join(", ", unknown),
            "columns as in the template");
      }
      var records = rows.getRecords();
      if (records.isEmpty() || records.size() > MOST_ROWS) {
        return wrong("it has " + records.size() + " rows", "1 to " + MOST_ROWS + " rows");
      }
      return read(service, columns, records, known, on);
    } catch (IOException | IllegalArgumentException | UncheckedIOException e) {
      return wrong(
          "it can't be read as CSV", "a header and a row an application, as RFC 4180 writes them");
    }
  }

  private static Batch wrong(String message, String expected) {
    return new Batch(
        List.of(), List.of(), List.of(), List.of(new FormFault("the file", message, expected)));
  }

  private Batch read(
      Entitlement<?> service,
      List<String> columns,
      List<CSVRecord> records,
      Map<String, FormField> known,
      LocalDate on) {
    var good = new ArrayList<Good>();
    var bad = new ArrayList<Bad>();
    for (var i = 0; i < records.size(); i++) {
      var record = records.get(i);
      var filled = new FilledForm(service, on, Language.EN);
      for (var column : columns) {
        if (!column.equals(REASONS)
            && record.isSet(column)
            && !record.get(column).isBlank()) {
          filled.put(
              "", named(known(known.get(column)), column), record.get(column).strip());
        }
      }
      var faults = new ArrayList<>(filled.faults());
      var packet = filled.packet();
      packets
          .read(packet.toString().getBytes(StandardCharsets.UTF_8))
          .faults()
          .forEach(fault -> faults.add(
              new FormFault(filled.place(fault.pointer()), fault.message(), fault.expected())));
      if (faults.isEmpty()) {
        good.add(new Good(i + 1, record.toList(), packet));
      } else {
        bad.add(new Bad(i + 1, record.toList(), faults));
      }
    }
    return new Batch(columns, good, bad, List.of());
  }

  /** Rows as a CSV file again, each with its reasons. No cell is taken for a formula by whatever opens it. */
  public static String csv(List<String> columns, List<Bad> rows) {
    var out = new StringWriter();
    try (var printer = CSVFormat.DEFAULT.print(out)) {
      var kept = columns.stream().filter(column -> !column.equals(REASONS)).toList();
      var header = new ArrayList<>(kept);
      header.add(REASONS);
      printer.printRecord(header);
      for (var row : rows) {
        var cells = new ArrayList<String>();
        for (var i = 0; i < columns.size(); i++) {
          if (!columns.get(i).equals(REASONS)) {
            cells.add(i < row.cells().size() ? plain(row.cells().get(i)) : "");
          }
        }
        cells.add(plain(String.join(
            "; ",
            row.faults().stream()
                .map(
                    fault -> fault.place() + ": " + fault.message() + " (" + fault.expected() + ")")
                .toList())));
        printer.printRecord(cells);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  private static String plain(String cell) {
    return FORMULA.matcher(cell).find() ? "'" + cell : cell;
  }
}
