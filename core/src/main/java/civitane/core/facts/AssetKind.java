package civitane.core.facts;

/** What somebody owns. */
public enum AssetKind implements Word {
  CASH("cash", true),
  CURRENT("current", true),
  SAVINGS("savings", true),
  INVESTMENTS("investments", true),
  RETIREMENT("retirement", false),
  REAL_ESTATE("realEstate", false),
  VEHICLE("vehicle", false),
  BUSINESS("business", false),
  OTHER("other", false);

  private final String word;
  private final boolean liquid;

  AssetKind(String word, boolean liquid) {
    this.word = word;
    this.liquid = liquid;
  }

  @Override
  public String word() {
    return word;
  }

  /** Whether it can be spent at once: cash, accounts, savings and investments. */
  public boolean isLiquid() {
    return liquid;
  }
}
