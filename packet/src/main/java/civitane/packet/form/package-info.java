@org.jspecify.annotations.NullMarked
package civitane.packet.form;
