package civitane.app.reading;

import civitane.app.reading.Proposal.Field;
import civitane.core.identity.MachineReadableZone;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Finds on a page what may be meant by which fact: a value stands beside what it is called, or below it. */
final class Reader {
  /** What was read off a picture is sure from here on. */
  private static final double CERTAIN = 0.80;

  /** What is written in the file itself. */
  private static final double WRITTEN = 1;

  /** What is sought and proposed as it stands; a name may stand in two parts. */
  private static final Map<Sought, Field> FIELDS = Stream.of(Sought.values())
      .filter(sought -> sought != Sought.GIVEN_NAME && sought != Sought.FAMILY_NAME)
      .collect(Collectors.toMap(sought -> sought, sought -> Field.valueOf(sought.name())));

  private final List<PageLine> lines;
  private final int page;
  private final LocalDate today;
  private final Map<Sought, List<Found>> found = new EnumMap<>(Sought.class);

  private Reader(List<PageLine> lines, int page, LocalDate today) {
    this.lines = lines;
    this.page = page;
    this.today = today;
  }

  /** A value and the words that say it. */
  private record Found(String value, Box box, double certain) {}

  /** What a page proposes, at most one value a fact. */
  static List<Proposal> proposals(List<PageLine> lines, int page, LocalDate today) {
    return new Reader(lines, page, today).read();
  }

  private List<Proposal> read() {
    for (var i = 0; i < lines.size(); i++) {
      labelled(i);
    }
    var proposals = new EnumMap<Field, Proposal>(Field.class);
    FIELDS.forEach(
        (sought, field) -> said(sought, field).ifPresent(one -> proposals.put(field, one)));
    if (!proposals.containsKey(Field.NAME)) {
      nameInTwo().ifPresent(one -> proposals.put(Field.NAME, one));
    }
    new ZoneLines(lines).find().ifPresent(zone -> byZone(zone, proposals));
    return List.copyOf(proposals.values());
  }

  /** Looks for what papers call a fact, at each word of a line that begins a column. */
  private void labelled(int index) {
    var line = lines.get(index);
    for (var word = 0; word < line.words().size(); word++) {
      var rest = line.from(word);
      var text = rest.text();
      if (word > 0 && !line.beginsColumn(word)) {
        continue;
      }
      // What is called so in more letters is meant: the family name is not "name".
      Stream.of(Sought.values())
          .filter(sought -> sought.label(text) > 0)
          .max(Comparator.comparingInt(sought -> sought.label(text)))
          .ifPresent(sought -> value(sought, rest, wordsWithin(rest, sought.label(text)), index)
              .ifPresent(
                  one -> found.computeIfAbsent(sought, s -> new ArrayList<>()).add(one)));
    }
  }

  /** How many words the first letters of a line are. */
  private static int wordsWithin(PageLine line, int letters) {
    var count = 0;
    var at = 0;
    for (var word : line.words()) {
      if (at >= letters) {
        break;
      }
      at += word.text().length() + 1;
      count++;
    }
    return count;
  }

  private Optional<Found> value(Sought sought, PageLine labelled, int after, int index) {
    if (after < labelled.words().size()) {
      var beside = found(sought, labelled.from(after));
      if (beside.isPresent()) {
        return beside;
      }
    }
    var label = labelled.before(Math.min(after, labelled.words().size())).box();
    return below(index, label).flatMap(line -> found(sought, line));
  }

  /** The words that stand below a label, on the next line that has some there. */
  private Optional<PageLine> below(int index, Box label) {
    return lines.stream()
        .skip(index + 1L)
        .limit(2)
        .filter(line -> line.box().top() - label.bottom() < 3 * label.height())
        .map(line -> new PageLine(line.words().stream()
            .dropWhile(word -> !word.box().sharesColumn(label))
            .toList()))
        .filter(line -> !line.words().isEmpty())
        .findFirst();
  }

  /** What a line says of a fact that it is known to be about; empty where it can't be that. */
  static Optional<String> value(Sought sought, PageLine line) {
    return found(sought, line).map(Found::value);
  }

  private static Optional<Found> found(Sought sought, PageLine line) {
    return switch (sought.kind()) {
      case DATE ->
        Written.days(line.firstColumn().text()).stream().findFirst().map(day -> found(line, day));
      case LAST_DATE ->
        Written.days(line.text()).stream().max(LocalDate::compareTo).map(day -> found(line, day));
      case MONEY -> {
        // The last sum of a line is its total.
        var sums = Written.sums(line.text());
        yield sums.isEmpty()
            ? Optional.empty()
            : Optional.of(found(line, sums.get(sums.size() - 1).toPlainString()));
      }
      case ACCOUNT -> Written.account(line.text()).map(account -> found(line, account));
      case FLAG -> Written.yesOrNo(line.text()).map(yes -> found(line, yes));
      case NUMBER -> Written.number(line.firstColumn().text()).map(number -> found(line, number));
      case NAMES -> {
        var column = line.firstColumn();
        yield name(column)
            .map(one -> new Found(
                String.join(", ", Written.names(column.text())), one.box(), one.certain()));
      }
      case NAME -> name(line.firstColumn());
      case TEXT -> {
        var column = line.firstColumn();
        yield isLabel(column.text())
            ? Optional.empty()
            : Optional.of(new Found(column.text(), column.box(), column.certain()));
      }
    };
  }

  private static Found found(PageLine line, Object value) {
    return new Found(value.toString(), line.box(), line.certain());
  }

  /** Letters only, and no other label: a name. */
  private static Optional<Found> name(PageLine line) {
    var text = line.text().replaceAll("[,;:]+$", "").strip();
    var isName = text.matches("[\\p{L}\\p{M}'’.\\- ]{2,80}") && !isLabel(text);
    return isName ? Optional.of(new Found(text, line.box(), line.certain())) : Optional.empty();
  }

  private static boolean isLabel(String text) {
    return Stream.of(Sought.values()).anyMatch(other -> other.label(text) == text.length());
  }

  /** What was found of a fact: sure when it is said in one way only, and was read well. */
  private Optional<Proposal> said(Sought sought, Field field) {
    var all = found.getOrDefault(sought, List.of());
    if (all.isEmpty()) {
      return Optional.empty();
    }
    var first = all.get(0);
    var alike = all.stream().map(Found::value).distinct().count() == 1;
    var surest = all.stream().mapToDouble(Found::certain).max().orElse(0);
    return Optional.of(new Proposal(
        field,
        first.value(),
        page,
        first.box(),
        alike && surest >= (isFree(field) ? WRITTEN : CERTAIN) && plausible(field, first.value())));
  }

  /** Whether any letters would do, so that a picture's reader can be wrong without noticing. */
  private static boolean isFree(Field field) {
    return field == Field.NAME || field == Field.ADDRESS;
  }

  private boolean plausible(Field field, String value) {
    return switch (field) {
      case BIRTH_DATE -> !LocalDate.parse(value).isAfter(today);
      case GROSS -> new BigDecimal(value).signum() >= 0;
      default -> true;
    };
  }

  private Optional<Proposal> nameInTwo() {
    var given = said(Sought.GIVEN_NAME, Field.NAME);
    var family = said(Sought.FAMILY_NAME, Field.NAME);
    if (given.isEmpty() || family.isEmpty()) {
      return Optional.empty();
    }
    var one = given.get();
    var other = family.get();
    return Optional.of(new Proposal(
        Field.NAME,
        one.value() + " " + other.value(),
        page,
        one.box().with(other.box()),
        one.sure() && other.sure()));
  }

  /**
   * A zone whose digits are right says who and until when. No digit stands for the name: read off a picture, it is
   * sure when the page says the same name once more.
   */
  private void byZone(ZoneLines.Zone lines, Map<Field, Proposal> proposals) {
    var zone = MachineReadableZone.read(lines.lines());
    var right = zone.faults().isEmpty();
    var printed = proposals.get(Field.NAME);
    var named = printed != null && Names.compare(printed.value(), zone.name()) == NameMatch.SAME;
    var sure = right && (named || lines.certain() >= WRITTEN);
    proposals.put(
        Field.ZONE,
        new Proposal(Field.ZONE, String.join("\n", lines.lines()), page, lines.box(), sure));
    if (!right) {
      return;
    }
    if (printed == null) {
      proposals.put(Field.NAME, new Proposal(Field.NAME, zone.name(), page, lines.box(), sure));
    } else if (named) {
      proposals.put(
          Field.NAME, new Proposal(Field.NAME, printed.value(), page, printed.box(), true));
    }
    agree(Field.BIRTH_DATE, day(zone.birthDate(today)), lines.box(), proposals);
    agree(Field.EXPIRES_ON, day(zone.expiresOn()), lines.box(), proposals);
  }

  private static @Nullable String day(@Nullable LocalDate day) {
    return day == null ? null : day.toString();
  }

  /** Where the page says another day than the zone, neither is sure. */
  private void agree(
      Field field, @Nullable String value, Box where, Map<Field, Proposal> proposals) {
    if (value == null) {
      return;
    }
    var printed = proposals.get(field);
    if (printed == null) {
      proposals.put(field, new Proposal(field, value, page, where, true));
    } else if (!printed.value().equals(value)) {
      proposals.put(field, printed.unsure());
    }
  }
}
