/** Reading of pages by machine: what stands on them and where, and what of it may be meant by which fact. */
@org.springframework.modulith.ApplicationModule(allowedDependencies = {})
@org.jspecify.annotations.NullMarked
package civitane.app.reading;
