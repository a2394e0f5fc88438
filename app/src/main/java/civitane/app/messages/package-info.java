/** Texts and mails to households: ordered with what they tell of, sent afterwards, each once. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {"claims", "jobs", "outward", "problems", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.messages;
