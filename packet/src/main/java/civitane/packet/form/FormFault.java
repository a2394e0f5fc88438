package civitane.packet.form;

/**
 * Something wrong on a form.
 *
 * @param place the field's label, or where in the packet it would stand when no field has it
 * @param message what is wrong
 * @param expected what would be right
 */
public record FormFault(String place, String message, String expected) {}
