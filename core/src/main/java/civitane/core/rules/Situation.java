package civitane.core.rules;

import civitane.core.facts.Household;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.income.Counted;
import civitane.core.income.Counting;
import civitane.core.income.IncomePicture;
import civitane.core.rates.RateBook;
import civitane.core.reasons.Argument.Missing;
import civitane.core.reasons.Argument.Who;
import civitane.core.time.LastDay;
import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Everything a service is told: the facts, the answers to its own questions, the rate book and what is asked for.
 *
 * @param service the service's word
 * @param index the request's place in the packet
 * @param lastDays which day a limit ends on that is counted out to a day
 */
public record Situation<A extends Record>(
    Packet packet,
    String service,
    A answers,
    int index,
    RateBook rates,
    Mode mode,
    LastDay lastDays) {

  /** Limits end on the day they are counted out to. */
  public Situation(Packet packet, String service, A answers, int index, RateBook rates, Mode mode) {
    this(packet, service, answers, index, rates, mode, LastDay.AS_COUNTED);
  }

  /** The same, with limits that end as an office ends them. */
  public Situation<A> with(LastDay lastDays) {
    return new Situation<>(packet, service, answers, index, rates, mode, lastDays);
  }

  public Household household() {
    return packet.household();
  }

  /** The day the request reached the office: time limits and the order of lists go by it. */
  public LocalDate lodgedOn() {
    return packet.lodgedOn();
  }

  /** The day that ages, incomes, who lives there, periods and the rate book go by. */
  public LocalDate assessedOn() {
    return packet.assessedOn();
  }

  /** The day of the computation. */
  public LocalDate asOf() {
    return packet.asOf();
  }

  public boolean determines() {
    return mode == Mode.DETERMINE;
  }

  public Counted counted(Counting counting) {
    return Counted.of(household(), counting, assessedOn());
  }

  /** What comes in to the counted people; what children earn is left out. */
  public IncomePicture income(Counted counted) {
    return IncomePicture.of(counted, rates, assessedOn(), asOf(), false);
  }

  public IncomePicture incomeWithChildrensEarnings(Counted counted) {
    return IncomePicture.of(counted, rates, assessedOn(), asOf(), true);
  }

  public Determination determination() {
    return new Determination(this);
  }

  public Checking check(String id) {
    return new Checking(this, id);
  }

  /** The person an answer names. */
  public Optional<Person> person(@Nullable String id) {
    return household().person(id);
  }

  /** How somebody of the household is spoken of. */
  public Who who(Person person) {
    return Who.of(household(), person);
  }

  /** What the pointers of all answers begin with. */
  String answersAt() {
    return "/requests/" + index + "/answers/";
  }

  public String personPointer(Person person, String fact) {
    return "/household/people/" + household().people().indexOf(person) + "/" + fact;
  }

  /** An answer that is not there, by its path. */
  public Missing missing(String path) {
    return MissingPlace.answer(this, path);
  }

  /** A fact of the household that is not there, by its pointer. */
  public Missing missingFact(String pointer) {
    return MissingPlace.fact(household(), pointer);
  }
}
