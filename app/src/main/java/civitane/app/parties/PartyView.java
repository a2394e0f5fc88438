package civitane.app.parties;

import civitane.app.claims.ClaimLists;
import civitane.core.facts.MailingAddress;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Somebody outside as the interface shows them.
 *
 * @param takesPart null while they have not said
 * @param joinedTo the record it was found to be
 * @param waiting the claims that wait for their word
 * @param alike others who may be the same
 * @param joined records that were found to be this one
 */
record PartyView(
    UUID id,
    String kind,
    String name,
    @Nullable MailingAddress address,
    @Nullable String phone,
    @Nullable String email,
    @Nullable String iban,
    @Nullable Boolean takesPart,
    @Nullable UUID joinedTo,
    int version,
    List<ClaimLists.Waiting> waiting,
    List<ListedParty> alike,
    List<ListedParty> joined) {

  /** One in a list. */
  record ListedParty(
      UUID id, String kind, String name, @Nullable Boolean takesPart, int waiting) {}
}
