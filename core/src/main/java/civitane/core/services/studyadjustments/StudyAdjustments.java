package civitane.core.services.studyadjustments;

import civitane.core.facts.PaperKind;
import civitane.core.rules.PaperWants;
import civitane.core.rules.Question;
import civitane.core.rules.QuestionKind;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Service;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.rules.Test;
import civitane.core.rules.Wording;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/** What a student with a condition needs to study. */
public final class StudyAdjustments implements Service {
  private static final Map<String, List<String>> BY_LIMIT = Map.of(
      "concentration", List.of("extraTime", "quietRoom"),
      "noteTaking", List.of("noteTaker", "recordLectures"),
      "reading", List.of("alternativeFormats", "extraTime"),
      "writing", List.of("dictation", "extraTime"),
      "hearing", List.of("captioning", "signInterpreter"),
      "seeing", List.of("alternativeFormats", "screenReader"),
      "mobility", List.of("stepFreeRooms", "accessibleDesk"),
      "stamina", List.of("restBreaks", "flexibleDeadlines"),
      "attendance", List.of("flexibleAttendance"));

  @Override
  public String word() {
    return "studyAdjustments";
  }

  @Override
  public String title() {
    return "Study adjustments";
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
  public List<Question> questions() {
    return List.of(
        Question.of("person", QuestionKind.PERSON),
        Question.of("enrolled", QuestionKind.FLAG),
        Question.of("term", QuestionKind.TEXT).forTheFile(),
        Question.groups(
                "conditions",
                Question.of("kind", QuestionKind.TEXT).forTheFile(),
                Question.of("detail", QuestionKind.LONG_TEXT))
            .calls("medicalCertificate", "studyRecord"),
        Question.choices("limits", BY_LIMIT.keySet().stream().sorted().toArray(String[]::new)),
        Question.of("usedBefore", QuestionKind.FLAG).otherwise("no").forTheFile());
  }

  @Override
  public Result determine(Situation it) {
    return it.determination()
        .test(it.check("SA-ENROLLED")
            .needs("enrolled")
            .must(it.answers().flag("enrolled"), () -> "The student is not enrolled.")
            .orMet(() -> "The student is enrolled."))
        .test(detailTest(it))
        .test(limitsTest(it))
        .determineOnly(() -> PaperWants.of(it).test())
        .note(
            it.answers().has("person") && isProvisional(it),
            "provisional",
            () -> "Until a medical certificate or study record is accepted it holds for one term.")
        .award(() -> amounts(it))
        .result(word());
  }

  private static Test detailTest(Situation it) {
    var conditions = it.answers().groups("conditions");
    var check = it.check("SA-DETAIL")
        .needs("conditions")
        .doubtIf(
            it.answers().has("conditions") && conditions.isEmpty(),
            () -> "No condition is named yet.");
    for (var i = 0; i < conditions.size(); i++) {
      check.needs("conditions/" + i + "/detail");
    }
    return check.orMet(() -> "Each condition is described.");
  }

  private static Test limitsTest(Situation it) {
    var limits = it.answers().texts("limits");
    return it.check("SA-LIMITS")
        .needs("limits")
        .needs("person")
        .must(
            it.answers().has("limits") ? Boolean.valueOf(!limits.isEmpty()) : null,
            () -> "Nothing is named that the condition limits.")
        .orMet(() ->
            "Limited: " + Wording.list(limits.stream().map(Wording::spoken).toList()) + ".");
  }

  private static boolean isProvisional(Situation it) {
    var person = it.answers().text("person");
    return it.packet().papers().stream()
        .noneMatch(paper -> paper.isEvidence()
            && (paper.kind() == PaperKind.MEDICAL_CERTIFICATE
                || paper.kind() == PaperKind.STUDY_RECORD)
            && person.equals(paper.person()));
  }

  private static Map<String, Object> amounts(Situation it) {
    var adjustments = new TreeSet<String>();
    for (var limit : it.answers().texts("limits")) {
      adjustments.addAll(BY_LIMIT.getOrDefault(limit, List.of()));
    }
    var amounts = new LinkedHashMap<String, Object>();
    amounts.put("adjustments", List.copyOf(adjustments));
    amounts.put("provisional", isProvisional(it));
    return amounts;
  }
}
