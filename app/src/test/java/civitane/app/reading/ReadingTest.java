package civitane.app.reading;

import civitane.app.reading.Proposal.Field;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.testng.Reporter;
import org.testng.annotations.AfterClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Sixty made-up papers, written, scanned, laid askew and photographed, are read well, and never wrongly for sure. */
public class ReadingTest {
  private static final int PAPERS = 60;
  private static final LocalDate TODAY = LocalDate.parse("2026-11-26");

  private final List<String> wrong = new ArrayList<>();
  private final List<String> silentlyWrong = new ArrayList<>();
  private int fields;
  private int right;

  @DataProvider
  public static Object[][] papers() {
    var papers = new Object[PAPERS][];
    for (var i = 0; i < PAPERS; i++) {
      papers[i] = new Object[] {i};
    }
    return papers;
  }

  @Test(dataProvider = "papers")
  public void whatStandsOnAPaperIsProposed(int number) throws IOException {
    var made = MadePage.of(number);
    var proposals = proposals(made, number / 12 % 5);
    made.said().forEach((field, said) -> {
      fields++;
      var proposal = proposals.stream().filter(one -> one.field() == field).findFirst();
      if (proposal.isPresent() && isRight(field, said, proposal.get().value())) {
        right++;
      } else {
        var instead =
            proposal.map(one -> one.value() + (one.sure() ? " (sure)" : "")).orElse("nothing");
        wrong.add(number + " " + field + " " + said + ": " + instead);
        if (proposal.isPresent() && proposal.get().sure()) {
          silentlyWrong.add(number + " " + field + " " + said + ": " + instead);
        }
      }
    });
  }

  /** Two of five are files with their words in them; the others are pictures. */
  private static List<Proposal> proposals(MadePage made, int way) throws IOException {
    return switch (way) {
      case 0, 1 -> {
        try (var document = made.pdf()) {
          yield Pages.ofPdf(document, 0, TODAY);
        }
      }
      case 2 -> seen(made.scanned());
      case 3 -> seen(made.skewed());
      default -> seen(made.photographed());
    };
  }

  private static List<Proposal> seen(BufferedImage picture) throws IOException {
    return Pages.ofPicture(picture, 0, TODAY);
  }

  private static boolean isRight(Field field, String said, String read) {
    return switch (field) {
      case NAME -> Names.compare(said, read) == NameMatch.SAME;
      case ADDRESS -> read.replaceAll("[\\s,]+", "").equals(said.replaceAll("[\\s,]+", ""));
      default -> read.equals(said);
    };
  }

  @AfterClass
  public void mostIsRightAndNothingWrongIsSure() {
    Reporter.log(right + " of " + fields + " fields of " + PAPERS + " papers are right", true);
    wrong.forEach(one -> Reporter.log(one.replace('\n', '|'), true));
    assertTrue(right >= fields * 9 / 10, right + " of " + fields + ": " + wrong);
    assertEquals(silentlyWrong, List.of());
  }

  @Test
  public void aPageThatSaysItTwiceAndDifferentlyIsNotSure() {
    var lines = List.of(line(0.1, "Gross", "pay", "1,863.33"), line(0.2, "Gross", "1,900.00"));
    var read = Reader.proposals(lines, 0, TODAY);
    assertEquals(read.get(0).value(), "1863.33");
    assertTrue(!read.get(0).sure());
  }

  private static PageLine line(double top, String... words) {
    var all = new ArrayList<PageWord>();
    for (var i = 0; i < words.length; i++) {
      all.add(new PageWord(words[i], new Box(0.1 + i * 0.1, top, 0.08, 0.02), 1));
    }
    return new PageLine(all);
  }
}
