package civitane.core.checking;

import civitane.core.reasons.Argument;
import civitane.core.registers.RegisterQuestion;

/**
 * A question to a register for a household.
 *
 * @param place the JSON Pointer of whom or what it is about
 */
public record Inquiry(RegisterQuestion question, String place, Argument.Who about) {}
