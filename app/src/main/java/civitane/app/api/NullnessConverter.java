package civitane.app.api;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.media.Schema;
import java.util.Iterator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Tells the interface's description which parts are always there: all of a record's that are not nullable. */
@Component
class NullnessConverter implements ModelConverter {

  @Override
  @SuppressWarnings("rawtypes")
  public @Nullable Schema resolve(
      AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
    var resolved = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
    var raw = Json31.mapper().constructType(type.getType()).getRawClass();
    var model = context.getDefinedModels().get(raw.getSimpleName());
    if (raw.isRecord() && model != null) {
      for (var part : raw.getRecordComponents()) {
        var required = model.getRequired();
        if (!part.getAnnotatedType().isAnnotationPresent(Nullable.class)
            && (required == null || !required.contains(part.getName()))) {
          model.addRequiredItem(part.getName());
        }
      }
    }
    return resolved;
  }

  @Override
  public boolean isOpenapi31() {
    return true;
  }
}
