package civitane.packet.shape;

import civitane.core.facts.Form;
import civitane.packet.json.Path;

/** A place that names a person or an income by its id. */
public record Reference(Form form, Path place, String id) {

  public String pointer() {
    return place.pointer();
  }
}
