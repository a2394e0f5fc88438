package civitane.core.ledger;

import civitane.core.facts.Word;

/** What an entry comes from. */
public enum SourceKind implements Word {
  APPLICATION,
  /** A report of a change: what it says begins a new stretch. */
  CHANGE,
  /** What a household said when it was asked about something: it holds as long as what it said before would have. */
  CORRECTION,
  PAPER,
  REGISTER,
  /** What somebody outside said themselves. */
  PARTY,
  CASEWORKER
}
