package civitane.packet.shape;

import civitane.packet.json.Path;

/** A place that names a person or an income by its id. */
public record Reference(Kind kind, Path place, String id) {

  public String pointer() {
    return place.pointer();
  }
}
