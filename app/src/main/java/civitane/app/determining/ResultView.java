package civitane.app.determining;

import civitane.app.catalogue.Catalogue;
import civitane.app.catalogue.DeskWords;
import civitane.core.facts.Parts;
import civitane.core.facts.Word;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.rules.Check;
import civitane.core.rules.Line;
import civitane.core.rules.Note;
import civitane.core.rules.Result;
import civitane.words.Voice;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/**
 * A result as the interface shows it.
 *
 * @param asked whether anything the service asks has been answered; else it says nothing yet
 * @param awards what is granted, in words
 * @param aids what helps whoever asks or answers
 */
public record ResultView(
    String service,
    String title,
    boolean asked,
    String outcome,
    @Nullable String hold,
    @Nullable String route,
    String book,
    List<CheckView> tests,
    List<String> awards,
    List<NoteView> notes,
    List<LineView> working,
    Map<String, Object> aids) {

  /**
   * A check with its numbers and its sentence.
   *
   * @param label what it is about
   * @param person whose it is; null for the household's
   * @param measuredWords what was measured, with its unit and period
   * @param limitWords the limit likewise
   * @param apart how far what was measured lies from the limit, with its unit and period
   */
  public record CheckView(
      String id,
      String label,
      @Nullable String person,
      String outcome,
      @Nullable BigDecimal measured,
      @Nullable BigDecimal limit,
      @Nullable String measuredWords,
      @Nullable String limitWords,
      @Nullable String apart,
      String because,
      List<String> needs,
      List<MissingView> missing,
      @Nullable String change) {

    public static CheckView of(String service, Check check) {
      var colon = check.id().indexOf(':');
      return new CheckView(
          check.id(),
          DeskWords.WORDS.check(service, check.id()),
          colon < 0 ? null : check.id().substring(colon + 1),
          check.outcome().word(),
          number(check.measured()),
          number(check.limit()),
          inUnit(check, check.measured()),
          inUnit(check, check.limit()),
          distance(check),
          DeskWords.WORDS.say(check.reasons(), Voice.DESK),
          check.needs(),
          check.missing().stream().map(MissingView::of).toList(),
          check.changes().isEmpty() ? null : DeskWords.WORDS.say(check.changes(), Voice.DESK));
    }
  }

  /** Something that is not there: the fact's pointer or the paper, and how it is called. */
  public record MissingView(String subject, String words) {
    static MissingView of(Argument.Missing missing) {
      return new MissingView(missing.subject(), DeskWords.WORDS.missing(missing));
    }
  }

  /** Something to know beside the outcome. */
  public record NoteView(String code, String text) {
    static NoteView of(Note note) {
      return new NoteView(note.code(), DeskWords.WORDS.say(note.reason(), Voice.DESK));
    }
  }

  /** A line of the sum. */
  public record LineView(String label, String value) {
    static LineView of(Line line) {
      return new LineView(
          DeskWords.WORDS.say(line.label(), Voice.DESK), DeskWords.WORDS.say(line.value()));
    }
  }

  public static ResultView of(Result result, Record aids) {
    return of(result, true, aids);
  }

  static ResultView of(Result result, boolean asked, Record aids) {
    return new ResultView(
        result.service(),
        Catalogue.title(result.service()),
        asked,
        result.outcome().word(),
        result.hold() == null ? null : result.hold().word(),
        result.route() == null ? null : result.route().word(),
        result.book(),
        result.checks().stream()
            .map(check -> CheckView.of(result.service(), check))
            .toList(),
        awards(result),
        result.notes().stream().map(NoteView::of).toList(),
        working(result),
        plain(aids));
  }

  /** In the unit of the limit, as the reasons tell it. */
  private static @Nullable String distance(Check check) {
    if (check.measured() == null || check.limit() == null) {
      return null;
    }
    return inUnitOf(check, check.limit(), check.measured().distanceTo(check.limit()))
        .orElse(null);
  }

  private static @Nullable String inUnit(Check check, @Nullable Amount number) {
    var told = check.limit() == null ? check.measured() : check.limit();
    return number == null || told == null
        ? null
        : inUnitOf(check, told, number)
            .or(() -> inUnitOf(check, known(check.measured()), number))
            .orElseGet(number::plain);
  }

  /** A number in the unit in which the reasons tell a known one. */
  private static Optional<String> inUnitOf(Check check, Amount known, Amount number) {
    return check.reasons().stream()
        .flatMap(reason -> reason.arguments().stream())
        .map(argument -> inUnitOf(argument, known, number))
        .flatMap(Optional::stream)
        .findFirst()
        .map(DeskWords.WORDS::say);
  }

  private static Optional<Argument> inUnitOf(Argument argument, Amount known, Amount number) {
    if (argument instanceof Argument.Money money && money.amount().equals(known)) {
      return Optional.of(Argument.each(number, money.each()));
    } else if (argument instanceof Argument.Quantity quantity
        && quantity.number().equals(known)) {
      return Optional.of(new Argument.Quantity(number, quantity.unit()));
    }
    return Optional.empty();
  }

  public static List<String> awards(Result result) {
    return result.awards().stream()
        .map(award -> DeskWords.WORDS.award(result.service(), award))
        .toList();
  }

  public static List<LineView> working(Result result) {
    return result.working().stream().map(LineView::of).toList();
  }

  private static @Nullable BigDecimal number(@Nullable Amount amount) {
    return amount == null ? null : amount.toDecimal();
  }

  private static Map<String, Object> plain(Record record) {
    var plain = new LinkedHashMap<String, Object>();
    Parts.byKey(record).forEach((key, value) -> plain.put(key, plain(value)));
    return plain;
  }

  private static Object plain(Object value) {
    if (value instanceof Amount amount) {
      return amount.toDecimal();
    } else if (value instanceof Word word) {
      return word.word();
    } else if (value instanceof LocalDate || value instanceof YearMonth) {
      return value.toString();
    } else if (value instanceof Record record) {
      return plain(record);
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
