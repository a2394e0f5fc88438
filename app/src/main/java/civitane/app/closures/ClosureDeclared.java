package civitane.app.closures;

import java.util.UUID;

/** A closure was declared: what falls due on its days is due later. */
public record ClosureDeclared(UUID id) {}
