/** Days that are known beforehand, over all households: they come up in time, and a person sees to each. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {
      "access",
      "audit",
      "catalogue",
      "claims",
      "decisions",
      "households",
      "ledger",
      "letters",
      "once",
      "problems",
      "staff"
    })
@org.jspecify.annotations.NullMarked
package civitane.app.foreseeing;
