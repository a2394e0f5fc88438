package civitane.core.services;

import civitane.core.awards.Award;
import civitane.core.facts.Packet;
import civitane.core.facts.Parts;
import civitane.core.facts.Word;
import civitane.core.rates.RateShelf;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import civitane.core.rules.Check;
import civitane.core.rules.Entitlement;
import civitane.core.rules.Mode;
import civitane.core.rules.Result;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;

/**
 * The results of the worked cases whole, with every reason and what it is told with, and what changes where a fact is
 * left out: in files that are read when a rule changes, beside the rule.
 *
 * <p>They are written anew with {@code -Dcivitane.describe=yes}; what changed in them is then looked at line by line.
 */
public class WholeResultsTest {
  private static final Screening SCREENING = new Screening(RateShelf.shipped());

  @DataProvider
  public static Iterator<Object[]> services() {
    return Services.all().stream()
        .map(Entitlement::word)
        .map(word -> new Object[] {word})
        .iterator();
  }

  @Test(dataProvider = "services")
  public void areAsTheyWereRead(String service) throws IOException {
    var whole = whole(service);
    if (System.getProperty("civitane.describe") != null) {
      var file = Path.of("src/test/resources/results", service + ".txt");
      Files.createDirectories(file.getParent());
      Files.writeString(file, whole);
    }
    try (var stream = WholeResultsTest.class.getResourceAsStream("/results/" + service + ".txt")) {
      assertNotNull(
          stream,
          "the whole results of " + service
              + " are missing: run this with -Dcivitane.describe=yes");
      assertEquals(whole, new String(stream.readAllBytes(), StandardCharsets.UTF_8));
    }
  }

  private static String whole(String service) {
    var text = new StringBuilder();
    var seen = new HashSet<String>();
    for (var one : WorkedCase.of(service)) {
      for (var mode : Mode.values()) {
        var lines = lines(one.packet(), mode);
        lines.add("also likely " + likely(one.packet()));
        text.append("\n# ").append(one.name()).append(", ").append(mode.word()).append('\n');
        lines.forEach(line -> text.append(line).append('\n'));
        seen.addAll(lines);
      }
      for (var without : one.withoutEach()) {
        put(text, seen, without);
      }
    }
    return text.toString();
  }

  /** What a fact that is left out changes, as far as no case before has shown it. */
  private static void put(StringBuilder text, Set<String> seen, WorkedCase without) {
    var fresh =
        lines(without.packet(), Mode.DETERMINE).stream().filter(seen::add).toList();
    if (!fresh.isEmpty()) {
      text.append("## ").append(without.name()).append('\n');
      fresh.forEach(line -> text.append(line).append('\n'));
    }
  }

  private static List<String> lines(Packet packet, Mode mode) {
    var lines = new ArrayList<String>();
    for (var result : SCREENING.of(packet, mode)) {
      add(lines, result);
    }
    SCREENING
        .aids(packet)
        .forEach(aids -> Parts.byKey(aids)
            .forEach((key, value) -> lines.add("aid " + key + ": " + said(value))));
    return lines;
  }

  private static String likely(Packet packet) {
    return SCREENING.alsoLikely(packet).stream()
        .filter(Screening.Likelihood::likely)
        .map(one ->
            one.service() + one.missing().stream().map(WholeResultsTest::said).toList())
        .toList()
        .toString();
  }

  private static void add(List<String> lines, Result result) {
    lines.add(result.service() + " " + result.outcome().word() + " by " + result.book()
        + word(" waits for ", result.hold()) + word(" goes ", result.route())
        + (result.urgent() ? " urgent" : ""));
    result.checks().forEach(check -> add(lines, check));
    result.amountsByName().forEach((key, value) -> lines.add("amount " + key + ": " + said(value)));
    result.awards().forEach(award -> lines.add("award " + said(award)));
    result.notes().forEach(note -> lines.add("note " + said(note.reason())));
    result
        .working()
        .forEach(line -> lines.add("line " + said(line.label()) + " = " + said(line.value())));
  }

  private static void add(List<String> lines, Check check) {
    var numbers = check.measured() == null && check.limit() == null
        ? ""
        : " " + check.measured() + " of " + check.limit();
    lines.add(check.id() + " " + check.outcome().word() + numbers
        + (check.isOfIncome() ? " (income)" : ""));
    check.reasons().forEach(reason -> lines.add("  " + said(reason)));
    if (!check.needs().isEmpty()) {
      lines.add("  needs " + check.needs());
    }
    check.missing().forEach(missing -> lines.add("  misses " + said(missing)));
    check.changes().forEach(change -> lines.add("  would change: " + said(change)));
  }

  private static String word(String before, @Nullable Word word) {
    return word == null ? "" : before + word.word();
  }

  private static String said(Award award) {
    return award.what().word() + " " + said(award.much()) + " from " + award.from() + " until "
        + award.until() + word(" to ", award.to()) + " for " + said(award.forWhom()) + " "
        + award.details().stream().map(WholeResultsTest::said).toList();
  }

  private static String said(Reason reason) {
    return reason.code().code()
        + reason.arguments().stream().map(WholeResultsTest::said).toList();
  }

  private static String said(@Nullable Object value) {
    if (value instanceof Argument.Money money) {
      return money.amount() + " euros " + money.each().word();
    } else if (value instanceof Argument.Quantity quantity) {
      return quantity.number() + " " + quantity.unit().word();
    } else if (value instanceof Argument.Day day) {
      return day.on().toString();
    } else if (value instanceof Argument.Month month) {
      return month.month().toString();
    } else if (value instanceof Argument.Who who) {
      return who.id() + " " + who.name() + " " + who.role().word() + " " + who.which();
    } else if (value instanceof Argument.Told told) {
      return "\"" + told.text() + "\"";
    } else if (value instanceof Argument.Term term) {
      return term.word().word();
    } else if (value instanceof Argument.Missing missing) {
      return missing.subject() + " (" + missing.question() + ", " + missing.row() + ", "
          + said(missing.whose()) + ")";
    } else if (value instanceof Argument.Several several) {
      return several.all().stream().map(WholeResultsTest::said).toList().toString();
    } else if (value instanceof Word word) {
      return word.word();
    } else if (value instanceof Map<?, ?> map) {
      return map.entrySet().stream()
          .map(entry -> said(entry.getKey()) + ": " + said(entry.getValue()))
          .collect(Collectors.joining(", ", "{", "}"));
    } else if (value instanceof List<?> list) {
      return list.stream().map(WholeResultsTest::said).toList().toString();
    }
    return String.valueOf(value);
  }
}
