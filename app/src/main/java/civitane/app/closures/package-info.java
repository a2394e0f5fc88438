/** Days on which the office is closed though they are working days; what others have to do by then can be done later. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {"audit", "problems", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.closures;
