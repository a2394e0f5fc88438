package civitane.core.rules;

import civitane.core.facts.Answers;
import civitane.core.facts.Packet;
import civitane.core.rates.RateBook;
import java.util.List;

/** Something a household can ask for: its questions and its rules, in one place. */
public interface Service {

  /** The word a packet names it by, as in {@code schoolMeals}. */
  String word();

  /** Its name as it is said. */
  String title();

  /** What it asks beyond the household's facts, in the order people answer. */
  List<Question> questions();

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
  Result determine(Situation it);

  /** Whether somebody sends applications for many households at once, as a school does with its list. */
  default boolean comesInLists() {
    return false;
  }

  /** Whether the household's facts alone leave the service possible, as a mortgage does for help with one. */
  default boolean concerns(Packet packet) {
    return true;
  }

  /** The answers that follow from the household's facts alone, for a first look at a service nobody asked for. */
  default Answers presumed(Packet packet) {
    return Answers.NONE;
  }
}
