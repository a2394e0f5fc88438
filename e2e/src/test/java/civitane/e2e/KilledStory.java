package civitane.e2e;

import com.microsoft.playwright.BrowserType;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

/** The server or the browser is killed in the middle of the work, and nothing that was kept is lost. */
public class KilledStory extends Story {
  private OwnServer server;

  @AfterMethod(alwaysRun = true)
  public void stop() {
    if (server != null) {
      server.kill();
    }
  }

  @Test
  public void theServerIsKilledWhileSomebodyTypes() throws Exception {
    server = OwnServer.start(freePort());
    signInAt(server.address());
    page.keyboard().press("Alt+n");
    assertThat(page.locator("#add-service")).isFocused();
    page.keyboard().press("Alt+2");
    page.getByLabel("Given name 1").fill("Ingrid");
    saved(page);
    page.waitForResponse(
        response -> "PUT".equals(response.request().method()) && response.ok(),
        () -> page.getByLabel("Family name 1").fill("Solheim"));
    server.kill();
    page.getByLabel("Date of birth 1").fill("14 3 88");
    assertThat(page.getByText("Not saved: no connection")).isVisible();
    server = OwnServer.start(server.port());
    saved(page);
    page.reload();
    assertThat(page.getByLabel("Given name 1")).hasValue("Ingrid");
    assertThat(page.getByLabel("Family name 1")).hasValue("Solheim");
    assertThat(page.getByLabel("Date of birth 1")).hasValue(Pattern.compile("14 Mar 1988, 3\\d"));
  }

  @Test
  public void aSaveIsKeptButItsAnswerIsLost() {
    signIn(page, "ikenna");
    page.keyboard().press("Alt+n");
    assertThat(page.locator("#add-service")).isFocused();
    page.keyboard().press("Alt+2");
    var lost = new AtomicInteger();
    page.route(Pattern.compile(".*/api/applications/[0-9a-f-]{36}$"), route -> {
      if ("PUT".equals(route.request().method()) && lost.incrementAndGet() <= 2) {
        route.fetch();
        route.abort("connectionreset");
      } else {
        route.resume();
      }
    });
    page.getByLabel("Given name 1").fill("Torhild");
    assertThat(page.getByText("Not saved: no connection")).isVisible();
    page.getByLabel("Family name 1").fill("Aasland");
    saved(page);
    assertThat(page.getByText("in another window")).hasCount(0);
    page.reload();
    assertThat(page.getByLabel("Given name 1")).hasValue("Torhild");
    assertThat(page.getByLabel("Family name 1")).hasValue("Aasland");
    assertTrue(lost.get() > 2, "the answers of two saves were lost");
  }

  @Test
  public void theBrowserIsKilledAndAnotherTakesTheDraftUp() throws IOException {
    var home = Files.createTempDirectory("civitane-browser");
    var options = new BrowserType.LaunchPersistentContextOptions()
        .setExecutablePath(Path.of("/usr/bin/chromium"))
        .setArgs(List.of("--no-sandbox", "--disable-gpu"));
    var killed = chromium().launchPersistentContext(home, options);
    var there = killed.pages().get(0);
    signIn(there, "ikenna");
    there.keyboard().press("Alt+n");
    assertThat(there.locator("#add-service")).isFocused();
    there.keyboard().press("Alt+2");
    there.waitForResponse(
        response -> "PUT".equals(response.request().method()) && response.ok(),
        () -> there.getByLabel("Given name 1").fill("Vigdis"));
    var draft = there.url().replaceFirst("^http://[^/]+", "");
    ProcessHandle.allProcesses()
        .filter(process -> process
            .info()
            .commandLine()
            .filter(line -> line.contains(home.toString()))
            .isPresent())
        .forEach(ProcessHandle::destroyForcibly);

    signIn(page, "maud");
    go(page, draft);
    assertThat(page.getByLabel("Given name 1")).hasValue("Vigdis");
  }

  private void signInAt(String where) {
    page.navigate(where + "/sign-in");
    page.getByLabel("Name").fill("ikenna");
    page.getByLabel("Password").fill("ikenna-ikenna");
    page.keyboard().press("Enter");
    assertThat(page.getByLabel("Find a person or a claim")).isVisible();
  }

  private static int freePort() throws IOException {
    try (var socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    }
  }
}
