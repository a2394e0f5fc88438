package civitane.bench.desk;

import java.time.LocalDate;

/** Where a page of the desk begins: after a claim, by its urgency, the day that presses, and its number. */
record Where(boolean urgent, LocalDate pressingOn, String number) {
  String query() {
    return "?afterUrgent=" + urgent + "&afterDay=" + pressingOn + "&afterNumber=" + number;
  }
}
