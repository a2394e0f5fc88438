package civitane.app.api;

import civitane.core.money.Amount;
import civitane.core.rules.Entitlement;
import civitane.core.rules.Situation;
import civitane.core.services.Services;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MapSchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.Type;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.stereotype.Component;

/**
 * Describes what helps to ask for each service by the core's records, so that the browser's types follow from them.
 */
@Component
class AidSchemas implements OpenApiCustomizer {

  @Override
  public void customise(OpenAPI api) {
    for (var service : Services.all()) {
      var aids = aidsOf(service);
      if (aids.isRecord()) {
        schema(api, aids);
      }
    }
  }

  private static Class<?> aidsOf(Entitlement<?> service) {
    try {
      return service.getClass().getMethod("aids", Situation.class).getReturnType();
    } catch (NoSuchMethodException e) {
      throw new IllegalStateException(service.word() + " says nothing of its aids", e);
    }
  }

  private static Schema<?> schema(OpenAPI api, Type type) {
    if (type instanceof ParameterizedType of) {
      var arguments = of.getActualTypeArguments();
      return of.getRawType() == List.class
          ? typed(new ArraySchema().items(schema(api, arguments[0])), "array")
          : typed(new MapSchema().additionalProperties(schema(api, arguments[1])), "object");
    } else if (type == int.class || type == Integer.class) {
      return typed(new IntegerSchema(), "integer");
    } else if (type == Amount.class) {
      return typed(new NumberSchema(), "number");
    } else if (type instanceof Class<?> record && record.isRecord()) {
      return described(api, record);
    }
    return typed(new StringSchema(), "string");
  }

  private static Schema<?> described(OpenAPI api, Class<?> record) {
    var name = record.getSimpleName();
    if (api.getComponents().getSchemas().get(name) == null) {
      var schema = new Schema<>();
      schema.addType("object");
      api.getComponents().addSchemas(name, schema);
      for (var part : record.getRecordComponents()) {
        schema.addProperty(part.getName(), schema(api, part.getGenericType()));
        if (!part.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
          schema.addRequiredItem(part.getName());
        }
      }
    }
    return new Schema<>().$ref("#/components/schemas/" + name);
  }

  private static Schema<?> typed(Schema<?> schema, String type) {
    schema.addType(type);
    return schema;
  }
}
