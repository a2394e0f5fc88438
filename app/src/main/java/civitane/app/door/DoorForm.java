package civitane.app.door;

import civitane.app.lodging.ReadThrough;
import civitane.core.facts.Form;
import civitane.packet.form.ScreenForm;
import java.util.List;
import java.util.stream.IntStream;

/**
 * An application as whoever takes it sees it: a page for each group of questions, in the language they read.
 *
 * @param title what is asked for
 * @param services the same, each by itself
 * @param more what else can be asked for with the same facts
 * @param elsewhere whether the office goes on with it, so that nothing is typed here any more
 * @param known whether the office knows the household, so that there is a way back to where its claims stand
 * @param lookUp until when it is allowed that the registers are asked, in words; empty where they are not asked here
 * @param others who it is for, asked on the first page; empty where that is known
 * @param lastPage which of how many the page is on which it is signed, in words
 */
record DoorForm(
    String title,
    List<DoorChoice> services,
    List<DoorChoice> more,
    int version,
    boolean elsewhere,
    boolean known,
    String lookUp,
    List<DoorAsk> others,
    List<DoorPage> pages,
    String lastPage) {

  /** @param where which of how many it is, in words */
  record DoorPage(String title, String where, List<DoorAsk> asks) {}

  /**
   * A question with what stands there.
   *
   * @param kind how it is answered: {@code money}, {@code date}, {@code person}
   * @param wrong what is wrong with it; empty where nothing is
   * @param known what is said where the office knows it and does not show it here, or a register says so; empty else
   */
  record DoorAsk(
      String name,
      String label,
      String kind,
      List<DoorChoice> choices,
      String value,
      String wrong,
      String known) {

    /** A question to which nothing is typed yet, with the people to choose from where it asks for one. */
    static DoorAsk of(ScreenForm.Ask ask, List<String> people) {
      return new DoorAsk(
          ask.name(), ask.label(), ask.form().word(), choices(ask, people), "", "", "");
    }

    private static List<DoorChoice> choices(ScreenForm.Ask ask, List<String> people) {
      return ask.form() == Form.PERSON
          ? IntStream.range(0, people.size())
              .mapToObj(row -> new DoorChoice(String.valueOf(row + 1), people.get(row)))
              .toList()
          : ask.choices().stream()
              .map(one -> new DoorChoice(one.word(), one.said()))
              .toList();
    }
  }

  record DoorChoice(String word, String said) {}

  /**
   * Something that can't stay as it is.
   *
   * @param page from 0; below 0 where it is about the signature
   * @param name the question; empty where it is about the page
   */
  record DoorWrong(int page, String name, String says) {}

  /** What became of what was typed. */
  record DoorSaved(int version, List<DoorWrong> wrong) {}

  /** What is read before it is signed: everything told, what is stated by signing, and whom one may allow to be asked. */
  record DoorTold(List<ReadThrough.Section> sections, List<String> statements, DoorMayAsk mayAsk) {}

  /** @param until how long it holds, in words */
  record DoorMayAsk(List<DoorChoice> whom, String until) {
    static final DoorMayAsk NOBODY = new DoorMayAsk(List.of(), "");
  }

  /** Whether it is lodged; else what stands against it. */
  record DoorLodged(boolean lodged, List<DoorWrong> wrong) {}
}
