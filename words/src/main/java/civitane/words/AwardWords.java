package civitane.words;

import civitane.core.awards.Award;
import civitane.core.awards.What;
import java.util.ArrayList;
import java.util.List;

/** What is granted, in words: what and how much, for whom, from when until when, to whom. */
final class AwardWords {
  private final Words words;

  AwardWords(Words words) {
    this.words = words;
  }

  String say(String service, Award award) {
    var parts = new ArrayList<String>();
    parts.add(what(service, award));
    if (award.forWhom() != null) {
      parts.add(words.say("common.award.for", "person", award.forWhom()));
    }
    if (award.from() != null && award.until() != null) {
      parts.add(words.say("common.award.fromUntil", "from", award.from(), "until", award.until()));
    } else if (award.from() != null) {
      parts.add(words.say("common.award.from", "from", award.from()));
    } else if (award.until() != null) {
      parts.add(words.say("common.award.until", "until", award.until()));
    }
    if (award.what() == What.MONEY) {
      parts.add(words.say("common.award.to." + award.to().word()));
    }
    return words.capital(String.join(words.say("common.award.comma"), parts));
  }

  private String what(String service, Award award) {
    var much = award.much() == null ? "" : words.say(award.much());
    var details = award.details().stream().map(words::say).toList();
    if (award.what() == What.INSTALMENTS) {
      return words.say(
          "common.award.instalments",
          "total",
          much,
          "down",
          details.get(0),
          "months",
          details.get(1),
          "part",
          details.get(2),
          "last",
          details.get(3));
    }
    var key = "award." + award.what().word();
    var own = words.has(service + "." + key) ? service + "." + key : "common." + key;
    return words.say(own, "much", much, "details", details(details));
  }

  private String details(List<String> details) {
    return details.isEmpty() ? "" : words.list(details);
  }
}
