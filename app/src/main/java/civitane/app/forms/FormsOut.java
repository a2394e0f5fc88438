package civitane.app.forms;

import civitane.app.audit.AuditLog;
import civitane.app.catalogue.DeskWords;
import civitane.app.drafts.Applications;
import civitane.app.letters.Codes;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.packet.form.FormWriter;
import civitane.packet.form.OtherForm;
import civitane.words.Language;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Forms that go out to an employer, doctor, landlord or lender, with the household's consent. */
@Service
class FormsOut {
  /** Who has not answered after so many days is asked again. */
  private static final int ASKED_AGAIN_AFTER = 14;

  private static final int NUMBER_LENGTH = 8;

  private final Applications applications;
  private final FormRows rows;
  private final FormWriter writer;
  private final Codes codes;
  private final AuditLog audit;
  private final Clock clock;
  private final String at;

  /** @param at where the door is, as it is written to those who go to it */
  FormsOut(
      Applications applications,
      FormRows rows,
      FormWriter writer,
      Codes codes,
      AuditLog audit,
      Clock clock,
      @Value("${civitane.door-at:http://127.0.0.1:8480/door}") String at) {
    this.applications = applications;
    this.rows = rows;
    this.writer = writer;
    this.codes = codes;
    this.audit = audit;
    this.clock = clock;
    this.at = at;
  }

  /** A form that is out: which, about whom, who was asked, and since when. */
  record Out(
      UUID id,
      String kind,
      String title,
      String person,
      String asked,
      Instant madeAt,
      LocalDate askAgainOn,
      @Nullable Instant returnedAt) {}

  /** Makes a form; one of a kind about a person to the same one is made once. */
  @Transactional
  Out make(
      Staff.Colleague by,
      UUID application,
      String kind,
      String person,
      String to,
      Language language) {
    var form = OtherForm.named(kind).orElseThrow(() -> Problem.notThere("A form of this kind"));
    var asked = to.strip();
    if (asked.isEmpty()) {
      throw Problem.wrong("A form goes out to somebody by name.");
    }
    var draft = applications.view(application).draft();
    if (!draft.allows(person, kind, LocalDate.now(clock))) {
      throw Problem.wrong("The household has not allowed yet that the " + kind
          + " is asked. Note the consent first.");
    }
    var known = rows.of(application).stream()
        .filter(out ->
            out.form() == form && out.person().equals(person) && out.asked().equals(asked))
        .findFirst();
    if (known.isPresent()) {
      return out(known.get());
    }
    var fresh = new FormRows.Kept(
        UUID.randomUUID(), application, form, person, asked, codes.fresh(), clock.instant(), null);
    rows.add(fresh, written(fresh, draft.name(person), language, Map.of()), by.login());
    audit.record(by.login(), "form made", application.toString(), kind);
    return out(fresh);
  }

  /** The form as it goes out, or with what was answered on a screen. */
  byte[] written(FormRows.Kept form, String about, Language language, Map<String, String> answers) {
    var number =
        "A-" + form.application().toString().substring(0, NUMBER_LENGTH).toUpperCase(Locale.ROOT);
    return form.form().pdf(writer, about, form.asked(), number, form.code(), at, language, answers);
  }

  @Transactional(readOnly = true)
  List<Out> of(UUID application) {
    return rows.of(application).stream().map(this::out).toList();
  }

  private Out out(FormRows.Kept form) {
    return new Out(
        form.id(),
        form.form().word(),
        form.form().title(DeskWords.WORDS),
        form.person(),
        form.asked(),
        form.madeAt(),
        LocalDate.ofInstant(form.madeAt(), clock.getZone()).plusDays(ASKED_AGAIN_AFTER),
        form.returnedAt());
  }

  @Transactional
  byte[] pdf(Staff.Colleague by, UUID id) {
    audit.record(by.login(), "form read", id.toString(), "");
    return rows.pdf(id).orElseThrow(() -> Problem.notThere("The form"));
  }
}
