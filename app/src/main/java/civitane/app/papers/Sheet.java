package civitane.app.papers;

/**
 * A page of a paper.
 *
 * @param hash of the file it is in
 * @param page of that file, from 0
 * @param turn by how much it is turned to be read: 0, 90, 180 or 270 degrees to the right
 */
record Sheet(String hash, int page, int turn) {
  private static final int QUARTER = 90;
  private static final int WHOLE = 360;

  Sheet {
    if (turn % QUARTER != 0 || turn < 0 || turn >= WHOLE) {
      throw new IllegalArgumentException("a page is turned by quarters, not by " + turn);
    }
  }

  Sheet turned(int by) {
    return new Sheet(hash, page, Math.floorMod(turn + by, WHOLE));
  }
}
