/** The files of keys of this office, and the key by which it signs what leaves it. */
@org.springframework.modulith.ApplicationModule(allowedDependencies = {"problems"})
@org.jspecify.annotations.NullMarked
package civitane.app.signing;
