package civitane.app.door;

import civitane.app.claims.Claims;
import civitane.core.claims.Item;
import civitane.core.claims.ItemKind;
import civitane.core.facts.Person;
import civitane.core.ledger.Assembled;
import civitane.words.Words;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Who is still to sign what was lodged, and since when they are asked. */
@Component
class AskedSigners {
  private static final String OF_SOMEBODY = "signature:";

  private final SignerRows rows;
  private final Claims claims;
  private final Clock clock;

  AskedSigners(SignerRows rows, Claims claims, Clock clock) {
    this.rows = rows;
    this.claims = claims;
    this.clock = clock;
  }

  /** Who is to sign by an item; nobody where it is about something else, or about anybody. */
  static Optional<Person> whoSigns(Item item, Assembled facts) {
    var place = facts.places().here(item.want().subject());
    return item.want().kind() == ItemKind.SIGNATURE && place.startsWith(OF_SOMEBODY)
        ? facts.packet().household().person(place.substring(OF_SOMEBODY.length()))
        : Optional.empty();
  }

  static UUID subject(Assembled facts, Person person) {
    return Optional.ofNullable(facts.places().ids().get(person.id())).orElseThrow();
  }

  /** Whether it is that a grown-up signs who did not apply. */
  boolean isOfAnother(String number, Item item) {
    var facts = claims.facts(number);
    return whoSigns(item, facts)
        .filter(person -> !person.equals(facts.packet().household().applicant()))
        .isPresent();
  }

  /** Since when whoever is to sign by an item is asked, in words; empty where they are not. */
  String askedSince(String number, Item item, Words words) {
    var facts = claims.facts(number);
    return whoSigns(item, facts)
        .map(person -> subject(facts, person))
        .flatMap(subject ->
            rows.of(number).stream().filter(one -> one.person().equals(subject)).findFirst())
        .map(one -> words.say(
            "door.signer.since", "day", LocalDate.ofInstant(one.askedAt(), clock.getZone())))
        .orElse("");
  }
}
