/** The key by which this office signs what leaves it. */
@org.springframework.modulith.ApplicationModule(allowedDependencies = {"problems"})
@org.jspecify.annotations.NullMarked
package civitane.app.signing;
