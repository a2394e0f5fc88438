/** The door for staff: tries are counted and slowed, what happens at it is logged, and nobody stays for ever. */
@org.springframework.modulith.ApplicationModule(
    allowedDependencies = {"audit", "problems", "staff"})
@org.jspecify.annotations.NullMarked
package civitane.app.signin;
