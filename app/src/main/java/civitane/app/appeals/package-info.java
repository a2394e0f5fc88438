/** An appeal against a decision, begun from it. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {
      "audit",
      "claims",
      "drafts",
      "ledger",
      "lodging",
      "once",
      "problems",
      "staff"
    })
@org.jspecify.annotations.NullMarked
package civitane.app.appeals;
