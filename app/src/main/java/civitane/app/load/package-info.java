/** Very many made-up households, to see how the office holds. */
@org.springframework.modulith.ApplicationModule(allowedDependencies = {"decisions"})
@org.jspecify.annotations.NullMarked
package civitane.app.load;
