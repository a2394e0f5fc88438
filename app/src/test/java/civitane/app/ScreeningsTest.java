package civitane.app;

import civitane.core.rates.RateShelf;
import civitane.core.rules.Mode;
import civitane.core.services.Screening;
import civitane.core.services.Services;
import civitane.packet.PacketReader;
import civitane.packet.ResultWriter;
import civitane.words.Language;
import java.nio.charset.StandardCharsets;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** What is worked out without being kept. */
public class ScreeningsTest extends OnDatabase {

  @Test
  public void aPacketIsAnsweredAsOnTheCommandLine() throws Exception {
    var packet = Packets.meals(2);
    var rates = RateShelf.shipped();
    var read =
        new PacketReader(rates).read(packet.getBytes(StandardCharsets.UTF_8)).packet();
    for (var mode : Mode.values()) {
      var line = new ResultWriter(false, Language.EN).results(new Screening(rates).of(read, mode));
      var answer = asIkenna(post("/api/screenings?determine=" + (mode == Mode.DETERMINE), packet));
      assertEquals(answer.getResponse().getContentAsString(StandardCharsets.UTF_8), line);
    }
  }

  @Test
  public void aPacketWithFaultsIsAnsweredWithThem() throws Exception {
    var answer =
        body(asIkenna(post("/api/screenings", Packets.meals(2).replace("weekly", "wekly"))));
    assertEquals(
        answer.get("faults").get(0).get("pointer").stringValue(), "/household/incomes/0/frequency");
  }

  @Test
  public void everyServiceIsOfferedWithItsQuestions() throws Exception {
    var offers = body(asIkenna(get("/api/services")));
    assertEquals(offers.size(), Services.all().size());
    for (var offer : offers) {
      assertTrue(offer.get("questions").size() > 0, offer.toString());
    }
  }

  @Test
  public void theMarginDoubtsWhatLooksWrongAndKnowsWhatIsAMonth() throws Exception {
    var packet = json.readTree(Packets.meals(2).replace("430.00", "2400.00"));
    var margin = body(asIkenna(post("/api/margin", "{\"packet\": " + packet + ", \"typed\": {}}")));
    assertEquals(
        margin.get("doubts").get(0).get("words").stringValue(),
        "Wages of €2,400.00 a week are €124,800.00 a year — is it €2,400.00 a month?");
    assertEquals(margin.get("monthly").get("i1").decimalValue().toPlainString(), "10400");
    assertEquals(margin.get("listed").intValue(), 2);
  }

  @Test
  public void aDraftThatIsHardlyBegunIsNoError() throws Exception {
    for (var draft : new String[] {
      "{}", "{\"household\": {}}", "{\"household\": {\"people\": [{}]}, \"requests\": [{}]}"
    }) {
      var answer = asIkenna(post("/api/margin", "{\"packet\": " + draft + ", \"typed\": {}}"));
      assertEquals(answer.getResponse().getStatus(), 200, draft);
      assertTrue(!body(answer).get("faults").isEmpty(), draft);
    }
  }
}
