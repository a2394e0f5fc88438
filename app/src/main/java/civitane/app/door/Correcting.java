package civitane.app.door;

import civitane.app.claims.Claims;
import civitane.app.corrections.PuttingRight;
import civitane.app.ledger.Ledgers;
import civitane.core.claims.Actor;
import civitane.core.ledger.Source;
import civitane.core.services.Statements;
import civitane.words.Language;
import civitane.words.Words;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What a household is asked about, put right behind its door: looked over first as it was and as it will be, then sent
 * under the same number and signed anew.
 */
@Service
class Correcting {
  /** What stands where something was told that is not shown at the door. */
  private static final String WITHHELD = "…";

  private final Letterbox letterbox;
  private final PuttingRight puttingRight;
  private final WhoSigns whoSigns;
  private final Claims claims;
  private final Ledgers ledgers;
  private final Clock clock;

  Correcting(
      Letterbox letterbox,
      PuttingRight puttingRight,
      WhoSigns whoSigns,
      Claims claims,
      Ledgers ledgers,
      Clock clock) {
    this.letterbox = letterbox;
    this.puttingRight = puttingRight;
    this.whoSigns = whoSigns;
    this.claims = claims;
    this.ledgers = ledgers;
    this.clock = clock;
  }

  /** What was typed, as it will be told, with what is stated by signing it. */
  @Transactional(readOnly = true)
  public DoorCorrection look(
      Visitor by, String number, Map<Integer, Map<String, String>> typed, Language language) {
    typed.keySet().forEach(item -> letterbox.wanted(by, number, item));
    var words = Words.in(language);
    var looked = puttingRight.look(number, typed, language);
    return new DoorCorrection(
        looked.lines().stream().map(Correcting::change).toList(),
        looked.faults().stream()
            .map(fault ->
                new DoorCorrection.DoorUnread(fault.item(), fault.question(), wrong(fault, words)))
            .toList(),
        Statements.of(claims.told(number).packet()).stream().map(words::word).toList());
  }

  /** Whether a withheld answer was told so before is not said either: it would confirm what somebody guesses. */
  private static DoorCorrection.DoorChange change(PuttingRight.Line line) {
    return Withheld.isWithin(line.place())
        ? new DoorCorrection.DoorChange(line.item(), line.what(), WITHHELD, line.after(), false)
        : new DoorCorrection.DoorChange(
            line.item(),
            line.what(),
            line.before(),
            line.after(),
            line.before().equals(line.after()));
  }

  private static String wrong(PuttingRight.Fault fault, Words words) {
    return fault.isMissing()
        ? words.say("door.wrong.missing", "question", fault.asks())
        : Unread.of(fault.form(), words);
  }

  /** Sends it with a signature; what is said where the name is another than was told, empty where it is sent. */
  @Transactional
  public String send(
      Visitor by,
      String number,
      Map<Integer, Map<String, String>> typed,
      String name,
      Language language) {
    typed.keySet().forEach(item -> letterbox.wanted(by, number, item));
    var applicant = claims.told(number).packet().household().applicant();
    var signs = whoSigns.of(claims.householdOf(number), applicant);
    var otherName = signs.otherName(name, language);
    if (!otherName.isEmpty()) {
      return otherName;
    }
    var actor = letterbox.actor(number);
    puttingRight.tell(actor, number, typed, null);
    sign(signs, actor, number, name, language);
    return "";
  }

  /** What was stated holds for what is told now. */
  private void sign(OnScreen signs, Actor by, String number, String name, Language language) {
    var facts = claims.told(number);
    ledgers.sign(
        claims.householdOf(number),
        claims.requestOf(number),
        facts,
        signs.signature(name, LocalDate.now(clock), Statements.of(facts.packet()), language),
        Source.application(claims.applicationOf(number).toString()),
        by.written());
  }
}
