package civitane.core.services.housinglist;

import civitane.core.money.Amount;
import java.util.List;
import java.util.Map;

/**
 * What a place on a list stands on.
 *
 * @param lists the codes of the lists it stands on
 * @param why points by ground
 * @param bedrooms how many the household needs
 */
public record HousingListAmounts(
    List<String> lists, Amount points, Map<HousingGround, Amount> why, int bedrooms) {}
