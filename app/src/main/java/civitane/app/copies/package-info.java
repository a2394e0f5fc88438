/** All there is of a claim, or of a person, in one file, to be looked at and checked without this office. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {
      "access",
      "audit",
      "claims",
      "decisions",
      "drafts",
      "households",
      "ledger",
      "letters",
      "papers",
      "problems",
      "signing",
      "staff"
    })
@org.jspecify.annotations.NullMarked
package civitane.app.copies;
