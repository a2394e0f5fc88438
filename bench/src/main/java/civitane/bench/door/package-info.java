/** How soon the household's door can be used on a slow line. */
@org.jspecify.annotations.NullMarked
package civitane.bench.door;
