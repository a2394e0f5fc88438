package civitane.core.rules;

import civitane.core.facts.Answers;
import civitane.core.facts.Household;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Request;
import civitane.core.income.Counted;
import civitane.core.income.Counting;
import civitane.core.income.IncomePicture;
import civitane.core.rates.RateBook;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * Everything a service is told: the facts, its own request, the rate book and what is asked for.
 *
 * @param index the request's place in the packet
 */
public record Situation(Packet packet, Request request, int index, RateBook rates, Mode mode) {

  public Household household() {
    return packet.household();
  }

  public Answers answers() {
    return request.answers();
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

  public Check check(String id) {
    return new Check(this, id);
  }

  /** The person an answer names. */
  public Optional<Person> personIn(String key) {
    return household().person(answers().text(key));
  }

  /** The JSON Pointer of an answer; a pointer stays as it is. */
  public String pointer(String answer) {
    return answer.startsWith("/") ? answer : "/requests/" + index + "/answers/" + answer;
  }

  public String personPointer(Person person, String fact) {
    return "/household/people/" + household().people().indexOf(person) + "/" + fact;
  }

  /** Whether there is an answer at a path, as in {@code lender/participates} or {@code children/0/school}. */
  boolean isAnswered(String path) {
    if (path.indexOf('/') < 0) {
      return answers().has(path);
    }
    Object at = answers();
    for (int from = 0, to; at != null && from <= path.length(); from = to + 1) {
      var slash = path.indexOf('/', from);
      to = slash < 0 ? path.length() : slash;
      if (at instanceof Answers answers) {
        at = answers.value(path.substring(from, to));
      } else if (at instanceof List<?> list) {
        at = list.get(Integer.parseInt(path, from, to, 10));
      } else {
        return false;
      }
    }
    return at != null;
  }
}
