package civitane.core.services.decisionappeal;

import java.time.LocalDate;

/**
 * What follows an appeal.
 *
 * @param continues whether what was paid goes on until it is heard
 * @param hearingFrom the first day a hearing can be
 */
public record DecisionAppealAmounts(boolean continues, LocalDate hearingFrom) {}
