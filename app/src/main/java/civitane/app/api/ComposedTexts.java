package civitane.app.api;

import civitane.packet.text.CleanText;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.module.SimpleModule;

/** Every text that is read is composed, so that a name typed on one machine is found from another. */
@Component
class ComposedTexts extends SimpleModule {
  private static final long serialVersionUID = 1L;

  ComposedTexts() {
    addDeserializer(String.class, new Composing());
  }

  private static final class Composing extends StdScalarDeserializer<String> {

    private Composing() {
      super(String.class);
    }

    @Override
    public String deserialize(JsonParser parser, DeserializationContext context) {
      var text = StringDeserializer.instance.deserialize(parser, context);
      return text == null ? text : CleanText.composed(text);
    }
  }
}
