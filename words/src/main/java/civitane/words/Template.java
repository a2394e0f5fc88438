package civitane.words;

import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.ArgType;
import com.ibm.icu.text.MessagePattern.Part;
import com.ibm.icu.text.PluralRules;
import com.ibm.icu.text.PluralRules.PluralType;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/**
 * A message in the syntax of ICU MessageFormat, with arguments, plurals and selections by name.
 *
 * <p>ICU reads it and knows the plurals. It is put together here, as the library's own formatter is neither safe for
 * several threads nor quick: it takes some ten times as long.
 */
final class Template {

  /** What the names of a message stand for, and how a number is written where it says so. */
  interface Values {
    /** How the argument is written. */
    String text(String name);

    /** The number that decides a plural. */
    BigDecimal number(String name);

    /** A number as the language writes it. */
    String written(BigDecimal number);
  }

  private sealed interface Piece {
    record Text(String text) implements Piece {}

    record Argument(String name) implements Piece {}

    /** The number of the plural around it. */
    record Number() implements Piece {}

    record Plural(String name, Map<String, List<Piece>> forms) implements Piece {}

    record Selection(String name, Map<String, List<Piece>> forms) implements Piece {}
  }

  private static final String OTHER = "other";

  private final List<Piece> pieces;
  private final PluralRules plurals;
  private final Set<String> names = new TreeSet<>();

  /** Throws {@link IllegalArgumentException} for a message that is not well formed. */
  Template(String message, Language language) {
    var pattern = new MessagePattern(message);
    this.plurals = PluralRules.forLocale(language.locale(), PluralType.CARDINAL);
    this.pieces = parse(pattern, 0);
  }

  /** The names it is told with. */
  Set<String> names() {
    return names;
  }

  private List<Piece> parse(MessagePattern pattern, int start) {
    var pieces = new ArrayList<Piece>();
    var limit = pattern.getLimitPartIndex(start);
    var from = pattern.getPart(start).getLimit();
    var text = new StringBuilder();
    for (var i = start + 1; i <= limit; i++) {
      var part = pattern.getPart(i);
      text.append(pattern.getPatternString(), from, part.getIndex());
      switch (part.getType()) {
        case INSERT_CHAR -> text.append((char) part.getValue());
        case REPLACE_NUMBER -> {
          add(pieces, text);
          pieces.add(new Piece.Number());
        }
        case ARG_START -> {
          add(pieces, text);
          pieces.add(argument(pattern, i, part.getArgType()));
          i = pattern.getLimitPartIndex(i);
        }
        default -> {}
      }
      from = pattern.getPart(i).getLimit();
    }
    add(pieces, text);
    return List.copyOf(pieces);
  }

  private static void add(List<Piece> pieces, StringBuilder text) {
    if (!text.isEmpty()) {
      pieces.add(new Piece.Text(text.toString()));
      text.setLength(0);
    }
  }

  private Piece argument(MessagePattern pattern, int start, ArgType type) {
    var name = pattern.getSubstring(pattern.getPart(start + 1));
    names.add(name);
    if (type == ArgType.NONE) {
      return new Piece.Argument(name);
    }
    if (type != ArgType.PLURAL && type != ArgType.SELECT) {
      throw new IllegalArgumentException(
          "only plain, plural and select arguments are used: " + pattern.getPatternString());
    }
    var forms = new LinkedHashMap<String, List<Piece>>();
    var limit = pattern.getLimitPartIndex(start);
    for (var i = start + 2; i < limit; i++) {
      if (pattern.getPartType(i) == Part.Type.ARG_SELECTOR) {
        var selector = pattern.getSubstring(pattern.getPart(i));
        do {
          i++;
        } while (pattern.getPartType(i) != Part.Type.MSG_START);
        forms.put(selector, parse(pattern, i));
        i = pattern.getLimitPartIndex(i);
      }
    }
    return type == ArgType.PLURAL
        ? new Piece.Plural(name, forms)
        : new Piece.Selection(name, forms);
  }

  String say(Values values) {
    if (pieces.size() == 1 && pieces.get(0) instanceof Piece.Text whole) {
      return whole.text();
    }
    var said = new StringBuilder(96);
    say(pieces, values, null, said);
    return said.toString();
  }

  private void say(
      List<Piece> pieces, Values values, @Nullable BigDecimal number, StringBuilder said) {
    for (var piece : pieces) {
      if (piece instanceof Piece.Text text) {
        said.append(text.text());
      } else if (piece instanceof Piece.Argument argument) {
        said.append(values.text(argument.name()));
      } else if (piece instanceof Piece.Plural plural) {
        var counted = values.number(plural.name());
        say(form(plural.forms(), counted), values, counted, said);
      } else if (piece instanceof Piece.Selection selection) {
        var form = selection.forms().get(values.text(selection.name()));
        say(known(form == null ? selection.forms().get(OTHER) : form), values, number, said);
      } else if (number != null) {
        said.append(values.written(number));
      }
    }
  }

  private List<Piece> form(Map<String, List<Piece>> forms, BigDecimal number) {
    var exact = forms.get("=" + number.toPlainString());
    if (exact != null) {
      return exact;
    }
    var form = forms.get(plurals.select(number.doubleValue()));
    return known(form == null ? forms.get(OTHER) : form);
  }
}
