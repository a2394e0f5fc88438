package civitane.app.door;

import civitane.app.claims.ClaimLists;
import civitane.app.claims.Claims;
import civitane.app.corrections.PuttingRight;
import civitane.app.decisions.Grants;
import civitane.app.drafts.Applications;
import civitane.app.letters.Letters;
import civitane.app.letters.LettersOut;
import civitane.app.lodging.ReadThrough;
import civitane.app.papers.FurtherPages;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Claim;
import civitane.core.claims.Clock.Stretch;
import civitane.core.claims.Item;
import civitane.core.claims.ItemKind;
import civitane.core.claims.ItemState;
import civitane.core.claims.Stands;
import civitane.core.claims.Turn;
import civitane.core.claims.Why;
import civitane.core.facts.Person;
import civitane.words.Language;
import civitane.words.Voice;
import civitane.words.Words;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Where the claims of a household stand, in its words. */
@Service
class Standing {
  /** The kind of letter that tells a decision: what it says is not known before it goes out. */
  static final String DECISION = "decision";

  private static final String RECEIPT = "receipt";

  private static final Set<Why> THEIRS = Set.of(
      Why.WROTE,
      Why.SAYS_TO,
      Why.ASKS_FOR_TIME,
      Why.SAYS_CHANGED,
      Why.WISHES_TO_WITHDRAW,
      Why.NOT_THEIRS);
  private static final Set<Why> SAID = Stream.concat(
          THEIRS.stream(), Stream.of(Why.WRITTEN_TO, Why.WRITTEN_TO_FREELY))
      .collect(Collectors.toUnmodifiableSet());

  private final Claims claims;
  private final ClaimLists claimLists;
  private final Letters letters;
  private final LettersOut lettersOut;
  private final Grants grants;
  private final AskedSigners signers;
  private final PuttingRight puttingRight;
  private final FurtherPages furtherPages;
  private final Appealable appealable;
  private final OwnConsents consents;
  private final Staff staff;
  private final Clock clock;

  Standing(
      Claims claims,
      ClaimLists claimLists,
      Letters letters,
      LettersOut lettersOut,
      Grants grants,
      AskedSigners signers,
      PuttingRight puttingRight,
      FurtherPages furtherPages,
      Appealable appealable,
      OwnConsents consents,
      Staff staff,
      Clock clock) {
    this.claims = claims;
    this.claimLists = claimLists;
    this.letters = letters;
    this.lettersOut = lettersOut;
    this.grants = grants;
    this.signers = signers;
    this.puttingRight = puttingRight;
    this.furtherPages = furtherPages;
    this.appealable = appealable;
    this.consents = consents;
    this.staff = staff;
    this.clock = clock;
  }

  /** The claims that a visitor may see: those of the household, but of what is private only that whose code they had. */
  @Transactional(readOnly = true)
  public List<String> seenBy(Visitor visitor) {
    return claimLists.listed(visitor.household()).stream()
        .map(ClaimLists.Listed::number)
        .filter(number -> number.equals(visitor.number()) || !claims.isPrivate(number))
        .toList();
  }

  @Transactional(readOnly = true)
  public DoorView of(Visitor visitor, Language language) {
    var words = Words.in(language);
    return new DoorView(
        seenBy(visitor).stream().map(number -> of(number, words)).toList(),
        consents.of(visitor, words));
  }

  private DoorView.DoorClaim of(String number, Words words) {
    var claim = claims.claim(number);
    var today = LocalDate.now(clock);
    var told = !lettersOut.waits(DECISION, number);
    var holder = claim.holder();
    var service = claims.facts(number).packet().requests().get(0).service();
    return new DoorView.DoorClaim(
        number,
        words.title(service),
        words.say(
            told || claim.state().isUndecided()
                ? Stands.of(claim, today)
                : Stands.LETTER_COMES.with(),
            Voice.LETTER),
        holder == null || !claim.state().isUndecided()
            ? null
            : words.say("door.works", "name", staff.nameOf(holder)),
        claim.stretches(today).stream().map(stretch -> of(stretch, words)).toList(),
        wanted(number, claim, words),
        told
            ? grants.awards(number).stream()
                .map(award -> words.award(service, award))
                .toList()
            : List.of(),
        appealable.of(number, words),
        claims.told(number, SAID).stream().map(one -> said(one, words)).toList(),
        letters(number, words));
  }

  private static DoorView.DoorStretch of(Stretch stretch, Words words) {
    var days = (int) ChronoUnit.DAYS.between(stretch.from(), stretch.to());
    var turn = stretch.turn().word();
    return new DoorView.DoorStretch(
        turn,
        days,
        words.say(
            "door.turn.days",
            "n",
            BigDecimal.valueOf(days),
            "with",
            words.say("door.turn." + turn)));
  }

  private List<DoorView.DoorWanted> wanted(String number, Claim claim, Words words) {
    var pages = furtherPages.of(number);
    return claim.live().stream()
        .filter(item -> item.want().owner() == Turn.HOUSEHOLD)
        .map(item -> wanted(number, item, pages.getOrDefault(item.id(), 0), words))
        .toList();
  }

  private DoorView.DoorWanted wanted(String number, Item item, int pages, Words words) {
    var isSignature = item.want().kind() == ItemKind.SIGNATURE;
    var isPaper = item.want().kind() == ItemKind.PAPER;
    var came = item.state() == ItemState.ANSWERED;
    var asked = puttingRight.asking(number, item, words.language());
    return new DoorView.DoorWanted(
        item.id(),
        words.capital(words.say(item.want().reasons(), Voice.LETTER)),
        words.say("door.wanted.until", "until", item.dueOn()),
        isPaper,
        came,
        pages == 0 || !isPaper || !came
            ? ""
            : words.say("door.wanted.pages", "n", BigDecimal.valueOf(pages)),
        isSignature && signers.isOfAnother(number, item),
        isSignature ? signers.askedSince(number, item, words) : "",
        asked.questions().stream()
            .map(one -> DoorForm.DoorAsk.of(one, people(number)))
            .toList(),
        toldSoFar(asked, words));
  }

  private static String toldSoFar(PuttingRight.Asked asked, Words words) {
    if (asked.questions().isEmpty() || asked.told().isEmpty()) {
      return "";
    }
    if (Withheld.isWithin(asked.place())) {
      return words.say("door.again.known");
    }
    var told = words.say("door.wanted.told", "told", asked.told());
    return asked.isWhole() ? told + ". " + words.say("door.wanted.whole") : told;
  }

  private List<String> people(String number) {
    return claims.told(number).packet().household().people().stream()
        .map(Person::fullName)
        .toList();
  }

  private DoorView.DoorMessage said(Claims.Told told, Words words) {
    return new DoorView.DoorMessage(
        !THEIRS.contains(told.code()),
        words.date(LocalDate.ofInstant(told.at(), clock.getZone())),
        text(told, words),
        told.code() == Why.WRITTEN_TO_FREELY && words.language() != Language.EN);
  }

  /** What was written, without who wrote it to whom; what was asked for stands in a sentence. */
  private static String text(Claims.Told told, Words words) {
    var first = words.say(told.arguments().get(0));
    return switch (told.code()) {
      case ASKS_FOR_TIME ->
        words.say(
            "door.time.told",
            "what",
            first,
            "because",
            words.say(told.arguments().get(1)));
      case SAYS_TO ->
        words.say(
            "door.answer.told",
            "what",
            first,
            "text",
            words.say(told.arguments().get(1)));
      default -> words.capital(first);
    };
  }

  /** The letters that went out; what waits may be taken back, but for a receipt, which nobody takes back. */
  private List<DoorView.DoorLetter> letters(String number, Words words) {
    return letters.about(List.of(number, Applications.receiptOf(number))).stream()
        .filter(Standing::isToBeRead)
        .map(letter -> new DoorView.DoorLetter(
            letter.id(), words.say("door.letter." + letter.kind()), words.date(letter.writtenOn())))
        .toList();
  }

  private static boolean isToBeRead(Letters.ListedLetter letter) {
    return letter.leftAt() != null || RECEIPT.equals(letter.kind());
  }

  /** What was told for a claim, but where they live. */
  @Transactional(readOnly = true)
  public List<ReadThrough.Section> told(Visitor visitor, String number, Language language) {
    if (!seenBy(visitor).contains(number)) {
      throw Problem.notThere("A claim with this number");
    }
    return ReadThrough.fromElsewhere(claims.told(number).packet(), Words.in(language));
  }

  /** Whether a letter is one that a visitor may read. */
  @Transactional(readOnly = true)
  public boolean mayRead(Visitor visitor, UUID letter) {
    var seen = seenBy(visitor).stream()
        .flatMap(number -> Stream.of(number, Applications.receiptOf(number)))
        .toList();
    return letters.about(seen).stream().anyMatch(one -> one.id().equals(letter) && isToBeRead(one));
  }
}
