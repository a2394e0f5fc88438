package civitane.core.services;

import civitane.core.facts.Parts;
import civitane.core.facts.Word;
import civitane.core.money.Amount;
import civitane.core.rates.RateShelf;
import civitane.core.reasons.Argument.Missing;
import civitane.core.rules.Check;
import civitane.core.rules.Result;
import java.math.BigDecimal;
import java.time.YearMonth;
import java.time.temporal.Temporal;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertTrue;

/** Every worked case comes to what is expected of it, to the cent. */
public class WorkedCasesTest {
  private static final Screening SCREENING = new Screening(RateShelf.shipped());

  @DataProvider
  public static Iterator<Object[]> cases() {
    return WorkedCase.all().stream().map(one -> new Object[] {one}).iterator();
  }

  @Test(dataProvider = "cases")
  public void comesOutAsExpected(WorkedCase one) {
    var results = SCREENING.of(one.packet(), one.mode());
    assertEquals(results.size(), one.expected().size());
    for (var i = 0; i < results.size(); i++) {
      agrees(results.get(i), one.expected().get(i));
    }
  }

  /** Whatever helps who asks or answers is made of values that can be shown. */
  @Test(dataProvider = "cases")
  public void whatHelpsIsMadeOfValues(WorkedCase one) {
    for (var aids : SCREENING.aids(one.packet())) {
      values(aids);
    }
  }

  private static void values(Object value) {
    if (value instanceof Record record) {
      Parts.byKey(record).values().forEach(WorkedCasesTest::values);
    } else if (value instanceof Iterable<?> list) {
      list.forEach(WorkedCasesTest::values);
    } else if (value instanceof Map<?, ?> map) {
      map.values().forEach(WorkedCasesTest::values);
    } else {
      assertTrue(
          value instanceof Amount
              || value instanceof Integer
              || value instanceof Temporal
              || value instanceof YearMonth
              || value instanceof Word,
          value.getClass() + " has no form on a screen");
    }
  }

  private static void agrees(Result result, Map<String, Object> expected) {
    assertEquals(result.service(), expected.get("service"));
    var tests = (List<?>) expected.get("tests");
    assertEquals(result.checks().size(), tests.size(), result.checks().toString());
    for (var i = 0; i < tests.size(); i++) {
      agrees(result.checks().get(i), (Map<?, ?>) tests.get(i));
    }
    assertEquals(result.outcome().word(), expected.get("outcome"));
    assertEquals(word(result.hold()), expected.get("hold"));
    assertEquals(word(result.route()), expected.get("route"));
    assertEquals(result.book(), expected.get("book"));
    var amounts = result.amountsByName();
    var wanted = (Map<?, ?>) expected.get("amounts");
    assertEquals(amounts.keySet(), wanted.keySet());
    amounts.forEach((key, amount) -> same(key, amount, wanted.get(key)));
  }

  private static void agrees(Check check, Map<?, ?> expected) {
    assertEquals(check.id(), expected.get("id"));
    assertEquals(check.outcome().word(), expected.get("outcome"), check.toString());
    for (var number : new String[] {"measured", "limit"}) {
      if (expected.get(number) != null) {
        var found = number.equals("limit") ? check.limit() : check.measured();
        assertNotNull(found, check.id() + " has no " + number);
        same(check.id() + " " + number, found, expected.get(number));
      }
    }
    if (expected.get("missing") != null) {
      assertEquals(
          check.missing().stream().map(Missing::subject).toList(), expected.get("missing"));
    }
  }

  private static @Nullable String word(@Nullable Word word) {
    return word == null ? null : word.word();
  }

  private static void same(String what, Object found, @Nullable Object expected) {
    if (found instanceof Amount || found instanceof Integer) {
      var number =
          found instanceof Amount amount ? amount.toDecimal() : BigDecimal.valueOf((Integer) found);
      assertEquals(
          number.compareTo(new BigDecimal((String) expected)),
          0,
          what + ": " + number + " for " + expected);
    } else if (found instanceof List<?> list) {
      assertEquals(list.size(), ((List<?>) expected).size(), what);
      for (var i = 0; i < list.size(); i++) {
        same(what, list.get(i), ((List<?>) expected).get(i));
      }
    } else if (found instanceof Map<?, ?> map) {
      assertEquals(map.size(), ((Map<?, ?>) expected).size(), what);
      map.forEach((key, value) -> same(
          what + " of " + key,
          value,
          ((Map<?, ?>) expected).get(key instanceof Word word ? word.word() : key.toString())));
    } else if (found instanceof Record record) {
      same(what, Parts.byKey(record), expected);
    } else {
      assertEquals(found instanceof Word word ? word.word() : found.toString(), expected, what);
    }
  }
}
