package civitane.core.rules;

/**
 * A place in a packet: its JSON Pointer is written only when somebody reads it.
 *
 * @param before what stands before the number of the place in its list, or the whole pointer
 * @param index the number; -1 where the pointer is whole
 */
record Place(String before, int index) {

  static Place of(String pointer) {
    return new Place(pointer, -1);
  }

  String pointer() {
    return index < 0 ? before : before + index;
  }
}
