package civitane.core.checking;

import civitane.core.facts.Income;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import civitane.core.registers.Wage;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The wages that a register knows of somebody, each with the income it is.
 *
 * @param named by the pointer of the income
 * @param unnamed those of which the household said nothing
 */
record NamedWages(Map<String, Wage> named, List<Wage> unnamed) {

  static NamedWages of(Packet packet, Person person, List<Wage> wages) {
    var named = new LinkedHashMap<String, Wage>();
    var unnamed = new ArrayList<Wage>();
    for (var wage : wages) {
      var incomes = packet.household().incomes();
      var place = "";
      for (var i = 0; i < incomes.size() && place.isEmpty(); i++) {
        var here = "/household/incomes/" + i;
        place = is(incomes.get(i), person, wage) && !named.containsKey(here) ? here : "";
      }
      if (place.isEmpty()) {
        unnamed.add(wage);
      } else {
        named.put(place, wage);
      }
    }
    return new NamedWages(named, unnamed);
  }

  /** An income without an employer is taken for whichever wage comes first. */
  private static boolean is(Income income, Person person, Wage wage) {
    return income.person().equals(person.id())
        && income.kind() == IncomeKind.WAGES
        && (income.employer() == null
            || Names.compare(income.employer(), wage.employer()) != NameMatch.DIFFERENT);
  }
}
