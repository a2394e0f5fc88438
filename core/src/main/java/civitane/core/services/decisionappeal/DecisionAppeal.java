package civitane.core.services.decisionappeal;

import civitane.core.rules.Outcome;
import civitane.core.rules.PaperWants;
import civitane.core.rules.Question;
import civitane.core.rules.QuestionKind;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Service;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.rules.Test;
import civitane.core.rules.TimeLimit;
import civitane.core.time.WorkingDays;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The household disputes a decision of this office. */
public final class DecisionAppeal implements Service {
  private static final Set<String> CONTINUING = Set.of("reduction", "stop");

  @Override
  public String word() {
    return "decisionAppeal";
  }

  @Override
  public String title() {
    return "Decision appeal";
  }

  @Override
  public StandardTime standardTime() {
    return StandardTime.days(50);
  }

  @Override
  public QuickCheck quickCheck() {
    return QuickCheck.of("noticeOn", "deliveredOn", "kind", "grounds", "lateReason", "keepPaying");
  }

  @Override
  public List<Question> questions() {
    return List.of(
        Question.of("decision", QuestionKind.TEXT).forTheFile(),
        Question.of("noticeOn", QuestionKind.DATE),
        Question.of("deliveredOn", QuestionKind.DATE).otherwise("the day of the notice"),
        Question.choice("kind", "refusal", "reduction", "stop", "amount"),
        Question.of("grounds", QuestionKind.LONG_TEXT),
        Question.of("lateReason", QuestionKind.LONG_TEXT).otherwise("none"),
        Question.of("keepPaying", QuestionKind.FLAG).otherwise("no"));
  }

  @Override
  public Result determine(Situation it) {
    var terms = DecisionAppealTerms.of(it.rates());
    return it.determination()
        .test(it.check("AP-GROUNDS").needs("grounds").orMet(() -> "Grounds are given."))
        .test(timeTest(it, terms))
        .determineOnly(() -> PaperWants.of(it).test())
        .award(() -> amounts(it, terms))
        .result(word());
  }

  private static Test timeTest(Situation it, DecisionAppealTerms terms) {
    var test = TimeLimit.lodgedWithin(
        it, "AP-TIME", "deliveredOn", "noticeOn", terms.days(), terms.lateDays());
    var kindWanted = it.answers().flag("keepPaying", false) && !it.answers().has("kind");
    return kindWanted && test.is(Outcome.MET)
        ? it.check("AP-TIME").needs("kind").orMet(() -> "")
        : test;
  }

  private static @Nullable LocalDate delivered(Situation it) {
    var delivered = it.answers().date("deliveredOn");
    return delivered != null ? delivered : it.answers().date("noticeOn");
  }

  private static Map<String, Object> amounts(Situation it, DecisionAppealTerms terms) {
    var inTime = !it.lodgedOn().isAfter(delivered(it).plusDays(terms.continueDays()));
    var kind = it.answers().text("kind");
    var amounts = new LinkedHashMap<String, Object>();
    amounts.put(
        "continues",
        it.answers().flag("keepPaying", false)
            && inTime
            && kind != null
            && CONTINUING.contains(kind));
    amounts.put(
        "hearingFrom", WorkingDays.onOrAfter(it.lodgedOn().plusDays(terms.hearingNoticeDays())));
    return amounts;
  }
}
