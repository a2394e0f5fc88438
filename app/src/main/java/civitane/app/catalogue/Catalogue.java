package civitane.app.catalogue;

import civitane.app.problems.Problem;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Role;
import civitane.core.facts.Word;
import civitane.core.rates.RateBook;
import civitane.core.rules.IncomeChart;
import civitane.core.rules.Question;
import civitane.core.rules.QuickCheck;
import civitane.core.services.Services;
import civitane.words.Voice;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The services on offer, with the questions each asks. */
public final class Catalogue {
  private Catalogue() {}

  /** A service as the interface offers it. */
  public record Offer(
      String service,
      String title,
      int days,
      boolean workingDays,
      boolean inLists,
      List<QuestionView> questions,
      List<String> quickFacts,
      List<String> quickAnswers) {}

  /**
   * A question as the interface draws it.
   *
   * @param vocabulary what the options are words of; null where there are none
   * @param sets the options by the question they stand under; empty where they are asked in one
   * @param optionsBy the key of the earlier answer that says which options make sense; null where all do
   * @param optional whether an open answer stands for something
   */
  public record QuestionView(
      String key,
      String kind,
      @Nullable String vocabulary,
      List<String> options,
      List<OptionSet> sets,
      @Nullable String optionsBy,
      Map<String, List<String>> optionsWith,
      List<QuestionView> parts,
      boolean optional,
      @Nullable String whenKey,
      List<String> whenAnswers,
      boolean orNone,
      List<String> papers,
      List<String> rowsFor,
      String whose,
      boolean filledIn,
      @Nullable String outside,
      @Nullable String fact) {

    static QuestionView of(Question question) {
      var when = question.when();
      return new QuestionView(
          question.key(),
          question.kind().word(),
          question.options() == null ? null : question.options().name(),
          question.words(),
          OptionSet.of(question),
          question.optionsBy(),
          Catalogue.optionsWith(question),
          question.parts().stream().map(QuestionView::of).toList(),
          question.optional(),
          when == null ? null : when.key(),
          when == null ? List.of() : when.answers(),
          question.orNone(),
          question.papers().stream().map(PaperKind::word).toList(),
          question.rowsFor().stream().map(Role::word).toList(),
          question.whose().word(),
          question.filledIn(),
          question.outside() == null ? null : question.outside().word(),
          question.fact());
    }
  }

  /** Options under the question by which they are asked, in words. */
  public record OptionSet(String asked, List<String> options) {
    private static List<OptionSet> of(Question question) {
      return question.sets().entrySet().stream()
          .map(set -> new OptionSet(
              DeskWords.WORDS.word(set.getKey()),
              set.getValue().stream().map(Word::word).toList()))
          .toList();
    }
  }

  /** The answers with which each option makes sense that does not always. */
  private static Map<String, List<String>> optionsWith(Question question) {
    var with = new LinkedHashMap<String, List<String>>();
    if (question.options() != null) {
      question.options().byWord().forEach((written, word) -> {
        if (!word.onlyWith().isEmpty()) {
          with.put(written, word.onlyWith().stream().map(Word::word).sorted().toList());
        }
      });
    }
    return with;
  }

  /**
   * A line of an income chart: euros for the first person, and for each further one by age.
   *
   * @param each the period, as in {@code yearly}; {@code once} for what has none
   */
  public record ChartLine(
      String label,
      String each,
      BigDecimal first,
      @Nullable BigDecimal from14,
      @Nullable BigDecimal under14) {
    static ChartLine of(IncomeChart chart) {
      return new ChartLine(
          DeskWords.WORDS.say(chart.label(), Voice.DESK),
          chart.each().word(),
          chart.first().round2().toDecimal(),
          chart.from14() == null ? null : chart.from14().round2().toDecimal(),
          chart.under14() == null ? null : chart.under14().round2().toDecimal());
    }
  }

  /** The income chart of a service, printed from a rate book. */
  public record Charts(String book, List<ChartLine> lines) {}

  static Charts charts(String service, RateBook book) {
    return new Charts(
        book.name(),
        Services.named(service)
            .orElseThrow(() -> Problem.notThere("A service of this name"))
            .charts(book)
            .stream()
            .map(ChartLine::of)
            .toList());
  }

  public static String title(String service) {
    return DeskWords.WORDS.title(service);
  }

  /** What is on offer on a day. */
  static List<Offer> offers(LocalDate today) {
    return Services.all().stream()
        .filter(service -> !service.offeredFrom().isAfter(today))
        .map(service -> new Offer(
            service.word(),
            DeskWords.WORDS.title(service.word()),
            service.standardTime().days(),
            service.standardTime().working(),
            service.comesInLists(),
            service.questions().stream().map(QuestionView::of).toList(),
            service.quickCheck().facts().stream().map(QuickCheck.Fact::word).toList(),
            service.quickCheck().answers()))
        .toList();
  }
}
