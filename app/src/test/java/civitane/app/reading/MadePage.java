package civitane.app.reading;

import civitane.app.reading.Proposal.Field;
import civitane.core.identity.MachineReadableZone;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** A made-up paper, written in one of three languages and laid out in one of three ways, and what stands on it. */
final class MadePage {
  private static final float LEFT = 70;
  private static final float SECOND = 270;
  private static final float STEP = 30;
  private static final String[] LANGUAGES = {"en", "fr", "pt"};
  private static final String[] GIVEN = {
    "Oluchi", "Björn", "Maïté", "Tomás", "Inês", "Saskia", "Teodor", "Wren", "Hanne", "Zélia"
  };
  private static final String[] FAMILY = {
    "Tamsett", "Ångquist", "Delvaux", "Valdeira", "Brankovic", "Oostveen", "Moreau", "Quintela"
  };

  private final Random random;
  private final String language;
  private final int layout;
  private final Map<Field, String> said = new EnumMap<>(Field.class);
  private final List<String[]> rows = new ArrayList<>();
  private final List<String> zone = new ArrayList<>();
  private String title = "";

  private MadePage(int number) {
    this.random = new Random(number);
    this.language = LANGUAGES[number % LANGUAGES.length];
    this.layout = number / LANGUAGES.length % 3;
  }

  /** The paper of a number: another kind, language and layout each. */
  static MadePage of(int number) {
    var page = new MadePage(number);
    switch (number % 7) {
      case 0, 6 -> page.payslip();
      case 1 -> page.bill();
      case 2 -> page.passport();
      case 3 -> page.account();
      case 4 -> page.certificate();
      default -> page.lease();
    }
    return page;
  }

  /** What stands on it. */
  Map<Field, String> said() {
    return said;
  }

  private void payslip() {
    title = in(
        "Hythe Ferry Works: payslip",
        "Hythe Ferry Works : bulletin de paie",
        "Hythe Ferry Works: recibo de vencimento");
    name(in("Employee", "Salarié", "Trabalhador"));
    rows.add(
        new String[] {in("Position", "Poste", "Categoria"), in("Deckhand", "Matelot", "Marinheiro")
        });
    var end = LocalDate.of(2026, 1 + random.nextInt(10), 28);
    rows.add(new String[] {
      in("Pay period", "Période", "Período"), written(end.minusDays(27)) + " – " + written(end)
    });
    said.put(Field.PERIOD_END, end.toString());
    var gross = 90_000 + random.nextInt(400_000);
    rows.add(
        new String[] {in("Basic pay", "Salaire de base", "Vencimento base"), money(gross - 5_000)});
    rows.add(new String[] {in("Shift bonus", "Prime de poste", "Subsídio de turno"), money(5_000)});
    rows.add(new String[] {in("Gross pay", "Salaire brut", "Vencimento bruto"), money(gross)});
    rows.add(new String[] {in("Tax", "Impôt", "Imposto"), money(gross / 5)});
    rows.add(
        new String[] {in("Net pay", "Salaire net", "Vencimento líquido"), money(gross - gross / 5)
        });
    said.put(Field.GROSS, gross / 100 + "." + (gross % 100 < 10 ? "0" : "") + gross % 100);
  }

  private void bill() {
    title = in(
        "Brackwater Tide Power: bill",
        "Brackwater Tide Power : facture",
        "Brackwater Tide Power: fatura");
    name(in("Name", "Nom", "Nome"));
    var address = (1 + random.nextInt(80)) + " Tide Row, BK31 Hythe";
    rows.add(new String[] {in("Address", "Adresse", "Morada"), address});
    said.put(Field.ADDRESS, address);
    var day = day(2026);
    rows.add(new String[] {in("Bill date", "Date d'émission", "Data de emissão"), written(day)});
    said.put(Field.ISSUED_ON, day.toString());
    rows.add(new String[] {in("Used", "Consommé", "Consumo"), "412 kWh"});
    rows.add(new String[] {in("To be paid", "À payer", "A pagar"), money(8_412)});
  }

  private void passport() {
    title = in("Passport", "Passeport", "Passaporte");
    var given = GIVEN[random.nextInt(GIVEN.length)];
    var family = FAMILY[random.nextInt(FAMILY.length)];
    rows.add(new String[] {in("Surname", "Nom de famille", "Apelido"), family});
    rows.add(new String[] {in("Given names", "Prénoms", "Nomes próprios"), given});
    said.put(Field.NAME, given + " " + family);
    var born = day(1960 + random.nextInt(40));
    rows.add(
        new String[] {in("Date of birth", "Date de naissance", "Data de nascimento"), written(born)
        });
    said.put(Field.BIRTH_DATE, born.toString());
    var issued = day(2021);
    rows.add(
        new String[] {in("Date of issue", "Date de délivrance", "Data de emissão"), written(issued)
        });
    said.put(Field.ISSUED_ON, issued.toString());
    var expires = issued.plusYears(10);
    rows.add(new String[] {
      in("Date of expiry", "Date d'expiration", "Data de validade"), written(expires)
    });
    said.put(Field.EXPIRES_ON, expires.toString());
    zone(given, family, born, expires);
    said.put(Field.ZONE, String.join("\n", zone));
  }

  private void zone(String given, String family, LocalDate born, LocalDate expires) {
    var first = "P<BRK" + plain(family) + "<<" + plain(given);
    zone.add(first + "<".repeat(44 - first.length()));
    var number = "B" + (10_000_000 + random.nextInt(80_000_000));
    var second = number
        + MachineReadableZone.checkDigit(number)
        + "BRK"
        + six(born)
        + MachineReadableZone.checkDigit(six(born))
        + "F"
        + six(expires)
        + MachineReadableZone.checkDigit(six(expires))
        + "<".repeat(14)
        + "<";
    var whole = second.substring(0, 10) + second.substring(13, 20) + second.substring(21, 43);
    zone.add(second + MachineReadableZone.checkDigit(whole));
  }

  private static String plain(String name) {
    return java.text.Normalizer.normalize(name, java.text.Normalizer.Form.NFD)
        .replaceAll("\\p{M}", "")
        .toUpperCase(Locale.ROOT);
  }

  private static String six(LocalDate day) {
    return "%02d%02d%02d".formatted(day.getYear() % 100, day.getMonthValue(), day.getDayOfMonth());
  }

  private void lease() {
    title = in("Lease", "Bail", "Contrato de arrendamento");
    rows.add(new String[] {in("Landlord", "Bailleur", "Senhorio"), "Saltmarsh Lettings"});
    name(in("Tenant", "Locataire", "Inquilino"));
    var address = (1 + random.nextInt(80)) + " Sluice Quay, BK30 Gullhaven";
    rows.add(new String[] {in("Address of the home", "Adresse du logement", "Morada"), address});
    said.put(Field.ADDRESS, address);
    var day = day(2024);
    rows.add(new String[] {in("Signed on", "Fait le", "Passado em"), written(day)});
    said.put(Field.ISSUED_ON, day.toString());
    rows.add(new String[] {in("Rent a month", "Loyer par mois", "Renda por mês"), money(71_500)});
    said.put(Field.AMOUNT, "715.00");
  }

  private void account() {
    title = in(
        "Brackwater Savings: statement",
        "Brackwater Savings : relevé",
        "Brackwater Savings: extrato");
    name(in("Account holder", "Titulaire", "Titular"));
    rows.add(new String[] {"IBAN", "QV17 BWSL 0532 6470 8184 54"});
    said.put(Field.ACCOUNT, "QV17BWSL05326470818454");
    var day = day(2026);
    rows.add(
        new String[] {in("Statement date", "Date d'émission", "Data de emissão"), written(day)});
    said.put(Field.ISSUED_ON, day.toString());
    rows.add(new String[] {in("Balance", "Solde", "Saldo"), money(218_400)});
  }

  private void certificate() {
    title = in(
        "Hythe Surgery: certificate", "Hythe Surgery : certificat", "Hythe Surgery: certificado");
    name(in("Patient", "Nom", "Nome"));
    var from = day(2026);
    rows.add(new String[] {
      in("Unable to work from", "Arrêt de travail du", "Incapacidade desde"), written(from)
    });
    said.put(Field.COVERS_FROM, from.toString());
    var until = from.plusDays(13);
    rows.add(
        new String[] {in("Unable to work until", "Jusqu'au", "Incapacidade até"), written(until)});
    said.put(Field.COVERS_UNTIL, until.toString());
  }

  private void name(String label) {
    var name = GIVEN[random.nextInt(GIVEN.length)] + " " + FAMILY[random.nextInt(FAMILY.length)];
    rows.add(new String[] {label, name});
    said.put(Field.NAME, name);
  }

  private LocalDate day(int year) {
    return LocalDate.of(year, 1 + random.nextInt(10), 1 + random.nextInt(28));
  }

  private String in(String english, String french, String portuguese) {
    return switch (language) {
      case "fr" -> french;
      case "pt" -> portuguese;
      default -> english;
    };
  }

  private static final String[][] MONTHS = {
    {"January", "janvier", "janeiro"},
    {"February", "février", "fevereiro"},
    {"March", "mars", "março"},
    {"April", "avril", "abril"},
    {"May", "mai", "maio"},
    {"June", "juin", "junho"},
    {"July", "juillet", "julho"},
    {"August", "août", "agosto"},
    {"September", "septembre", "setembro"},
    {"October", "octobre", "outubro"},
    {"November", "novembre", "novembro"},
    {"December", "décembre", "dezembro"}
  };

  private String written(LocalDate day) {
    var month = MONTHS[day.getMonthValue() - 1];
    return switch (layout) {
      case 0 ->
        day.getDayOfMonth() + " " + in(month[0], month[1], "de " + month[2] + " de") + " "
            + day.getYear();
      case 1 -> "%02d.%02d.%d".formatted(day.getDayOfMonth(), day.getMonthValue(), day.getYear());
      default -> "%02d/%02d/%d".formatted(day.getDayOfMonth(), day.getMonthValue(), day.getYear());
    };
  }

  private String money(int cents) {
    var whole = cents / 100;
    var thousands = whole / 1000;
    var rest = thousands > 0 ? "%03d".formatted(whole % 1000) : Integer.toString(whole);
    var mark = in(",", " ", ".");
    return (thousands > 0 ? thousands + mark : "")
        + rest
        + in(".", ",", ",")
        + "%02d".formatted(cents % 100);
  }

  PDDocument pdf() throws IOException {
    var document = new PDDocument();
    var page = new PDPage(PDRectangle.A4);
    document.addPage(page);
    try (var content = new PDPageContentStream(document, page)) {
      var y = 770f;
      write(content, FontName.HELVETICA_BOLD, 17, LEFT, y, title);
      y -= 2 * STEP;
      for (var row : rows) {
        switch (layout) {
          case 0 -> {
            write(content, FontName.TIMES_ROMAN, 12, LEFT, y, row[0]);
            write(content, FontName.TIMES_BOLD, 12, SECOND, y, row[1]);
          }
          case 1 -> write(content, FontName.HELVETICA, 12, LEFT, y, row[0] + ": " + row[1]);
          default -> {
            write(content, FontName.HELVETICA, 9, LEFT, y, row[0]);
            write(content, FontName.HELVETICA, 13, LEFT, y - 16, row[1]);
            y -= 12;
          }
        }
        y -= STEP;
      }
      for (var line : zone) {
        write(content, FontName.COURIER, 14, LEFT - 20, y - 60, line);
        y -= 22;
      }
    }
    return document;
  }

  private static void write(
      PDPageContentStream to, FontName font, float size, float x, float y, String text)
      throws IOException {
    to.beginText();
    to.setFont(new PDType1Font(font), size);
    to.newLineAtOffset(x, y);
    to.showText(text);
    to.endText();
  }

  /** As a good scanner makes it. */
  BufferedImage scanned() throws IOException {
    try (var document = pdf()) {
      return new PDFRenderer(document).renderImageWithDPI(0, 200, ImageType.GRAY);
    }
  }

  /** As it lay in the scanner: a little turned, with specks. */
  BufferedImage skewed() throws IOException {
    return turned(scanned(), 0.5 + random.nextDouble() * 1.5, false);
  }

  /** As a phone takes it by lamplight: turned, darker to one side, less sharp. */
  BufferedImage photographed() throws IOException {
    var seen = turned(scanned(), -1 + random.nextDouble() * 2, true);
    var soft = new BufferedImage(seen.getWidth() * 4 / 5, seen.getHeight() * 4 / 5, seen.getType());
    var graphics = soft.createGraphics();
    graphics.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    graphics.drawImage(seen, 0, 0, soft.getWidth(), soft.getHeight(), null);
    graphics.dispose();
    return soft;
  }

  private BufferedImage turned(BufferedImage page, double degrees, boolean lamp) {
    var turned = new BufferedImage(page.getWidth(), page.getHeight(), BufferedImage.TYPE_INT_RGB);
    var graphics = turned.createGraphics();
    graphics.setColor(Color.WHITE);
    graphics.fillRect(0, 0, page.getWidth(), page.getHeight());
    graphics.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    graphics.rotate(Math.toRadians(degrees), page.getWidth() / 2.0, page.getHeight() / 2.0);
    graphics.drawImage(page, 0, 0, null);
    graphics.setTransform(new java.awt.geom.AffineTransform());
    if (lamp) {
      graphics.setPaint(new GradientPaint(
          0,
          0,
          new Color(60, 50, 30, 20),
          page.getWidth(),
          page.getHeight(),
          new Color(60, 50, 30, 95)));
      graphics.fillRect(0, 0, page.getWidth(), page.getHeight());
    }
    graphics.setColor(new Color(120, 120, 120));
    for (var i = 0; i < 400; i++) {
      graphics.fillRect(random.nextInt(page.getWidth()), random.nextInt(page.getHeight()), 1, 1);
    }
    graphics.dispose();
    return turned;
  }
}
