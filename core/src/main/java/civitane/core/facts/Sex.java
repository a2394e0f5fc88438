package civitane.core.facts;

/** A person's sex as the papers say it. */
public enum Sex implements Word {
  F,
  M,
  X;

  @Override
  public String word() {
    return name();
  }
}
