package civitane.core.rules;

import civitane.core.facts.ConsentTo;
import civitane.core.facts.Household;
import civitane.core.facts.Packet;
import civitane.core.facts.Parts;
import civitane.core.facts.Request;
import civitane.core.facts.Statement;
import civitane.core.facts.WhoseWord;
import civitane.core.rates.RateBook;
import civitane.core.reasons.ReasonCode;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalInt;

/**
 * Something a household can ask for: its questions and its rules, in one place.
 *
 * @param <A> the record of answers to its questions; the packet's shape, the schema and the screens follow from it
 */
public interface Entitlement<A extends Record> {
  /** Where the answers of a request begin in a pointer. */
  String ANSWERS = "/answers/";

  /** The word a packet names it by, as in {@code schoolMeals}. */
  String word();

  /** The record of answers, whose parts stand in the order people answer. */
  Class<A> answers();

  /** Every reason it may have. */
  List<? extends ReasonCode> reasons();

  /** The first day it is offered: one that needs a newer rate book is not there before. */
  default LocalDate offeredFrom() {
    return LocalDate.MIN;
  }

  /** How long it may take while it is our turn. */
  StandardTime standardTime();

  /** How long this claim may take, by what the rules said when it was lodged. */
  default StandardTime standardTime(Result lodged) {
    return standardTime();
  }

  /** What a first look needs, before anything is kept. */
  QuickCheck quickCheck();

  /** The incomes the service goes by, from the rate book; none where income does not matter. */
  default List<IncomeChart> charts(RateBook rates) {
    return List.of();
  }

  /** What the rules say. Never throws for facts that are missing or contradict each other. */
  Result determine(Situation<A> it);

  /** What helps whoever asks or answers, beside the result; parts that are not known are null. */
  default Record aids(Situation<A> it) {
    return NoAids.NONE;
  }

  /** What whoever signs states with it, beside that all is true and that changes are told. */
  default List<Statement> ownStatements() {
    return List.of();
  }

  /** Whom it helps to ask about it, beside the registers; each only where whoever applies allows it. */
  default List<ConsentTo> others() {
    return List.of();
  }

  /** Whether somebody sends applications for many households at once, as a school does with its list. */
  default boolean comesInLists() {
    return false;
  }

  /** Whether the household's facts alone leave the service possible, as a mortgage does for help with one. */
  default boolean concerns(Packet packet) {
    return true;
  }

  /**
   * Whether a request is for who makes it alone, as one that is directed against a member of the household is: nothing
   * that others of the household see or get tells of it.
   */
  default boolean isPrivate(A answers, Household household) {
    return false;
  }

  /** The answers that follow from the household's facts alone, for a first look at a service nobody asked for. */
  default A presumed(Packet packet) {
    return nothingAnswered();
  }

  /** Whether presumed answers name somebody whom the service is for, so that it is likely without any income. */
  default boolean isForSomebody(A presumed) {
    return false;
  }

  /** The questions it asks beyond the household's facts. */
  default List<Question> questions() {
    return Question.of(answers());
  }

  /** Whose word counts for something that is missing; who asks brings what is no answer to a question. */
  default WhoseWord whose(String missing) {
    var at = missing.indexOf(ANSWERS);
    if (at < 0) {
      return WhoseWord.HOUSEHOLD;
    }
    var whose = WhoseWord.HOUSEHOLD;
    var questions = questions();
    for (var step : missing.substring(at + ANSWERS.length()).split("/")) {
      for (var question : questions) {
        if (question.key().equals(step)) {
          whose = question.whose();
          questions = question.parts();
          break;
        }
      }
    }
    return whose;
  }

  /** How many days before a hearing it has to be told of; empty where none is held. */
  default OptionalInt hearingNotice(RateBook rates) {
    return OptionalInt.empty();
  }

  /** The record of answers to nothing. */
  default A nothingAnswered() {
    var parts = Parts.of(answers());
    return answers().cast(parts.make(new Object[parts.fields().size()]));
  }

  /** The situation of a request of a packet that names this service. */
  default Situation<A> situation(Packet packet, int index, RateBook rates, Mode mode) {
    Request request = packet.requests().get(index);
    return new Situation<>(packet, word(), answers().cast(request.answers()), index, rates, mode);
  }
}
