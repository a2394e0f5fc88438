/** How fast it is. */
@org.jspecify.annotations.NullMarked
package civitane.bench;
