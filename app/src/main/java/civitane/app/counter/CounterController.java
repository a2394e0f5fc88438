package civitane.app.counter;

import civitane.app.staff.May;
import civitane.app.staff.Staff;
import civitane.words.Language;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The counter, and where claims stand for who answers there. */
@RestController
class CounterController {
  private final Counter counter;
  private final Staff staff;

  CounterController(Counter counter, Staff staff) {
    this.counter = counter;
    this.staff = staff;
  }

  /** Somebody who arrives. */
  record Arrives(String name, String wish, @Nullable UUID household) {}

  /** The number that somebody was given, and who is here now. */
  record Arrived(int nr, List<Arrival> here) {}

  @GetMapping("/api/counter")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<Arrival> here() {
    return counter.here();
  }

  @PostMapping("/api/counter/arrivals")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  Arrived arrive(@RequestBody Arrives arrives) {
    var nr = counter.arrive(staff.me(), arrives.name(), arrives.wish(), arrives.household());
    return new Arrived(nr, counter.here());
  }

  @PostMapping("/api/counter/arrivals/{arrival}/called")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<Arrival> call(@PathVariable UUID arrival) {
    counter.call(staff.me(), arrival);
    return counter.here();
  }

  @PostMapping("/api/counter/arrivals/{arrival}/ended")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<Arrival> end(@PathVariable UUID arrival) {
    counter.end(staff.me(), arrival);
    return counter.here();
  }

  /** Where the claims of a household stand, to be read out in a language of the letters; else in English. */
  @GetMapping("/api/households/{household}/standing")
  @PreAuthorize(May.TAKE_APPLICATIONS)
  List<Counter.StandingLine> standing(
      @PathVariable UUID household, @RequestParam(defaultValue = "en") String language) {
    return counter.standing(household, Language.of(language));
  }
}
