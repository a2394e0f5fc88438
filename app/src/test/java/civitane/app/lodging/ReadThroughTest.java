package civitane.app.lodging;

import civitane.core.rates.RateShelf;
import civitane.packet.PacketReader;
import civitane.words.Language;
import civitane.words.Words;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Iterator;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static civitane.core.facts.Known.known;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** What was told is read as a person would say it, in each language, and nothing of it is left out. */
public class ReadThroughTest {
  private static final Pattern MACHINE = Pattern.compile(
      "[a-z][A-Z]|null|: true|: false|\\bp\\d\\b|/|\\d{4}-\\d\\d|householdAllowance");

  private static final String PACKET = """
      {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-23", "language": "en",
       "household": {
         "address": {"line1": "3 Tide Row", "town": "Gullhaven", "postcode": "BK31", "hidden": true,
           "mailing": {"line1": "1 Ropewalk", "town": "Hythe", "postcode": "BK33"}},
         "people": [
           {"id": "p1", "role": "applicant", "givenName": "Ottilie", "familyName": "Farsund", "birthDate": "1988-03-14",
            "sex": "F", "otherNames": [{"kind": "former", "name": "Ottilie Brekk"}], "disabled": true,
            "residentNumberMissing": "declined",
            "contact": {"phone": "0555 010 4417", "mayCall": true, "mayWrite": false, "bestTime": "after six"}},
           {"id": "p2", "role": "child", "givenName": "Nils", "birthDate": "2016-03-01", "nightsHere": 9}],
         "expectedChildren": 0,
         "incomes": [{"id": "i1", "person": "p1", "kind": "wages", "amount": 430.00, "frequency": "weekly",
           "employer": "Reedholm Glass Gardens", "startsOn": "2026-02-01"}],
         "noIncome": [], "assets": [{"person": "p1", "kind": "savings", "value": 120}],
         "expenses": [{"kind": "rent", "amount": 640, "frequency": "monthly"}],
         "benefits": ["householdAllowance"],
         "payment": {"method": "transfer", "holder": "Ottilie Farsund"},
         "consents": [{"person": "p1", "to": "employer", "until": "2027-05-31"}]},
       "requests": [
         {"service": "paidLeave", "answers": {"person": "p1", "reason": "ownIllness", "pattern": "continuous",
           "absentFrom": "2026-11-16", "hoursPerWeek": 37.5,
           "employers": [{"name": "Reedholm Glass Gardens", "quarters": {"2025Q3": 9800}}]}},
         {"service": "legalAdvice", "answers": {"area": "housing", "problem": "repairs", "otherParty": "none"}},
         {"service": "decisionAppeal", "answers": {}}],
       "signatures": [{"person": "p1", "name": "Ottilie Farsund", "on": "2026-11-23", "method": "screen",
         "statements": ["true"]}]}
      """;

  @DataProvider
  public static Iterator<Object[]> languages() {
    return Arrays.stream(Language.values())
        .map(language -> new Object[] {language})
        .iterator();
  }

  private static ReadThrough in(Language language) {
    var reading =
        new PacketReader(RateShelf.shipped()).read(PACKET.getBytes(StandardCharsets.UTF_8));
    assertTrue(reading.faults().isEmpty(), reading.faults().toString());
    return new ReadThrough(known(reading.packet()), Words.in(language));
  }

  private static String whole(Language language) {
    return in(language).sections().stream()
        .map(section -> section.title() + "\n"
            + section.lines().stream()
                .map(line -> line.label() + ": " + line.value() + "\n")
                .collect(Collectors.joining()))
        .collect(Collectors.joining("\n"));
  }

  @Test(dataProvider = "languages")
  public void isInWordsInEveryLanguage(Language language) {
    var text = whole(language);
    var machine = MACHINE.matcher(text);
    assertFalse(machine.find(), text);
    for (var own :
        new String[] {"Ottilie Farsund", "Reedholm Glass Gardens", "0555 010 4417", "3 Tide Row"}) {
      assertTrue(text.contains(own), own + " is missing in " + text);
    }
  }

  @Test
  public void isSaidAsAPersonWould() {
    var text = whole(Language.EN);
    for (var line : new String[] {
      "Ottilie Farsund · applicant: born 14 March 1988",
      "Ottilie Farsund: Disability: yes",
      "Ottilie Farsund: Letters are safe: no",
      "Nils: Sleeps here, of 14 nights: 9",
      "Ottilie Farsund · wages: €430.00 a week",
      "Ottilie Farsund · wages: Employer: Reedholm Glass Gardens",
      "Rent: €640.00 a month",
      "Ottilie Farsund · savings: €120.00",
      "Hours a week: 37.5",
      "July 2025–September 2025 · €9,800.00",
      "Ottilie Farsund · a former name: Ottilie Brekk"
    }) {
      assertTrue(text.contains(line), line + " is missing in\n" + text);
    }
  }

  @Test
  public void whereSomebodyLivesIsNotRepeatedInALetter() {
    assertFalse(in(Language.EN).lines().toString().contains("3 Tide Row"));
    assertEquals(in(Language.EN).sections().size(), 12, whole(Language.EN));
  }
}
