/** Papers: taken in with distrust, kept once, drawn as pictures, read, accepted or given back. */
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
      "parties",
      "problems",
      "reading",
      "staff"
    })
@org.jspecify.annotations.NullMarked
package civitane.app.papers;
