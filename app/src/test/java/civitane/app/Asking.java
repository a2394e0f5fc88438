package civitane.app;

import java.time.LocalDate;
import org.springframework.test.web.servlet.MvcResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Asks a household for what a claim wants of it, as Ikenna. */
final class Asking {
  private final OnDatabase office;
  private final String number;

  Asking(OnDatabase office, String number) {
    this.office = office;
    this.number = number;
  }

  JsonNode view() throws Exception {
    return office.body(office.asIkenna(OnDatabase.get("/api/claims/{number}/correction", number)));
  }

  /** The day by which the first thing is wanted: an open one, so that it is not always as far off. */
  LocalDate due() throws Exception {
    return LocalDate.parse(view().get("items").get(0).get("dueOn").stringValue());
  }

  /** Everything that is wanted, until the day that is proposed. */
  ObjectNode everything(String settles) throws Exception {
    var view = view();
    var letter = office.json.createObjectNode();
    letter.put("version", office.claim(number).get("version").intValue());
    letter.put("until", view.get("until").stringValue());
    var items = letter.putArray("items");
    view.get("items")
        .forEach(item ->
            items.addObject().put("item", item.get("id").intValue()).put("settles", settles));
    return letter;
  }

  MvcResult ask(String settles) throws Exception {
    return ask(everything(settles));
  }

  MvcResult ask(JsonNode letter) throws Exception {
    return office.asIkenna(
        OnDatabase.post("/api/claims/{number}/correction", letter.toString(), number));
  }

  /** So many days more for the first thing that is wanted. */
  MvcResult moreTime(int days) throws Exception {
    var item = view().get("items").get(0);
    var until = due().plusDays(days);
    var content = office
        .json
        .createObjectNode()
        .put("version", office.claim(number).get("version").intValue())
        .put("until", until.toString())
        .put("because", "the post is slow");
    return office.asIkenna(OnDatabase.post(
        "/api/claims/{number}/items/{item}/more-time",
        content.toString(),
        number,
        item.get("id").intValue()));
  }
}
