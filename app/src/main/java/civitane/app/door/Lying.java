package civitane.app.door;

import civitane.app.audit.AuditLog;
import civitane.app.drafts.Applications;
import civitane.app.messages.Messages;
import civitane.app.messages.OwnContact;
import civitane.core.claims.Actor;
import civitane.core.services.Services;
import civitane.words.Language;
import civitane.words.Words;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Applications that were begun at the door and not lodged: who began one is reminded once, and told until when it is
 * kept; then it is put aside.
 */
@Service
public class Lying {
  private static final Duration REMINDED_AFTER = Duration.ofDays(7);

  /** As it is said where it is begun. */
  private static final Duration KEPT = Duration.ofDays(30);

  private final OwnApplications own;
  private final Applications applications;
  private final Messages messages;
  private final AuditLog audit;
  private final Clock clock;

  Lying(
      OwnApplications own,
      Applications applications,
      Messages messages,
      AuditLog audit,
      Clock clock) {
    this.own = own;
    this.applications = applications;
    this.messages = messages;
    this.audit = audit;
    this.clock = clock;
  }

  /** Those whom nobody has reminded yet. */
  @Transactional(readOnly = true)
  public List<UUID> toRemind() {
    return own.notReminded(clock.instant().minus(REMINDED_AFTER));
  }

  /** Those that are kept no longer. */
  @Transactional(readOnly = true)
  public List<UUID> tooOld() {
    return own.lying(clock.instant().minus(KEPT));
  }

  /** Reminds whoever began one, by the contact they showed to be theirs. */
  @Transactional
  public void remind(UUID id) {
    var record = applications.find(id);
    if (!own.remind(id, clock.instant())) {
      return;
    }
    var draft = applications.draft(record);
    var packet = draft.packet();
    var words = Words.in(Language.of(packet.path("language").asString("")));
    var until = record.updatedAt().plus(KEPT).atZone(clock.getZone()).toLocalDate();
    var reached = packet.at("/household/people/0/contact");
    Stream.of(
            reached.path("phone").asString(""),
            reached.path("email").asString(""),
            draft.taking().at("/actor/reachedAt").asString(""))
        .flatMap(at -> OwnContact.of(at).stream())
        .filter(one -> own.contact(id).filter(one.key()::equals).isPresent())
        .findFirst()
        .ifPresent(contact -> messages.order(
            null,
            contact.way(),
            words.say(
                "door.begun.remind",
                "service",
                Services.named(packet.at("/requests/0/service").asString(""))
                    .map(service -> words.title(service.word()))
                    .orElse(""),
                "until",
                until),
            null));
    audit.record(new Actor.OfficeClock().written(), "reminded of application", id.toString(), "");
  }

  @Transactional
  public void putAside(UUID id) {
    applications.withdraw(new Actor.OfficeClock(), id);
  }
}
