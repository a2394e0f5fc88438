package civitane.app.papers;

import civitane.app.catalogue.DeskWords;
import civitane.app.reading.Proposal;
import civitane.core.facts.Packet;
import civitane.core.facts.Paper;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A paper as the interface shows it.
 *
 * @param accepted null while nobody has read it
 * @param because why it was given back, or taken in spite of something
 * @param replaces what was given back and this one came in place of
 * @param nameDiffers in words, where the name on it is not the one of the application
 * @param picture null for a paper that was shown and of which nothing is kept
 */
public record PaperView(
    UUID id,
    String kind,
    String words,
    @Nullable String person,
    @Nullable String income,
    @Nullable LocalDate issuedOn,
    @Nullable LocalDate expiresOn,
    @Nullable String nameOnPaper,
    @Nullable LocalDate birthDateOnPaper,
    @Nullable String addressOnPaper,
    List<String> mrz,
    @Nullable LocalDate coversFrom,
    @Nullable LocalDate coversUntil,
    @Nullable String replaces,
    @Nullable Boolean accepted,
    @Nullable String because,
    @Nullable String nameDiffers,
    @Nullable Picture picture) {

  /**
   * How it came, and its pages.
   *
   * @param remark what the household said to it
   * @param sender who filled it in, where that is somebody outside
   * @param read whether the machine has read it, or given up
   * @param turns by how many degrees each page is turned to the right
   * @param proposals what the machine read, to be looked at and taken by a person
   */
  public record Picture(
      String name,
      String remark,
      @Nullable String sender,
      String cameBy,
      Instant cameAt,
      int pages,
      boolean drawn,
      boolean unreadable,
      int version,
      boolean read,
      List<Integer> turns,
      List<Proposal> proposals) {
    static Picture of(
        PaperRows.Kept kept, String cameBy, List<Sheet> sheets, List<Proposal> proposals) {
      return new Picture(
          kept.name(),
          kept.remark(),
          kept.sender(),
          cameBy,
          kept.cameAt(),
          kept.pages(),
          kept.drawn(),
          kept.unreadable(),
          kept.version(),
          kept.read(),
          sheets.stream().map(Sheet::turn).toList(),
          proposals);
    }
  }

  /**
   * Something a claim still wants that a paper can bring.
   *
   * @param subject the kind of paper, and whose it is where that matters
   * @param came whether something came for it that nobody has read
   */
  public record StillWanted(
      int item, String subject, String words, LocalDate dueOn, boolean came) {}

  /** A claim's papers, those of its household, and what it still wants. */
  public record Papers(List<StillWanted> wanted, List<PaperView> papers) {}

  static PaperView of(
      UUID id, Paper paper, Packet packet, @Nullable String because, @Nullable Picture picture) {
    return new PaperView(
        id,
        paper.kind().word(),
        DeskWords.WORDS.capital(DeskWords.WORDS.word(paper.kind())),
        paper.person(),
        paper.income(),
        paper.issuedOn(),
        paper.expiresOn(),
        paper.nameOnPaper(),
        paper.birthDateOnPaper(),
        paper.addressOnPaper(),
        paper.mrz(),
        paper.coversFrom(),
        paper.coversUntil(),
        paper.replaces(),
        paper.accepted(),
        because,
        differing(paper, packet),
        picture);
  }

  /** What to say of a name that is not the one of the application; null where it is, or nobody is named. */
  static @Nullable String differing(Paper paper, Packet packet) {
    var name = paper.nameOnPaper();
    var person = packet.household().person(paper.person()).orElse(null);
    if (name == null || person == null) {
      return null;
    }
    var match = Names.compare(person, name);
    return match == NameMatch.SAME
        ? null
        : "The paper says " + name + ", the application " + person.fullName()
            + (match == NameMatch.DIFFERENT ? ": another name." : ": nearly the same.");
  }
}
