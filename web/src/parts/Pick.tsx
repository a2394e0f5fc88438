import { type KeyboardEvent, useEffect, useState } from "react";
import { Button, ComboBox, Input, ListBox, ListBoxItem, Popover } from "react-aria-components";
import { fitting } from "./fitting";

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

/** One of many: found by the beginnings of its words, or chosen from the list; Enter takes the first that fits. */
export function Pick({ label, options, value, onPick, id, pointer, className, placeholder, onEnter }: Props) {
  const words = options.find((one) => one.id === value)?.words ?? "";
  const [text, setText] = useState(words);
  useEffect(() => setText(words), [words]);
  const typed = text !== words;
  const shown = typed ? fitting(options, text) : options;
  const take = (taken: string | undefined) => {
    setText(options.find((one) => one.id === taken)?.words ?? "");
    if (taken !== value) onPick(taken);
  };
  return (
    <ComboBox
      aria-label={label}
      items={shown}
      inputValue={text}
      onInputChange={setText}
      selectedKey={value ?? null}
      onSelectionChange={(key) => key !== null && take(String(key))}
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
        onBlur={() => typed && text.trim() === "" && take(undefined)}
        onKeyDownCapture={(event) => {
          // With one chosen in the list, Enter takes that one; else the first that fits what was typed.
          if (event.key !== "Enter" || event.currentTarget.getAttribute("aria-activedescendant")) return;
          if (typed && text.trim() === "") take(undefined);
          else if (typed && shown[0]) take(shown[0].id);
          else if (typed) return;
          onEnter?.(event);
        }}
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
