package civitane.packet.form;

import java.util.List;

/** Fields of a form that belong together, in rows; the fields of a row stand side by side. */
record FormSection(String title, List<List<FormField>> rows) {}
