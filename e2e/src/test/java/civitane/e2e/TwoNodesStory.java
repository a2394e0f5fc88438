package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.net.ServerSocket;
import java.util.List;
import java.util.Random;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Two nodes on one database, one killed while it works: each row is lodged once, and each receipt goes out once. */
public class TwoNodesStory extends Story {
  private static final int ROWS = 60;
  private static final int UNDER_WAY = 4;
  private static final double PATIENCE = 300_000;
  private static final List<String> SYLLABLES = List.of(
      "ba", "do", "ke", "li", "mu", "na", "ro", "si", "ta", "ve", "gra", "plo", "sne", "fru");

  /** The applications of the list, told from others by where they live. */
  private static final String OF_LIST =
      "application where state = 'lodged' and draft like '%Two Nodes Row%'";

  private OwnServer one;
  private OwnServer other;

  @AfterMethod(alwaysRun = true)
  public void stop() {
    for (var server : new OwnServer[] {one, other}) {
      if (server != null) {
        server.kill();
      }
    }
  }

  private static String word(Random random, int syllables) {
    var word = new StringBuilder();
    for (var i = 0; i < syllables; i++) {
      word.append(SYLLABLES.get(random.nextInt(SYLLABLES.size())));
    }
    return word.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + word.substring(1);
  }

  private static String list() {
    var random = new Random(20261126);
    var list = new StringBuilder(
        "person1.givenName,person1.familyName,person1.birthDate,person1.residentNumberMissing,"
            + "person3.givenName,person3.familyName,person3.birthDate,person3.role,address.line1,"
            + "address.postcode,income1.person,income1.kind,income1.amount,income1.frequency,"
            + "children1.person,children1.school,children1.grade,householdTotal,signature1.name\n");
    for (var i = 0; i < ROWS; i++) {
      var given = word(random, 3);
      var family = word(random, 4);
      list.append(
          "%s,%s,%d %d %d,declined,%s,%s,%d %d %d,child,%d Two Nodes Row,BK33,1,wages,1200,monthly,"
              .formatted(
                  given,
                  family,
                  1 + random.nextInt(28),
                  1 + random.nextInt(12),
                  1955 + random.nextInt(40),
                  word(random, 3),
                  family,
                  1 + random.nextInt(28),
                  1 + random.nextInt(12),
                  2010 + random.nextInt(9),
                  i));
      list.append("3,Marsh Road School,4,2,%s %s\n".formatted(given, family));
    }
    return list.toString();
  }

  private static void signInAt(Page where, String address) {
    where.navigate(address + "/sign-in");
    where.getByLabel("Name").fill("ikenna");
    where.getByLabel("Password").fill("ikenna-ikenna");
    where.keyboard().press("Enter");
    assertThat(where.getByLabel("Find a person or a claim")).isVisible();
  }

  /** Sends the list as the screen does. */
  private static void send(Page where, String list) {
    where.evaluate("""
        list => {
          const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
          return fetch("/api/services/schoolMeals/lists", {method: "POST", body: list,
            headers: {"X-XSRF-TOKEN": token, "Content-Type": "application/octet-stream"}})
            .then(answer => answer.status);
        }
        """, list);
  }

  private static int port() throws Exception {
    try (var socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    }
  }

  @Test
  public void eachRowIsLodgedOnceAndEachReceiptPrintedOnce() throws Exception {
    one = OwnServer.start(port());
    other = OwnServer.start(port());
    signInAt(page, one.address());
    var patience = new Page.WaitForConditionOptions().setTimeout(PATIENCE);
    send(page, list());
    page.waitForCondition(() -> OwnServer.count(OF_LIST) >= UNDER_WAY, patience);
    one.kill();
    var kept = OwnServer.count(OF_LIST);
    assertTrue(kept < ROWS, "killed in the middle");

    var there = window();
    signInAt(there, other.address());
    assertThat(there.getByText(ROWS + " applications lodged"))
        .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(PATIENCE));
    assertEquals(OwnServer.count(OF_LIST), ROWS);
    assertEquals(
        OwnServer.count("claim where application_id in (select id from " + OF_LIST + ")"), ROWS);
    there.waitForCondition(() -> OwnServer.count("letter where pdf is null") == 0, patience);
    assertEquals(
        OwnServer.count(
            "letter where kind = 'receipt' and about in (select receipt from " + OF_LIST + ")"),
        ROWS);
  }
}
