package civitane.core.facts;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One household's facts and requests on a day.
 *
 * @param lodgedOn the day it reached the office: time limits and the order of lists go by it
 * @param assessedOn the day that ages, incomes, who lives there, periods and the rate book go by
 * @param asOf the day of the computation, never before {@code lodgedOn}: what came in since counts up to it
 */
public record Packet(
    LocalDate lodgedOn,
    LocalDate assessedOn,
    LocalDate asOf,
    @Nullable OffsetDateTime lodgedAt,
    @Nullable Channel channel,
    @Nullable String language,
    Household household,
    List<Request> requests,
    List<Paper> papers,
    List<Signature> signatures) {

  public Packet {
    if (asOf.isBefore(lodgedOn)) {
      throw new IllegalArgumentException("asOf " + asOf + " lies before lodgedOn " + lodgedOn);
    }
    requests = List.copyOf(requests);
    papers = List.copyOf(papers);
    signatures = List.copyOf(signatures);
  }

  /** A packet whose three days are one. */
  public static Packet on(LocalDate day, Household household, List<Request> requests) {
    return new Packet(day, day, day, null, null, null, household, requests, List.of(), List.of());
  }

  /** The same as of another day that ages, incomes, periods and the rate book go by. */
  public Packet assessedOn(LocalDate day) {
    return new Packet(
        lodgedOn, day, asOf, lodgedAt, channel, language, household, requests, papers, signatures);
  }

  public Packet withHousehold(Household other) {
    return new Packet(
        lodgedOn,
        assessedOn,
        asOf,
        lodgedAt,
        channel,
        language,
        other,
        requests,
        papers,
        signatures);
  }

  public Packet withRequests(List<Request> other) {
    return new Packet(
        lodgedOn,
        assessedOn,
        asOf,
        lodgedAt,
        channel,
        language,
        household,
        other,
        papers,
        signatures);
  }
}
