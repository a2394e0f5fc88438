/** How the interface describes itself: the shapes of facts and aids, and what may be null. */
@org.springframework.modulith.ApplicationModule(allowedDependencies = {})
@org.jspecify.annotations.NullMarked
package civitane.app.api;
