package civitane.e2e;

import civitane.standins.Behaviour;
import civitane.standins.StandIns;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.awaitility.Awaitility;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** The server is killed while a paper comes, while pages are drawn, and while a register is asked. */
public class KilledWhileCheckingStory extends Story {
  /** What the demo brings with it, its letters and papers, is done before what is ordered afterwards. */
  private static final Duration AFTERWARDS = Duration.ofMinutes(5);

  private static final int PAGES = 40;

  private OwnServer server;
  private StandIns asked;

  @BeforeMethod
  public void serve() throws Exception {
    asked = StandIns.at(0, Duration.ofSeconds(20));
    server = OwnServer.start(freePort(), "--civitane.registers.at=" + asked.address());
  }

  @AfterMethod(alwaysRun = true)
  public void stop() {
    server.kill();
    asked.close();
  }

  private void again() throws Exception {
    server.kill();
    server = OwnServer.start(server.port(), "--civitane.registers.at=" + asked.address());
  }

  private static int freePort() throws IOException {
    try (var socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    }
  }

  private void signInThere() {
    page.navigate(server.address() + "/sign-in");
    page.getByLabel("Name").fill("ikenna");
    page.getByLabel("Password").fill("ikenna-ikenna");
    page.keyboard().press("Enter");
    assertThat(page.getByLabel("Find a person or a claim")).isVisible();
  }

  private void open(String household) {
    signInThere();
    onTheDesk(page, household).click();
    page.keyboard().press("Alt+o");
    assertThat(page.getByText("The checks")).isVisible();
  }

  private static byte[] pages() throws IOException {
    try (var document = new PDDocument();
        var bytes = new ByteArrayOutputStream()) {
      for (var i = 0; i < PAGES; i++) {
        document.addPage(new PDPage());
      }
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  private static void eventually(String rows, long count) {
    Awaitility.await()
        .atMost(AFTERWARDS)
        .untilAsserted(() -> assertEquals(OwnServer.count(rows), count));
  }

  /** Sends the head of a request and half of what it says comes; then the power is cut. */
  private void cutOff(String path) throws IOException {
    var cookies = page.context().cookies();
    var token = cookies.stream()
        .filter(cookie -> cookie.name.equals("XSRF-TOKEN"))
        .findFirst()
        .orElseThrow()
        .value;
    var sent = cookies.stream()
        .map(cookie -> cookie.name + "=" + cookie.value)
        .collect(Collectors.joining("; "));
    try (var socket = new Socket("127.0.0.1", server.port())) {
      var to = socket.getOutputStream();
      to.write(("POST " + path + " HTTP/1.1\r\nHost: 127.0.0.1:" + server.port()
              + "\r\nContent-Type: application/octet-stream\r\nX-XSRF-TOKEN: " + token
              + "\r\nCookie: "
              + sent + "\r\nContent-Length: 8000000\r\n\r\n%PDF-1.7\n")
          .getBytes(StandardCharsets.US_ASCII));
      to.write(new byte[4_000_000]);
      to.flush();
      server.kill();
    }
  }

  @Test
  public void aPaperThatComesIsThereWholeOrNotAtAllAndItsPagesAreDrawn() throws Exception {
    open("Yusra Haddad");
    var papers = OwnServer.count("paper");
    var files = OwnServer.count("paper_file");
    var number = page.url().replaceFirst(".*/claims/([^/?]+).*", "$1");
    cutOff("/api/claims/" + number + "/papers");
    again();
    assertEquals(OwnServer.count("paper"), papers);
    assertEquals(OwnServer.count("paper_file"), files);
    assertEquals(OwnServer.count("paper_piece where hash not in (select hash from paper_file)"), 0);

    open("Yusra Haddad");
    page.keyboard().press("Alt+e");
    var chooser = page.waitForFileChooser(
        () -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Choose files"))
            .click());
    page.waitForResponse(
        response -> "POST".equals(response.request().method()) && response.ok(),
        () -> chooser.setFiles(new FilePayload("many.pdf", "application/pdf", bytes())));
    again();
    eventually("paper", papers + 1);
    eventually("paper_file where pages = " + PAGES + " and drawn and read", 1);
    eventually("paper_page join paper_file using (hash) where paper_file.pages = " + PAGES, PAGES);
  }

  private static byte[] bytes() {
    try {
      return pages();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  @Test
  public void whatARegisterWasAskedIsAskedAgain() throws Exception {
    eventually("register_inquiry where answered_at is null", 0);
    var before = OwnServer.count("register_inquiry where answered_at is not null");
    assertTrue(before > 0, "registers have answered");
    asked.behave("population", Behaviour.SLOW);
    open("Jonas Marrable");
    page.keyboard().press("Alt+l");
    page.waitForResponse(
        "**/registers",
        () -> page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ask the registers again"))
            .click());
    assertThat(page.getByText("not answered yet").first()).isVisible();
    again();
    asked.behave();
    eventually("register_inquiry where answered_at is null", 0);
    assertTrue(OwnServer.count("register_inquiry where answered_at is not null") > before);
  }
}
