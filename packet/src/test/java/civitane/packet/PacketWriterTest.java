package civitane.packet;

import civitane.core.facts.Parts;
import civitane.core.rates.RateShelf;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** A packet that is written is read back as itself, whole and value by value. */
public class PacketWriterTest {
  private static final PacketReader READER = new PacketReader(RateShelf.shipped());

  @DataProvider
  public static Iterator<Object[]> cases() {
    return Cases.withResults();
  }

  @Test(dataProvider = "cases")
  public void isReadBackAsItself(Cases.Case one) {
    var packet = READER.read(one.packet()).packet();
    var written = PacketWriter.written(packet);
    var again = READER.read(written.getBytes(StandardCharsets.UTF_8));
    assertEquals(again.faults().toString(), "[]");
    assertEquals(again.packet(), packet);
    assertEquals(PacketWriter.written(again.packet()), written, "the same bytes");
  }

  @Test(dataProvider = "cases")
  public void eachValueIsKeptAsItIs(Cases.Case one) {
    var packet = READER.read(one.packet()).packet();
    kept(packet.household());
    packet.requests().forEach(request -> kept(request.answers()));
    packet.papers().forEach(PacketWriterTest::kept);
  }

  private static void kept(Record record) {
    var parts = Parts.of(record.getClass());
    for (var i = 0; i < parts.fields().size(); i++) {
      var value = parts.get(record, i);
      if (value != null) {
        var as = parts.fields().get(i).value();
        var again = KeptValues.read(as, KeptValues.written(value));
        assertEquals(
            value instanceof Set ? Set.copyOf((java.util.List<?>) again) : again,
            value,
            parts.fields().get(i).key());
      }
    }
  }
}
