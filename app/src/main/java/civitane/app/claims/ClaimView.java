package civitane.app.claims;

import civitane.app.catalogue.DeskWords;
import civitane.core.claims.Claim;
import civitane.core.claims.Clock;
import civitane.core.claims.ItemKind;
import civitane.core.claims.ItemState;
import civitane.core.facts.Acting;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Vocabulary;
import civitane.core.ledger.Places;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** A claim as the interface shows it. */
public record ClaimView(
    String number,
    UUID household,
    String householdName,
    @Nullable String town,
    String service,
    String title,
    String state,
    String turn,
    LocalDate lodgedOn,
    LocalDate dueOn,
    int worked,
    int stood,
    @Nullable NextStep next,
    @Nullable String holder,
    boolean urgent,
    @Nullable Outside outside,
    int version,
    List<Stretch> stretches,
    List<ActingView> acting,
    List<Item> items,
    List<Event> events,

    @Schema(type = "object", additionalProperties = Schema.AdditionalPropertiesValue.TRUE)
    JsonNode packet) {

  /** Where it stands and what is wanted, without what is known of the household. */
  ClaimView standing() {
    return new ClaimView(
        number,
        household,
        householdName,
        town,
        service,
        title,
        state,
        turn,
        lodgedOn,
        dueOn,
        worked,
        stood,
        next,
        holder,
        urgent,
        outside,
        version,
        stretches,
        acting,
        items.stream().map(Item::withoutSums).toList(),
        List.of(),
        Masked.people(packet));
  }

  /** The one thing to do next, and by when. */
  public record NextStep(String step, String words, String owner, LocalDate on) {
    static NextStep of(civitane.core.claims.NextStep step) {
      return new NextStep(step.step().word(), ClaimWords.of(step), step.owner().word(), step.on());
    }
  }

  /**
   * The day that an answer should come before.
   *
   * @param late in words, where our answer is due only after it
   */
  public record Outside(
      String what,
      String words,
      LocalDate on,
      String shownBy,
      @Nullable String late) {
    static @Nullable Outside of(Claim claim, LocalDate today) {
      var outside = claim.pace().outside();
      return outside == null
          ? null
          : new Outside(
              outside.what().word(),
              DeskWords.WORDS.word(outside.what()),
              outside.on(),
              outside.shownBy(),
              claim.comesTooLate(today) ? ClaimWords.tooLate(outside, claim.dueOn(today)) : null);
    }
  }

  /**
   * Somebody who acts for the household, or did.
   *
   * @param over whether they do not any more
   */
  public record ActingView(
      UUID id,
      String name,
      String right,
      @Nullable String speaker,
      @Nullable String contact,
      @Nullable String reachedAt,
      @Nullable String shownBy,
      @Nullable String scope,
      @Nullable LocalDate until,
      boolean over,
      boolean identityChecked,
      boolean getsLetters) {
    public static List<ActingView> of(Map<UUID, Acting> acting, LocalDate today) {
      return acting.entrySet().stream()
          .map(one -> of(one.getKey(), one.getValue(), today))
          .toList();
    }

    private static ActingView of(UUID id, Acting acting, LocalDate today) {
      return new ActingView(
          id,
          acting.name(),
          acting.right().word(),
          acting.speaker(),
          acting.contact(),
          acting.reachedAt(),
          acting.shownBy(),
          acting.scope(),
          acting.until(),
          !acting.actsOn(today),
          acting.identityChecked(),
          acting.getsLetters());
    }
  }

  /** A part of the turn line. */
  public record Stretch(LocalDate from, LocalDate to, String turn) {
    static List<Stretch> of(List<Clock.Stretch> stretches) {
      return stretches.stream()
          .map(stretch ->
              new Stretch(stretch.from(), stretch.to(), stretch.turn().word()))
          .toList();
    }
  }

  /**
   * Something still wanted.
   *
   * @param inDoubt whether it is a fact that somebody doubts, which may turn out to be right as it is
   * @param putRight what the household put right last, before and after, where that waits to be looked at
   * @param returned how often what came did not settle it
   */
  public record Item(
      int id,
      String kind,
      String subject,
      String words,
      String owner,
      LocalDate dueOn,
      boolean inDoubt,
      @Nullable String putRight,
      int returned) {
    /** Which paper is wanted, without why: the reasons tell what is known of the household. */
    Item withoutSums() {
      var paper = Vocabulary.of(PaperKind.class).byWord().get(subject.split(":")[0]);
      return new Item(
          id,
          kind,
          subject,
          paper instanceof PaperKind known
              ? DeskWords.WORDS.capital(DeskWords.WORDS.word(known))
              : words,
          owner,
          dueOn,
          inDoubt,
          null,
          returned);
    }

    static Item of(civitane.core.claims.Item item, Places places, @Nullable String putRight) {
      return new Item(
          item.id(),
          item.want().kind().word(),
          places.here(item.want().subject()),
          ClaimWords.of(item),
          item.turn().word(),
          item.dueOn(),
          item.want().kind() == ItemKind.FACT && item.want().isFoundByPeople(),
          item.state() == ItemState.ANSWERED ? putRight : null,
          item.returned());
    }
  }

  /** Something that happened. */
  public record Event(Instant at, String actor, String kind, String words, String turn) {
    static Event of(StoredEvent event, String name) {
      return new Event(
          event.happenedAt(),
          name,
          event.move().word(),
          ClaimWords.of(event),
          event.turn().word());
    }
  }
}
