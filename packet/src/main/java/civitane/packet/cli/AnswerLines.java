package civitane.packet.cli;

import civitane.packet.Answer;
import civitane.packet.Fault;
import civitane.packet.ResultWriter;
import java.io.ByteArrayOutputStream;
import java.util.List;

/** Answers as lines; one that can't be written becomes a fault, and spoils only its own line. */
final class AnswerLines {
  private final ResultWriter writer;

  AnswerLines(ResultWriter writer) {
    this.writer = writer;
  }

  /** A line for each, in their order. */
  Pipeline.Lines of(List<Answer> answers) {
    try {
      return new Pipeline.Lines(writer.lines(answers), answers.stream().anyMatch(Answer::isFaulty));
    } catch (RuntimeException e) {
      // Sentences are made only as they are written, and words may be missing.
      return answers.size() == 1
          ? of(List.of(notWorkedOut(e)))
          : together(answers.stream().map(answer -> of(List.of(answer))).toList());
    }
  }

  private static Pipeline.Lines together(List<Pipeline.Lines> each) {
    var text = new ByteArrayOutputStream();
    each.forEach(lines -> text.writeBytes(lines.text()));
    return new Pipeline.Lines(text.toByteArray(), each.stream().anyMatch(Pipeline.Lines::faulty));
  }

  /** What is said of a packet the rules fail at: it must not stop the others, whatever is the matter with it. */
  static Answer notWorkedOut(RuntimeException failure) {
    return new Answer.Faulty(List.of(new Fault(
        "",
        "this packet can't be worked out (" + failure.getClass().getSimpleName() + ")",
        "facts as they occur in real life")));
  }
}
