package civitane.app.papers;

import civitane.app.problems.Problem;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.Map;

/** Whether a file that came may be kept: its kind is found from what is in it, never from its name. */
final class Sifting {
  static final String PDF = "application/pdf";
  private static final String PNG = "image/png";
  private static final String JPEG = "image/jpeg";
  private static final int HEAD = 16;
  private static final long MOST_PIXELS = 60_000_000;

  /** What files of a kind begin with. */
  private static final Map<String, byte[]> BEGINNINGS = Map.of(
      PDF, "%PDF-".getBytes(StandardCharsets.US_ASCII),
      PNG, HexFormat.of().parseHex("89504e470d0a1a0a"),
      JPEG, HexFormat.of().parseHex("ffd8ff"));

  private static final Map<String, byte[]> PROGRAMS = Map.of(
      "a program", "MZ".getBytes(StandardCharsets.US_ASCII),
      "a program of another system", HexFormat.of().parseHex("7f454c46"),
      "an archive", HexFormat.of().parseHex("504b0304"),
      "a script", "#!".getBytes(StandardCharsets.US_ASCII));

  /** The pattern by which scanners for harmful programs are tried out; put together here, so that none takes this file for one. */
  private static final byte[] TRIAL_PATTERN = ("X5O!P%@AP[4\\PZX54(P^)7CC)7}$"
          + "EICAR-STANDARD-ANTIVIRUS-TEST-FILE!$H+H*")
      .getBytes(StandardCharsets.US_ASCII);

  private Sifting() {}

  /**
   * A file that may be kept.
   *
   * @param mediaType as in {@code image/png}
   */
  record Fit(String mediaType, int pages) {}

  /** Looks through a file, and refuses what is no paper with what would be right instead. */
  static Fit of(Path file) throws IOException {
    try (var channel = FileChannel.open(file)) {
      // Looked at where it lies on disk: none of it is copied into memory.
      return of(file, channel.map(FileChannel.MapMode.READ_ONLY, 0, channel.size()));
    }
  }

  private static Fit of(Path file, ByteBuffer bytes) throws IOException {
    if (contains(bytes, TRIAL_PATTERN)) {
      throw Problem.wrong("The file carries a pattern of harmful programs; it was not kept.");
    }
    var head = new byte[Math.min(HEAD, bytes.limit())];
    bytes.get(0, head);
    for (var kind : BEGINNINGS.entrySet()) {
      if (begins(head, kind.getValue())) {
        return kind.getKey().equals(PDF)
            ? new Fit(PDF, PdfSifting.pages(file, bytes))
            : new Fit(kind.getKey(), picture(file));
      }
    }
    for (var kind : PROGRAMS.entrySet()) {
      if (begins(head, kind.getValue())) {
        throw Problem.wrong(
            "This is " + kind.getKey() + ", whatever it is called. PDF, PNG and JPEG are taken.");
      }
    }
    throw Problem.wrong(
        "This is no paper: PDF, PNG and JPEG are taken, whatever the file is called.");
  }

  /** How the name of a file of a kind that is kept ends. */
  static String ending(String mediaType) {
    return switch (mediaType) {
      case PDF -> ".pdf";
      case PNG -> ".png";
      default -> ".jpg";
    };
  }

  private static boolean begins(byte[] head, byte[] with) {
    return head.length >= with.length && Arrays.equals(head, 0, with.length, with, 0, with.length);
  }

  static boolean contains(ByteBuffer bytes, byte[] pattern) {
    for (var i = 0; i <= bytes.limit() - pattern.length; i++) {
      if (isAt(bytes, i, pattern)) {
        return true;
      }
    }
    return false;
  }

  /** Whether a pattern stands at a place. */
  static boolean isAt(ByteBuffer bytes, int at, byte[] pattern) {
    for (var i = 0; i < pattern.length; i++) {
      if (bytes.get(at + i) != pattern[i]) {
        return false;
      }
    }
    return true;
  }

  /** A picture is one page, if it can be read to its end and is no wall of points. */
  private static int picture(Path file) throws IOException {
    try {
      PagePictures.ofPicture(file, MOST_PIXELS);
      return 1;
    } catch (TooLarge e) {
      throw Problem.wrong(
          "The picture is larger than 60 million points. Take it less finely: 300 dots an inch do.");
    } catch (IOException | RuntimeException e) {
      throw Problem.wrong(
          "The picture is damaged or cut off. Take it again, or save it again as PNG.");
    }
  }

  /** A picture with more points than anybody needs to read it. */
  static final class TooLarge extends IOException {
    private static final long serialVersionUID = 1L;
  }
}
