package civitane.app.api;

import civitane.core.facts.Household;
import civitane.core.facts.OrNone;
import civitane.core.facts.Paper;
import civitane.core.facts.Parts;
import civitane.core.facts.Signature;
import civitane.core.facts.Value;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.BooleanSchema;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MapSchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.List;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.stereotype.Component;

import static civitane.core.facts.Known.known;

/**
 * Describes the facts of a draft by the core's records, so that the browser's types follow from them.
 *
 * <p>Of a draft every part may be missing yet but what others refer to it by.
 */
@Component
class FactSchemas implements OpenApiCustomizer {
  private static final String NAMED = "Told";
  private static final String ID = "id";

  @Override
  public void customise(OpenAPI api) {
    for (var record : List.of(Household.class, Paper.class, Signature.class)) {
      add(api, record);
    }
  }

  private static Schema<?> add(OpenAPI api, Class<?> record) {
    var name = NAMED + record.getSimpleName();
    if (api.getComponents().getSchemas().get(name) == null) {
      var schema = new Schema<>();
      schema.addType("object");
      api.getComponents().addSchemas(name, schema);
      for (var field : Parts.of(record).fields()) {
        schema.addProperty(field.key(), schema(api, field.value()));
        if (field.key().equals(ID)) {
          schema.addRequiredItem(ID);
        }
      }
    }
    return new Schema<>().$ref("#/components/schemas/" + name);
  }

  private static Schema<?> schema(OpenAPI api, Value value) {
    var plain = plain(api, value);
    if (!value.orNone()) {
      return plain;
    }
    var or = new Schema<>();
    or.addOneOfItem(plain);
    or.addOneOfItem(word(List.of(OrNone.WORD)));
    return or;
  }

  private static Schema<?> plain(OpenAPI api, Value value) {
    return switch (value.form()) {
      case MONEY, NUMBER -> typed(new NumberSchema(), "number");
      case WHOLE -> typed(new IntegerSchema(), "integer");
      case FLAG -> typed(new BooleanSchema(), "boolean");
      case CHOICE -> word(value.words().words());
      case GROUP -> add(api, value.type());
      case LIST -> typed(new ArraySchema().items(schema(api, known(value.element()))), "array");
      case BY_PERSON, BY_QUARTER ->
        typed(new MapSchema().additionalProperties(schema(api, known(value.element()))), "object");
      default -> typed(new StringSchema(), "string");
    };
  }

  private static Schema<?> word(List<String> words) {
    var schema = new StringSchema();
    words.forEach(schema::addEnumItem);
    return typed(schema, "string");
  }

  private static Schema<?> typed(Schema<?> schema, String type) {
    schema.addType(type);
    return schema;
  }
}
