/** The household's door: a code to their own contact, then where it stands, what is wanted, letters and messages. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {
      "appeals",
      "audit",
      "catalogue",
      "claims",
      "corrections",
      "decisions",
      "determining",
      "drafts",
      "forms",
      "jobs",
      "ledger",
      "letters",
      "lists",
      "lodging",
      "messages",
      "once",
      "papers",
      "prefilling",
      "problems",
      "quickcheck",
      "remembering",
      "signin",
      "staff"
    })
@org.jspecify.annotations.NullMarked
package civitane.app.door;
