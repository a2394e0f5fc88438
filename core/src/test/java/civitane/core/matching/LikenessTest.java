package civitane.core.matching;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.testng.Reporter;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Two records of one person are found, and two people of one family are not taken for one. */
public class LikenessTest {
  private static final int PAIRS = 2_000;
  private static final String[] GIVEN = {
    "Oluchi",
    "Rui",
    "Wren",
    "Tomás",
    "Noor",
    "Ikenna",
    "Saskia",
    "Perpetua",
    "Emlyn",
    "Hanne",
    "Matteo",
    "Zofia",
    "Bram",
    "Solveig",
    "Amadou",
    "Wilhelmina",
    "Ines",
    "Yann",
    "Helmi",
    "Rafael"
  };
  private static final String[] FAMILY = {
    "Tamsett",
    "Valdeira",
    "Morwen",
    "Lindqvory",
    "Kerrivan",
    "Aster",
    "Okonjo",
    "Castor",
    "Ringdal",
    "Brandvik",
    "Rasmundsen",
    "Oyelaran",
    "Yardley-Mensah",
    "Dunmallow",
    "Fennimore"
  };
  private static final String[] STREETS = {"Tide Row", "Ropewalk", "Marsh Lane", "Quay Court"};

  private record Pair(KnownPerson one, KnownPerson other, boolean same) {}

  private record Figures(double precision, double recall) {}

  private static <T> T any(T[] from, Random dice) {
    return from[dice.nextInt(from.length)];
  }

  private static KnownPerson somebody(Random dice) {
    return new KnownPerson(
        any(GIVEN, dice),
        any(FAMILY, dice),
        LocalDate.parse("1950-01-01").plusDays(dice.nextInt(26_000)),
        dice.nextInt(3) == 0 ? null : String.valueOf(1_000_000_000L + dice.nextInt(900_000_000)),
        (1 + dice.nextInt(90)) + " " + any(STREETS, dice),
        "BK3" + dice.nextInt(10));
  }

  private static String mistyped(String text, Random dice) {
    var at = 1 + dice.nextInt(text.length() - 2);
    return dice.nextBoolean()
        ? text.substring(0, at) + text.substring(at + 1)
        : text.substring(0, at) + text.charAt(at + 1) + text.charAt(at) + text.substring(at + 2);
  }

  /** The same person at another time: a letter slipped, married, moved, a day and a month exchanged, no number told. */
  private static KnownPerson again(KnownPerson one, Random dice) {
    var given = dice.nextInt(4) == 0 ? mistyped(one.givenName(), dice) : one.givenName();
    var family = dice.nextInt(12) == 0
        ? any(FAMILY, dice)
        : dice.nextInt(6) == 0 ? mistyped(one.familyName(), dice) : one.familyName();
    var born = one.birthDate();
    if (dice.nextInt(10) == 0) {
      born = born.getDayOfMonth() <= 12
          ? LocalDate.of(born.getYear(), born.getDayOfMonth(), born.getMonthValue())
          : born.plusDays(1);
    }
    var moved = dice.nextInt(3) == 0;
    return new KnownPerson(
        given,
        family,
        born,
        dice.nextBoolean() ? null : one.residentNumber(),
        moved ? (1 + dice.nextInt(90)) + " " + any(STREETS, dice) : one.line1(),
        moved ? "BK3" + dice.nextInt(10) : one.postcode());
  }

  /** Somebody near who is somebody else: of the same home and family, of the same name, or born on the same day. */
  private static KnownPerson near(KnownPerson one, Random dice) {
    var other = somebody(dice);
    while (other.givenName().equals(one.givenName())) {
      other = somebody(dice);
    }
    return switch (dice.nextInt(5)) {
      case 0 ->
        of(
            other.givenName(),
            one.familyName(),
            other.birthDate(),
            other,
            one.line1(),
            one.postcode());
      case 1 ->
        of(
            one.givenName(),
            one.familyName(),
            other.birthDate(),
            other,
            other.line1(),
            other.postcode());
      case 2 ->
        of(
            other.givenName(),
            other.familyName(),
            one.birthDate(),
            other,
            other.line1(),
            other.postcode());
      case 3 ->
        of(
            other.givenName(),
            one.familyName(),
            one.birthDate(),
            other,
            one.line1(),
            one.postcode());
      default -> other;
    };
  }

  private static KnownPerson of(
      @Nullable String given,
      @Nullable String family,
      @Nullable LocalDate born,
      KnownPerson number,
      @Nullable String line,
      @Nullable String postcode) {
    return new KnownPerson(given, family, born, number.residentNumber(), line, postcode);
  }

  private static List<Pair> pairs() {
    var dice = new Random(20_261_124);
    var pairs = new ArrayList<Pair>();
    for (var i = 0; i < PAIRS; i++) {
      var one = somebody(dice);
      var same = i % 2 == 0;
      pairs.add(new Pair(one, same ? again(one, dice) : near(one, dice), same));
    }
    return pairs;
  }

  private static Figures figures(int from) {
    var found = 0;
    var right = 0;
    var same = 0;
    for (var pair : pairs()) {
      var alike = Likeness.of(pair.one(), pair.other()).points() >= from;
      found += alike ? 1 : 0;
      right += alike && pair.same() ? 1 : 0;
      same += pair.same() ? 1 : 0;
    }
    var figures = new Figures((double) right / found, (double) right / same);
    Reporter.log(
        "Of %d pairs, from %d points on: precision %.3f, recall %.3f"
            .formatted(PAIRS, from, figures.precision(), figures.recall()),
        true);
    return figures;
  }

  @Test
  public void whatIsTakenForOnePersonIsOne() {
    var figures = figures(Likeness.SAME_FROM);
    assertTrue(figures.precision() >= 0.99, figures.toString());
    assertTrue(figures.recall() >= 0.6, figures.toString());
  }

  @Test
  public void whatIsShownToSomebodyMissesHardlyAnybody() {
    var figures = figures(Likeness.PERHAPS_FROM);
    assertTrue(figures.recall() >= 0.93, figures.toString());
    assertTrue(figures.precision() >= 0.85, figures.toString());
  }

  @Test
  public void theOrderOfTheTwoDoesNotMatter() {
    for (var pair : pairs()) {
      assertEquals(
          Likeness.of(pair.one(), pair.other()).points(),
          Likeness.of(pair.other(), pair.one()).points(),
          pair.toString());
    }
  }

  @Test
  public void aNumberThatDiffersKeepsTwinsApart() {
    var born = LocalDate.parse("2017-05-02");
    var wren = new KnownPerson("Wren", "Tamsett", born, "5314643569", "12 Tide Row", "BK31");
    var wrenna = new KnownPerson("Wrenna", "Tamsett", born, "6485889106", "12 Tide Row", "BK31");
    assertFalse(Likeness.of(wren, wrenna).isWorthALook());
    var likeness =
        Likeness.of(wren, new KnownPerson("Wrenna", "Tamsett", born, null, "12 Tide Row", "BK31"));
    assertTrue(likeness.isWorthALook());
    assertTrue(likeness.reasons().contains(Why.BORN_SAME_DAY.with()), likeness.toString());
  }

  private static KnownPerson known(
      String given, String family, @Nullable String born, @Nullable String number, String line) {
    return new KnownPerson(
        given, family, born == null ? null : LocalDate.parse(born), number, line, "BK31");
  }

  private static List<String> why(KnownPerson one, KnownPerson other) {
    return Likeness.of(one, other).reasons().stream()
        .map(reason -> reason.code().key())
        .toList();
  }

  @Test
  public void eachLikenessIsSaidAndCounts() {
    var wren = known("Wren", "Tamsett", "2014-03-08", null, "3 Tide Row");
    assertEquals(
        why(wren, known("Wren", "Tamsett", "2014-03-08", null, "3 Tide Row")),
        List.of("nameSame", "bornSameDay", "addressSame"));
    assertTrue(Likeness.of(wren, known("Wren", "Tamsett", "2014-03-08", null, "3 Tide Row"))
        .isSame());
    assertEquals(
        why(wren, known("Wren", "Morwen", "2014-08-03", null, "44 Quay Court")),
        List.of("givenNameSame", "bornNear", "postcodeSame"),
        "day and month have changed places");
    assertEquals(
        why(wren, known("Rui", "Tamsett", "2014-03-09", null, "44 Quay Court")),
        List.of("familyNameSame", "bornNear", "postcodeSame"),
        "one digit is another");
    assertEquals(
        why(wren, known("Rui", "Morwen", "2011-12-25", null, "")),
        List.of("nameDiffers", "bornAnotherDay"));
    assertEquals(why(wren, known("Wren", "Tamsett", null, null, "")), List.of("nameSame"));
    assertFalse(
        Likeness.of(wren, known("Rui", "Morwen", "2011-12-25", null, "")).isWorthALook());
  }

  @Test
  public void moreThatIsAlikeIsNeverLess() {
    var wren = known("Wren", "Tamsett", "2014-03-08", null, "3 Tide Row");
    var points = new ArrayList<Integer>();
    for (var other : List.of(
        known("Rui", "Morwen", "2011-12-25", null, ""),
        known("Rui", "Tamsett", "2011-12-25", null, ""),
        known("Wren", "Morwen", "2014-08-03", null, ""),
        known("Wren", "Morwen", "2014-08-03", null, "44 Quay Court"),
        known("Wren", "Morwen", "2014-08-03", null, "3 Tide Row"),
        known("Wren", "Tamsett", "2014-08-03", null, "3 Tide Row"),
        known("Wren", "Tamsett", "2014-03-08", null, "3 Tide Row"))) {
      points.add(Likeness.of(wren, other).points());
    }
    for (var i = 1; i < points.size(); i++) {
      assertTrue(points.get(i) > points.get(i - 1), points.toString());
    }
  }

  @Test
  public void aNumberDecidesUnlessNothingElseAgrees() {
    var wren = known("Wren", "Tamsett", "2014-03-08", "1012619860", "3 Tide Row");
    var same = Likeness.of(wren, known("Wren", "Other", "2014-03-08", "1012619860", ""));
    assertTrue(same.isSame());
    assertEquals(same.reasons().get(0).code().key(), "numberSame");
    var stranger = Likeness.of(wren, known("Rui", "Morwen", "1970-01-01", "1012619860", ""));
    assertTrue(stranger.isWorthALook());
    assertFalse(stranger.isSame());
    var twin =
        Likeness.of(wren, known("Wren", "Tamsett", "2014-03-08", "7242110547", "3 Tide Row"));
    assertTrue(twin.reasons().stream().anyMatch(one -> one.code().key().equals("numberDiffers")));
    assertTrue(twin.points()
        < Likeness.of(wren, known("Wren", "Tamsett", "2014-03-08", null, "3 Tide Row"))
            .points());
  }
}
