package civitane.core;

import civitane.core.reasons.ReasonCode;
import civitane.core.services.Services;
import java.util.ArrayList;
import java.util.List;

/** Every reason there is, for whoever has to have words for each. */
public final class Reasons {
  private Reasons() {}

  public static List<ReasonCode> all() {
    var all = new ArrayList<ReasonCode>();
    all.addAll(List.of(civitane.core.claims.Why.values()));
    all.addAll(List.of(civitane.core.rules.Why.values()));
    all.addAll(List.of(civitane.core.income.Why.values()));
    all.addAll(List.of(civitane.core.identity.Why.values()));
    all.addAll(List.of(civitane.core.matching.Why.values()));
    all.addAll(List.of(civitane.core.checking.Why.values()));
    all.addAll(List.of(civitane.core.foresight.Why.values()));
    all.addAll(List.of(civitane.core.claims.Stands.values()));
    Services.all().forEach(service -> all.addAll(service.reasons()));
    return List.copyOf(all);
  }
}
