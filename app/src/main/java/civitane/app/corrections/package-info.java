/** What a household is asked to bring or to put right: in one letter, with its reasons, until a day, and reminded of. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {
      "audit",
      "catalogue",
      "claims",
      "closures",
      "determining",
      "jobs",
      "ledger",
      "letters",
      "once",
      "problems",
      "staff"
    })
@org.jspecify.annotations.NullMarked
package civitane.app.corrections;
