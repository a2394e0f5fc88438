package civitane.core.facts;

/** What somebody owns. */
public enum AssetKind implements Word {
  CASH(true),
  CURRENT(true),
  SAVINGS(true),
  INVESTMENTS(true),
  RETIREMENT(false),
  REAL_ESTATE(false),
  VEHICLE(false),
  BUSINESS(false),
  OTHER(false);

  private final boolean liquid;

  AssetKind(boolean liquid) {
    this.liquid = liquid;
  }

  /** Whether it can be spent at once: cash, accounts, savings and investments. */
  public boolean isLiquid() {
    return liquid;
  }
}
