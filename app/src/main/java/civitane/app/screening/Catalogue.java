package civitane.app.screening;

import civitane.core.rules.Question;
import civitane.core.services.Services;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The services on offer, with the questions each asks. */
public final class Catalogue {
  private Catalogue() {}

  /** A service as the interface offers it. */
  public record Offer(
      String service, String title, int days, boolean workingDays, List<QuestionView> questions) {}

  /** A question as the interface draws it. */
  public record QuestionView(
      String key,
      String kind,
      List<String> options,
      List<QuestionView> parts,
      @Nullable String otherwise,
      @Nullable String whenKey,
      List<String> whenAnswers,
      @Nullable String orWord,
      List<String> papers,
      boolean bySystem) {

    static QuestionView of(Question question) {
      var when = question.when();
      return new QuestionView(
          question.key(),
          question.kind().word(),
          question.options(),
          question.parts().stream().map(QuestionView::of).toList(),
          question.otherwise(),
          when == null ? null : when.key(),
          when == null ? List.of() : when.answers(),
          question.orWord(),
          question.papers(),
          question.bySystem());
    }
  }

  public static String title(String service) {
    return Services.named(service).orElseThrow().title();
  }

  static List<Offer> offers() {
    return Services.all().stream()
        .map(service -> new Offer(
            service.word(),
            service.title(),
            service.standardTime().days(),
            service.standardTime().working(),
            service.questions().stream().map(QuestionView::of).toList()))
        .toList();
  }
}
