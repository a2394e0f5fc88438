package civitane.app.post;

import civitane.app.audit.AuditLog;
import civitane.app.claims.ClaimLists;
import civitane.app.claims.Claims;
import civitane.app.drafts.Applications;
import civitane.app.letters.LetterWay;
import civitane.app.letters.Letters;
import civitane.app.letters.LettersOut;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Why;
import civitane.core.reasons.Argument;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Letters that somebody who stands at the counter can take along, once it was seen who they are. */
@Service
class HandingOut {
  private final Letters letters;
  private final LettersOut out;
  private final PostRows rows;
  private final Claims claims;
  private final ClaimLists claimLists;
  private final AuditLog audit;

  HandingOut(
      Letters letters,
      LettersOut out,
      PostRows rows,
      Claims claims,
      ClaimLists claimLists,
      AuditLog audit) {
    this.letters = letters;
    this.out = out;
    this.rows = rows;
    this.claims = claims;
    this.claimLists = claimLists;
    this.audit = audit;
  }

  /**
   * A letter that lies here.
   *
   * @param to whom it is addressed to
   * @param alone whether only who made the claim may have it
   * @param died whether whom it is addressed to has died
   */
  record Here(
      UUID id,
      String kind,
      String about,
      String to,
      LocalDate writtenOn,
      boolean alone,
      boolean died) {}

  /** What lies here for a household: what waits, and what it did not read at the door. */
  @Transactional(readOnly = true)
  List<Here> here(UUID household) {
    var numbers = claimLists.listed(household).stream()
        .map(ClaimLists.Listed::number)
        .flatMap(number -> Stream.of(number, Applications.receiptOf(number)))
        .toList();
    var died = rows.died(List.of(household)).getOrDefault(household, List.of());
    return letters.about(numbers).stream()
        .filter(HandingOut::isHere)
        .map(letter -> here(letter, died))
        .toList();
  }

  private static boolean isHere(Letters.ListedLetter letter) {
    return letter.takenBackAt() == null
        && letter.readAt() == null
        && (letter.leftAt() == null || letter.way() == LetterWay.DOOR);
  }

  private Here here(Letters.ListedLetter letter, List<String> died) {
    var to = out.find(letter.id()).to();
    return new Here(
        letter.id(),
        letter.kind(),
        letter.about(),
        to,
        letter.writtenOn(),
        claims.isPrivate(Applications.claimOf(letter.about())),
        died.contains(to));
  }

  /**
   * Somebody takes a letter along.
   *
   * @param seen how it was seen who they are
   */
  @Transactional
  void handOut(Staff.Colleague by, UUID household, UUID id, String seen) {
    if (seen.isBlank()) {
      throw Problem.wrong(
          "It is said how it was seen who they are, as in “passport, at the counter”.");
    }
    var letter = here(household).stream()
        .filter(one -> one.id().equals(id))
        .findFirst()
        .orElseThrow(
            () -> Problem.overtaken("The letter does not lie here any more. Look at what does."));
    var number = Applications.claimOf(letter.about());
    claims.waitFor(number);
    if (!out.leave(by, id, LetterWay.HAND, null) && !out.handOver(id)) {
      throw Problem.overtaken("Somebody has handed the letter over already.");
    }
    claims.note(
        by,
        number,
        Why.LETTER_HANDED_OVER.with(
            Argument.day(letter.writtenOn()),
            Argument.told(by.name()),
            Argument.told(seen.strip())));
    audit.record(by.login(), "letter handed over", id.toString(), "");
  }
}
