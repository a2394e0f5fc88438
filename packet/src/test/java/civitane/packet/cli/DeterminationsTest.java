package civitane.packet.cli;

import civitane.core.rates.RateShelf;
import civitane.core.rules.Mode;
import civitane.core.services.Screening;
import civitane.packet.Cases;
import civitane.packet.PacketReader;
import civitane.packet.ResultWriter;
import civitane.words.Language;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

/** A stream of packets becomes a line each, in their order, whatever is the matter with one of them. */
public class DeterminationsTest {
  private static final RateShelf RATES = RateShelf.shipped();

  /** What came out, and whether a packet had faults. */
  private record Answered(List<String> lines, boolean faulty) {}

  private static Answered answered(byte[] packets, Mode mode, int cores) throws IOException {
    var out = new ByteArrayOutputStream();
    var faulty = new Determinations(RATES, mode, false, Language.EN, cores)
        .run(new ByteArrayInputStream(packets), out, read -> {});
    return new Answered(out.toString(StandardCharsets.UTF_8).lines().toList(), faulty);
  }

  private static byte[] lines(List<byte[]> packets) {
    var all = new ByteArrayOutputStream();
    for (var packet : packets) {
      all.writeBytes(packet);
      all.write('\n');
    }
    return all.toByteArray();
  }

  @Test
  public void everyPacketIsAnsweredInItsPlaceOnAnyNumberOfCores() throws IOException {
    var reader = new PacketReader(RATES);
    var screening = new Screening(RATES);
    var writer = new ResultWriter(false, Language.EN);
    var packets = new ArrayList<byte[]>();
    var expected = new ArrayList<String>();
    for (var mode : Mode.values()) {
      packets.clear();
      expected.clear();
      for (var one : Cases.ofPackets()) {
        packets.add(one.packet());
        var reading = reader.read(one.packet());
        expected.add(
            reading.packet() == null
                ? writer.faults(reading.faults())
                : writer.results(screening.of(reading.packet(), mode)));
      }
      for (var cores : new int[] {1, 2, 5}) {
        assertEquals(answered(lines(packets), mode, cores).lines(), expected, cores + " cores");
      }
    }
  }

  @Test
  public void oneFaultyPacketDoesNotStopTheOthers() throws IOException {
    var good = Cases.ofPackets().stream()
        .filter(one -> one.json().get("expected").isArray())
        .findFirst()
        .orElseThrow()
        .packet();
    var answered = answered(
        lines(List.of(good, "{\"format\": 1}".getBytes(StandardCharsets.UTF_8), good)),
        Mode.SCREEN,
        2);
    assertTrue(answered.faulty());
    assertEquals(answered.lines().size(), 3);
    assertTrue(
        answered.lines().get(1).startsWith("{\"faults\":["), answered.lines().get(1));
    assertEquals(answered.lines().get(2), answered.lines().get(0));
    assertFalse(answered(lines(List.of(good, good)), Mode.SCREEN, 2).faulty());
  }

  @Test
  public void nothingIsAnsweredWithNothing() throws IOException {
    for (var nothing : new String[] {"", "\n", "  \n\r\n\n"}) {
      var answered = answered(nothing.getBytes(StandardCharsets.UTF_8), Mode.SCREEN, 2);
      assertEquals(answered, new Answered(List.of(), false));
    }
  }

  @Test
  public void aFullDiskIsToldAsWhatItIs() {
    var full = new OutputStream() {
      @Override
      public void write(int one) throws IOException {
        throw new IOException("no space left");
      }
    };
    var told = expectThrows(
        IOException.class,
        () -> new Determinations(RATES, Mode.SCREEN, false, Language.EN, 2)
            .run(
                new ByteArrayInputStream("{}\n{}\n".getBytes(StandardCharsets.UTF_8)),
                full,
                read -> {}));
    assertEquals(told.getMessage(), "no space left");
  }

  @Test
  public void progressComesToTheWholeLength() throws IOException {
    var packets = lines(Cases.ofPackets().stream().map(Cases.Case::packet).toList());
    var told = new ArrayList<Long>();
    new Determinations(RATES, Mode.SCREEN, false, Language.EN, 2)
        .run(new ByteArrayInputStream(packets), OutputStream.nullOutputStream(), told::add);
    assertTrue(told.size() > 1);
    assertEquals(told, told.stream().sorted().toList());
    assertEquals(told.get(told.size() - 1).longValue(), packets.length);
  }
}
