/** Problems as the interface tells them; used by every room. */
@org.springframework.modulith.ApplicationModule(
    type = org.springframework.modulith.ApplicationModule.Type.OPEN,
    allowedDependencies = {})
@org.jspecify.annotations.NullMarked
package civitane.app.problems;
