package civitane.core.facts;

/** How an application came in. */
public enum Channel implements Word {
  COUNTER,
  PHONE,
  POST,
  ONLINE,
  FILE
}
