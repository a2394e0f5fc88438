package civitane.app.forms;

import civitane.app.papers.Reply;
import civitane.app.papers.ReplyCode;
import civitane.app.papers.Replying;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Person;
import civitane.packet.form.OtherForm;
import java.time.Clock;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Forms of others that come back: each is a paper of the person it is about, for the claim that wants it. */
@Component
class FormReplies implements Replying {
  private final FormRows rows;
  private final FormSubjects subjects;
  private final Clock clock;

  FormReplies(FormRows rows, FormSubjects subjects, Clock clock) {
    this.rows = rows;
    this.subjects = subjects;
    this.clock = clock;
  }

  @Override
  public Optional<Reply> to(ReplyCode code) {
    return rows.of(code.code()).flatMap(this::to);
  }

  Optional<Reply> to(FormRows.Kept back) {
    return subjects
        .claim(back.about())
        .map(claim -> new Reply(
            claim,
            null,
            kind(back.form()),
            subjects.person(claim, back.about()).map(Person::id).orElse(null),
            null,
            back.asked()));
  }

  @Override
  public void came(ReplyCode code) {
    rows.came(code.code(), clock.instant());
  }

  private static PaperKind kind(OtherForm form) {
    return switch (form) {
      case EMPLOYER -> PaperKind.EMPLOYMENT_CONFIRMATION;
      case DOCTOR -> PaperKind.MEDICAL_CERTIFICATE;
      case LANDLORD -> PaperKind.TENANCY_PROOF;
      case LENDER -> PaperKind.LENDER_LETTER;
    };
  }
}
