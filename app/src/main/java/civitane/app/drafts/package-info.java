/** Applications while they are being taken. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {
      "access",
      "audit",
      "claims",
      "determining",
      "ledger",
      "letters",
      "once",
      "problems",
      "reading",
      "staff"
    })
@org.jspecify.annotations.NullMarked
package civitane.app.drafts;
