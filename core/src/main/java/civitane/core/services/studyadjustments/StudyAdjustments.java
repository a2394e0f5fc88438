package civitane.core.services.studyadjustments;

import civitane.core.awards.Award;
import civitane.core.awards.Recipient;
import civitane.core.awards.What;
import civitane.core.facts.ConsentTo;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Statement;
import civitane.core.reasons.Argument;
import civitane.core.reasons.ReasonCode;
import civitane.core.rules.Check;
import civitane.core.rules.Entitlement;
import civitane.core.rules.PaperWants;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.time.SchoolTerm;
import java.util.List;
import java.util.Optional;

import static civitane.core.facts.Known.known;

/** What a student with a condition needs to study. */
public final class StudyAdjustments implements Entitlement<StudyAdjustmentsAnswers> {

  @Override
  public List<Statement> ownStatements() {
    return List.of(Statement.NOT_WHY);
  }

  @Override
  public List<ConsentTo> others() {
    return List.of(ConsentTo.DOCTOR);
  }

  @Override
  public String word() {
    return "studyAdjustments";
  }

  @Override
  public Class<StudyAdjustmentsAnswers> answers() {
    return StudyAdjustmentsAnswers.class;
  }

  @Override
  public List<? extends ReasonCode> reasons() {
    return List.of(Why.values());
  }

  @Override
  public StandardTime standardTime() {
    return StandardTime.workingDays(10);
  }

  @Override
  public QuickCheck quickCheck() {
    return QuickCheck.of("enrolled", "conditions", "limits");
  }

  @Override
  public Result determine(Situation<StudyAdjustmentsAnswers> it) {
    var person = it.person(it.answers().person());
    return it.determination()
        .check(enrolledCheck(it))
        .check(detailCheck(it))
        .check(limitsCheck(it))
        .determineOnly(() -> PaperWants.of(it).check())
        .note(person.isPresent() && isProvisional(it), Why.PROVISIONAL::with)
        .amounts(() -> new StudyAdjustmentsAmounts(adjustments(it), isProvisional(it)))
        .awards(() -> List.of(award(it, it.who(person.orElseThrow()))))
        .result(word());
  }

  /** Until the last day of the term: what helps is asked again each term. */
  private static Award award(Situation<StudyAdjustmentsAnswers> it, Argument.Who student) {
    var term = term(it);
    return Award.of(What.ADJUSTMENTS, Recipient.SCHOOL)
        .forWhom(student)
        .from(term.firstDay().isAfter(it.assessedOn()) ? term.firstDay() : null)
        .until(term.lastDay())
        .with(adjustments(it).stream().map(Argument::term).toArray(Argument[]::new));
  }

  /** The term asked for; the one that runs where none is named or it is over. */
  private static SchoolTerm term(Situation<StudyAdjustmentsAnswers> it) {
    return Optional.ofNullable(it.answers().term())
        .flatMap(SchoolTerm::parse)
        .filter(term -> !term.lastDay().isBefore(it.assessedOn()))
        .orElseGet(() -> SchoolTerm.of(it.assessedOn()));
  }

  /** SA-ENROLLED: the student is enrolled. */
  private static Check enrolledCheck(Situation<StudyAdjustmentsAnswers> it) {
    return it.check("SA-ENROLLED")
        .needs("enrolled", it.answers().enrolled())
        .uses("term")
        .must(it.answers().enrolled(), Why.NOT_ENROLLED::with)
        .orMet(Why.ENROLLED::with);
  }

  /** SA-DETAIL: at least one condition is named, and each is described. */
  private static Check detailCheck(Situation<StudyAdjustmentsAnswers> it) {
    var conditions = it.answers().conditions();
    var check = it.check("SA-DETAIL")
        .needs("conditions", conditions)
        .doubtIf(conditions != null && conditions.isEmpty(), Why.NO_CONDITION::with);
    for (var i = 0; conditions != null && i < conditions.size(); i++) {
      check.needs("conditions/" + i + "/detail", conditions.get(i).detail());
    }
    return check.orMet(Why.CONDITIONS_DESCRIBED::with);
  }

  /** SA-LIMITS: at least one thing is limited; and who the student is, is known. */
  private static Check limitsCheck(Situation<StudyAdjustmentsAnswers> it) {
    var limits = it.answers().limits();
    return it.check("SA-LIMITS")
        .needs("limits", limits)
        .needs("person", it.answers().person())
        .must(limits == null ? null : !limits.isEmpty(), Why.NO_LIMIT::with)
        .orMet(() -> Why.LIMITS.with(Argument.terms(known(limits))));
  }

  private static boolean isProvisional(Situation<StudyAdjustmentsAnswers> it) {
    return it.packet().papers().stream()
        .noneMatch(paper -> paper.isEvidence()
            && (paper.kind() == PaperKind.MEDICAL_CERTIFICATE
                || paper.kind() == PaperKind.STUDY_RECORD)
            && known(it.answers().person()).equals(paper.person()));
  }

  private static List<Adjustment> adjustments(Situation<StudyAdjustmentsAnswers> it) {
    return known(it.answers().limits()).stream()
        .flatMap(limit -> limit.adjustments().stream())
        .distinct()
        .sorted()
        .toList();
  }
}
