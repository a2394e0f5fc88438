/** Problems as the interface tells them; used by every capability. */
@org.springframework.modulith.ApplicationModule(
    type = org.springframework.modulith.ApplicationModule.Type.OPEN)
package civitane.app.problems;
