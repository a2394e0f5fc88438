package civitane.standins;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import org.testng.annotations.AfterClass;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

/** What stands in for a register answers over HTTP, and can be made slow, wrong or down. */
public class StandInsTest {
  private static final Duration SLOWNESS = Duration.ofMillis(700);

  private final HttpClient client = HttpClient.newHttpClient();
  private StandIns standIns;

  @BeforeClass
  public void open() throws IOException {
    standIns = StandIns.at(0, SLOWNESS);
  }

  @AfterMethod
  public void allAnswerAgain() {
    standIns.behave();
  }

  @AfterClass
  public void close() {
    standIns.close();
  }

  private HttpResponse<String> ask(String register, String question)
      throws IOException, InterruptedException {
    return client.send(
        HttpRequest.newBuilder(URI.create(standIns.address() + "/" + register))
            .POST(HttpRequest.BodyPublishers.ofString(question))
            .build(),
        HttpResponse.BodyHandlers.ofString());
  }

  @DataProvider
  public Object[][] questions() {
    return new Object[][] {
      {"population", "{\"residentNumber\": \"6485889106\"}", "Valdeira"},
      {"population", "{\"line1\": \"4 Capstan Lane\", \"postcode\": \"BK22\"}", "Inês"},
      {"wages", "{\"residentNumber\": \"6485889106\"}", "\"monthly\":\"2400.00\""},
      {
        "wages",
        "{\"residentNumber\": \"6485889106\", \"quartersBefore\": \"2026-11-03\"}",
        "\"quarter\":\"2025Q3\""
      },
      {"tax", "{\"residentNumber\": \"5314643569\", \"year\": \"2025\"}", "21689.16"},
      {"childBenefit", "{\"residentNumber\": \"1012619860\"}", "1012619860"},
      {"accounts", "{\"iban\": \"QV33BWSL71890763040103\"}", "Rui Valdeira"},
      {"identityPapers", "{\"number\": \"QVP636685\"}", "6485889106"},
      {"parcels", "{\"sought\": \"tide row\"}", "P-100037"},
      {"sales", "{\"near\": \"BK31\"}", "Tide Row"},
    };
  }

  @Test(dataProvider = "questions")
  public void answersWithWhatFits(String register, String question, String part) throws Exception {
    var answer = ask(register, question);
    assertEquals(answer.statusCode(), 200);
    assertTrue(answer.body().contains(part), answer.body());
  }

  @Test
  public void knowsNothingOfWhoIsNotThere() throws Exception {
    assertEquals(ask("population", "{\"residentNumber\": \"0000000000\"}").body(), "[]");
  }

  @Test
  public void refusesWhatItCanNotRead() throws Exception {
    assertEquals(ask("population", "who?").statusCode(), 400);
    assertEquals(ask("weather", "{}").statusCode(), 404);
  }

  @Test
  public void aWrongOneAnswersAboutSomebodyElse() throws Exception {
    standIns.behave("wages", Behaviour.WRONG);
    var answer = ask("wages", "{\"residentNumber\": \"6485889106\"}").body();
    assertTrue(answer.contains("residentNumber"), answer);
    assertFalse(answer.contains("6485889106"), answer);
  }

  @Test
  public void oneThatIsDownSaysNothing() {
    standIns.behave("wages", Behaviour.DOWN);
    assertThrows(IOException.class, () -> ask("wages", "{\"residentNumber\": \"6485889106\"}"));
  }

  @Test
  public void aSlowOneAnswersInItsTime() throws Exception {
    standIns.behave("wages", Behaviour.SLOW);
    var begun = System.nanoTime();
    assertTrue(ask("wages", "{\"residentNumber\": \"6485889106\"}").body().contains("2400.00"));
    assertTrue(System.nanoTime() - begun >= SLOWNESS.toNanos());
  }

  @Test
  public void howItBehavesIsSetFromOutside() throws Exception {
    var at = URI.create(standIns.address() + "/behaviour/tax");
    var set = HttpRequest.newBuilder(at)
        .PUT(HttpRequest.BodyPublishers.ofString("down"))
        .build();
    assertTrue(client.send(set, HttpResponse.BodyHandlers.ofString()).body().contains("down"));
    var wrong = HttpRequest.newBuilder(at)
        .PUT(HttpRequest.BodyPublishers.ofString("asleep"))
        .build();
    assertEquals(client.send(wrong, HttpResponse.BodyHandlers.ofString()).statusCode(), 400);
  }
}
