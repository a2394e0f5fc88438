package civitane.core.services.valuereview;

import civitane.core.facts.Word;
import java.util.Set;

/** Why a value is disputed, and the classes of property it makes sense for. */
public enum ReviewGround implements Word {
  SALES_NEARBY(ReviewQuestion.OTHERS_COST, PropertyClass.values()),
  RECORD_ERROR(ReviewQuestion.RECORD_WRONG, PropertyClass.values()),
  FLOOD_RISK(ReviewQuestion.THE_PLACE, PropertyClass.values()),
  VALUATION(
      ReviewQuestion.OTHERS_COST,
      PropertyClass.RESIDENTIAL,
      PropertyClass.COMMERCIAL,
      PropertyClass.INDUSTRIAL),
  STATE_OF_REPAIR(
      ReviewQuestion.THE_PLACE,
      PropertyClass.RESIDENTIAL,
      PropertyClass.COMMERCIAL,
      PropertyClass.INDUSTRIAL),
  RENTAL_INCOME(ReviewQuestion.OTHERS_COST, PropertyClass.COMMERCIAL, PropertyClass.AGRICULTURAL),
  VACANCY(ReviewQuestion.THE_PLACE, PropertyClass.COMMERCIAL, PropertyClass.INDUSTRIAL),
  ACCESS(
      ReviewQuestion.THE_PLACE,
      PropertyClass.INDUSTRIAL,
      PropertyClass.AGRICULTURAL,
      PropertyClass.VACANT),
  LAND_USE(ReviewQuestion.RECORD_WRONG, PropertyClass.AGRICULTURAL, PropertyClass.VACANT);

  private final ReviewQuestion question;
  private final Set<PropertyClass> classes;

  ReviewGround(ReviewQuestion question, PropertyClass... classes) {
    this.question = question;
    this.classes = Set.of(classes);
  }

  @Override
  public ReviewQuestion under() {
    return question;
  }

  @Override
  public Set<PropertyClass> onlyWith() {
    return classes;
  }

  boolean belongsTo(PropertyClass property) {
    return classes.contains(property);
  }
}
