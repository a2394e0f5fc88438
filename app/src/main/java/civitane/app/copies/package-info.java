/** All there is of a claim in one file, to be looked at and checked without this office. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {
      "audit",
      "claims",
      "decisions",
      "drafts",
      "letters",
      "papers",
      "signing",
      "staff"
    })
@org.jspecify.annotations.NullMarked
package civitane.app.copies;
