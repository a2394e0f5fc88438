/** How the interface describes itself, what may be null, and that what is sent is whole. */
@org.springframework.modulith.ApplicationModule(allowedDependencies = {"problems"})
@org.jspecify.annotations.NullMarked
package civitane.app.api;
