package civitane.app.door;

import civitane.app.appeals.Appeals;
import civitane.app.claims.Claims;
import civitane.app.problems.Problem;
import civitane.core.services.Statements;
import civitane.words.Language;
import civitane.words.Words;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Appeals that a household lodges behind its door, from the decision: what the office knows it need not tell again. */
@Service
class Appealing {
  private static final int LONGEST = 2_000;

  private final Appeals appeals;
  private final Appealable appealable;
  private final Letterbox letterbox;
  private final WhoSigns whoSigns;
  private final Claims claims;
  private final Clock clock;

  Appealing(
      Appeals appeals,
      Appealable appealable,
      Letterbox letterbox,
      WhoSigns whoSigns,
      Claims claims,
      Clock clock) {
    this.appeals = appeals;
    this.appealable = appealable;
    this.letterbox = letterbox;
    this.whoSigns = whoSigns;
    this.claims = claims;
    this.clock = clock;
  }

  /** Lodges it with a signature; what is said where the name is another than was told, empty where it is lodged. */
  @Transactional
  public String lodge(
      Visitor by, String number, Appeals.Said said, String name, Language language) {
    letterbox.see(by, number);
    if (appealable.of(number, Words.in(language)) == null) {
      throw Problem.wrong("Nothing was decided on this claim that can be appealed against now.");
    }
    if (said.grounds().isBlank()
        || said.grounds().length() > LONGEST
        || said.whyLate().length() > LONGEST) {
      throw Problem.wrong("It takes some words why, up to " + LONGEST + " letters.");
    }
    var facts = claims.told(number).packet();
    var signs = whoSigns.of(claims.householdOf(number), facts.household().applicant());
    var otherName = signs.otherName(name, language);
    if (!otherName.isEmpty()) {
      return otherName;
    }
    appeals.lodge(
        letterbox.actor(number),
        number,
        said,
        packet -> signs.sign(packet, name, LocalDate.now(clock), Statements.of(facts), language));
    return "";
  }
}
