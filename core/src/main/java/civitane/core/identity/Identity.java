package civitane.core.identity;

import civitane.core.facts.Paper;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Person;
import civitane.core.time.Dates;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What the papers say of who somebody is.
 *
 * @param speaking the papers that speak for the person
 * @param reasons why each of the other identity papers does not, one sentence each
 */
public record Identity(IdentityLevel level, List<Paper> speaking, List<String> reasons) {
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

  /** Works out the level from everything handed in, on the day of the computation. */
  public static Identity of(Person person, List<Paper> papers, LocalDate asOf, int recentDays) {
    var speaking = new ArrayList<Paper>();
    var reasons = new ArrayList<String>();
    for (var paper : papers) {
      if (!person.id().equals(paper.person()) || !isIdentityPaper(paper.kind())) {
        continue;
      }
      var against = objection(person, paper, asOf, recentDays);
      if (against.isEmpty()) {
        speaking.add(paper);
      } else {
        reasons.add("The paper \"" + paper.kind().word() + "\" of " + person.calledBy()
            + " does not count: " + against.get() + ".");
      }
    }
    return new Identity(level(speaking), List.copyOf(speaking), List.copyOf(reasons));
  }

  private static boolean isIdentityPaper(PaperKind kind) {
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

  /** The first reason why a paper does not speak for the person; empty when it does. */
  private static Optional<String> objection(
      Person person, Paper paper, LocalDate asOf, int recentDays) {
    if (!paper.isEvidence()) {
      return Optional.of(
          paper.accepted() == null ? "nobody has accepted it yet" : "it was returned");
    }
    if (paper.reportedLost()) {
      return Optional.of("it is reported lost");
    }
    if (paper.expiresOn() != null && paper.expiresOn().isBefore(asOf)) {
      return Optional.of("it expired on " + Dates.written(paper.expiresOn()));
    }
    if (RECENT.contains(paper.kind()) && !isRecent(paper, asOf, recentDays)) {
      return Optional.of("it is not shown to be of the last " + recentDays + " days");
    }
    var match = Names.compare(person, paper.nameOnPaper());
    if (match == NameMatch.DIFFERENT) {
      return Optional.of(
          paper.nameOnPaper() == null ? "the name on it has not been read" : "the name differs");
    }
    if (match != NameMatch.SAME && !Boolean.TRUE.equals(paper.nameAccepted())) {
      return Optional.of("the name is near but not the same, and nobody has accepted it");
    }
    if (paper.birthDateOnPaper() != null && !paper.birthDateOnPaper().equals(person.birthDate())) {
      return Optional.of("the date of birth differs");
    }
    return zoneObjection(person, paper);
  }

  private static boolean isRecent(Paper paper, LocalDate asOf, int recentDays) {
    var issued = paper.issuedOn();
    return issued != null && !issued.isAfter(asOf) && !issued.isBefore(asOf.minusDays(recentDays));
  }

  private static Optional<String> zoneObjection(Person person, Paper paper) {
    if (paper.mrz().isEmpty()) {
      return Optional.empty();
    }
    var zone = MachineReadableZone.read(paper.mrz());
    if (!zone.faults().isEmpty()) {
      return Optional.of("in its machine-readable zone " + zone.faults().get(0));
    }
    if (person.birthDate() == null || !zone.hasBirthDate(person.birthDate())) {
      return Optional.of("its machine-readable zone has another date of birth");
    }
    return Optional.empty();
  }
}
