package civitane.standins;

/** How a register behaves when it is asked. */
public enum Behaviour {
  /** At once, and rightly. */
  RIGHT,
  /** Rightly, but later than anybody waits for. */
  SLOW,
  /** At once, and about somebody else. */
  WRONG,
  /** The line goes dead. */
  DOWN
}
