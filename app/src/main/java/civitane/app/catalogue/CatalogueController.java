package civitane.app.catalogue;

import civitane.app.staff.May;
import civitane.core.rates.RateShelf;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What is on offer today. */
@RestController
class CatalogueController {
  private final RateShelf rates;
  private final Clock clock;

  CatalogueController(RateShelf rates, Clock clock) {
    this.rates = rates;
    this.clock = clock;
  }

  /** The incomes a service goes by today, from the rate book. */
  @GetMapping("/api/services/{service}/charts")
  @PreAuthorize(May.ANY_STAFF)
  Catalogue.Charts charts(@PathVariable String service) {
    return Catalogue.charts(service, rates.on(LocalDate.now(clock)).orElseThrow());
  }

  /** The rules of a service as a page to be read, in Markdown. */
  @GetMapping(value = "/api/services/{service}/rules", produces = "text/markdown;charset=UTF-8")
  @PreAuthorize(May.ANY_STAFF)
  String rules(@PathVariable String service) {
    return RulePages.of(service);
  }

  @GetMapping("/api/services")
  @PreAuthorize(May.ANY_STAFF)
  List<Catalogue.Offer> services() {
    return Catalogue.offers(LocalDate.now(clock));
  }
}
