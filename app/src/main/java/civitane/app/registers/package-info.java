/** The registers that may be asked, and what stands in for them. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {"outward", "problems", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.registers;
