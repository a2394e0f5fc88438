package civitane.core.identity;

import civitane.core.facts.Household;
import civitane.core.facts.Paper;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Person;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Who;
import civitane.core.reasons.Reason;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What the papers say of who somebody is.
 *
 * @param speaking the papers that speak for the person
 * @param objections why each of the other identity papers does not
 */
public record Identity(IdentityLevel level, List<Paper> speaking, List<Reason> objections) {
  private static final Set<PaperKind> PHOTO = EnumSet.of(
      PaperKind.PASSPORT,
      PaperKind.NATIONAL_ID,
      PaperKind.DRIVING_LICENCE,
      PaperKind.RESIDENCE_PERMIT);
  private static final Set<PaperKind> OTHER = EnumSet.of(
      PaperKind.BIRTH_RECORD,
      PaperKind.TAX_NOTICE,
      PaperKind.SCHOOL_RECORD,
      PaperKind.WORK_CARD,
      PaperKind.STUDENT_CARD);
  private static final Set<PaperKind> RECENT =
      EnumSet.of(PaperKind.UTILITY_BILL, PaperKind.BANK_STATEMENT, PaperKind.PAYSLIP);

  public static boolean isPhoto(PaperKind kind) {
    return PHOTO.contains(kind);
  }

  /** The kinds that show who somebody is by a photo of theirs, in their order. */
  public static List<PaperKind> photos() {
    return List.copyOf(PHOTO);
  }

  /** The kinds that do beside one with a photo, in their order. */
  public static List<PaperKind> others() {
    return List.copyOf(OTHER);
  }

  /** The kinds that do as long as they are recent, in their order. */
  public static List<PaperKind> recent() {
    return List.copyOf(RECENT);
  }

  /** Works out the level from everything handed in, on the day of the computation. */
  public static Identity of(
      Household household, Person person, List<Paper> papers, LocalDate asOf, int recentDays) {
    var speaking = new ArrayList<Paper>();
    var objections = new ArrayList<Reason>();
    for (var paper : papers) {
      if (!person.id().equals(paper.person()) || !isIdentityPaper(paper.kind())) {
        continue;
      }
      var against =
          new Objection(Who.of(household, person), person, paper, asOf, recentDays).find();
      if (against == null) {
        speaking.add(paper);
      } else {
        objections.add(against);
      }
    }
    return new Identity(level(speaking), List.copyOf(speaking), List.copyOf(objections));
  }

  /** Whether papers of a kind can tell who somebody is. */
  public static boolean isIdentityPaper(PaperKind kind) {
    return PHOTO.contains(kind) || OTHER.contains(kind) || RECENT.contains(kind);
  }

  private static IdentityLevel level(List<Paper> speaking) {
    var kinds = EnumSet.noneOf(PaperKind.class);
    var photo = false;
    for (var paper : speaking) {
      kinds.add(paper.kind());
      photo |= isPhoto(paper.kind());
    }
    if (kinds.isEmpty()) {
      return IdentityLevel.NONE;
    }
    return photo && kinds.size() >= 2 ? IdentityLevel.STANDARD : IdentityLevel.PARTIAL;
  }

  /** One paper held against one person. */
  private record Objection(Who who, Person person, Paper paper, LocalDate asOf, int recentDays) {

    /** The first reason why the paper does not speak for the person; null when it does. */
    @Nullable
    Reason find() {
      if (!paper.isEvidence()) {
        return because(paper.accepted() == null ? Why.NOT_ACCEPTED_YET : Why.RETURNED);
      }
      if (paper.reportedLost()) {
        return because(Why.REPORTED_LOST);
      }
      if (paper.expiresOn() != null && paper.expiresOn().isBefore(asOf)) {
        return because(Why.EXPIRED, Argument.day(paper.expiresOn()));
      }
      if (RECENT.contains(paper.kind()) && !isRecent()) {
        return because(Why.NOT_RECENT, Argument.days(recentDays));
      }
      var match = Names.compare(person, paper.nameOnPaper());
      if (match == NameMatch.DIFFERENT) {
        return because(paper.nameOnPaper() == null ? Why.NAME_NOT_READ : Why.NAME_DIFFERS);
      }
      if (match != NameMatch.SAME && !Boolean.TRUE.equals(paper.nameAccepted())) {
        return because(Why.NAME_NEAR);
      }
      if (paper.birthDateOnPaper() != null
          && !paper.birthDateOnPaper().equals(person.birthDate())) {
        return because(Why.BIRTH_DATE_DIFFERS);
      }
      return paper.mrz().isEmpty() ? null : ofZone();
    }

    private boolean isRecent() {
      var issued = paper.issuedOn();
      return issued != null
          && !issued.isAfter(asOf)
          && !issued.isBefore(asOf.minusDays(recentDays));
    }

    private @Nullable Reason ofZone() {
      var zone = MachineReadableZone.read(paper.mrz());
      if (!zone.faults().isEmpty()) {
        var fault = zone.faults().get(0);
        return fault.part() == null
            ? because(fault.why())
            : because(
                fault.why(),
                Argument.term(fault.part()),
                Argument.told(String.valueOf(fault.digit())),
                Argument.count(fault.right()));
      }
      return person.birthDate() == null || !zone.hasBirthDate(person.birthDate())
          ? because(Why.ZONE_BIRTH_DATE_DIFFERS)
          : null;
    }

    private Reason because(Why why, Argument... more) {
      return why.with(Stream.concat(Stream.of(Argument.term(paper.kind()), who), Stream.of(more))
          .toArray(Argument[]::new));
    }
  }
}
