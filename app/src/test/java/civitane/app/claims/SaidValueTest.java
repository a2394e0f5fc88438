package civitane.app.claims;

import civitane.core.rates.RateShelf;
import civitane.packet.PacketReader;
import civitane.packet.PacketWriter;
import civitane.words.Language;
import civitane.words.Words;
import java.nio.charset.StandardCharsets;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;

import static org.testng.Assert.assertEquals;

/** A value is said as people say it, whatever it is made of. */
public class SaidValueTest {
  private static final String PACKET = """
      {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-23", "language": "en",
       "household": {
         "address": {"line1": "1 Ebb Row", "town": "Gullhaven", "postcode": "BK31"}, "expectedChildren": 0,
         "people": [
           {"id": "p1", "role": "applicant", "givenName": "Orla", "familyName": "Pentreath", "birthDate": "1980-01-04",
            "residentNumber": "5260181598"},
           {"id": "p2", "role": "child", "givenName": "Wren", "familyName": "Pentreath", "birthDate": "2014-01-04"}],
         "incomes": [{"id": "i1", "person": "p1", "kind": "wages", "amount": 430.5, "frequency": "weekly"}],
         "noIncome": [], "expenses": [], "assets": [], "benefits": []},
       "requests": [
         {"service": "schoolMeals", "answers": {"householdTotal": 2,
           "children": [{"person": "p2", "school": "Marsh Road School", "grade": "4"}]}},
         {"service": "rentRelief", "answers": {
           "arrears": [{"month": "2026-10", "owed": 500}], "landlord": {"name": "Quay Lets"},
           "leaseNames": ["Orla Pentreath", "Somebody Else"]}}],
       "signatures": []}
      """;

  @DataProvider
  public Object[][] values() {
    return new Object[][] {
      {"/household/incomes/0/amount", "€430.50"},
      {"/household/people/0/birthDate", "4 January 1980"},
      {"/household/people/0/residentNumber", "•••• 1598"},
      {"/household/people/0", "p1, applicant, Orla, Pentreath, 4 January 1980, 14 and •••• 1598"},
      {"/household/assets", "—"},
      {"/requests/1/answers/leaseNames", "Orla Pentreath and Somebody Else"},
      {"/requests/1/answers/landlord", "Quay Lets"},
      {"/requests/1/answers/arrears", "October 2026 and €500.00"},
      {"/requests/0/answers/children", "Wren, Marsh Road School and 4"},
      {"/requests/0/answers/notSaid", "—"},
    };
  }

  @Test(dataProvider = "values")
  public void isSaidByItsParts(String pointer, String said) {
    var packet = new PacketReader(RateShelf.shipped())
        .read(PACKET.getBytes(StandardCharsets.UTF_8))
        .packet();
    var value = JsonMapper.shared().readTree(PacketWriter.written(packet)).at(pointer);
    assertEquals(Words.in(Language.EN).say(SaidValue.of(packet, pointer, value)), said);
  }
}
