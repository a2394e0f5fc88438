package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.net.ServerSocket;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Staff sign in at the office's own server, which says in what role; whoever it knows and the office does not stays out. */
public class OfficeSignInStory extends Story {
  private OwnServer server;
  private OfficeIdentity identity;

  @AfterMethod(alwaysRun = true)
  public void stop() {
    if (server != null) {
      server.kill();
    }
    if (identity != null) {
      identity.close();
    }
  }

  private static int freePort() throws Exception {
    try (var socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    }
  }

  private Page at(String login) {
    var desk = window();
    desk.navigate(server.address() + "/sign-in");
    assertThat(desk.getByLabel("Password")).hasCount(0);
    accessible(desk, "the way in by the office's server");
    desk.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sign in at the office"))
        .click();
    desk.getByLabel("Username").fill(login);
    desk.getByLabel("Password").fill(login + "-" + login);
    desk.keyboard().press("Enter");
    return desk;
  }

  @Test
  public void whoIsOnTheRollGetsInWithTheRoleThatTheServerSays() throws Exception {
    var port = freePort();
    identity = OfficeIdentity.startFor("http://127.0.0.1:" + port);
    server = OwnServer.start(
        port,
        "--civitane.oidc.issuer=" + identity.issuer(),
        "--civitane.oidc.client=" + OfficeIdentity.CLIENT,
        "--civitane.oidc.secret=" + OfficeIdentity.SECRET);

    var maud = at("maud");
    assertThat(maud).hasURL(server.address() + "/");
    assertThat(maud.getByText("Maud")).isVisible();
    assertThat(maud.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Post tray")))
        .isVisible();

    // A senior on the roll, a caseworker now: the roll follows, and the log says so.
    var edda = at("edda");
    assertThat(edda).hasURL(server.address() + "/");
    var session = edda.request().get(server.address() + "/api/session").text();
    assertTrue(session.contains("\"role\":\"caseworker\""), session);
    assertEquals(
        OwnServer.count("audit_log where action = 'staff role caseworker' and subject = 'edda'"),
        1);

    for (var login : new String[] {"teun", "pia", "stranger"}) {
      var refused = at(login);
      assertThat(refused.getByText("That account is not let in here.")).isVisible();
      assertEquals(refused.request().get(server.address() + "/api/desk").status(), 401, login);
    }
    assertTrue(OwnServer.count("audit_log where action = 'sign-in failed'") >= 3);
    assertEquals(
        maud.request().post(server.address() + "/api/sign-in").status(), 403, "no second way in");

    button(maud, "Sign out").click();
    assertThat(maud.getByText("You sign in with the account you have at the office."))
        .isVisible();

    complainedOf("a request elsewhere: http://localhost:");
  }

  @Test
  public void whileTheServerDoesNotAnswerItIsSaidAndHouseholdsGetThrough() throws Exception {
    var port = freePort();
    server = OwnServer.start(
        port,
        "--civitane.oidc.issuer=http://localhost:" + freePort(),
        "--civitane.oidc.client=x",
        "--civitane.oidc.secret=x");
    page.navigate(server.address() + "/sign-in");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sign in at the office"))
        .click();
    assertThat(page.getByText("The office's sign-in does not answer.")).isVisible();
    page.navigate(server.address() + "/door?language=en");
    assertThat(page.getByLabel("Number of your claim")).isVisible();
  }

  private static com.microsoft.playwright.Locator button(Page where, String name) {
    return where.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }
}
