package civitane.app.lodging;

import civitane.app.drafts.Taking;
import civitane.app.messages.OwnContact;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.packet.Fault;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** What stands against lodging an application that can be read: all of it at once. */
final class AgainstLodging {
  private static final String PEOPLE = "/household/people";
  private static final String OUTSIDE = "/taking/outside";
  private static final String REACHED = "/taking/reached";
  private static final int LONGEST_LYING = 90;

  private AgainstLodging() {}

  static List<Fault> faults(
      Packet packet,
      Taking taking,
      List<SigningRequests.AskedSigner> later,
      List<KnownHouseholds.Duplicate> alike,
      LocalDate today) {
    var faults = lacking(packet);
    faults.addAll(askedWithTheApplicant(packet, later));
    faults.addAll(undecided(alike, taking));
    faults.addAll(undated(taking, today));
    faults.addAll(outside(taking, today));
    return faults;
  }

  private static List<Fault> lacking(Packet packet) {
    var faults = new ArrayList<Fault>();
    var applicant = packet.household().applicant();
    if (applicant.fullName().isBlank()) {
      faults.add(new Fault(
          PEOPLE + "/0/givenName",
          "nobody can be written to without a name",
          "the applicant's name"));
    }
    if (!canBeReached(packet, applicant)) {
      faults.add(new Fault(
          "/household/address/line1",
          "there is no way to reach the household",
          "an address, a phone number or a mail address"));
    }
    if (packet.signatures().stream()
        .noneMatch(signature -> signature.person().equals(applicant.id()))) {
      faults.add(new Fault(
          "/signatures", "the applicant has not signed", "the applicant's name as a signature"));
    }
    if (packet.requests().isEmpty()) {
      faults.add(new Fault("/requests", "nothing is asked for", "at least one service"));
    }
    return faults;
  }

  private static boolean canBeReached(Packet packet, Person applicant) {
    var contact = applicant.contact();
    return packet.household().address().line1() != null
        || contact != null && (contact.phone() != null || contact.email() != null);
  }

  /** Who signs later signs alone: what is sent to the applicant's own contact, the applicant could sign for them. */
  private static List<Fault> askedWithTheApplicant(
      Packet packet, List<SigningRequests.AskedSigner> later) {
    var applicants = packet.household().applicant().contact();
    return later.stream()
        .filter(one ->
            OwnContact.of(one.contact()).filter(own -> own.reaches(applicants)).isPresent())
        .map(one -> new Fault(
            "/signatures",
            one.name() + " is asked to sign at the contact of who applies",
            "a phone number or mail address of their own, or none"))
        .toList();
  }

  /** Every household that may be the same has been looked at: joined or kept apart by a person. */
  private static List<Fault> undecided(List<KnownHouseholds.Duplicate> alike, Taking taking) {
    var faults = new ArrayList<Fault>();
    for (var duplicate : alike) {
      if (duplicate.decided().isEmpty()) {
        faults.add(new Fault(
            "/duplicates/" + duplicate.household(),
            duplicate.name() + (duplicate.same() ? " is known already" : " may be known already"),
            "the two looked at side by side, and joined or kept apart"));
      }
    }
    if (taking.isForAnother() && (taking.actor().isEmpty() || !taking.isDeclared())) {
      faults.add(new Fault(
          "/taking/actor",
          "somebody else acts for the household, and who or by what right is not said",
          "the name, and the declaration ticked"));
    }
    return faults;
  }

  /** A day that lies ahead, or long back, or that nothing shows, is none that counts. */
  private static List<Fault> undated(Taking taking, LocalDate today) {
    var faults = new ArrayList<Fault>();
    taking.reachedOn().filter(day -> !day.equals(today)).ifPresent(day -> {
      if (day.isAfter(today) || day.isBefore(today.minusDays(LONGEST_LYING))) {
        faults.add(new Fault(
            REACHED + "/on",
            "the day it reached us is ahead of today, or more than " + LONGEST_LYING + " days back",
            "today or a day before, as the stamp shows it"));
      }
      if (taking.reachedShownBy().isEmpty()) {
        faults.add(new Fault(
            REACHED + "/shownBy",
            "it is not noted what shows the day it reached us",
            "a stamp, an envelope, an entry of the counter"));
      }
    });
    return faults;
  }

  /** A day to answer before is one that is still to come, and of something. */
  private static List<Fault> outside(Taking taking, LocalDate today) {
    if (!taking.hasOutside()
        || taking.outside().filter(date -> !date.on().isBefore(today)).isPresent()) {
      return List.of();
    }
    return List.of(new Fault(
        OUTSIDE + (taking.outside().isPresent() ? "/on" : ""),
        "it is not said what happens on which day to come, that an answer should come before",
        "what happens, and a day from today on; or neither"));
  }
}
