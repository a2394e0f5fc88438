package civitane.app.papers;

import civitane.app.claims.Claims;
import civitane.app.letters.Letters;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Person;
import civitane.core.facts.Vocabulary;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Letters that come back: they tell of which claim what lies behind them is. */
@Component
class LetterReplies implements Replying {
  private final Letters letters;
  private final Claims claims;

  LetterReplies(Letters letters, Claims claims) {
    this.letters = letters;
    this.claims = claims;
  }

  @Override
  public Optional<Reply> to(ReplyCode code) {
    return letters
        .aboutOf(code.code())
        .filter(claims::isThere)
        .map(claim -> wanted(claim, code)
            .orElseGet(() -> new Reply(claim, null, PaperKind.OTHER, null, null, null)));
  }

  /** The item that a sheet is of: what it wants tells the kind of paper and whose it is. */
  private Optional<Reply> wanted(String claim, ReplyCode code) {
    return Optional.ofNullable(code.item()).flatMap(claims.claim(claim)::item).map(item -> {
      var facts = claims.facts(claim);
      var wanted = facts.places().here(item.want().subject()).split(":", 2);
      var whose = wanted.length > 1 ? wanted[1] : null;
      var household = facts.packet().household();
      var income = whose == null ? null : household.income(whose).orElse(null);
      var owner = income == null ? whose : income.person();
      return new Reply(
          claim,
          item.id(),
          kind(wanted[0]),
          household.person(owner).map(Person::id).orElse(null),
          income == null ? null : income.id(),
          null);
    });
  }

  private static PaperKind kind(String word) {
    return Vocabulary.of(PaperKind.class).byWord().get(word) instanceof PaperKind kind
        ? kind
        : PaperKind.OTHER;
  }

  @Override
  public void came(ReplyCode code) {
    // That a letter came back says nothing of it.
  }
}
