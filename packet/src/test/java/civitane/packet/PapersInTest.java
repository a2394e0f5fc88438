package civitane.packet;

import civitane.core.facts.Packet;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Person;
import civitane.core.rates.RateShelf;
import civitane.core.rules.Mode;
import civitane.core.rules.Outcome;
import civitane.core.rules.Result;
import civitane.core.services.Screening;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Set;
import org.testng.SkipException;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** With every paper in and everybody's signature, what is determined is what was screened. */
public class PapersInTest {
  private static final int PAPERS_OF_A_KIND = 4;
  private static final Set<String> DETERMINED = Set.of("ID", "PAPERS", "SM-SIGNED", "HP-SIGNED");
  private static final List<String> KINDS = Arrays.stream(PaperKind.values())
      .filter(kind -> kind != PaperKind.OTHER)
      .map(PaperKind::word)
      .toList();
  private static final RateShelf RATES = RateShelf.shipped();
  private static final PacketReader READER = new PacketReader(RATES);
  private static final Screening SCREENING = new Screening(RATES);

  @DataProvider
  public static Iterator<Object[]> cases() {
    return Cases.withResults();
  }

  @Test(dataProvider = "cases")
  public void whatIsDeterminedIsWhatWasScreened(Cases.Case one) {
    var told = READER.read(one.packet()).packet();
    if (told.household().people().stream()
        .anyMatch(person -> person.birthDate() == null || person.givenName() == null)) {
      throw new SkipException("nobody can prove who they are without a name and a day of birth");
    }
    var json = (ObjectNode) one.json().get("packet").deepCopy();
    handIn(told, json);
    var packet = READER.read(Cases.JSON.writeValueAsBytes(json)).packet();
    var screened = SCREENING.of(packet, Mode.SCREEN);
    var determined = SCREENING.of(packet, Mode.DETERMINE);
    for (var i = 0; i < screened.size(); i++) {
      same(screened.get(i), determined.get(i), one.toString());
    }
  }

  private static void same(Result screened, Result determined, String what) {
    var more = new ArrayList<String>();
    for (var test : determined.checks()) {
      var other = screened.check(test.id());
      if (other.isEmpty()) {
        assertTrue(DETERMINED.contains(test.id()), what + ": " + test.id());
        assertTrue(
            test.is(Outcome.MET) || test.is(Outcome.NOT_APPLICABLE),
            what + ": " + test.id() + ", " + test.reasons());
        more.add(test.id());
      } else {
        assertEquals(test.outcome(), other.get().outcome(), what + ": " + test.id());
        assertEquals(test.measured(), other.get().measured(), what + ": " + test.id());
        assertEquals(test.limit(), other.get().limit(), what + ": " + test.id());
      }
    }
    assertEquals(determined.checks().size() - more.size(), screened.checks().size(), what);
    assertEquals(determined.outcome(), screened.outcome(), what);
    assertEquals(determined.hold(), screened.hold(), what);
    assertEquals(determined.route(), screened.route(), what);
    var amounts = new LinkedHashMap<>(determined.amountsByName());
    var expected = new LinkedHashMap<>(screened.amountsByName());
    // Only what is determined can be urgent enough to be paid before the papers are in.
    amounts.remove("provisional");
    expected.remove("provisional");
    assertEquals(amounts, expected, what);
  }

  /** Everything anybody could be asked for, accepted. */
  private static void handIn(Packet told, ObjectNode json) {
    var papers = json.withArray("papers");
    for (var i = papers.size() - 1; i >= 0; i--) {
      papers.remove(i);
    }
    for (var person : told.household().people()) {
      for (var kind : KINDS) {
        for (var copy = 0; copy < PAPERS_OF_A_KIND; copy++) {
          paper(papers.addObject(), kind, told, person);
        }
      }
    }
    for (var income : told.household().incomes()) {
      for (var kind : KINDS) {
        for (var copy = 0; copy < PAPERS_OF_A_KIND; copy++) {
          papers.addObject().put("kind", kind).put("income", income.id()).put("accepted", true);
        }
      }
    }
    var signatures = json.withArray("signatures");
    for (var person : told.household().people()) {
      signatures
          .addObject()
          .put("person", person.id())
          .put("name", person.fullName())
          .put("on", told.lodgedOn().toString())
          .put("method", "screen");
    }
    for (var person : (ArrayNode) json.get("household").get("people")) {
      if (!person.hasNonNull("residentNumber")) {
        ((ObjectNode) person).put("residentNumberMissing", "declined");
      }
    }
  }

  private static void paper(ObjectNode paper, String kind, Packet told, Person person) {
    paper
        .put("kind", kind)
        .put("person", person.id())
        .put("issuedOn", told.asOf().toString())
        .put("nameOnPaper", person.fullName())
        .put("birthDateOnPaper", person.birthDate().toString())
        .put("accepted", true);
  }
}
