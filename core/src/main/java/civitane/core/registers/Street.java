package civitane.core.registers;

/** A street of the district's address book, as it is written. */
public record Street(String name, String postcode, String town) {}
