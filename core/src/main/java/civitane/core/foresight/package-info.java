/** Days that are known beforehand and want somebody to look: birthdays that change what counts, and what ends. */
@org.jspecify.annotations.NullMarked
package civitane.core.foresight;
