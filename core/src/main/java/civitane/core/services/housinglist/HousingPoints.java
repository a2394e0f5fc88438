package civitane.core.services.housinglist;

import civitane.core.facts.Person;
import civitane.core.income.Counted;
import civitane.core.income.IncomePicture;
import civitane.core.money.Amount;
import civitane.core.rules.Situation;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The points of a household, ground by ground. */
final class HousingPoints {
  private final Situation it;
  private final Counted counted;
  private final IncomePicture income;
  private final HousingListTerms terms;
  private final @Nullable Amount rent;

  HousingPoints(
      Situation it,
      Counted counted,
      IncomePicture income,
      HousingListTerms terms,
      @Nullable Amount rent) {
    this.it = it;
    this.counted = counted;
    this.income = income;
    this.terms = terms;
    this.rent = rent;
  }

  private HomelessTimes times() {
    return new HomelessTimes(it.answers().groups("homelessTimes"), it.assessedOn());
  }

  /** A time without a home that has not ended, while the household says it has one. */
  boolean contradictsItself() {
    return times().isOpen() && !it.answers().flag("homeless", false);
  }

  /** The times without a home within the years that count: what they come to, and the days that are long. */
  Map<String, Object> homelessTimes() {
    var strip = new LinkedHashMap<String, Object>();
    strip.put("from", it.assessedOn().minusYears(terms.longWindowYears()));
    strip.put("to", it.assessedOn());
    strip.put("times", times().within(terms));
    strip.put("days", Amount.of(times().days(terms)));
    strip.put("longFrom", Amount.of(terms.longDays()));
    return strip;
  }

  int bedrooms() {
    return Bedrooms.needed(counted, it.household());
  }

  Map<String, Amount> byGround() {
    var points = new LinkedHashMap<String, Amount>();
    var disabled = counted.anybody(Person::disabled);
    if (!contradictsItself() && disabled && times().areLong(terms)) {
      points.put("longHomeless", terms.longHomeless());
    } else if (it.answers().flag("homeless", false)) {
      points.put("homeless", terms.homeless());
    }
    give(points, it.answers().flag("displaced", false), "displaced", terms.displaced());
    give(points, disabled, "disabledMember", terms.disabledMember());
    var now = it.answers().number("bedroomsNow");
    give(
        points,
        now != null && Amount.of(bedrooms()).isAbove(now),
        "overcrowded",
        terms.overcrowded());
    give(
        points,
        rent != null && rent.isAbove(income.monthlyHigh().percent(terms.rentBurdenPercent())),
        "rentBurden",
        terms.rentBurden());
    give(points, it.answers().flag("localTie", false), "localTie", terms.localTie());
    return points;
  }

  private static void give(
      Map<String, Amount> points, boolean applies, String ground, Amount number) {
    if (applies) {
      points.put(ground, number);
    }
  }
}
