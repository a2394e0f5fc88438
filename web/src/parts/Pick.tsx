import type { KeyboardEvent } from "react";
import { Button, ComboBox, Input, ListBox, ListBoxItem, Popover } from "react-aria-components";
import { fits, meant } from "./fits";

export interface Option {
  id: string;
  words: string;
}

interface Props {
  label: string;
  options: Option[];
  value?: string;
  onPick: (id: string | undefined) => void;
  id?: string;
  pointer?: string;
  className?: string;
  placeholder?: string;
  /** What Enter does once something is taken, or nothing was typed. */
  onEnter?: (event: KeyboardEvent<HTMLElement>) => void;
}

/**
 * One of many: found by the beginnings of its words, or chosen from the list; Enter takes the first that fits. What
 * is typed is the library's to keep and to take back: only what is chosen comes from outside.
 */
export function Pick({ label, options, value, onPick, id, pointer, className, placeholder, onEnter }: Props) {
  const words = options.find((one) => one.id === value)?.words ?? "";
  const pick = (taken: string | undefined) => taken !== value && onPick(taken);
  const enter = (event: KeyboardEvent<HTMLInputElement>) => {
    // With one chosen in the list, the library takes that one; else it is the first that fits what was typed.
    if (event.key !== "Enter" || event.currentTarget.getAttribute("aria-activedescendant")) return;
    const text = event.currentTarget.value;
    if (text !== words) {
      event.preventDefault();
      if (text.trim() === "") pick(undefined);
      else {
        const one = meant(options, text);
        if (!one) return;
        pick(one.id);
      }
    }
    onEnter?.(event);
  };
  return (
    <ComboBox
      aria-label={label}
      defaultItems={options}
      defaultFilter={(one, text) => text === words || fits(one, text)}
      value={value ?? null}
      onChange={(key) => pick(key === null ? undefined : String(key))}
      menuTrigger="input"
      className="relative block"
    >
      <Input
        id={id}
        data-pointer={pointer}
        className={`input case ${className ?? ""}`}
        placeholder={placeholder}
        autoComplete="off"
        onFocus={(event) => event.target.select()}
        onKeyDownCapture={enter}
      />
      <Button className="absolute right-1 top-0 bottom-0 px-1.5 soft cursor-pointer">
        <span aria-hidden="true">▾</span>
      </Button>
      <Popover className="proposals">
        <ListBox className="outline-none">
          {(item: Option) => (
            <ListBoxItem id={item.id} textValue={item.words} className="proposal">
              {item.words}
            </ListBoxItem>
          )}
        </ListBox>
      </Popover>
    </ComboBox>
  );
}
