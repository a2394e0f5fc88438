package civitane.app.registers;

import civitane.app.problems.Problem;
import civitane.app.staff.May;
import civitane.core.matching.AddressMatch;
import civitane.core.matching.ParcelLikeness;
import civitane.core.registers.AddressBook;
import civitane.core.registers.Parcel;
import civitane.core.registers.PropertyRegister;
import civitane.core.registers.RegisterSilent;
import civitane.core.registers.Sale;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The address book and the property register, for whoever takes an application. Addresses travel in the body. */
@RestController
class RegisterController {
  private final AddressBook book;
  private final PropertyRegister property;

  RegisterController(AddressBook book, PropertyRegister property) {
    this.book = book;
    this.property = property;
  }

  /** What was typed of an address. */
  record TypedAddress(String line1, @Nullable String postcode) {}

  /** An address as it is written. */
  record Proposed(String line1, String postcode, String town, boolean exact) {}

  /** What is looked for. */
  record Sought(String words) {}

  /** A parcel as the interface shows it. */
  record ParcelView(
      String number,
      String line1,
      String postcode,
      String town,
      String owner,
      String propertyClass,
      BigDecimal area,
      int condition,
      BigDecimal assessedValue,
      LocalDate valuedOn) {
    static ParcelView of(Parcel parcel) {
      return new ParcelView(
          parcel.number(),
          parcel.line1(),
          parcel.postcode(),
          parcel.town(),
          parcel.owner(),
          parcel.propertyClass(),
          parcel.area(),
          parcel.condition(),
          parcel.assessedValue().toDecimal(),
          parcel.valuedOn());
    }
  }

  /** A sale as the interface shows it. */
  record SaleView(
      String parcel,
      String line1,
      String postcode,
      LocalDate soldOn,
      BigDecimal price,
      BigDecimal area,
      int condition) {
    static SaleView of(Sale sale) {
      return new SaleView(
          sale.parcel(),
          sale.line1(),
          sale.postcode(),
          sale.soldOn(),
          sale.price().toDecimal(),
          sale.area(),
          sale.condition());
    }
  }

  /** A parcel with the sales near it, the most alike first. */
  record ParcelRecord(ParcelView parcel, List<SaleView> sales) {}

  @PostMapping("/api/addresses")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<Proposed> addresses(@RequestBody TypedAddress typed) {
    return AddressMatch.of(book.streets(), typed.line1(), typed.postcode()).stream()
        .map(match -> new Proposed(match.line1(), match.postcode(), match.town(), match.exact()))
        .toList();
  }

  @PostMapping("/api/parcels/search")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<ParcelView> parcels(@RequestBody Sought sought) {
    return answered(
        () -> property.find(sought.words()).stream().map(ParcelView::of).toList());
  }

  @GetMapping("/api/parcels/{number}")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  ParcelRecord parcel(@PathVariable String number) {
    return answered(() -> {
      var parcel = property.parcel(number).orElseThrow(() -> Problem.notThere("The parcel"));
      var sales =
          ParcelLikeness.mostAlikeFirst(parcel, property.salesNear(parcel), parcel.valuedOn());
      return new ParcelRecord(
          ParcelView.of(parcel), sales.stream().map(SaleView::of).toList());
    });
  }

  private static <T> T answered(Supplier<T> ask) {
    try {
      return ask.get();
    } catch (RegisterSilent e) {
      throw Problem.unavailable(
          "The property register does not answer now. Type what the household says; the register is asked again.");
    }
  }
}
