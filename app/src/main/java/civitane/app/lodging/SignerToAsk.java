package civitane.app.lodging;

import civitane.app.messages.OwnContact;
import civitane.core.claims.Actor;
import java.util.UUID;

/**
 * Somebody is to sign an application that was lodged just now, elsewhere and by themselves.
 *
 * @param contact theirs, to which they are asked
 */
public record SignerToAsk(
    Actor by, UUID application, UUID person, String name, OwnContact contact) {}
