/** What every text that comes in must be like, wherever it comes from. */
@org.jspecify.annotations.NullMarked
package civitane.packet.text;
