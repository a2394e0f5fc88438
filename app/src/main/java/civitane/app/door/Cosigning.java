package civitane.app.door;

import civitane.app.audit.AuditLog;
import civitane.app.claims.ClaimLists;
import civitane.app.claims.Claims;
import civitane.app.claims.Wanting;
import civitane.app.ledger.Ledgers;
import civitane.app.lodging.ReadThrough;
import civitane.app.lodging.SignerToAsk;
import civitane.app.messages.Messages;
import civitane.app.messages.OwnContact;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Actor;
import civitane.core.claims.Item;
import civitane.core.claims.Want;
import civitane.core.claims.Why;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Request;
import civitane.core.facts.SigningMethod;
import civitane.core.ledger.Assembled;
import civitane.core.ledger.Source;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import civitane.core.services.Statements;
import civitane.words.Language;
import civitane.words.Words;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * A second grown-up signs what another lodged, from a phone or mail address of their own: they show that it is theirs and
 * when they were born, read all that was told together, and sign by themselves, or say what is wrong.
 */
@Service
class Cosigning {
  /** How long the message that asks them is worth being brought. */
  private static final Duration WORTH_BRINGING = Duration.ofDays(7);

  private static final int LONGEST = 2_000;

  private final SignerRows rows;
  private final DoorCodes codes;
  private final DoorKeeper keeper;
  private final Letterbox letterbox;
  private final Claims claims;
  private final ClaimLists claimLists;
  private final Wanting wanting;
  private final Ledgers ledgers;
  private final Messages messages;
  private final AuditLog audit;
  private final Clock clock;

  Cosigning(
      SignerRows rows,
      DoorCodes codes,
      DoorKeeper keeper,
      Letterbox letterbox,
      Claims claims,
      ClaimLists claimLists,
      Wanting wanting,
      Ledgers ledgers,
      Messages messages,
      AuditLog audit,
      Clock clock) {
    this.rows = rows;
    this.codes = codes;
    this.keeper = keeper;
    this.letterbox = letterbox;
    this.claims = claims;
    this.claimLists = claimLists;
    this.wanting = wanting;
    this.ledgers = ledgers;
    this.messages = messages;
    this.audit = audit;
    this.clock = clock;
  }

  /** What became of asking somebody. */
  enum Asking {
    ASKED,
    NOT_A_CONTACT,
    /** It is the contact of who asks. */
    YOUR_OWN
  }

  /** Asks somebody to sign who is wanted to, at a contact that is theirs and not that of who asks. */
  @Transactional
  public Asking ask(Visitor by, String number, int item, String typed) {
    claims.waitFor(number);
    return ask(letterbox.actor(number), number, letterbox.wanted(by, number, item), typed);
  }

  /** Asks for the office: whoever was not asked yet, or was not reached where they were. */
  @Transactional
  public void askFor(Staff.Colleague by, String number, int version, int item, String typed) {
    claims.waitFor(by, number, version);
    var wanted = claims
        .claim(number)
        .item(item)
        .filter(Item::isLive)
        .orElseThrow(() -> Problem.wrong("That is not wanted any more."));
    switch (ask(by.actor(), number, wanted, typed)) {
      case NOT_A_CONTACT ->
        throw Problem.wrong(
            "This is no phone number and no mail address. 0555 017 000 or name@post.example would be.");
      case YOUR_OWN ->
        throw Problem.wrong(
            "Whoever applied is reached there. Who signs is asked at a contact of their own.");
      case ASKED -> audit.record(by.login(), "somebody asked to sign", number, "");
    }
  }

  private Asking ask(Actor by, String number, Item wanted, String typed) {
    var facts = claims.facts(number);
    var person = AskedSigners.whoSigns(wanted, facts)
        .orElseThrow(() -> Problem.wrong("Nobody is wanted to sign by that."));
    var contact = OwnContact.of(typed).orElse(null);
    if (contact == null) {
      return Asking.NOT_A_CONTACT;
    }
    if (contact.reaches(facts.packet().household().applicant().contact())
        || isOfWhoActs(contact, claims.householdOf(number))) {
      return Asking.YOUR_OWN;
    }
    ask(by, number, AskedSigners.subject(facts, person), person.fullName(), contact);
    return Asking.ASKED;
  }

  private boolean isOfWhoActs(OwnContact contact, UUID household) {
    return ledgers.acting(household).values().stream()
        .flatMap(one -> OwnContact.of(one.reachedAt()).stream())
        .anyMatch(own -> own.key().equals(contact.key()));
  }

  /** Asks whom the office was told to, once there is what they are to sign. */
  @EventListener
  @Transactional(propagation = Propagation.MANDATORY)
  void on(SignerToAsk asked) {
    numbers(asked.application()).stream()
        .findFirst()
        .ifPresent(
            number -> ask(asked.by(), number, asked.person(), asked.name(), asked.contact()));
  }

  private void ask(Actor by, String number, UUID person, String name, OwnContact contact) {
    rows.ask(UUID.randomUUID(), number, person, contact.key(), clock.instant());
    messages.order(
        claims.householdOf(number),
        contact.way(),
        Words.in(Language.of(claims.facts(number).packet().language())).say("door.signer.message"),
        clock.instant().plus(WORTH_BRINGING));
    claims.note(by, number, Why.ASKED_TO_SIGN.with(Argument.told(name)));
  }

  /**
   * Lets somebody read and sign who has the code of a contact at which they were asked, and says when they were born.
   *
   * @return what their browser shows from then on; empty where anything of it is not so
   */
  @Transactional
  public Optional<String> enter(String typed, String code, @Nullable LocalDate born) {
    var contact = OwnContact.of(typed).orElse(null);
    if (contact == null
        || born == null
        || codes.attempt(contact.key(), code) != DoorCodes.Tried.OPENS) {
      return Optional.empty();
    }
    var asked = rows.open(contact.key()).stream()
        .filter(one -> born.equals(person(one).map(Person::birthDate).orElse(null)))
        .findFirst();
    audit.record(
        DoorKeeper.AT_THE_DOOR,
        asked.isPresent() ? "came to sign" : "could not come to sign",
        asked.map(SignerRows.AskedToSign::number).orElse(""),
        "");
    return asked.map(one -> keeper.letSign(one.id()));
  }

  private Optional<Person> person(SignerRows.AskedToSign asked) {
    return person(asked, claims.facts(asked.number()));
  }

  private static Optional<Person> person(SignerRows.AskedToSign asked, Assembled facts) {
    return facts.places().ids().entrySet().stream()
        .filter(one -> one.getValue().equals(asked.person()))
        .findFirst()
        .flatMap(one -> facts.packet().household().person(one.getKey()));
  }

  private SignerRows.AskedToSign asked(Signer signer) {
    return rows.find(signer.request()).orElseThrow(() -> Problem.notThere("What is to be signed"));
  }

  /** What is read before it is signed: all that was asked for together, nothing that another asks for alone. */
  @Transactional(readOnly = true)
  public ToSign of(Signer signer, Language language) {
    var asked = asked(signer);
    var words = Words.in(language);
    var facts = claims.facts(asked.number());
    var name = person(asked, facts).map(Person::fullName).orElse("");
    if (asked.signedAt() != null) {
      return new ToSign("", name, List.of(), List.of(), DoorForm.DoorMayAsk.NOBODY, true);
    }
    var packet = together(asked);
    return new ToSign(
        words.say(
            "door.signer.asks",
            "name",
            packet.household().applicant().fullName(),
            "what",
            packet.requests().stream()
                .map(request -> words.title(request.service()))
                .collect(Collectors.joining(", "))),
        name,
        ReadThrough.fromElsewhere(packet, words),
        Statements.of(packet).stream().map(words::word).toList(),
        person(asked, facts)
            .map(person -> allowing(facts, person).in(words, "door.allow.until"))
            .orElse(DoorForm.DoorMayAsk.NOBODY),
        false);
  }

  private Allowing allowing(Assembled facts, Person person) {
    return new Allowing(facts.packet(), person, LocalDate.now(clock));
  }

  /** The numbers of what was lodged together, but for what somebody asked for alone. */
  private List<String> numbers(SignerRows.AskedToSign asked) {
    return numbers(claims.applicationOf(asked.number()));
  }

  private List<String> numbers(UUID application) {
    return claimLists.ofApplication(application).stream()
        .filter(number -> !claims.isPrivate(number))
        .toList();
  }

  private Packet together(SignerRows.AskedToSign asked) {
    var requests = new ArrayList<Request>();
    numbers(asked)
        .forEach(number -> requests.addAll(claims.facts(number).packet().requests()));
    return claims.facts(asked.number()).packet().withRequests(requests);
  }

  /**
   * Signs with a name and allows others to be asked.
   *
   * @return what is said where the name is another than the one told; empty where it is signed
   */
  @Transactional
  public String sign(Signer signer, String name, List<String> allowed, Language language) {
    var asked = asked(signer);
    if (asked.signedAt() != null) {
      throw Problem.wrong("It is signed already.");
    }
    var signs = person(asked).orElseThrow(() -> Problem.notThere("Who is to sign"));
    var otherName = OnScreen.of(signs).otherName(name, language);
    if (!otherName.isEmpty()) {
      return otherName;
    }
    var statements = Statements.of(together(asked));
    var household = claims.householdOf(asked.number());
    var by = new Actor.Person(asked.person());
    ledgers.hold(household);
    var known = claims.facts(asked.number());
    person(asked, known)
        .ifPresent(person -> ledgers.allow(
            household,
            known,
            allowing(known, person).given(allowed),
            Source.application(claims.applicationOf(asked.number()).toString()),
            by.written()));
    var signed = Why.SIGNED_LATER.with(
        Argument.told(signs.fullName()),
        Argument.told(name.strip()),
        Argument.term(SigningMethod.SCREEN));
    for (var number : numbers(asked)) {
      claims.waitFor(number);
      var facts = claims.facts(number);
      person(asked, facts).ifPresent(person -> {
        ledgers.sign(
            household,
            claims.requestOf(number),
            facts,
            OnScreen.of(person).signature(name, LocalDate.now(clock), statements, language),
            Source.application(claims.applicationOf(number).toString()),
            by.written());
        accept(by, number, person, facts, signed);
      });
    }
    wanting.askAgain(by, household, List.of(), null, signed);
    rows.signed(asked.id(), clock.instant());
    audit.record(by.written(), "signed later", asked.number(), "");
    return "";
  }

  /** What waited for the signature does not any more; that it came stands in the record either way. */
  private void accept(Actor by, String number, Person person, Assembled facts, Reason signed) {
    var item = claims.claim(number).live().stream()
        .filter(one -> AskedSigners.whoSigns(one, facts).filter(person::equals).isPresent())
        .findFirst();
    if (item.isPresent()) {
      claims.moveItem(
          by, number, signed, (claim, act) -> claim.accept(act, item.get().id()));
    } else {
      claims.note(by, number, signed);
    }
  }

  /** Says to the office that something is wrong; it is no signature. */
  @Transactional
  public void saysOtherwise(Signer signer, String text) {
    var said = text.strip();
    if (said.isEmpty() || said.length() > LONGEST) {
      throw Problem.wrong("It takes some words, up to " + LONGEST + " letters.");
    }
    var asked = asked(signer);
    var by = new Actor.Person(asked.person());
    claims.hear(
        by,
        asked.number(),
        Want.WROTE,
        Why.SIGNER_SAYS.with(
            Argument.told(person(asked).map(Person::fullName).orElse("")), Argument.told(said)));
  }
}
