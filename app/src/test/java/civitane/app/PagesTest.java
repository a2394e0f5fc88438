package civitane.app;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.HttpHeaders;
import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

/** The page of the desk names what it will ask for first; its code is small, packed, and cached for good. */
public class PagesTest extends OnDatabase {
  private static final Pattern CODE = Pattern.compile("/(assets/[^\"]+\\.js)\"");

  private static final String DESK = "index.html";
  private static final String DOOR = "door.html";

  /** The most code at first, in bytes as gzip packs them: the door is opened on phones that get 50 kB a second. */
  @DataProvider
  public static Object[][] pages() {
    return new Object[][] {{DESK, 200_000}, {DOOR, 40_000}};
  }

  @Test
  public void namesTheDataOfTheDeskOnlyToWhoMaySeeIt() throws Exception {
    var seen = links(asIkenna(get("/")));
    for (var path : List.of("/api/session", "/api/desk", "/api/applications")) {
      assertTrue(seen.contains("<" + path + ">; rel=preload; as=fetch; crossorigin"), seen);
      assertEquals(asIkenna(get(path)).getResponse().getStatus(), 200, path);
    }
    assertEquals(
        links(http.perform(get("/")).andReturn()),
        "</api/session>; rel=preload; as=fetch; crossorigin");
    assertNull(links(http.perform(get("/sign-in")).andReturn()));
    assertFalse(links(asIkenna(get("/claims/{number}", "AS-26-000001"))).contains("/api/desk"));
  }

  @Test
  public void namesTheWordsOfTheDoorInTheLanguageThatIsRead() throws Exception {
    var link = "</api/door/start?language=%s>; rel=preload; as=fetch; crossorigin";
    for (var read : List.of("en", "fr", "pt", "ar")) {
      var asked = get("/door").param("language", read).header(HttpHeaders.ACCEPT_LANGUAGE, "fr");
      assertEquals(links(http.perform(asked).andReturn()), link.formatted(read));
      var browser = get("/door").header(HttpHeaders.ACCEPT_LANGUAGE, read + "-XX, en;q=0.5");
      assertEquals(links(http.perform(browser).andReturn()), link.formatted(read));
    }
    var unknown = get("/door").param("language", "\">; rel=preload").locale(Locale.GERMAN);
    assertEquals(links(http.perform(unknown).andReturn()), link.formatted("en"));
  }

  @Test(dataProvider = "pages")
  public void isSmallAtFirst(String page, int most) throws Exception {
    var bytes = 0L;
    for (var file : codeAtFirst(page)) {
      bytes += new ClassPathResource("static/" + file + ".gz").contentLength();
    }
    assertTrue(bytes > 0 && bytes < most, bytes + " bytes");
  }

  @Test
  public void sendsItsCodePackedOnceAndForGood() throws Exception {
    for (var file : codeAtFirst(DESK)) {
      for (var packing : List.of("br", "gzip")) {
        var sent = http.perform(get("/" + file).header(HttpHeaders.ACCEPT_ENCODING, packing))
            .andReturn()
            .getResponse();
        assertEquals(sent.getStatus(), 200, file);
        assertEquals(sent.getHeader(HttpHeaders.CONTENT_ENCODING), packing, file);
        assertEquals(sent.getContentType(), "text/javascript", file);
        assertTrue(sent.getHeader(HttpHeaders.CACHE_CONTROL).contains("immutable"), file);
      }
      var plain = http.perform(get("/" + file)).andReturn().getResponse();
      assertNull(plain.getHeader(HttpHeaders.CONTENT_ENCODING), file);
      assertEquals(
          plain.getContentAsByteArray(),
          new ClassPathResource("static/" + file).getContentAsByteArray(),
          file);
    }
  }

  private static String links(MvcResult page) {
    return page.getResponse().getHeader(HttpHeaders.LINK);
  }

  private static List<String> codeAtFirst(String page) throws IOException {
    var read = new ClassPathResource("static/" + page).getContentAsString(StandardCharsets.UTF_8);
    var files = CODE.matcher(read).results().map(found -> found.group(1)).toList();
    assertFalse(files.isEmpty(), read);
    return files;
  }
}
