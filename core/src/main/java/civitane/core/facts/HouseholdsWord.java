package civitane.core.facts;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A packet as far as it is the household's to say, and what it was only told by others.
 *
 * @param packet without the answers that are the office's or a third party's
 * @param hearsay what was said in their stead, each with its place
 */
public record HouseholdsWord(Packet packet, List<Hearsay> hearsay) {

  /**
   * An answer that somebody else has to give.
   *
   * @param pointer its place in the packet
   * @param value what the household was told
   */
  public record Hearsay(String pointer, WhoseWord whose, Object value) {}

  /** What of a packet its household may say. */
  public static HouseholdsWord of(Packet packet) {
    var hearsay = new ArrayList<Hearsay>();
    var own = new ArrayList<Request>();
    for (var i = 0; i < packet.requests().size(); i++) {
      var request = packet.requests().get(i);
      own.add(new Request(
          request.service(), own(request.answers(), "/requests/" + i + "/answers", hearsay)));
    }
    return new HouseholdsWord(packet.withRequests(own), List.copyOf(hearsay));
  }

  private static Record own(Record answers, String at, List<Hearsay> hearsay) {
    var parts = Parts.of(answers.getClass());
    var values = new @Nullable Object[parts.fields().size()];
    for (var i = 0; i < values.length; i++) {
      var field = parts.fields().get(i);
      var value = parts.get(answers, i);
      var pointer = at + "/" + field.key();
      if (field.whose() == WhoseWord.HOUSEHOLD) {
        values[i] = value == null ? null : within(field.value(), value, pointer, hearsay);
      } else if (value != null && !value.equals(field.otherwise())) {
        hearsay.add(new Hearsay(pointer, field.whose(), value));
      }
    }
    return (Record) parts.make(values);
  }

  private static Object within(Value declared, Object value, String at, List<Hearsay> hearsay) {
    if (value instanceof OrNone<?> or) {
      var inner = or.value();
      return inner == null ? or : new OrNone<>(within(declared, inner, at, hearsay));
    } else if (declared.form() == Form.GROUP) {
      return own((Record) value, at, hearsay);
    } else if (declared.element() != null && value instanceof List<?> list) {
      var rows = new ArrayList<Object>();
      for (var i = 0; i < list.size(); i++) {
        rows.add(within(declared.element(), list.get(i), at + "/" + i, hearsay));
      }
      return rows;
    }
    return value;
  }
}
