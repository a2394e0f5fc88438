package civitane.core.services;

import civitane.core.facts.Person;
import civitane.core.facts.Role;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** Who is asked as an adult. */
public class ConversationTest {
  private static final LocalDate EIGHTEEN_TODAY = Households.LODGED.minusYears(18);

  private static List<String> ids(List<Person> people) {
    return people.stream().map(Person::id).toList();
  }

  private static List<String> adults(Person... people) {
    return ids(Conversation.adults(
        Households.asking(Households.of(List.of(people), List.of()), "legalAdvice", Map.of())));
  }

  private static Person born(String id, Role role, LocalDate day) {
    return Person.of(id, role, "Wren", "Tamsett", day);
  }

  @Test
  public void fromTheEighteenthBirthdayOnSomebodySpeaksForThemselves() {
    assertEquals(
        adults(
            Households.mother(),
            born("p2", Role.CHILD, EIGHTEEN_TODAY),
            born("p3", Role.CHILD, EIGHTEEN_TODAY.plusDays(1))),
        List.of("p1", "p2"));
  }

  @Test
  public void aYoungApplicantAndSomebodyOfUnknownAgeDoToo() {
    assertEquals(
        adults(
            born("p1", Role.APPLICANT, Households.LODGED.minusYears(16)),
            born("p2", Role.RELATIVE, null)),
        List.of("p1", "p2"));
  }
}
