package civitane.app.forms;

import civitane.app.claims.ClaimLists;
import civitane.app.claims.Claims;
import civitane.app.drafts.Applications;
import civitane.app.papers.Reply;
import civitane.app.papers.ReplyCode;
import civitane.app.papers.Replying;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Person;
import civitane.packet.form.OtherForm;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Forms of others that come back: each is a paper of the person it is about, for the claim that wants it. */
@Component
class FormReplies implements Replying {
  private final FormRows rows;
  private final FormsOut forms;
  private final Applications applications;
  private final Claims claims;
  private final ClaimLists claimLists;
  private final Clock clock;

  FormReplies(
      FormRows rows,
      FormsOut forms,
      Applications applications,
      Claims claims,
      ClaimLists claimLists,
      Clock clock) {
    this.rows = rows;
    this.forms = forms;
    this.applications = applications;
    this.claims = claims;
    this.claimLists = claimLists;
    this.clock = clock;
  }

  @Override
  public Optional<Reply> to(ReplyCode code) {
    return rows.of(code.code()).flatMap(this::to);
  }

  Optional<Reply> to(FormRows.Kept back) {
    return claim(back.application(), back.form())
        .map(claim ->
            new Reply(claim, null, kind(back.form()), person(claim, back), null, back.asked()));
  }

  /** Whom a form is about, by name. */
  String about(FormRows.Kept back) {
    return applications.view(back.application()).draft().name(back.person());
  }

  /** Whether the household still allows that they are asked. */
  boolean isAllowed(FormRows.Kept back, LocalDate on) {
    var reply = to(back);
    if (reply.isEmpty()) {
      return applications
          .view(back.application())
          .draft()
          .allows(back.person(), back.form().word(), on);
    }
    var household = claims.facts(reply.get().claim()).packet().household();
    return household.consents().stream()
        .filter(consent -> consent.person().equals(reply.get().person()))
        .anyMatch(consent -> consent.to().word().equals(back.form().word()) && consent.holdsOn(on));
  }

  @Override
  public void came(ReplyCode code) {
    rows.came(code.code(), clock.instant());
  }

  /** The claim of the application that asks for what the form is about; else its first. */
  private Optional<String> claim(UUID application, OtherForm form) {
    var numbers = claimLists.ofApplication(application);
    return numbers.stream()
        .filter(number -> claims.facts(number).packet().requests().stream()
            .anyMatch(request -> services(form).contains(request.service())))
        .findFirst()
        .or(() -> numbers.stream().findFirst());
  }

  /** The forms that went out for a claim; those for another one of the same application are not its own. */
  List<FormsOut.Out> out(String claim) {
    var application = claims.applicationOf(claim);
    return forms.of(application).stream()
        .filter(out -> OtherForm.named(out.kind())
            .flatMap(form -> claim(application, form))
            .filter(claim::equals)
            .isPresent())
        .toList();
  }

  private static List<String> services(OtherForm form) {
    return switch (form) {
      case EMPLOYER, DOCTOR -> List.of("paidLeave");
      case LANDLORD -> List.of("rentRelief");
      case LENDER -> List.of("homePaymentRelief");
    };
  }

  private static PaperKind kind(OtherForm form) {
    return switch (form) {
      case EMPLOYER -> PaperKind.EMPLOYMENT_CONFIRMATION;
      case DOCTOR -> PaperKind.MEDICAL_CERTIFICATE;
      case LANDLORD -> PaperKind.TENANCY_PROOF;
      case LENDER -> PaperKind.LENDER_LETTER;
    };
  }

  /** People have other ids in a claim than in the draft that it came from: they are found by their name. */
  private @Nullable String person(String claim, FormRows.Kept back) {
    var name = about(back);
    return claims.facts(claim).packet().household().people().stream()
        .filter(person -> person.fullName().equals(name))
        .map(Person::id)
        .findFirst()
        .orElse(null);
  }
}
