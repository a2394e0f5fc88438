/** Who works here, and what each may do. */
@org.springframework.modulith.ApplicationModule(allowedDependencies = {"problems"})
@org.jspecify.annotations.NullMarked
package civitane.app.staff;
