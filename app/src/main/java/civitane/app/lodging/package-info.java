/** Lodging an application, with what is known of the household and who signs. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {
      "access",
      "audit",
      "catalogue",
      "claims",
      "determining",
      "drafts",
      "households",
      "ledger",
      "letters",
      "messages",
      "money",
      "once",
      "parties",
      "problems",
      "staff"
    })
@org.jspecify.annotations.NullMarked
package civitane.app.lodging;
