package civitane.app.letters;

import civitane.core.facts.Acting;
import civitane.core.facts.Packet;
import civitane.core.services.Services;
import civitane.words.Words;
import java.util.Collection;
import java.util.List;

/** A letter to a household, as it is written: whom it is for and where it goes follow from what it is about. */
public final class HouseholdLetter {
  private final String kind;
  private final String about;
  private final int occasion;
  private final Packet packet;
  private final Collection<Acting> acting;
  private final Words words;
  private final String title;
  private List<String> paragraphs = List.of();
  private List<String> granted = List.of();
  private List<String> reasons = List.of();
  private List<LetterText.Figure> figures = List.of();
  private List<String> closing = List.of();
  private List<LetterText.Figure> told = List.of();
  private List<LetterText.ReplySheet> sheets = List.of();

  /**
   * A letter with nothing but its head.
   *
   * @param about the number it is about
   * @param occasion which of its kind about this number, from 1
   * @param acting who acts for the household
   * @param words of the language it is written in
   */
  public HouseholdLetter(
      String kind,
      String about,
      int occasion,
      Packet packet,
      Collection<Acting> acting,
      Words words,
      String title) {
    this.kind = kind;
    this.about = about;
    this.occasion = occasion;
    this.packet = packet;
    this.acting = List.copyOf(acting);
    this.words = words;
    this.title = title;
  }

  public HouseholdLetter says(List<String> lines) {
    paragraphs = lines;
    return this;
  }

  public HouseholdLetter grants(List<String> lines) {
    granted = lines;
    return this;
  }

  public HouseholdLetter because(List<String> lines) {
    reasons = lines;
    return this;
  }

  public HouseholdLetter reckons(List<LetterText.Figure> lines) {
    figures = lines;
    return this;
  }

  public HouseholdLetter ends(List<String> lines) {
    closing = lines;
    return this;
  }

  public HouseholdLetter repeats(List<LetterText.Figure> lines) {
    told = lines;
    return this;
  }

  public HouseholdLetter asksFor(List<LetterText.ReplySheet> papers) {
    sheets = papers;
    return this;
  }

  public LetterText text() {
    var household = packet.household();
    var alone =
        packet.requests().stream().allMatch(request -> Services.isPrivate(request, household));
    var recipient = Recipient.of(household, acting, alone, words, packet.asOf());
    return new LetterText(
        kind,
        about,
        occasion,
        words.language(),
        title,
        household.applicant().fullName(),
        recipient.lines(),
        recipient.way(),
        household.applicant().readsLargePrint(),
        paragraphs,
        granted,
        reasons,
        figures,
        closing,
        told,
        sheets);
  }
}
