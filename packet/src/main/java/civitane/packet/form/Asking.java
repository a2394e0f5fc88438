package civitane.packet.form;

import civitane.core.facts.Form;
import civitane.packet.form.ScreenForm.Ask;
import civitane.packet.form.ScreenForm.Choice;
import civitane.words.Words;
import java.util.stream.Stream;

import static civitane.core.facts.Known.known;

/** Fields of a form as questions on a screen. */
final class Asking {
  private static final String HOUSEHOLD = "/household/";

  private final Words words;

  Asking(Words words) {
    this.words = words;
  }

  Ask ask(FormField field) {
    return new Ask(
        field.name(),
        label(field),
        known(field.shape().form()),
        Stream.concat(field.options().stream(), field.proposed().stream())
            .map(option -> new Choice(option.word(), option.said()))
            .toList());
  }

  /** On paper people are named by their numbers, and marks are put beside them. */
  private String label(FormField field) {
    if (field.name().startsWith(HOUSEHOLD) && field.shape().is(Form.PERSON)) {
      return words.say("letter.form.whose");
    }
    return field.name().matches(HOUSEHOLD + "people/\\d+/role")
        ? words.say("letter.form.whoToYou")
        : field.asked();
  }
}
