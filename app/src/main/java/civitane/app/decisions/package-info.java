/** Working a claim out, deciding it, and running again what was worked out. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {
      "access",
      "audit",
      "catalogue",
      "claims",
      "determining",
      "jobs",
      "ledger",
      "letters",
      "money",
      "once",
      "problems",
      "staff"
    })
@org.jspecify.annotations.NullMarked
package civitane.app.decisions;
