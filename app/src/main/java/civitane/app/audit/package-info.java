/** The log of what was done, by whom and when, and its seal. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {"problems", "signing", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.audit;
