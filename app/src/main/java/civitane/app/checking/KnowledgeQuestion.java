package civitane.app.checking;

import java.util.List;
import java.util.UUID;

/**
 * What somebody on the phone is asked: which of these employers reports a wage for them.
 *
 * @param choices one of them is right
 */
record KnowledgeQuestion(UUID id, List<String> choices) {}
