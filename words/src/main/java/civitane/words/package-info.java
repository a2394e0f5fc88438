@org.jspecify.annotations.NullMarked
package civitane.words;
