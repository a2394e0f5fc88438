package civitane.core.reasons;

/**
 * What a reason is told with.
 *
 * @param name as the words name it
 * @param type the kind of value
 */
public record Parameter(String name, Class<? extends Argument> type) {

  public static Parameter money(String name) {
    return new Parameter(name, Argument.Money.class);
  }

  public static Parameter number(String name) {
    return new Parameter(name, Argument.Quantity.class);
  }

  public static Parameter date(String name) {
    return new Parameter(name, Argument.Day.class);
  }

  public static Parameter person(String name) {
    return new Parameter(name, Argument.Who.class);
  }

  public static Parameter text(String name) {
    return new Parameter(name, Argument.Told.class);
  }

  public static Parameter word(String name) {
    return new Parameter(name, Argument.Term.class);
  }

  public static Parameter list(String name) {
    return new Parameter(name, Argument.Several.class);
  }
}
