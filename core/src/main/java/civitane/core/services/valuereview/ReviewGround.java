package civitane.core.services.valuereview;

import civitane.core.facts.Word;
import java.util.Set;

/** Why a value is disputed, and the classes of property it makes sense for. */
public enum ReviewGround implements Word {
  SALES_NEARBY(PropertyClass.values()),
  RECORD_ERROR(PropertyClass.values()),
  FLOOD_RISK(PropertyClass.values()),
  VALUATION(PropertyClass.RESIDENTIAL, PropertyClass.COMMERCIAL, PropertyClass.INDUSTRIAL),
  STATE_OF_REPAIR(PropertyClass.RESIDENTIAL, PropertyClass.COMMERCIAL, PropertyClass.INDUSTRIAL),
  RENTAL_INCOME(PropertyClass.COMMERCIAL, PropertyClass.AGRICULTURAL),
  VACANCY(PropertyClass.COMMERCIAL, PropertyClass.INDUSTRIAL),
  ACCESS(PropertyClass.INDUSTRIAL, PropertyClass.AGRICULTURAL, PropertyClass.VACANT),
  LAND_USE(PropertyClass.AGRICULTURAL, PropertyClass.VACANT);

  private final Set<PropertyClass> classes;

  ReviewGround(PropertyClass... classes) {
    this.classes = Set.of(classes);
  }

  boolean belongsTo(PropertyClass property) {
    return classes.contains(property);
  }
}
