package civitane.core.facts;

import civitane.core.money.Amount;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

/** Answers are read by what they are; one of another kind is none. */
public class AnswersTest {
  private static final Answers ANSWERS = new Answers(Map.of(
      "text",
      "flood",
      "number",
      Amount.of("12.50"),
      "flag",
      false,
      "day",
      LocalDate.parse("2026-11-23"),
      "role",
      Role.CHILD,
      "group",
      new Answers(Map.of("name", "Hythe Net Loft")),
      "list",
      List.of("one", "two")));

  @Test
  public void eachIsReadAsWhatItIs() {
    assertEquals(ANSWERS.text("text"), "flood");
    assertEquals(ANSWERS.number("number"), Amount.of("12.5"));
    assertEquals(ANSWERS.flag("flag"), Boolean.FALSE);
    assertEquals(ANSWERS.date("day"), LocalDate.parse("2026-11-23"));
    assertEquals(ANSWERS.word(Role.class, "role"), Role.CHILD);
    assertEquals(ANSWERS.group("group").text("name"), "Hythe Net Loft");
    assertEquals(ANSWERS.texts("list"), List.of("one", "two"));
  }

  @Test
  public void anythingElseIsNone() {
    assertNull(ANSWERS.text("number"));
    assertNull(ANSWERS.number("text"));
    assertNull(ANSWERS.date("text"));
    assertNull(ANSWERS.flag("absent"));
    assertNull(ANSWERS.word(Sex.class, "role"));
    assertNull(ANSWERS.group("list"));
    assertEquals(ANSWERS.groups("text"), List.of());
    assertTrue(ANSWERS.flag("absent", true));
    assertFalse(ANSWERS.flag("flag", true), "a no is not the default");
  }

  @Test
  public void aListOfOtherThingsIsAFault() {
    expectThrows(ClassCastException.class, () -> ANSWERS.groups("list"));
  }

  @Test
  public void nothingAndBlanksAreNotThereAndAnEmptyListIs() {
    var told = new LinkedHashMap<String, Object>();
    told.put("nothing", null);
    told.put("blank", " \t");
    told.put("none", List.of());
    var answers = new Answers(told);
    assertFalse(answers.has("nothing"));
    assertFalse(answers.has("blank"));
    assertTrue(answers.has("none"));
    assertEquals(answers.keys().toString(), "[none]");
  }

  @Test
  public void theOrderInWhichTheyWereToldDoesNotMatter() {
    var one = new LinkedHashMap<String, Object>();
    one.put("a", "1");
    one.put("b", "2");
    var other = new LinkedHashMap<String, Object>();
    other.put("b", "2");
    other.put("a", "1");
    assertEquals(new Answers(one), new Answers(other));
    assertEquals(new Answers(one).hashCode(), new Answers(other).hashCode());
    assertNotEquals(new Answers(one), Answers.NONE);
  }

  @Test
  public void keysOfTheSameHashAreToldApart() {
    assertEquals("Aa".hashCode(), "BB".hashCode());
    var answers = new Answers(Map.of("Aa", "one", "BB", "two"));
    assertEquals(answers.text("Aa"), "one");
    assertEquals(answers.text("BB"), "two");
    assertNull(answers.text("C#"));
  }
}
