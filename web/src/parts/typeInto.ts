/** Puts a text into a field as if it had been typed, so that whoever listens to typing hears of it. */
export function typeInto(field: HTMLInputElement, text: string) {
  // React keeps what it set itself and would take the same value for nothing new.
  Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set?.call(field, text);
  field.dispatchEvent(new Event("input", { bubbles: true }));
}
