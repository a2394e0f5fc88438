/** Work that is done later or again. */
@org.springframework.modulith.ApplicationModule(allowedDependencies = {})
@org.jspecify.annotations.NullMarked
package civitane.app.jobs;
