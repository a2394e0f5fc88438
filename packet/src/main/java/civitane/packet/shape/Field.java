package civitane.packet.shape;

/**
 * A part of an object.
 *
 * @param place which of the object's parts it is, from 0
 */
public record Field(String key, Shape shape, int place) {
  /** So many parts an object may have, for each is remembered by a bit. */
  static final int MOST = Long.SIZE;

  /** The bit by which it is remembered. */
  long bit() {
    return 1L << place;
  }
}
