package civitane.packet.form;

import civitane.core.facts.Word;
import civitane.core.rules.Wording;
import civitane.packet.shape.Kind;
import civitane.packet.shape.Shape;
import java.util.List;
import java.util.stream.Stream;

/** A form that somebody outside the household fills in: what each has to confirm. */
public enum OtherForm implements Word {
  EMPLOYER(
      "employer",
      "Employer's statement",
      List.of(
          "employer/name",
          "employer/employedSince",
          "employer/grossPay",
          "employer/payPeriod",
          "employer/hoursPerWeek",
          "employer/lastDayWorked",
          "employer/absentFrom",
          "employer/noticeReceivedOn",
          "employer/paidDuringAbsence")),
  DOCTOR(
      "doctor",
      "Doctor's certificate",
      List.of(
          "doctor/name",
          "doctor/practice",
          "doctor/unableToWorkFrom",
          "doctor/unableToWorkUntil",
          "doctor/complication",
          "doctor/limits")),
  LANDLORD(
      "landlord",
      "Landlord's agreement",
      List.of(
          "landlord/name",
          "landlord/tenants",
          "landlord/monthlyRent",
          "landlord/owedInAll",
          "landlord/monthsOwed",
          "landlord/agreesToBePaid",
          "landlord/iban")),
  LENDER(
      "lender",
      "Lender's figure",
      List.of(
          "lender/name",
          "lender/loanNumber",
          "lender/monthlyPayment",
          "lender/amountDue",
          "lender/figureOf",
          "lender/takesPart"));

  private final String word;
  private final String title;
  private final List<String> asked;

  OtherForm(String word, String title, List<String> asked) {
    this.word = word;
    this.title = title;
    this.asked = asked;
  }

  @Override
  public String word() {
    return word;
  }

  public String title() {
    return title;
  }

  /** The form that is called so. */
  public static java.util.Optional<OtherForm> named(String word) {
    return Stream.of(values()).filter(form -> form.word.equals(word)).findFirst();
  }

  /**
   * The form to be filled in, with what is known of it.
   *
   * @param person whom it is about
   * @param to who fills it in
   * @param number the number it is answered under
   * @param code the code it is sent back with
   */
  public byte[] pdf(FormWriter writer, String person, String to, String number, String code) {
    var known = tools.jackson.databind.node.JsonNodeFactory.instance.objectNode();
    known.putObject("about").put("person", person).put("ourNumber", number).put("code", code);
    known.putObject(word).put("name", to);
    var about = Stream.of("about/person", "about/ourNumber", "about/code").map(OtherForm::field);
    return writer.write(
        title,
        "other:" + word,
        "The household has allowed us to ask you. Fill it in and send it back with the code, or give it to the household.",
        List.of(
            new FormSection("Whom it is about", List.of(about.toList())),
            new FormSection("Your answer", rows())),
        known);
  }

  private List<List<FormField>> rows() {
    var rows = new java.util.ArrayList<List<FormField>>();
    for (var i = 0; i < asked.size(); i += 2) {
      rows.add(asked.subList(i, Math.min(asked.size(), i + 2)).stream()
          .map(OtherForm::field)
          .toList());
    }
    return rows;
  }

  private static FormField field(String name) {
    return new FormField("/" + name, Wording.spoken(name), Shape.of(Kind.TEXT), List.of());
  }
}
