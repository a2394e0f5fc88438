package civitane.packet.shape;

import civitane.core.rules.Question;
import civitane.core.rules.Service;
import java.util.LinkedHashMap;
import java.util.List;

/** The shape of a service's answers, from the questions it declares. */
public final class AnswerShape {
  private AnswerShape() {}

  public static Shape of(Service service) {
    return object(service.questions());
  }

  private static Shape object(List<Question> questions) {
    var fields = new LinkedHashMap<String, Shape>();
    questions.forEach(question -> fields.put(question.key(), of(question)));
    return Shape.object(fields);
  }

  /** The shape of one answer. */
  public static Shape of(Question question) {
    return plain(question).orWord(question.orWord());
  }

  private static Shape plain(Question question) {
    return switch (question.kind()) {
      case TEXT, LONG_TEXT, OPEN_CHOICE -> Shape.of(Kind.TEXT);
      case MONEY -> Shape.of(Kind.MONEY);
      case NUMBER -> Shape.of(Kind.NUMBER);
      case WHOLE -> Shape.of(Kind.WHOLE);
      case DATE -> Shape.of(Kind.DATE);
      case MONTH -> Shape.of(Kind.MONTH);
      case MONTHS -> Shape.listOf(Shape.of(Kind.MONTH));
      case FLAG -> Shape.of(Kind.FLAG);
      case CHOICE -> Shape.words(question.options());
      case CHOICES -> Shape.listOf(Shape.words(question.options()));
      case PERSON -> Shape.of(Kind.PERSON);
      case TEXTS -> Shape.listOf(Shape.of(Kind.TEXT));
      case IBAN -> Shape.of(Kind.IBAN);
      case GROUP -> object(question.parts());
      case GROUPS -> Shape.listOf(object(question.parts()));
      case FLAG_BY_PERSON -> Shape.map(Kind.BY_PERSON, Shape.of(Kind.FLAG));
      case MONEY_BY_QUARTER -> Shape.map(Kind.BY_QUARTER, Shape.of(Kind.MONEY));
    };
  }
}
