package civitane.core.services.studyadjustments;

import java.util.List;

/**
 * What is arranged.
 *
 * @param adjustments each once, by their words in the order of the alphabet
 * @param provisional whether it holds for one term, until a certificate or study record is accepted
 */
public record StudyAdjustmentsAmounts(List<Adjustment> adjustments, boolean provisional) {}
