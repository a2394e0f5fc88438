package civitane.app.door;

import civitane.app.audit.AuditLog;
import civitane.app.messages.Messages;
import civitane.app.messages.OwnContact;
import civitane.app.problems.Problem;
import civitane.core.rules.Entitlement;
import civitane.core.services.Services;
import civitane.words.Language;
import civitane.words.Words;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Whoever applies shows first that a phone or mail address is theirs: by the code that goes there they come back from
 * anywhere. Nobody is looked up by it but who began by it.
 */
@Service
class Beginning {
  private final DoorCodes codes;
  private final OwnApplications own;
  private final Applying applying;
  private final DoorKeeper keeper;
  private final Messages messages;
  private final AuditLog audit;
  private final Clock clock;

  Beginning(
      DoorCodes codes,
      OwnApplications own,
      Applying applying,
      DoorKeeper keeper,
      Messages messages,
      AuditLog audit,
      Clock clock) {
    this.codes = codes;
    this.own = own;
    this.applying = applying;
    this.keeper = keeper;
    this.messages = messages;
    this.audit = audit;
    this.clock = clock;
  }

  private static OwnContact contact(@Nullable String typed) {
    return OwnContact.of(typed)
        .orElseThrow(() -> Problem.wrong("A phone number or a mail address is wanted."));
  }

  /** Sends a code to a contact, in the language that is read. */
  @Transactional
  public void ask(@Nullable String typed, Language language) {
    var contact = contact(typed);
    messages.order(
        null,
        contact.way(),
        Words.in(language).say("door.code", "code", codes.give(contact.key())),
        clock.instant().plus(DoorCodes.HOLDS));
    audit.record(DoorKeeper.AT_THE_DOOR, "code sent to begin", "", "");
  }

  /**
   * Lets somebody go on who has the code of a contact: with what they began, else with a new application.
   *
   * @param service what they ask for; what they began before goes before it
   * @return what their browser shows from then on; empty where the code does not open, or there is nothing to go on with
   */
  @Transactional
  public Optional<String> enter(
      @Nullable String typed, String code, @Nullable String service, Language language) {
    var contact = contact(typed);
    if (codes.attempt(contact.key(), code) != DoorCodes.Tried.OPENS) {
      return Optional.empty();
    }
    var application = own.open(contact.key())
        .or(() -> offered(service).map(asked -> {
          var begun = applying.begin(asked, contact, language);
          own.add(begun, contact.key());
          return begun;
        }));
    application.ifPresent(
        id -> audit.record(DoorKeeper.AT_THE_DOOR, "came to apply", id.toString(), ""));
    return application.map(keeper::letApply);
  }

  private Optional<Entitlement<?>> offered(@Nullable String service) {
    var today = LocalDate.now(clock);
    return Services.named(service == null ? "" : service)
        .filter(one -> !one.offeredFrom().isAfter(today));
  }
}
