package civitane.bench.door;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.WaitUntilState;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Opens the household's door as a cheap phone does on slow 3G: 400 kbit/s each way, 400 ms until an answer begins, the
 * processor slowed four times, nothing cached. Measured from the start of the navigation until the number of a claim is
 * typed in; printed in milliseconds, beside what the browser says of its own first picture.
 *
 * <p>Arguments: the address of the desk that is running, and how many views (12 where none are named).
 */
public final class DoorBench {
  private static final Path CHROMIUM = Path.of("/usr/bin/chromium");
  private static final List<String> QUIET = List.of(
      "--no-sandbox",
      "--disable-gpu",
      "--no-first-run",
      "--disable-background-networking",
      "--disable-component-update",
      "--disable-sync");
  private static final int WIDE = 390;
  private static final int HIGH = 844;

  /** Bytes a second: 400 kbit. */
  private static final int BYTES = 50_000;

  private static final int DELAY = 400;
  private static final int SLOWER = 4;
  private static final int VIEWS = 12;

  /** A new window draws what belongs to the browser itself first, which no phone does with a page. */
  private static final int SETTLED = 4_000;

  private static final double NANOS = 1e6;

  private DoorBench() {}

  /** @param typed until it could be typed into, and @param drawn the browser's own first picture; milliseconds */
  private record View(long typed, long drawn) {}

  /** Measures, and prints what came of it. */
  public static void main(String[] arguments) {
    var door = arguments[0] + "/door?language=en";
    var count = arguments.length > 1 ? Integer.parseInt(arguments[1]) : VIEWS;
    var views = new ArrayList<View>();
    try (var playwright = Playwright.create();
        var browser = playwright
            .chromium()
            .launch(new BrowserType.LaunchOptions().setExecutablePath(CHROMIUM).setArgs(QUIET))) {
      for (var i = 0; i < count; i++) {
        var view = opened(browser, door);
        System.out.printf(
            Locale.ROOT, "%d: %d ms, drawn %d ms%n", i + 1, view.typed(), view.drawn());
        views.add(view);
      }
    }
    System.out.printf(
        Locale.ROOT,
        "%d views: typed into after %d to %d ms, the middle one %d%n",
        count,
        at(views, 0),
        at(views, count - 1),
        at(views, count / 2));
  }

  private static long at(List<View> views, int place) {
    return views.stream().mapToLong(View::typed).sorted().toArray()[place];
  }

  private static View opened(Browser browser, String door) {
    try (var context =
        browser.newContext(new Browser.NewContextOptions().setViewportSize(WIDE, HIGH))) {
      var page = context.newPage();
      slow(page);
      page.waitForTimeout(SETTLED);
      var from = System.nanoTime();
      page.navigate(door, new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
      page.getByLabel("Number of your claim").fill("BW-26-004217-1");
      var typed = Math.round((System.nanoTime() - from) / NANOS);
      var drawn = page.evaluate(
          "() => performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? 0");
      return new View(typed, Math.round(((Number) drawn).doubleValue()));
    }
  }

  private static void slow(Page page) {
    var browser = page.context().newCDPSession(page);
    browser.send("Network.enable");
    var line = new JsonObject();
    line.addProperty("offline", false);
    line.addProperty("latency", DELAY);
    line.addProperty("downloadThroughput", BYTES);
    line.addProperty("uploadThroughput", BYTES);
    browser.send("Network.emulateNetworkConditions", line);
    var processor = new JsonObject();
    processor.addProperty("rate", SLOWER);
    browser.send("Emulation.setCPUThrottlingRate", processor);
  }
}
