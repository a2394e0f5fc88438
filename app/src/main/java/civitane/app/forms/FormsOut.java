package civitane.app.forms;

import civitane.app.audit.AuditLog;
import civitane.app.catalogue.DeskWords;
import civitane.app.claims.Claims;
import civitane.app.letters.Codes;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Why;
import civitane.core.facts.NamedOutside;
import civitane.core.reasons.Argument;
import civitane.packet.form.FormWriter;
import civitane.packet.form.OtherForm;
import civitane.words.Language;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
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

  private final Claims claims;
  private final FormSubjects subjects;
  private final FormRows rows;
  private final FormWriter writer;
  private final Codes codes;
  private final AuditLog audit;
  private final Clock clock;
  private final String at;

  /** @param at where the door is, as it is written to those who go to it */
  FormsOut(
      Claims claims,
      FormSubjects subjects,
      FormRows rows,
      FormWriter writer,
      Codes codes,
      AuditLog audit,
      Clock clock,
      @Value("${civitane.door-at:http://127.0.0.1:8480/door}") String at) {
    this.claims = claims;
    this.subjects = subjects;
    this.rows = rows;
    this.writer = writer;
    this.codes = codes;
    this.audit = audit;
    this.clock = clock;
    this.at = at;
  }

  /**
   * A form that is out: who was asked, and since when.
   *
   * @param person whom it is about, by their id in the application; empty where it was made from a claim
   */
  record Out(
      UUID id,
      String kind,
      String title,
      String person,
      String asked,
      Instant madeAt,
      LocalDate askAgainOn,
      @Nullable Instant returnedAt) {}

  /** A form that a claim's service has others fill in: who allows that they are asked, and who is named. */
  record Possible(String kind, String title, List<Whom> people, List<String> named) {}

  /** Somebody a form can be about, by their id in the claim. */
  record Whom(String id, String name) {}

  /** The forms of a claim. */
  record OfClaim(List<Out> out, List<Possible> possible) {}

  /** Makes a form for an application. */
  @Transactional
  Out make(
      Staff.Colleague by,
      UUID application,
      String kind,
      String person,
      String to,
      Language language) {
    var about = FormAbout.drafted(application, form(kind), person);
    return known(about, to).orElseGet(() -> fresh(by, about, to, language));
  }

  /** The same for a claim that somebody works on, about somebody by their id in it. */
  @Transactional
  Out makeFor(
      Staff.Colleague by, String claim, String kind, String person, String to, Language language) {
    claims.waitFor(claim);
    claims.mine(by, claim);
    var subject = claims.facts(claim).places().ids().get(person);
    if (subject == null) {
      throw Problem.wrong("Nobody of the household is named whom the form is about.");
    }
    var about = FormAbout.known(claims.applicationOf(claim), form(kind), subject);
    return known(about, to).orElseGet(() -> {
      var made = fresh(by, about, to, language);
      var whose = subjects.name(about);
      claims.note(by, claim, Why.FORM_MADE.with(Argument.told(made.asked()), Argument.told(whose)));
      return made;
    });
  }

  private static OtherForm form(String kind) {
    return OtherForm.named(kind).orElseThrow(() -> Problem.notThere("A form of this kind"));
  }

  /** One of a kind about a person to the same one is made once. */
  private Optional<Out> known(FormAbout about, String to) {
    return rows.of(about.application()).stream()
        .filter(out -> out.about().equals(about) && out.asked().equals(to.strip()))
        .findFirst()
        .map(this::out);
  }

  private Out fresh(Staff.Colleague by, FormAbout about, String to, Language language) {
    var asked = to.strip();
    if (asked.isEmpty()) {
      throw Problem.wrong("A form goes out to somebody by name.");
    }
    if (!subjects.isAllowed(about, LocalDate.now(clock))) {
      throw Problem.wrong("The household has not allowed yet that the "
          + about.form().word() + " is asked. Note the consent first.");
    }
    var fresh =
        new FormRows.Kept(UUID.randomUUID(), about, asked, codes.fresh(), clock.instant(), null);
    rows.add(fresh, written(fresh, subjects.name(about), language, Map.of()), by.login());
    audit.record(
        by.login(), "form made", about.application().toString(), about.form().word());
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

  /** The forms that went out for a claim, and those that could; those for another one of its application are not its own. */
  @Transactional(readOnly = true)
  OfClaim ofClaim(String claim) {
    var out = rows.of(claims.applicationOf(claim)).stream()
        .filter(one -> subjects.claim(one.about()).filter(claim::equals).isPresent())
        .map(this::out)
        .toList();
    var packet = claims.facts(claim).packet();
    var named = NamedOutside.of(packet, 0);
    var possible = FormSubjects.of(packet.requests().get(0).service()).stream()
        .map(form -> new Possible(
            form.word(),
            form.title(DeskWords.WORDS),
            subjects.allowing(claim, form, LocalDate.now(clock)).stream()
                .map(person -> new Whom(person.id(), person.fullName()))
                .toList(),
            named.stream()
                .filter(one -> one.kind().word().equals(form.word()))
                .map(NamedOutside::name)
                .distinct()
                .toList()))
        .toList();
    return new OfClaim(out, possible);
  }

  private Out out(FormRows.Kept form) {
    return new Out(
        form.id(),
        form.form().word(),
        form.form().title(DeskWords.WORDS),
        form.about().person() == null ? "" : form.about().person(),
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
