package civitane.app.door;

import civitane.app.lists.WaitingLists;
import civitane.core.facts.Form;
import civitane.packet.form.ScreenForm;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;

/** What can be chosen at the door: the form's own words, and what the office keeps in its books. */
@Component
class Choosing {
  private static final Pattern LIST = Pattern.compile("/requests/\\d+/answers/lists/\\d+/code");

  private final WaitingLists lists;

  Choosing(WaitingLists lists) {
    this.lists = lists;
  }

  /** How a question is answered: nobody knows the code of a list, so that it is chosen by its name. */
  String kind(ScreenForm.Ask ask) {
    return isList(ask) ? Form.CHOICE.word() : ask.form().word();
  }

  List<DoorForm.DoorChoice> choices(ScreenForm.Ask ask) {
    return isList(ask)
        ? lists.all().stream()
            .filter(WaitingLists.WaitingList::open)
            .map(list -> new DoorForm.DoorChoice(list.code(), list.name()))
            .toList()
        : ask.choices().stream()
            .map(one -> new DoorForm.DoorChoice(one.word(), one.said()))
            .toList();
  }

  private static boolean isList(ScreenForm.Ask ask) {
    return LIST.matcher(ask.name()).matches();
  }
}
