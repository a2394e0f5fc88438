/** Appointments with households: made on a claim, checked in at the counter, and over with what came of them. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {
      "access",
      "audit",
      "catalogue",
      "claims",
      "households",
      "ledger",
      "letters",
      "problems",
      "staff"
    })
@org.jspecify.annotations.NullMarked
package civitane.app.appointments;
