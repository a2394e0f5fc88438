/** What was said held against registers and papers: registers are asked, and what disagrees is put to somebody. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {
      "audit",
      "catalogue",
      "claims",
      "jobs",
      "ledger",
      "parties",
      "problems",
      "registers",
      "staff"
    })
@org.jspecify.annotations.NullMarked
package civitane.app.checking;
