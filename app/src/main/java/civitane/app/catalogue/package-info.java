/** The services on offer, and what the desk calls things. */
@org.springframework.modulith.ApplicationModule(allowedDependencies = {"problems", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.catalogue;
