package civitane.packet.shape;

/** A place that names a person or an income by its id. */
public record Reference(Kind kind, String pointer, String id) {}
