package civitane.core.facts;

import org.jspecify.annotations.Nullable;

/**
 * Somebody outside whose word claims wait for, as the office knows them: one for all households that name them.
 *
 * @param iban the account that is theirs by their own word
 * @param takesPart whether they take part for whoever names them; null while they have not said
 */
public record OutsideParty(
    @Required PartyKind kind,
    @Required String name,
    @Nullable MailingAddress address,
    @Nullable String phone,
    @Nullable String email,
    @As(Form.IBAN) @Nullable String iban,
    @Nullable Boolean takesPart) {}
