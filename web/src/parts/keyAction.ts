/** A key that does something here: how it is written, what it does, and whether the strip shows it. */
export interface KeyAction {
  key: string;
  says: string;
  act?: () => void;
  /** Not on the strip, only in the list of all keys. */
  quiet?: boolean;
}

/** The key as somebody has chosen it. */
export function chosen(choices: Record<string, string>, key: string): string {
  return choices[`key ${key}`] ?? key;
}
