package civitane.core.checking;

import civitane.core.facts.Packet;
import civitane.core.facts.Paper;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Parts;
import civitane.core.facts.Person;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Who;
import civitane.core.reasons.Reason;
import civitane.core.registers.LenderRegister;
import civitane.core.registers.PropertyRegister;
import civitane.core.registers.RegisterRow;
import civitane.core.services.estateauthority.EstateAuthorityAnswers;
import civitane.core.services.homepaymentrelief.HomePaymentReliefAnswers;
import civitane.core.services.paidleave.PaidLeaveAnswers;
import civitane.core.services.valuereview.ReviewStanding;
import civitane.core.services.valuereview.ValueReviewAnswers;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** Holds what a request answers against what somebody else and papers say of just that. */
final class RequestComparing {
  private final Packet packet;
  private final String place;
  private final Record answers;
  private final List<Comparison> comparisons = new ArrayList<>();

  private RequestComparing(Packet packet, String place, Record answers) {
    this.packet = packet;
    this.place = place;
    this.answers = answers;
  }

  /** What of a request an answer speaks to. */
  static List<Comparison> answered(Packet packet, Inquiry inquiry, List<RegisterRow> rows) {
    var answers = (Record) known(Parts.at(packet, inquiry.place()));
    var comparing = new RequestComparing(packet, inquiry.place(), answers);
    if (answers instanceof HomePaymentReliefAnswers home) {
      comparing.loan(home, rows);
    } else if (answers instanceof ValueReviewAnswers review) {
      comparing.parcel(review, rows);
    }
    return comparing.comparisons;
  }

  /** What of the requests the papers that were accepted speak to. */
  static List<Comparison> shown(Packet packet) {
    var all = new ArrayList<Comparison>();
    for (var i = 0; i < packet.requests().size(); i++) {
      var answers = packet.requests().get(i).answers();
      var comparing = new RequestComparing(packet, "/requests/" + i + "/answers", answers);
      if (answers instanceof PaidLeaveAnswers leave) {
        comparing.leave(leave);
      } else if (answers instanceof EstateAuthorityAnswers estate) {
        comparing.deceased(estate);
      }
      all.addAll(comparing.comparisons);
    }
    return all;
  }

  private void compare(
      Matter matter,
      Who about,
      @Nullable Argument said,
      @Nullable Argument found,
      Verdict verdict,
      Reason differs) {
    comparisons.add(new Comparison(
        matter,
        place,
        "",
        about,
        said,
        found,
        verdict,
        verdict == Verdict.DIFFERS ? differs : null));
  }

  private Who applicant() {
    return Who.of(packet.household(), packet.household().applicant());
  }

  // Somebody else's word

  private void loan(HomePaymentReliefAnswers home, List<RegisterRow> rows) {
    var said = home.amountDue();
    var loan = LenderRegister.read(rows).orElse(null);
    if (loan == null) {
      compare(
          Matter.LENDER_FIGURE,
          applicant(),
          once(said),
          null,
          Verdict.DIFFERS,
          Why.LOAN_UNKNOWN.with());
    } else if (said != null && loan.due() != null && loan.asOf() != null) {
      compare(
          Matter.LENDER_FIGURE,
          applicant(),
          once(said),
          once(loan.due()),
          same(said, loan.due()),
          Why.LENDER_FIGURE_DIFFERS.with(
              Argument.once(said), Argument.once(loan.due()), Argument.day(loan.asOf())));
    }
  }

  private void parcel(ValueReviewAnswers review, List<RegisterRow> rows) {
    var number = Argument.told(known(review.parcel()));
    var owner = packet.household().applicant();
    var name = Argument.told(owner.fullName());
    var parcel = PropertyRegister.read(rows).orElse(null);
    if (parcel == null) {
      compare(
          Matter.PARCEL_OWNER,
          applicant(),
          name,
          null,
          Verdict.DIFFERS,
          Why.PARCEL_UNKNOWN.with(number));
      return;
    }
    if (review.standing() != ReviewStanding.REPRESENTATIVE) {
      var found = Argument.told(parcel.owner());
      compare(
          Matter.PARCEL_OWNER,
          applicant(),
          name,
          found,
          same(Names.compare(owner, parcel.owner())),
          Why.PARCEL_OF_ANOTHER.with(number, found));
    }
    var said = review.currentValue();
    if (said != null) {
      compare(
          Matter.PARCEL_VALUE,
          applicant(),
          once(said),
          once(parcel.assessedValue()),
          same(said, parcel.assessedValue()),
          Why.PARCEL_VALUE_DIFFERS.with(
              Argument.once(said), Argument.once(parcel.assessedValue())));
    }
  }

  private static @Nullable Argument once(@Nullable Amount amount) {
    return amount == null ? null : Argument.once(amount);
  }

  private static Verdict same(Object said, Object found) {
    return said.equals(found) ? Verdict.AGREES : Verdict.DIFFERS;
  }

  private static Verdict same(NameMatch match) {
    return switch (match) {
      case SAME -> Verdict.AGREES;
      case CLOSE, OTHER_SCRIPT -> Verdict.NEAR;
      case DIFFERENT -> Verdict.DIFFERS;
    };
  }

  // Papers

  private Stream<Paper> accepted(PaperKind kind) {
    return packet.papers().stream().filter(paper -> paper.kind() == kind && paper.isEvidence());
  }

  /** Several certificates follow one upon another: what counts is from the first day of them to the last. */
  private void leave(PaidLeaveAnswers leave) {
    var person = packet.household().person(leave.person()).orElse(null);
    var first = leave.benefitFrom();
    var back = leave.returnOn();
    if (person == null || first == null || back == null) {
      return;
    }
    var certificates = Stream.of(PaperKind.MEDICAL_CERTIFICATE, PaperKind.SERVICE_ORDER)
        .flatMap(this::accepted)
        .toList();
    var from = certificates.stream()
        .map(Paper::coversFrom)
        .filter(Objects::nonNull)
        .min(Comparator.naturalOrder());
    var until = certificates.stream()
        .map(Paper::coversUntil)
        .filter(Objects::nonNull)
        .max(Comparator.naturalOrder());
    if (from.isPresent() && until.isPresent()) {
      covered(person, first, back.minusDays(1), from.get(), until.get());
    }
  }

  private void covered(
      Person person, LocalDate first, LocalDate last, LocalDate from, LocalDate until) {
    var who = Who.of(packet.household(), person);
    var within = !first.isBefore(from) && !last.isAfter(until);
    compare(
        Matter.LEAVE_DAYS,
        who,
        days(first, last),
        days(from, until),
        within ? Verdict.AGREES : Verdict.DIFFERS,
        Why.LEAVE_BEYOND.with(
            who, Argument.day(first), Argument.day(last), Argument.day(from), Argument.day(until)));
  }

  private static Argument days(LocalDate first, LocalDate last) {
    return new Argument.Several(List.of(Argument.day(first), Argument.day(last)));
  }

  private void deceased(EstateAuthorityAnswers estate) {
    var name = estate.deceased() == null ? null : estate.deceased().name();
    if (name == null) {
      return;
    }
    accepted(PaperKind.DEATH_RECORD)
        .map(Paper::nameOnPaper)
        .filter(Objects::nonNull)
        .findFirst()
        .ifPresent(found -> compare(
            Matter.DECEASED_NAME,
            applicant(),
            Argument.told(name),
            Argument.told(found),
            same(Names.compare(name, found)),
            Why.RECORD_OF_ANOTHER.with(Argument.told(name), Argument.told(found))));
  }
}
