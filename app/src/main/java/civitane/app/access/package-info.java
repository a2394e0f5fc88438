/** Who may see which household, and who looked at what. */
@org.jspecify.annotations.NullMarked
package civitane.app.access;
