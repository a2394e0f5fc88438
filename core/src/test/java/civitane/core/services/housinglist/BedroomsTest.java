package civitane.core.services.housinglist;

import civitane.core.facts.Homes;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.facts.Sex;
import civitane.core.income.Counted;
import civitane.core.income.Counting;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** Bedrooms: as few as the rule allows, whatever the order in which the people are told. */
public class BedroomsTest {
  private static final LocalDate ON = LocalDate.parse("2026-11-23");
  private static final Counting EVERYBODY =
      Counting.SHARED_MONEY.withFosterChildren().withAllKin().withExpectedChildren();

  private static Person person(String id, Role role, Sex sex, int age) {
    return new Person(
        id,
        role,
        "Somebody",
        "Tamsett",
        List.of(),
        null,
        null,
        ON.minusYears(age).minusDays(1),
        sex,
        false,
        true,
        14,
        null,
        null,
        null,
        null,
        null);
  }

  /** People as in "F9 M12 X3": children by sex and age; "spouse", "carer", "lodger", "parent" as they are. */
  private static List<Person> people(String told) {
    var people = new ArrayList<Person>();
    people.add(person("p1", Role.APPLICANT, Sex.F, 38));
    for (var one : told.split(" ")) {
      var id = "p" + (people.size() + 1);
      switch (one) {
        case "" -> {}
        case "spouse" -> people.add(person(id, Role.SPOUSE, Sex.M, 40));
        case "carer" -> people.add(person(id, Role.RESIDENT_CARER, Sex.F, 50));
        case "lodger" -> people.add(person(id, Role.LODGER, Sex.M, 30));
        case "parent" -> people.add(person(id, Role.PARENT, Sex.F, 70));
        default -> {
          var sex = switch (one.charAt(0)) {
            case 'F' -> Sex.F;
            case 'M' -> Sex.M;
            case 'X' -> Sex.X;
            default -> null;
          };
          people.add(person(id, Role.CHILD, sex, Integer.parseInt(one.substring(1))));
        }
      }
    }
    return people;
  }

  private static int needed(List<Person> people, int expected) {
    var household = Homes.of(people, expected, List.of());
    return Bedrooms.needed(Counted.of(household, EVERYBODY, ON), household);
  }

  @DataProvider
  public static Object[][] households() {
    return new Object[][] {
      {"", 0, 1},
      {"spouse", 0, 1},
      {"spouse parent", 0, 2},
      {"carer", 0, 2},
      {"lodger", 0, 1},
      {"M20", 0, 2},
      {"F3", 0, 2},
      {"F3 M5", 0, 2},
      {"F9 M9", 0, 2},
      {"F10 M9", 0, 3},
      {"F10 M10", 0, 3},
      {"F10 F17", 0, 2},
      {"F12 F4", 0, 2},
      {"F12 M4", 0, 3},
      {"F12 F4 M5", 0, 3},
      {"F12 F13 F14", 0, 3},
      {"F12 F13 F14 F2", 0, 3},
      {"M11 F3 M4 F5", 0, 3},
      {"X12 X13", 0, 3},
      {"X3 M4", 0, 2},
      {"?3 ?4", 0, 2},
      {"?12 F12", 0, 3},
      {"", 1, 2},
      {"F3", 1, 2},
      {"F12", 1, 3},
      {"", 2, 2},
      {"spouse parent carer M20 F12 F4 M5", 1, 6},
    };
  }

  @Test(dataProvider = "households")
  public void asFewRoomsAsTheRuleAllows(String told, int expected, int rooms) {
    assertEquals(needed(people(told), expected), rooms, told + ", expected " + expected);
  }

  @Test
  public void theOrderOfThePeopleDoesNotMatter() {
    var random = new Random(3);
    for (var i = 0; i < 300; i++) {
      var told = new StringBuilder();
      for (var child = random.nextInt(7); child > 0; child--) {
        told.append("FMX?".charAt(random.nextInt(4))).append(random.nextInt(18)).append(' ');
      }
      var people = people(told.toString().strip());
      var rooms = needed(people, 0);
      Collections.shuffle(people, random);
      assertEquals(needed(people, 0), rooms, told.toString());
    }
  }

  @Test
  public void noWayOfSharingNeedsFewer() {
    var random = new Random(5);
    for (var i = 0; i < 200; i++) {
      var told = new StringBuilder();
      for (var child = 1 + random.nextInt(6); child > 0; child--) {
        told.append("FMX?".charAt(random.nextInt(4))).append(random.nextInt(18)).append(' ');
      }
      var people = people(told.toString().strip());
      var children = new ArrayList<>(people.subList(1, people.size()));
      assertEquals(needed(people, 0) - 1, fewest(children), told.toString());
    }
  }

  /** The fewest rooms for children, found by trying every way. */
  private static int fewest(List<Person> children) {
    if (children.isEmpty()) {
      return 0;
    }
    var first = children.get(0);
    var rest = children.subList(1, children.size());
    var least = 1 + fewest(rest);
    for (var i = 0; i < rest.size(); i++) {
      if (mayShare(first, rest.get(i))) {
        var left = new ArrayList<>(rest);
        left.remove(i);
        least = Math.min(least, 1 + fewest(left));
      }
    }
    return least;
  }

  private static boolean mayShare(Person one, Person other) {
    var bothYoung =
        one.birthDate().isAfter(ON.minusYears(10)) && other.birthDate().isAfter(ON.minusYears(10));
    var sameSex = one.sex() == other.sex() && (one.sex() == Sex.F || one.sex() == Sex.M);
    return bothYoung || sameSex;
  }
}
