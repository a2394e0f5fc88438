package civitane.core.rates;

import civitane.core.money.Amount;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** A part of a rate book, read by the names it is written with. Every getter throws {@link RateBookFault} when the part is not there. */
public final class Section {
  private final String path;
  private final Map<?, ?> entries;

  Section(String path, Map<?, ?> entries) {
    this.path = path;
    this.entries = entries;
  }

  public Amount amount(String key) {
    var text = text(key);
    try {
      return Amount.of(text);
    } catch (NumberFormatException e) {
      throw new RateBookFault(path + key + " is \"" + text + "\", a number is wanted");
    }
  }

  public int whole(String key) {
    var amount = amount(key);
    try {
      return amount.toDecimal().intValueExact();
    } catch (ArithmeticException e) {
      throw new RateBookFault(path + key + " is " + amount.plain() + ", a whole number is wanted");
    }
  }

  public String text(String key) {
    if (required(key) instanceof String text) {
      return text;
    }
    throw new RateBookFault(path + key + " is not a single value");
  }

  public List<String> texts(String key) {
    if (required(key) instanceof List<?> list) {
      return list.stream().map(String::valueOf).toList();
    }
    throw new RateBookFault(path + key + " is not a list");
  }

  public Section section(String key) {
    if (required(key) instanceof Map<?, ?> map) {
      return new Section(path + key + ".", map);
    }
    throw new RateBookFault(path + key + " has no parts");
  }

  public List<Section> sections(String key) {
    if (required(key) instanceof List<?> list) {
      return list.stream()
          .map(part -> new Section(path + key + ".", (Map<?, ?>) part))
          .toList();
    }
    throw new RateBookFault(path + key + " is not a list");
  }

  public Set<String> keys() {
    return entries.keySet().stream()
        .map(String::valueOf)
        .collect(java.util.stream.Collectors.toUnmodifiableSet());
  }

  private Object required(String key) {
    var value = entries.get(key);
    if (value == null) {
      throw new RateBookFault(path + key + " is missing");
    }
    return value;
  }
}
