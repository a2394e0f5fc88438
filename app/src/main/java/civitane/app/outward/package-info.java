/** The line to what the office asks elsewhere. */
@org.springframework.modulith.ApplicationModule(allowedDependencies = {})
@org.jspecify.annotations.NullMarked
package civitane.app.outward;
