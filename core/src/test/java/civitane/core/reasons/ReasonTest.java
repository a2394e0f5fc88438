package civitane.core.reasons;

import civitane.core.Reasons;
import civitane.core.facts.Homes;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument.Who;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

/** A reason is a code and typed values, and never a sentence. */
public class ReasonTest {
  private static final Pattern SENTENCE = Pattern.compile("\"[^\"]*[a-z] [a-z][^\"]*\"");

  /** A code told with a sum and a day. */
  private enum Sample implements ReasonCode {
    PAID_ON;

    @Override
    public String scope() {
      return "sample";
    }

    @Override
    public List<Parameter> parameters() {
      return List.of(Parameter.money("sum"), Parameter.date("on"));
    }
  }

  @Test
  public void aCodeIsKeptWithItsScope() {
    assertEquals(Sample.PAID_ON.code(), "sample.paidOn");
    assertEquals(Sample.PAID_ON.key(), "paidOn");
  }

  @Test
  public void theValuesAreThoseTheCodeIsToldWith() {
    var day = Argument.day(java.time.LocalDate.parse("2026-11-23"));
    var sum = Argument.once(Amount.of(640));
    assertEquals(Sample.PAID_ON.with(sum, day).arguments(), List.of(sum, day));
    assertThrows(IllegalArgumentException.class, () -> Sample.PAID_ON.with(sum));
    assertThrows(IllegalArgumentException.class, () -> Sample.PAID_ON.with(day, sum));
  }

  @Test
  public void everyCodeHasAPlaceOfItsOwnAndNamesOfItsOwn() {
    var codes = Reasons.all().stream().map(ReasonCode::code).toList();
    assertEquals(codes.stream().distinct().count(), codes.size());
    assertTrue(codes.size() > 250, codes.size() + " codes");
    for (var code : Reasons.all()) {
      var names = code.parameters().stream().map(Parameter::name).toList();
      assertEquals(names.stream().distinct().count(), names.size(), code.code());
    }
  }

  @Test
  public void somebodyWithoutANameIsToldApartByRole() {
    var household = Homes.of(
        List.of(
            Person.of("p1", Role.APPLICANT, "Oluchi", "Tamsett", null),
            Person.of("p3", Role.CHILD, "", "", null),
            Person.of("p2", Role.CHILD, "", "", null)),
        List.of());
    assertEquals(Who.of(household, household.people().get(0)).name(), "Oluchi");
    assertEquals(Who.of(household, household.people().get(2)).which(), 1);
    assertEquals(Who.of(household, household.people().get(1)).which(), 2);
  }

  @Test
  public void noSentenceIsBuiltWhereReasonsAreFound() throws IOException {
    for (var folder :
        List.of("services", "rules", "income", "identity", "matching", "reasons", "awards")) {
      try (var files = Files.walk(Path.of("src/main/java/civitane/core", folder))) {
        for (var file : files.filter(path -> path.toString().endsWith(".java")).toList()) {
          for (var line : Files.readString(file).split("\n")) {
            var code = line.strip();
            assertFalse(
                SENTENCE.matcher(code).find()
                    && !code.startsWith("*")
                    && !code.startsWith("//")
                    && !isOfAFault(code),
                file + ": " + code);
          }
        }
      }
    }
  }

  /** What is thrown is for whoever writes code, not for a household. */
  private static boolean isOfAFault(String code) {
    return code.contains("throw")
        || code.contains("Exception")
        || code.contains("+ \"")
        || code.contains("\" + ");
  }
}
