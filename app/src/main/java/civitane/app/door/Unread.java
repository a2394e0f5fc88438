package civitane.app.door;

import civitane.core.facts.Form;
import civitane.words.Words;

/** What would be right where something was typed that can't be read. */
final class Unread {
  private Unread() {}

  static String of(Form form, Words words) {
    return words.say(
        switch (form) {
          case MONEY -> "door.wrong.money";
          case NUMBER, WHOLE -> "door.wrong.number";
          case DATE -> "door.wrong.date";
          case MONTH -> "door.wrong.month";
          default -> "door.wrong.other";
        });
  }
}
