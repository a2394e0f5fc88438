package civitane.packet;

import civitane.core.services.Services;
import civitane.packet.form.BatchReader;
import com.code_intelligence.jazzer.api.FuzzedDataProvider;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** Whatever a fuzzer makes of packets, lists, forms, what is typed and zones: nothing of it makes the reading fall over. */
public class FuzzTest {
  /** A packet. */
  public static final class OfPackets {
    public static void fuzzerTestOneInput(byte[] bytes) {
      ComesIn.packet(bytes);
    }
  }

  /** A list that was saved as CSV, for the service that its first byte names. */
  public static final class OfLists {
    public static void fuzzerTestOneInput(byte[] bytes) throws IOException {
      if (bytes.length > 0) {
        var services = Services.all();
        ComesIn.batch(
            services.get((bytes[0] & 0xff) % services.size()),
            Arrays.copyOfRange(bytes, 1, bytes.length));
      }
    }
  }

  /** What is typed on a screen: amounts, days, numbers, anything. */
  public static final class OfTyping {
    public static void fuzzerTestOneInput(FuzzedDataProvider data) {
      var form = ComesIn.form(data.pickValue(Services.all()));
      var asks = form.groups().stream()
          .flatMap(group -> group.asks().stream())
          .map(ask -> ask.name())
          .toList();
      var typed = new HashMap<String, String>();
      while (data.remainingBytes() > 0) {
        typed.put(data.pickValue(asks), data.consumeString(30));
      }
      ComesIn.typed(form, typed);
    }
  }

  /** The lines of a zone that a machine reads. */
  public static final class OfZones {
    public static void fuzzerTestOneInput(byte[] bytes) {
      ComesIn.zone(new String(bytes, StandardCharsets.UTF_8).lines().toList());
    }
  }

  /** A form of ours that comes back as a PDF. */
  public static final class OfForms {
    public static void fuzzerTestOneInput(byte[] bytes) throws IOException {
      ComesIn.form(bytes);
    }
  }

  private static Map<String, byte[]> packets() {
    var right = new HashMap<String, byte[]>();
    Cases.ofPackets().forEach(one -> right.put("case" + right.size(), one.packet()));
    return right;
  }

  private static Map<String, byte[]> lists() {
    var services = Services.all();
    var right = new HashMap<String, byte[]>();
    IntStream.range(0, services.size())
        .forEach(i -> right.put(
            "list" + i,
            ((char) i
                    + String.join(",", BatchReader.columns(services.get(i), ComesIn.TODAY))
                    + "\nOluchi,Tamsett,3.4.1980,430.00\n")
                .getBytes(StandardCharsets.UTF_8)));
    return right;
  }

  private static Map<String, byte[]> typed() {
    return Map.of("typed", "1.234,50 31.2.2026 Aug 2026 yes p1".getBytes(StandardCharsets.UTF_8));
  }

  private static Map<String, byte[]> zones() {
    return Map.of("zone", """
        P<QVBRASMARK<<OTTOLINE<<<<<<<<<<<<<<<<<<<<<<
        QVP5122071QVB9106189F3104024<<<<<<<<<<<<<<<2
        """.getBytes(StandardCharsets.UTF_8));
  }

  private static Map<String, byte[]> forms() throws IOException {
    return Map.of("form", ComesIn.emptyForm(Services.named("schoolMeals").orElseThrow()));
  }

  @DataProvider
  public static Object[][] targets() throws IOException {
    return new Object[][] {
      {OfPackets.class, packets()},
      {OfLists.class, lists()},
      {OfTyping.class, typed()},
      {OfZones.class, zones()},
      {OfForms.class, forms()}
    };
  }

  @Test(dataProvider = "targets")
  public void nothingFallsOver(Class<?> target, Map<String, byte[]> right) throws Exception {
    assertEquals(Fuzzer.tried(target, right), "");
  }
}
