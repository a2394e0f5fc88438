package civitane.app.forms;

import civitane.app.claims.ClaimLists;
import civitane.app.claims.Claims;
import civitane.app.drafts.Applications;
import civitane.core.facts.Person;
import civitane.packet.form.OtherForm;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

import static civitane.core.facts.Known.known;

/** Whom a form of others is about, which claim asks for it, and whether they allow that somebody is asked. */
@Component
class FormSubjects {
  private final Applications applications;
  private final Claims claims;
  private final ClaimLists claimLists;

  FormSubjects(Applications applications, Claims claims, ClaimLists claimLists) {
    this.applications = applications;
    this.claims = claims;
    this.claimLists = claimLists;
  }

  /** The forms that a service has others fill in. */
  static List<OtherForm> of(String service) {
    return Arrays.stream(OtherForm.values())
        .filter(form -> services(form).contains(service))
        .toList();
  }

  private static List<String> services(OtherForm form) {
    return switch (form) {
      case EMPLOYER, DOCTOR -> List.of("paidLeave");
      case LANDLORD -> List.of("rentRelief");
      case LENDER -> List.of("homePaymentRelief");
    };
  }

  /** The claim of the application that asks for what the form is about; else its first. */
  Optional<String> claim(FormAbout about) {
    var numbers = claimLists.ofApplication(about.application());
    return numbers.stream()
        .filter(number -> claims.facts(number).packet().requests().stream()
            .anyMatch(request -> services(about.form()).contains(request.service())))
        .findFirst()
        .or(() -> numbers.stream().findFirst());
  }

  /** By name; empty where nobody has one any more. */
  String name(FormAbout about) {
    var person = about.person();
    return person == null
        ? claim(about)
            .flatMap(claim -> person(claim, about))
            .map(Person::fullName)
            .orElse("")
        : applications.view(about.application()).draft().name(person);
  }

  /** Somebody in a claim's packet. People of a draft have other ids there: they are found by their name. */
  Optional<Person> person(String claim, FormAbout about) {
    var facts = claims.facts(claim);
    var people = facts.packet().household().people().stream();
    var subject = about.subject();
    if (subject == null) {
      var name = name(about);
      return people.filter(person -> person.fullName().equals(name)).findFirst();
    }
    return people
        .filter(person -> subject.equals(facts.places().ids().get(person.id())))
        .findFirst();
  }

  /** Whether they allow it on a day: as the household knows it, or as the application says before there is a claim. */
  boolean isAllowed(FormAbout about, LocalDate on) {
    var claim = claim(about);
    if (claim.isEmpty()) {
      return applications
          .view(about.application())
          .draft()
          .allows(known(about.person()), about.form().word(), on);
    }
    return person(claim.get(), about)
        .filter(allowing(claim.get(), about.form(), on)::contains)
        .isPresent();
  }

  /** Those of a claim's household who allow, on a day, that somebody is asked. */
  List<Person> allowing(String claim, OtherForm form, LocalDate on) {
    var household = claims.facts(claim).packet().household();
    return household.people().stream()
        .filter(person -> household.consents().stream()
            .filter(consent -> consent.person().equals(person.id()))
            .anyMatch(consent -> consent.to().word().equals(form.word()) && consent.holdsOn(on)))
        .toList();
  }
}
