package civitane.packet.shape;

import civitane.core.facts.Form;
import civitane.core.facts.OrNone;
import civitane.core.time.Quarter;
import civitane.packet.json.Faults;
import civitane.packet.json.JsonText;
import civitane.packet.json.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.sym.PropertyNameMatcher;

import static civitane.core.facts.Known.known;

/** Reads JSON by a shape into typed values as it comes, noting every fault with its place. */
public final class ShapeReader {
  private static final String A_PERSON = "the id of a person of the household";
  private static final String AN_INCOME = "the id of an income of the household";
  private static final String NOTHING_HERE = "there is nothing here";
  private static final String A_VALUE = "a value, or no place in the list";
  private static final int USUAL_LENGTH = 8;

  private final JsonParser parser;
  private final Path path;
  private final Faults faults;
  private final List<Reference> references;
  private final Elsewhere elsewhere;
  private final JsonText json;
  private final ScalarReader scalars;

  /**
   * A reader that goes on from where the parser stands.
   *
   * @param path where in the packet that is
   * @param references every place read that names a person or an income is added to them
   * @param elsewhere reads the parts that have no shape of their own
   */
  public ShapeReader(
      JsonParser parser,
      Path path,
      Faults faults,
      List<Reference> references,
      Elsewhere elsewhere) {
    this.parser = parser;
    this.path = path;
    this.faults = faults;
    this.references = references;
    this.elsewhere = elsewhere;
    this.json = new JsonText(parser, path, faults);
    this.scalars = new ScalarReader(parser, json, path, faults);
  }

  /** What reads a part that has no shape of its own, from where the parser stands to the part's end. */
  public interface Elsewhere {
    @Nullable
    Object read(ShapeReader reader);
  }

  /** Reads the value the parser is at; null where it is absent, blank or faulty. */
  public @Nullable Object read(Shape shape) {
    if (parser.currentToken() == JsonToken.VALUE_NULL) {
      return null;
    }
    if (shape.form() == null) {
      return elsewhere.read(this);
    }
    if (!shape.orNone()) {
      return plain(shape);
    }
    if (parser.currentToken() == JsonToken.VALUE_STRING && OrNone.WORD.equals(parser.getString())) {
      return OrNone.none();
    }
    var value = plain(shape);
    return value == null ? null : new OrNone<>(value);
  }

  private @Nullable Object plain(Shape shape) {
    return switch (known(shape.form())) {
      case TEXT, LONG_TEXT -> scalars.text();
      case CHOICE -> scalars.word(shape);
      case MONEY ->
        scalars.number(
            Numbers.MONEY_DECIMALS, "euros as a number with at most two decimals, as in 430.50");
      case NUMBER -> scalars.number(Numbers.MOST_DECIMALS, "a number, not negative");
      case WHOLE -> scalars.whole(shape.most());
      case DATE -> scalars.day();
      case MONTH -> scalars.month();
      case MOMENT -> scalars.moment();
      case FLAG -> scalars.flag();
      case RESIDENT_NUMBER -> scalars.residentNumber();
      case IBAN -> scalars.iban();
      case PERSON -> reference(Form.PERSON, scalars.id(A_PERSON));
      case INCOME -> reference(Form.INCOME, scalars.id(AN_INCOME));
      case GROUP -> object(shape);
      case LIST -> list(shape);
      case BY_PERSON -> entries(shape, "values by the ids of people");
      case BY_QUARTER -> entries(shape, "euros by quarter, as in {\"2025Q3\": 9800}");
    };
  }

  private @Nullable Object reference(Form form, @Nullable String id) {
    if (id != null) {
      references.add(new Reference(form, path.here(), id));
    }
    return id;
  }

  private @Nullable Object object(Shape shape) {
    if (parser.currentToken() != JsonToken.START_OBJECT) {
      return scalars.wrong(
          "it has no parts",
          "an object with " + String.join(", ", shape.fields().keys()));
    }
    if (json.isTooDeep()) {
      return null;
    }
    var fields = shape.fields();
    var values = new Object[fields.keys().size()];
    var seen = 0L;
    var present = 0L;
    path.enter(fields.keys());
    for (var place = parser.nextNameMatch(fields.names());
        place != PropertyNameMatcher.MATCH_END_OBJECT;
        place = parser.nextNameMatch(fields.names())) {
      if (place < 0) {
        path.leave();
        unknown(parser.currentName(), shape);
        path.enter(fields.keys());
      } else {
        var field = fields.at(place);
        var bit = field.bit();
        path.at(place);
        if ((seen & bit) != 0) {
          json.keyTwice();
        }
        parser.nextToken();
        var value = read(field.shape());
        if (isThere(value)) {
          if ((seen & bit) == 0) {
            values[place] = value;
          }
          present |= bit;
        } else if (parser.currentToken() != JsonToken.VALUE_NULL && !isBlankText()) {
          // It is faulty, which was told; that it is missing need not be told as well.
          present |= bit;
        }
        seen |= bit;
        path.between();
      }
    }
    path.leave();
    if ((fields.mustBeThere() & ~present) != 0) {
      lacking(fields, present);
    }
    return shape.parts() == null ? values : shape.parts().make(values);
  }

  private void unknown(String name, Shape shape) {
    path.enterPart(name);
    parser.nextToken();
    json.checked(name);
    faults.add(path.pointer(), "the key is not known here", nearest(name, shape));
    json.passOver();
    path.leave();
  }

  private void lacking(Fields fields, long present) {
    for (var field : fields) {
      if (fields.require(field) && (present & field.bit()) == 0) {
        faults.add(path.pointer(field.key()), "it is missing", "a value for " + field.key());
      }
    }
  }

  private boolean isBlankText() {
    return parser.currentToken() == JsonToken.VALUE_STRING && parser.getString().isBlank();
  }

  private static boolean isThere(@Nullable Object value) {
    return value != null && !(value instanceof String text && text.isBlank());
  }

  private static String nearest(String name, Shape shape) {
    return shape.fields().keys().stream()
        .filter(known -> known.equalsIgnoreCase(name.strip()) || isNear(known, name))
        .findFirst()
        .map(known -> known + ", perhaps")
        .orElseGet(() -> "one of " + String.join(", ", shape.fields().keys()));
  }

  /** Whether two keys differ by one letter at most. */
  private static boolean isNear(String known, String said) {
    if (Math.abs(known.length() - said.length()) > 1) {
      return false;
    }
    var same = 0;
    while (same < Math.min(known.length(), said.length())
        && known.charAt(same) == said.charAt(same)) {
      same++;
    }
    return known
            .substring(Math.min(known.length(), same + 1))
            .equals(said.substring(Math.min(said.length(), same + 1)))
        || known.substring(same).equals(said.substring(Math.min(said.length(), same + 1)))
        || known.substring(Math.min(known.length(), same + 1)).equals(said.substring(same));
  }

  private @Nullable Object list(Shape shape) {
    if (parser.currentToken() != JsonToken.START_ARRAY) {
      return scalars.wrong("it is not a list", "a list, as in [ ]");
    }
    if (json.isTooDeep()) {
      return null;
    }
    var read = new ArrayList<Object>(USUAL_LENGTH);
    path.enterList();
    for (var i = 0; parser.nextToken() != JsonToken.END_ARRAY; i++) {
      path.at(i);
      if (parser.currentToken() == JsonToken.VALUE_NULL) {
        scalars.wrong(NOTHING_HERE, A_VALUE);
      } else {
        var value = read(known(shape.element()));
        if (known(shape.element()).is(Form.CHOICE) && value != null && !isThere(value)) {
          scalars.wrong(NOTHING_HERE, A_VALUE);
        } else if (value != null) {
          read.add(value);
        }
      }
      path.between();
    }
    path.leave();
    return read;
  }

  /** Values by the ids of people, or by quarters. */
  private @Nullable Object entries(Shape shape, String expected) {
    if (parser.currentToken() != JsonToken.START_OBJECT) {
      return scalars.wrong("it has no parts", expected);
    }
    if (json.isTooDeep()) {
      return null;
    }
    var byPerson = shape.is(Form.BY_PERSON);
    var values = new LinkedHashMap<Object, Object>();
    var seen = new HashSet<String>();
    while (parser.nextToken() != JsonToken.END_OBJECT) {
      path.enterPart(parser.currentName());
      var key = json.checked(parser.currentName());
      if (!seen.add(key)) {
        json.keyTwice();
      }
      if (byPerson) {
        references.add(new Reference(Form.PERSON, path.here(), key));
      } else if (!Quarter.isWritten(key)) {
        scalars.wrong("it is not a quarter", "a quarter, as in 2025Q3");
      }
      parser.nextToken();
      var value = read(known(shape.element()));
      if (isThere(value) && (byPerson || Quarter.isWritten(key))) {
        values.putIfAbsent(byPerson ? key : Quarter.parse(key), value);
      }
      path.leave();
    }
    return values;
  }
}
