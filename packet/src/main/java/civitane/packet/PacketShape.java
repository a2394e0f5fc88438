package civitane.packet;

import civitane.core.facts.Channel;
import civitane.core.facts.Form;
import civitane.core.facts.Household;
import civitane.core.facts.Paper;
import civitane.core.facts.Signature;
import civitane.core.facts.Value;
import civitane.core.facts.Word;
import civitane.core.services.Services;
import civitane.packet.shape.Shape;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The shape of a packet, from the core's records of facts and answers. */
public final class PacketShape {
  public static final String FORMAT = "civitane-packet";
  public static final int VERSION = 1;

  /** The answers of each service, by its word. */
  public static final Map<String, Shape> ANSWERS = answers();

  public static final Shape HOUSEHOLD = Shape.of(Household.class);

  static final Shape PACKET = packet();

  /** The parts of a packet, in their order. */
  enum Part implements Word {
    FORMAT,
    VERSION,
    LODGED_ON,
    ASSESSED_ON,
    AS_OF,
    LODGED_AT,
    CHANNEL,
    LANGUAGE,
    HOUSEHOLD,
    REQUESTS,
    PAPERS,
    SIGNATURES;

    private Shape shape() {
      return switch (this) {
        case FORMAT -> Shape.only(PacketShape.FORMAT);
        case VERSION -> Shape.of(Form.WHOLE);
        case LODGED_ON, ASSESSED_ON, AS_OF -> Shape.of(Form.DATE);
        case LODGED_AT -> Shape.of(Form.MOMENT);
        case CHANNEL -> Shape.of(Value.of(Channel.class));
        case LANGUAGE -> Shape.of(Form.TEXT);
        case HOUSEHOLD -> PacketShape.HOUSEHOLD;
        case REQUESTS -> Shape.listOf(Shape.ELSEWHERE);
        case PAPERS -> Shape.listOf(Shape.of(Paper.class));
        case SIGNATURES -> Shape.listOf(Shape.of(Signature.class));
      };
    }

    @SuppressWarnings("unchecked") // each part is read by its own shape
    <T> @Nullable T of(@Nullable Object[] read) {
      return (T) read[ordinal()];
    }
  }

  private PacketShape() {}

  private static Map<String, Shape> answers() {
    var answers = new LinkedHashMap<String, Shape>();
    Services.all().forEach(service -> answers.put(service.word(), Shape.of(service.answers())));
    return answers;
  }

  private static Shape packet() {
    var shapes = new LinkedHashMap<String, Shape>();
    for (var part : Part.values()) {
      shapes.put(part.word(), part.shape());
    }
    return Shape.object(
        shapes,
        Part.FORMAT.word(),
        Part.VERSION.word(),
        Part.LODGED_ON.word(),
        Part.HOUSEHOLD.word());
  }
}
