package civitane.app.screening;

import civitane.core.facts.Word;
import civitane.core.money.Amount;
import civitane.core.rules.Note;
import civitane.core.rules.Result;
import civitane.core.rules.Test;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** A result as the interface shows it. */
public record ResultView(
    String service,
    String title,
    String outcome,
    @Nullable String hold,
    @Nullable String route,
    String book,
    List<TestView> tests,
    Map<String, Object> amounts,
    List<NoteView> notes,
    List<LineView> working,
    Map<String, Object> aids) {

  /** A test with its numbers and its sentence. */
  public record TestView(
      String id,
      String outcome,
      @Nullable BigDecimal measured,
      @Nullable BigDecimal limit,
      String because,
      List<String> needs,
      List<String> missing,
      @Nullable String change) {

    static TestView of(Test test) {
      return new TestView(
          test.id(),
          test.outcome().word(),
          number(test.measured()),
          number(test.limit()),
          test.because(),
          test.needs(),
          test.missing(),
          test.change());
    }
  }

  /** Something to know beside the outcome. */
  public record NoteView(String code, String text) {
    static NoteView of(Note note) {
      return new NoteView(note.code(), note.text());
    }
  }

  /** A line of the sum. */
  public record LineView(String label, BigDecimal amount) {}

  public static ResultView of(Result result) {
    return new ResultView(
        result.service(),
        Catalogue.title(result.service()),
        result.outcome().word(),
        result.hold() == null ? null : result.hold().word(),
        result.route() == null ? null : result.route().word(),
        result.book(),
        result.tests().stream().map(TestView::of).toList(),
        amounts(result.amounts()),
        result.notes().stream().map(NoteView::of).toList(),
        result.working().stream()
            .map(line -> new LineView(line.label(), line.amount().toDecimal()))
            .toList(),
        amounts(result.aids()));
  }

  private static @Nullable BigDecimal number(@Nullable Amount amount) {
    return amount == null ? null : amount.toDecimal();
  }

  private static Map<String, Object> amounts(Map<String, Object> amounts) {
    var plain = new LinkedHashMap<String, Object>();
    amounts.forEach((key, value) -> plain.put(key, plain(value)));
    return plain;
  }

  private static Object plain(Object value) {
    if (value instanceof Amount amount) {
      return amount.toDecimal();
    } else if (value instanceof Word word) {
      return word.word();
    } else if (value instanceof LocalDate date) {
      return date.toString();
    } else if (value instanceof Map<?, ?> map) {
      var parts = new LinkedHashMap<String, Object>();
      map.forEach((key, part) -> parts.put(String.valueOf(key), plain(part)));
      return parts;
    } else if (value instanceof List<?> list) {
      return list.stream().map(ResultView::plain).toList();
    }
    return value;
  }
}
