package civitane.packet.form;

import civitane.core.claims.ItemKind;
import civitane.core.claims.Turn;
import civitane.core.claims.Want;
import civitane.core.claims.Wants;
import civitane.core.rates.RateShelf;
import civitane.core.rules.Entitlement;
import civitane.core.rules.Mode;
import civitane.core.services.Screening;
import civitane.core.services.Services;
import civitane.packet.Cases;
import civitane.packet.PacketReader;
import civitane.words.Language;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** What is wanted of a household is asked field by field, in each language, and what is typed is read. */
public class PlaceFormTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 23);
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final String ASSETS = "/household/assets";
  private static final String CHILDREN = "/requests/0/answers/children";

  /** What has no fields of its own: somebody has an income and stated that there is none; a payslip came twice. */
  private static final Set<String> IN_WORDS = Set.of("noIncome:", "/household/incomes/N/payslips");

  private static PlaceForm form(String service, Language language) {
    return new PlaceForm(Services.named(service).orElseThrow(), DAY, language);
  }

  private static PlaceForm.Answered read(String service, String place, Map<String, String> typed) {
    return form(service, Language.EN).read(place, typed);
  }

  @Test
  public void allThatIsWantedOfAHouseholdIsAskedFieldByField() {
    var reader = new PacketReader(RateShelf.shipped());
    var screening = new Screening(RateShelf.shipped());
    var seen = new HashSet<String>();
    var unasked = new TreeSet<String>();
    for (var packet : withGaps()) {
      var read = reader.read(JSON.writeValueAsBytes(packet));
      if (read.packet() == null || read.packet().requests().size() != 1) {
        continue;
      }
      var service = Services.named(read.packet().requests().get(0).service()).orElseThrow();
      for (var want : wants(service, screening, read)) {
        var place = want.subject().replaceAll("/\\d+", "/N").replaceAll(":.*", ":");
        if (seen.add(service.word() + place)) {
          for (var language : Language.values()) {
            var asks = new PlaceForm(service, DAY, language).asking(want.subject());
            assertTrue(asks.stream().noneMatch(ask -> ask.label().isBlank()), place);
            if (asks.isEmpty()) {
              unasked.add(place);
            }
          }
        }
      }
    }
    assertTrue(seen.size() > 100, "so many are wanted: " + seen.size());
    assertEquals(unasked, IN_WORDS);
  }

  private static List<Want> wants(
      Entitlement<?> service, Screening screening, PacketReader.Reading read) {
    var result = screening.of(read.packet(), Mode.DETERMINE).get(0);
    return Wants.of(result, service::whose).stream()
        .filter(want -> want.kind() == ItemKind.FACT && want.owner() == Turn.HOUSEHOLD)
        .toList();
  }

  /** The packets of the worked cases, and the same with something left out. */
  private static List<ObjectNode> withGaps() {
    var all = new ArrayList<ObjectNode>();
    for (var one : Cases.ofPackets()) {
      var packet = (ObjectNode) one.json().get("packet");
      all.add(packet);
      Stream.of("/household", "/requests/0/answers")
          .forEach(group -> packet.at(group).propertyNames().forEach(key -> {
            var without = packet.deepCopy();
            ((ObjectNode) without.at(group)).remove(key);
            all.add(without);
          }));
    }
    return all;
  }

  @Test
  public void rowsThatAreLeftOutLeaveNoHole() {
    var read = read(
        "schoolMeals",
        CHILDREN,
        Map.of(
            CHILDREN + "/1/person",
            "2",
            CHILDREN + "/1/school",
            "Marsh Road School",
            CHILDREN + "/3/person",
            "3",
            CHILDREN + "/9/person",
            "4"));
    assertTrue(read.isWhole());
    assertEquals(read.values().size(), 1);
    assertEquals(
        read.values().get(0).value().toString(),
        "[{\"person\":\"p2\",\"school\":\"Marsh Road School\"},{\"person\":\"p3\"}]",
        "what is no row of the form is left out");
  }

  @Test
  public void allThatIsWrongIsToldAtOnce() {
    var read = read(
        "householdAllowance",
        ASSETS,
        Map.of(ASSETS + "/0/value", "a lot", ASSETS + "/1/value", "50", ASSETS + "#", "yes"));
    assertFalse(read.isWhole());
    assertEquals(read.unread(), Set.of(ASSETS + "/0/value", ASSETS + "#"));
    assertEquals(read.missing(), Set.of(ASSETS + "/1/kind"));
  }

  @Test
  public void whatSomebodyLivesOnIsOneMoreIncomeOrThatThereIsNone() {
    var place = PlaceForm.LIVES_ON + "p2";
    var income = read(
        "householdAllowance",
        place,
        Map.of("/household/incomes/0/kind", "wages", "/household/incomes/0/amount", "1,200.50"));
    assertEquals(income.values().get(0).place(), "/household/incomes/-");
    assertEquals(
        income.values().get(0).value().toString(),
        "{\"kind\":\"wages\",\"amount\":1200.50,\"id\":\"p2n1\",\"person\":\"p2\"}");
    var none = read("householdAllowance", place, Map.of("/household/noIncome#", "yes"));
    assertEquals(
        none.values().toString(),
        "[Value[place=/household/noIncome/-, value={\"person\":\"p2\"}]]");
  }

  @Test
  public void aFactThatNoFormAsksIsAskedByItsOwnForm() {
    var form = form("rentRelief", Language.EN);
    assertEquals(form.asking("/household/address/tiesToDistrict").size(), 1);
    assertEquals(
        form.asking("/household/people/0/disabled").get(0).choices().size(), 2, "yes or no");
    assertTrue(form.asking("/household/people").isEmpty(), "who lives there is told otherwise");
    assertTrue(form.asking("/household/incomes").isEmpty());
    assertTrue(form.asking("/household/nowhere").isEmpty());
  }

  @Test
  public void aFurtherRowIsAskedLikeTheFirst() {
    var sale = "/requests/0/answers/sales/7/price";
    var form = form("valueReview", Language.EN);
    assertEquals(
        form.asking(sale).get(0).label(),
        form.asking(sale.replace("7", "0")).get(0).label());
    assertEquals(
        read("valueReview", sale, Map.of(sale, "90000")).values().get(0).place(), sale);
  }
}
