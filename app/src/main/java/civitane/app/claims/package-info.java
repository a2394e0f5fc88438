/** Claims as they are kept, and the Desk that shows what is to be done. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {
      "access",
      "audit",
      "catalogue",
      "determining",
      "households",
      "jobs",
      "ledger",
      "problems",
      "staff"
    })
@org.jspecify.annotations.NullMarked
package civitane.app.claims;
