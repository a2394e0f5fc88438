package civitane.core.services;

import civitane.core.rates.RateBook;
import civitane.core.rates.RateBookFault;
import civitane.core.rates.RateShelf;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.snakeyaml.engine.v2.api.Dump;
import org.snakeyaml.engine.v2.api.DumpSettings;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.schema.FailsafeSchema;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

/** A rate book that lacks a number is found when the rules are tried out, before anybody asks for anything. */
public class BrokenRateBookTest {

  private static Map<String, Object> book() throws IOException {
    try (var yaml = RateShelf.class.getResourceAsStream("/civitane/rates/2026-07.yaml")) {
      var settings = LoadSettings.builder().setSchema(new FailsafeSchema()).build();
      return map(new Load(settings).loadFromInputStream(yaml));
    }
  }

  @SuppressWarnings("unchecked") // a book is made of maps, lists and texts
  private static Map<String, Object> map(Object value) {
    return (Map<String, Object>) value;
  }

  /** What no rule reads yet. */
  private static final List<List<String>> UNREAD = List.of(
      List.of("schoolMeals", "prices", "full"),
      List.of("schoolMeals", "prices", "reduced"),
      List.of("schoolMeals", "prices", "free"),
      List.of("schoolMeals", "samplePercent"));

  /** Every part of the newest book that is a value, by the keys on the way to it. */
  @DataProvider
  public static Iterator<Object[]> values() throws IOException {
    var paths = new ArrayList<List<String>>();
    collect(book(), List.of(), paths);
    assertTrue(paths.removeAll(UNREAD));
    assertTrue(paths.size() > 100, paths.size() + " values");
    return paths.stream().map(path -> new Object[] {path}).iterator();
  }

  private static void collect(
      Map<String, Object> at, List<String> before, List<List<String>> paths) {
    at.forEach((key, value) -> {
      var path = new ArrayList<>(before);
      path.add(key);
      if (value instanceof Map) {
        collect(map(value), path, paths);
      } else {
        paths.add(path);
      }
    });
  }

  private static Map<String, Object> without(Map<String, Object> at, List<String> path) {
    var copy = new LinkedHashMap<>(at);
    if (path.size() == 1) {
      copy.remove(path.get(0));
    } else {
      copy.put(path.get(0), without(map(at.get(path.get(0))), path.subList(1, path.size())));
    }
    return copy;
  }

  private static void tryOut(Map<String, Object> book) {
    var yaml =
        new Dump(DumpSettings.builder().setSchema(new FailsafeSchema()).build()).dumpToString(book);
    var read = RateBook.read(new ByteArrayInputStream(yaml.getBytes(StandardCharsets.UTF_8)));
    new Screening(new RateShelf(List.of(read))).tryOut();
  }

  @Test
  public void theWholeBookIsFine() throws IOException {
    tryOut(book());
  }

  @Test(dataProvider = "values")
  public void aValueThatIsMissingIsFound(List<String> path) throws IOException {
    var broken = without(book(), path);
    var fault = expectThrows(RateBookFault.class, () -> tryOut(broken));
    assertTrue(fault.getMessage().contains(path.get(path.size() - 1)), fault.getMessage());
  }
}
