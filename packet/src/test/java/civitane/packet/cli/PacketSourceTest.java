package civitane.packet.cli;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Files are cut into packets: a packet a line, or one over many lines. */
public class PacketSourceTest {

  private static List<String> packets(InputStream in) throws IOException {
    var source = new PacketSource(in);
    var found = new ArrayList<String>();
    for (var next = source.next(); next != null; next = source.next()) {
      found.add(new String(next, StandardCharsets.UTF_8).strip());
    }
    return found;
  }

  private static List<String> packets(String text) throws IOException {
    return packets(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)));
  }

  @Test
  public void aPacketALine() throws IOException {
    assertEquals(
        packets("{\"a\": 1}\n\n{\"b\": \"}\"}\r\n{\"c\": 3}"),
        List.of("{\"a\": 1}", "{\"b\": \"}\"}", "{\"c\": 3}"));
  }

  @Test
  public void onePacketOverManyLines() throws IOException {
    assertEquals(packets("{\n  \"a\": {\n    \"b\": 1\n  }\n}\n").size(), 1);
    assertEquals(packets("\uFEFF{\"a\": 1}").get(0), "{\"a\": 1}");
  }

  @Test
  public void aBrokenFirstLineDoesNotSwallowTheOthers() throws IOException {
    assertEquals(packets("{\"a\": \n{\"b\": 2}\n{\"c\": 3}\n").size(), 3);
  }

  @Test
  public void anEmptyFileHasNone() throws IOException {
    assertEquals(packets("\n \n"), List.of());
  }

  /** A line of half a gigabyte that is made while it is read. */
  @Test
  public void anEndlessLineIsNotKept() throws IOException {
    var endless = new InputStream() {
      private long left = 500_000_000L;

      @Override
      public int read() {
        return left-- > 0 ? 'a' : -1;
      }

      @Override
      public int read(byte[] into, int from, int most) {
        if (left <= 0) {
          return -1;
        }
        var count = (int) Math.min(most, left);
        java.util.Arrays.fill(into, from, from + count, (byte) 'a');
        left -= count;
        return count;
      }
    };
    var found = packets(endless);
    assertEquals(found.size(), 1);
    assertTrue(found.get(0).length() < 1_100_000);
  }
}
