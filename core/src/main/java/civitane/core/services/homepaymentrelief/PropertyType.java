package civitane.core.services.homepaymentrelief;

import civitane.core.facts.Word;

/** What kind of property it is, and whether people live in such a one. */
public enum PropertyType implements Word {
  HOUSE(true),
  FLAT(true),
  DUPLEX(true),
  MOBILE_HOME(true),
  HOUSEBOAT(true),
  HOLIDAY_HOME(false),
  LAND(false),
  COMMERCIAL(false);

  private final boolean home;

  PropertyType(boolean home) {
    this.home = home;
  }

  boolean isHome() {
    return home;
  }
}
