package civitane.core.checking;

import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.registers.IdentityPaperRegister;
import civitane.core.registers.LenderRegister;
import civitane.core.registers.PopulationRegister;
import civitane.core.registers.PropertyRegister;
import civitane.core.registers.RegisterRow;
import civitane.core.registers.WageRegister;
import civitane.core.services.homepaymentrelief.HomePaymentReliefAnswers.LenderFigure;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The facts that an answer tells, by their pointers, to stand as checked beside what was said. */
public final class Findings {
  private Findings() {}

  /**
   * What rows tell of what was asked. Names and addresses are written in more than one way, so that they are compared
   * and not set.
   */
  public static Map<String, Object> of(Packet packet, Inquiry inquiry, List<RegisterRow> rows) {
    return switch (inquiry.question().register()) {
      case POPULATION ->
        rows.isEmpty()
            ? Map.of()
            : Map.of(
                inquiry.place() + "/birthDate",
                PopulationRegister.read(rows.get(0)).birthDate());
      case WAGES -> wages(packet, inquiry, rows);
      case IDENTITY_PAPERS ->
        IdentityPaperRegister.read(rows).filter(paper -> paper.lostOn() != null).isPresent()
            ? Map.of(inquiry.place() + "/reportedLost", true)
            : Map.of();
      case LENDERS ->
        LenderRegister.read(rows)
            .filter(loan -> loan.due() != null)
            .<Map<String, Object>>map(loan -> Map.of(
                inquiry.place() + "/lenderFigure", new LenderFigure(loan.due(), loan.asOf())))
            .orElse(Map.of());
      case PARCELS ->
        PropertyRegister.read(rows)
            .<Map<String, Object>>map(
                parcel -> Map.of(inquiry.place() + "/currentValue", parcel.assessedValue()))
            .orElse(Map.of());
      case TAX, CHILD_BENEFIT -> DentalComparing.found(packet, inquiry, rows);
      case ACCOUNTS, LANDLORDS, SALES -> Map.of();
    };
  }

  private static Map<String, Object> wages(Packet packet, Inquiry inquiry, List<RegisterRow> rows) {
    var found = new LinkedHashMap<String, Object>();
    var wages = rows.stream().map(WageRegister::read).toList();
    NamedWages.of(packet, person(packet, inquiry), wages)
        .named()
        .forEach((income, wage) -> found.put(income + "/registerMonthly", wage.monthly()));
    return found;
  }

  private static Person person(Packet packet, Inquiry inquiry) {
    return packet.household().person(inquiry.about().id()).orElseThrow();
  }
}
