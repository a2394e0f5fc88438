package civitane.core.claims;

import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import java.util.List;

import static civitane.core.reasons.Parameter.date;
import static civitane.core.reasons.Parameter.list;
import static civitane.core.reasons.Parameter.money;
import static civitane.core.reasons.Parameter.number;
import static civitane.core.reasons.Parameter.text;
import static civitane.core.reasons.Parameter.word;

/** Why something is wanted for a claim, what was done with it, and why something can't be. */
public enum Why implements ReasonCode {
  WANTED(list("what")),
  ILLEGIBLE(list("what")),
  LEFT_BLANK(list("what")),
  UNCONFIRMED(text("from"), list("what")),
  TO_SIGN(text("person")),
  /** Said by the household; a third party has to say it. */
  TOLD_BY_OTHERS(list("what"), text("told")),
  /** Said by the household; this office has to see it. */
  TOLD_OF_THE_OFFICE(list("what"), text("told")),
  URGENT_LINE,
  SECOND_WANTED,
  /** Why a claim is looked at by itself and not decided together with others. */
  REFUSAL_BY_ITSELF,
  DECIDED_BEFORE,
  IS_URGENT,
  TAKEN_UP(text("who")),
  USED(list("what"), list("before"), list("after"), text("because")),
  GRANTED,
  REFUSED,
  /** Decided, but it stands only once somebody else has signed. */
  GRANTED_UNSIGNED,
  REFUSED_UNSIGNED,
  SIGNED_SECOND(text("who")),
  SENT_BACK(text("because")),
  HANDED_OVER(text("who"), text("because")),
  MORE_TIME(date("until"), text("because")),
  /** What was due on closed days is due on the next open one. */
  OFFICE_CLOSED(date("from"), date("until"), text("because")),
  WITHDRAWN(text("because")),
  LAPSED(text("because")),
  OPENED_AGAIN(text("because")),
  JOINED,
  TOLD_ANEW(text("receipt")),
  /** It was typed later than it came. */
  REACHED_US(date("on"), text("shownBy")),
  BOOK_CHANGED,
  CHANGE_REPORTED(date("on"), text("what"), text("how")),
  /** What was granted is the same with it. */
  CHANGE_LEAVES(date("on"), text("what")),
  CHANGE_TOUCHES(date("on"), text("before"), text("after")),
  NOTED(text("text")),
  CALLED(text("who"), text("told")),
  CALLED_NOT_REACHED(text("who"), text("told")),
  THEY_CALLED(text("who"), text("told")),
  APPOINTMENT_MADE(date("on"), text("at"), text("who")),
  APPOINTMENT_KEPT(date("on"), text("note")),
  APPOINTMENT_MISSED(date("on"), text("note")),
  APPOINTMENT_CALLED_OFF(date("on"), text("note")),
  /** Somebody on the phone knew what they would know. */
  KNOWS(text("who")),
  DOES_NOT_KNOW(text("who")),
  /** What a paper shows is not what was said. */
  PAPERS_SAY_OTHERWISE(list("what")),
  REGISTER_SAYS_OTHERWISE(list("what")),
  /** Two things that were said can't both be so. */
  CONTRADICTS(list("what")),
  /** An amount that fits another period than the one that was said. */
  PERIOD_LOOKS_WRONG(list("what")),
  ASKED_FOR(number("count"), date("until")),
  REMINDED(date("until")),
  CONFIRMED(text("because")),
  /** The household puts right what it told. */
  PUT_RIGHT(list("what"), list("before"), list("after")),
  /** The same, as somebody of the office was told. */
  PUT_RIGHT_BY_WORD(list("what"), list("before"), list("after"), text("how")),
  /** What the household put right was looked at, and settles what it was asked. */
  SETTLES(list("what")),
  NOTHING_TO_ASK,
  REGISTERS_ANSWERED,
  COMPARED(text("what"), text("because")),
  ASKED_THE_HOUSEHOLD(text("what"), text("because")),
  OUTSIDE_DATE(word("what"), date("on"), text("shownBy")),
  NO_OUTSIDE_DATE,
  COMES_TOO_LATE(word("what"), date("on"), date("due")),
  WISH(text("because")),
  WISH_GRANTED(text("because")),
  WISH_NOT_GRANTED(text("because")),
  /** Said by a member of staff; it counts once somebody else agrees. */
  REACHED_OTHERWISE(date("on"), text("shownBy"), text("who")),
  REACHED_AGREED(date("on"), text("shownBy")),
  REACHED_NOT_AGREED(date("on"), text("because")),
  SOMETHING_HAPPENED_BEFORE(date("on")),
  NOTHING_TO_ANSWER,
  ACTING_ENDED(text("who"), date("on")),
  /** Somebody applied for the household from elsewhere. */
  ACTS_UNSEEN(text("who"), word("right"), text("shownBy")),
  /** Who applies from elsewhere for somebody else can send what shows that they may. */
  ACTS_TO_SHOW,
  ACTS_SEEN(text("who"), text("because")),
  ACTS_NOT(text("who"), text("because")),
  KNOWN_ALREADY,
  ACTING_SETTLED(text("because")),
  /** A letter came back: where the household lives is in doubt, and no more post goes there. */
  POST_CAME_BACK(date("written")),
  POST_SETTLED(text("because")),
  /** A decision was taken back while its letter had not gone out. */
  DECISION_TAKEN_BACK(text("because")),
  /** The household wrote, through its door. */
  WROTE(text("text")),
  SAYS_TO(list("what"), text("text")),
  ASKS_FOR_TIME(list("what"), text("because")),
  /** The household says that something is otherwise now; a caseworker reports it as a change. */
  SAYS_CHANGED(text("text")),
  WISHES_TO_WITHDRAW(text("text")),
  /** Somebody to whom a claim is told says that they did not make it. */
  NOT_THEIRS(text("text")),
  /** A sentence that exists in every language. */
  WRITTEN_TO(word("phrase")),
  /** What a caseworker wrote in words of their own. */
  WRITTEN_TO_FREELY(text("text")),
  MESSAGE_SETTLED(text("because")),
  /** Somebody who was still to sign was asked to, at a contact of their own. */
  ASKED_TO_SIGN(text("who")),
  /** A form for an employer, a doctor, a landlord or a lender. */
  FORM_MADE(text("who"), text("about")),
  /** Somebody told the office that they allow others to be asked about them. */
  CONSENT_NOTED(text("who"), word("whom"), date("until"), text("told")),
  CONSENT_TAKEN_BACK(text("who"), word("whom"), text("told")),
  CONSENT_TAKEN_BACK_AT_DOOR(text("who"), word("whom")),
  SIGNED_LATER(text("who"), text("name"), word("how")),
  /** Somebody who was asked to sign says that something is wrong. */
  SIGNER_SAYS(text("who"), text("text")),
  /** Somebody of the office saw who stood there, and gave them a code for the door. */
  DOOR_CODE_GIVEN(text("by"), text("seen")),
  /** Whoever applied has died. */
  DIED(text("name"), date("on"), text("told")),
  GOES_ON(text("name"), text("because")),
  /** Nobody goes on with it; what was granted up to the day stays due. */
  NOBODY_GOES_ON(text("name"), date("on"), text("because"), text("due")),
  DIED_FIRST,
  /** Somebody of the household who did not apply has died. */
  MEMBER_DIED(text("name"), date("on"), text("told")),
  /** People of the household live by themselves since a day. */
  PARTED(text("who"), date("on"), text("told")),
  /** People of another household live here since a day. */
  MOVED_IN(text("who"), date("on"), text("told")),
  /** Somebody who applied through the door is like people of households the office knows. */
  MAY_BE_KNOWN(number("households")),
  ALIKE_SETTLED(text("because")),
  UNREAD_FIRST,
  /** What is worked out gives less than what stands. */
  GIVES_LESS(text("before"), text("after")),
  /** The household was told that it would get less, and may say until a day what is wrong with that. */
  NOTICED(date("until")),
  NOTICE_OVER(date("until")),
  NOTICE_ANSWERED(text("because")),
  NOTICE_FIRST(text("before"), text("after")),
  /** More was given for days that are over than is due for them. */
  OVERPAID(money("much"), date("from"), date("until"), word("cause"), text("because")),
  OVERPAID_CAUSE(money("much"), date("from"), date("until")),
  OVERPAID_LESS(money("much")),
  /** Somebody decided that a debt, or a part of it, is not asked back. */
  DEBT_LET(money("much"), text("ref"), text("because")),
  /** A message could not be brought to where it was sent. */
  MESSAGE_BOUNCED(text("to")),
  /** A letter that may not be posted was to be read at the door, and is not. */
  LETTER_UNREAD(date("on")),
  /** Somebody took a letter along from the counter. */
  LETTER_HANDED_OVER(date("on"), text("by"), text("seen")),
  /** A letter may not be posted, and no message is safe: it waits to be handed over. */
  LETTER_TO_HAND_OVER(date("on")),
  ASKED_THEM(text("who"), text("how")),
  PAPER_CAME(word("kind")),
  /** What was granted ends on a day; the household is told beforehand. */
  RENEWAL_ASKED(date("until")),
  PAPER_ACCEPTED(word("kind")),
  PAPER_RETURNED(word("kind"), list("faults"), text("because")),
  NOT_IN_THIS_STATE(word("state")),
  HELD_BY_SOMEBODY(text("holder")),
  NOBODY_HAS_IT,
  NO_SUCH_ITEM,
  ITEM_NOT_LIVE(word("state")),
  NOTHING_CAME,
  NOT_LATER(date("due")),
  NOTHING_TO_SIGN,
  SIGNED_FIRST,
  CHANGED_ITS_FACTS,
  /** Somebody decided, or signed, what an appeal is about. */
  HAD_A_HAND(text("who")),
  WAITS_FOR_SECOND;

  private final List<Parameter> parameters;

  Why(Parameter... parameters) {
    this.parameters = List.of(parameters);
  }

  @Override
  public String scope() {
    return "claims";
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
