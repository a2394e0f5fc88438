package civitane.app.forms;

import civitane.app.audit.AuditLog;
import civitane.app.catalogue.DeskWords;
import civitane.app.jobs.Jobs;
import civitane.app.letters.Codes;
import civitane.app.lodging.ApplicationLodged;
import civitane.app.papers.Bringing;
import civitane.app.papers.Papers;
import civitane.core.claims.Actor;
import civitane.packet.form.OtherForm;
import civitane.words.Language;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Somebody outside gives their part by the code on the form that went to them, once: on a screen, or the form itself as
 * a file. It is filed with the claim that wants it, as soon as there is one; nothing else is seen by the code.
 */
@Service
public class PartByCode {
  private final FormRows rows;
  private final FormsOut forms;
  private final FormReplies replies;
  private final FormSubjects subjects;
  private final Bringing bringing;
  private final Jobs jobs;
  private final AuditLog audit;
  private final Clock clock;

  PartByCode(
      FormRows rows,
      FormsOut forms,
      FormReplies replies,
      FormSubjects subjects,
      Bringing bringing,
      Jobs jobs,
      AuditLog audit,
      Clock clock) {
    this.rows = rows;
    this.forms = forms;
    this.replies = replies;
    this.subjects = subjects;
    this.bringing = bringing;
    this.jobs = jobs;
    this.audit = audit;
    this.clock = clock;
  }

  /** Whether a part can be given. */
  public enum Standing {
    OPEN,
    /** It has come: by the code, by post, or with the household. */
    CAME,
    /** The household does not allow any more that they are asked. */
    ENDED
  }

  /**
   * What somebody is asked.
   *
   * @param about whose it is, by name
   * @param asked who is to fill it in
   */
  public record Part(OtherForm form, String about, String asked, Standing standing) {}

  /** What is asked by a code, however it was typed; empty where there is no such code. */
  @Transactional(readOnly = true)
  public Optional<Part> of(String code) {
    return rows.of(Codes.grouped(code))
        .map(out -> new Part(out.form(), subjects.name(out.about()), out.asked(), standing(out)));
  }

  private Standing standing(FormRows.Kept out) {
    if (out.came()) {
      return Standing.CAME;
    }
    return subjects.isAllowed(out.about(), LocalDate.now(clock)) ? Standing.OPEN : Standing.ENDED;
  }

  /**
   * Takes what was answered on a screen, as the form filled in.
   *
   * @param by who filled it in, as they are called
   * @return how it stood before; it is kept where it was open
   */
  public Standing answer(String code, String by, Map<String, String> answers, Language language) {
    var out = rows.of(Codes.grouped(code)).orElseThrow();
    var filled = forms.written(out, subjects.name(out.about()), language, answers);
    try {
      return answer(code, by, new ByteArrayInputStream(filled));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The same with the form itself, filled in, as a file or photographed. */
  public Standing answer(String code, String by, InputStream filled) throws IOException {
    var out = rows.of(Codes.grouped(code)).orElseThrow();
    var standing = standing(out);
    if (standing != Standing.OPEN) {
      return standing;
    }
    var isFirst = new AtomicBoolean();
    bringing.keep(filled, kept -> isFirst.set(keep(out, kept, by)));
    return isFirst.get() ? Standing.OPEN : Standing.CAME;
  }

  private boolean keep(FormRows.Kept out, Bringing.Kept kept, String by) {
    var isFirst = rows.answered(out, kept, by, clock.instant());
    if (isFirst) {
      jobs.soon(FilingOfParts.KIND, out.id().toString());
      audit.record(
          new Actor.ThirdParty(out.asked()).written(),
          "form answered by code",
          out.application().toString(),
          out.form().word());
    }
    return isFirst;
  }

  /** What was answered before it was lodged is filed now. */
  @EventListener
  @Transactional(propagation = Propagation.MANDATORY)
  public void on(ApplicationLodged lodged) {
    rows.waiting(lodged.application()).forEach(id -> jobs.soon(FilingOfParts.KIND, id.toString()));
  }

  /** Files an answer, once, as soon as there is a claim. */
  @Transactional
  void file(UUID id) {
    rows.unfiled(id)
        .ifPresent(unfiled -> replies.to(unfiled.form()).ifPresent(reply -> {
          var by = DeskWords.WORDS.say("letter.other.by", "name", unfiled.by());
          bringing.file(
              new Actor.ThirdParty(unfiled.form().asked()),
              reply.claim(),
              List.of(unfiled.answer()),
              new Papers.Filing(null, reply.kind(), reply.person(), null, "", by, reply.sender()));
          rows.filed(id, clock.instant());
        }));
  }
}
