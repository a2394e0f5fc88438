package civitane.app.door;

/** Somebody behind the door. */
sealed interface Guest permits Visitor, Applicant, Signer {
  /** What they may ask for. */
  String role();
}
