package civitane.app.door;

import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.drafts.Applications;
import civitane.app.messages.OwnContact;
import civitane.app.problems.Problem;
import civitane.core.rules.Entitlement;
import civitane.core.services.Services;
import civitane.words.Language;
import civitane.words.Words;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Whoever is through the door asks for something more, or again, with all that the household told before. */
@Service
class AskingAgain {
  /** An appeal is against something: it begins beside what was decided. */
  private static final String BEGUN_FROM_A_DECISION = "decisionAppeal";

  private final Applying applying;
  private final OwnApplications own;
  private final Applications applications;
  private final Letterbox letterbox;
  private final DoorKeeper keeper;
  private final Claims claims;
  private final AuditLog audit;
  private final Clock clock;

  AskingAgain(
      Applying applying,
      OwnApplications own,
      Applications applications,
      Letterbox letterbox,
      DoorKeeper keeper,
      Claims claims,
      AuditLog audit,
      Clock clock) {
    this.applying = applying;
    this.own = own;
    this.applications = applications;
    this.letterbox = letterbox;
    this.keeper = keeper;
    this.claims = claims;
    this.audit = audit;
    this.clock = clock;
  }

  /**
   * What can be asked for with what is known.
   *
   * @param begun what was begun and is not lodged, in words; null where nothing was
   * @param services what can be asked for, in words; none while something is begun
   */
  record DoorAgain(@Nullable String begun, List<DoorForm.DoorChoice> services) {}

  @Transactional(readOnly = true)
  public DoorAgain of(Visitor visitor, Language language) {
    var words = Words.in(language);
    return own.openOf(visitor.household())
        .map(id -> new DoorAgain(
            Applying.title(applications.draft(applications.find(id)), words), List.of()))
        .orElseGet(() -> new DoorAgain(
            null,
            offered()
                .map(one -> new DoorForm.DoorChoice(one.word(), words.title(one.word())))
                .toList()));
  }

  private Stream<? extends Entitlement<?>> offered() {
    var today = LocalDate.now(clock);
    return Services.all().stream()
        .filter(one -> !one.offeredFrom().isAfter(today))
        .filter(one -> !BEGUN_FROM_A_DECISION.equals(one.word()));
  }

  /**
   * Begins an application with all that is known, or goes on with the one that was begun.
   *
   * @param token of the visit, which is to the application from then on
   */
  @Transactional
  public void begin(Visitor by, String token, @Nullable String service, Language language) {
    if (claims.isOfWhoDied(by.number())) {
      throw Problem.wrong(Words.in(language).say("door.again.ask"));
    }
    var application = own.openOf(by.household()).orElseGet(() -> {
      var asked = offered()
          .filter(one -> one.word().equals(service))
          .findFirst()
          .orElseThrow(() -> Problem.wrong("That can't be asked for."));
      return applying.begin(
          asked, letterbox.actor(by.number()), by.household(), contact(by), language);
    });
    audit.record(DoorKeeper.AT_THE_DOOR, "asks again", application.toString(), by.number());
    keeper.asks(token, application);
  }

  /** By what they come back to it: the contact a code goes to, else the number of the claim, which no contact is. */
  private String contact(Visitor by) {
    var contact = claims.facts(by.number()).packet().household().applicant().contact();
    return contact == null
        ? by.number()
        : contact.safeForMessages().stream()
            .flatMap(way -> OwnContact.of(way.at()).stream())
            .findFirst()
            .map(OwnContact::key)
            .orElse(by.number());
  }
}
