/** Somebody outside whose word claims wait for: one record each, asked together about all claims that wait. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {
      "access",
      "audit",
      "claims",
      "jobs",
      "ledger",
      "once",
      "problems",
      "staff"
    })
@org.jspecify.annotations.NullMarked
package civitane.app.parties;
