/** Letters: ordered, printed, kept as they went out, and confirmed by a code. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {"audit", "jobs", "problems", "signing", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.letters;
