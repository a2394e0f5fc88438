/** Everything of one household on one page, as it stood on any day. */
@org.jspecify.annotations.NullMarked
package civitane.app.overview;
