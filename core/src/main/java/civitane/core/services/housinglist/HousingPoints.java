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
  private final Situation<HousingListAnswers> it;
  private final Counted counted;
  private final IncomePicture income;
  private final HousingListTerms terms;
  private final HomelessTimes times;
  private final @Nullable Amount rent;

  HousingPoints(
      Situation<HousingListAnswers> it,
      Counted counted,
      IncomePicture income,
      HousingListTerms terms,
      @Nullable Amount rent) {
    this.it = it;
    this.counted = counted;
    this.income = income;
    this.terms = terms;
    this.times = new HomelessTimes(it.answers().homelessTimes(), it.assessedOn());
    this.rent = rent;
  }

  /** A time without a home that has not ended, while the household says it has one. */
  boolean contradictsItself() {
    return times.isOpen() && !it.answers().homeless();
  }

  HousingListAids.HomelessStrip strip() {
    return new HousingListAids.HomelessStrip(
        it.assessedOn().minusYears(terms.longWindowYears()),
        it.assessedOn(),
        times.within(terms),
        times.days(terms),
        terms.longDays());
  }

  int bedrooms() {
    return Bedrooms.needed(counted, it.household());
  }

  Map<HousingGround, Amount> byGround() {
    var answers = it.answers();
    var points = new LinkedHashMap<HousingGround, Amount>();
    var disabled = counted.anybody(Person::disabled);
    if (!contradictsItself() && disabled && times.areLong(terms)) {
      points.put(HousingGround.LONG_HOMELESS, terms.longHomeless());
    } else if (answers.homeless()) {
      points.put(HousingGround.HOMELESS, terms.homeless());
    }
    give(points, answers.displaced(), HousingGround.DISPLACED, terms.displaced());
    give(points, disabled, HousingGround.DISABLED_MEMBER, terms.disabledMember());
    give(
        points,
        answers.bedroomsNow() != null && bedrooms() > answers.bedroomsNow(),
        HousingGround.OVERCROWDED,
        terms.overcrowded());
    give(
        points,
        rent != null && rent.isAbove(income.monthlyHigh().percent(terms.rentBurdenPercent())),
        HousingGround.RENT_BURDEN,
        terms.rentBurden());
    give(points, answers.localTie(), HousingGround.LOCAL_TIE, terms.localTie());
    return points;
  }

  private static void give(
      Map<HousingGround, Amount> points, boolean applies, HousingGround ground, Amount number) {
    if (applies) {
      points.put(ground, number);
    }
  }

  static Amount total(Map<HousingGround, Amount> points) {
    return points.values().stream().reduce(Amount.ZERO, Amount::plus);
  }
}
