package civitane.app.door;

import civitane.app.drafts.Draft;
import civitane.packet.Fault;
import civitane.packet.form.ScreenForm;
import civitane.words.Words;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/** What is wrong with an application, each at its page and question, in the language that is read. */
final class DoorWrongs {
  private final ScreenForm form;
  private final Words words;

  DoorWrongs(ScreenForm form, Words words) {
    this.form = form;
    this.words = words;
  }

  /** The questions to which something stands that can't be their answer. */
  List<DoorForm.DoorWrong> unread(Set<String> unread) {
    var groups = form.groups();
    return IntStream.range(0, groups.size())
        .boxed()
        .flatMap(page -> groups.get(page).asks().stream()
            .filter(ask -> unread.contains(ask.name()))
            .map(ask -> new DoorForm.DoorWrong(page, ask.name(), Unread.of(ask.form(), words))))
        .toList();
  }

  /** What stands against lodging. */
  List<DoorForm.DoorWrong> against(Draft draft, List<Fault> faults) {
    return faults.stream()
        .map(fault -> against(fault.pointer(), draft))
        .distinct()
        .toList();
  }

  private DoorForm.DoorWrong against(String pointer, Draft draft) {
    var groups = form.groups();
    for (var page = 0; page < groups.size(); page++) {
      for (var ask : groups.get(page).asks()) {
        if (ask.name().equals(pointer)) {
          var empty =
              draft.packet().at(pointer).isMissingNode() && !draft.typed().has(pointer);
          return new DoorForm.DoorWrong(
              page,
              pointer,
              words.say(empty ? "door.wrong.missing" : "door.wrong.look", "question", ask.label()));
        }
      }
    }
    var near = IntStream.range(0, groups.size())
        .filter(page -> groups.get(page).asks().stream()
            .anyMatch(ask -> ask.name().startsWith(parent(pointer))))
        .findFirst()
        .orElse(0);
    return new DoorForm.DoorWrong(
        near, "", words.say("door.wrong.look", "question", groups.get(near).title()));
  }

  private static String parent(String pointer) {
    return pointer.substring(0, Math.max(0, pointer.lastIndexOf('/')) + 1);
  }
}
