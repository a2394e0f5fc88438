package civitane.core.ledger;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A thing that facts are about, with an id for life.
 *
 * @param of whose it is: a person's income, a household's home; null for households and people, who belong to nobody
 * @param nr its place among all subjects that were ever begun; lists are told in this order
 */
public record Subject(UUID id, SubjectKind kind, @Nullable UUID of, long nr) {}
