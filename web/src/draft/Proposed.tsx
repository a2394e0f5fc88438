import { ComboBox, Input, ListBox, ListBoxItem, Popover } from "react-aria-components";
import { goOn, place } from "./Field";
import { FieldMark } from "./FieldMark";
import { at } from "./packet";
import type { DraftHandle } from "./useDraft";

interface Props {
  handle: DraftHandle;
  pointer: string;
  label: string;
  /** What it may be, as it would be written. */
  proposals: string[];
  className?: string;
  /** What taking a proposal does, where it is more than writing it here. */
  onTake?: (proposal: string) => void;
  onLeave?: () => void;
}

/** A text for which something known is proposed as it is typed, and which may be anything else. */
export function Proposed({ handle, pointer, label, proposals, className, onTake, onLeave }: Props) {
  const text = String(at(handle.draft.packet, pointer) ?? "");
  const items = proposals.filter((one) => one !== text).map((one) => ({ id: one }));
  return (
    <div className="relative">
      <ComboBox
        aria-label={label}
        allowsCustomValue
        items={items}
        inputValue={text}
        onInputChange={(fresh) => {
          if (fresh === text) return;
          if (onTake && proposals.includes(fresh)) onTake(fresh);
          else handle.set(pointer, fresh || undefined);
        }}
        menuTrigger="input"
      >
        <Input
          id={place(pointer)}
          data-pointer={pointer}
          className={`input case ${className ?? ""}`}
          autoComplete="off"
          onFocus={(event) => event.target.select()}
          onBlur={onLeave}
          onKeyDown={(event) => {
            // With a proposal chosen in the list, Enter takes it; else it goes on as in every field.
            if (event.currentTarget.getAttribute("aria-activedescendant")) return;
            goOn(event);
          }}
        />
        <Popover className="proposals">
          <ListBox className="outline-none">
            {(item: { id: string }) => (
              <ListBoxItem id={item.id} textValue={item.id} className="proposal">
                {item.id}
              </ListBoxItem>
            )}
          </ListBox>
        </Popover>
      </ComboBox>
      <FieldMark handle={handle} pointer={pointer} />
    </div>
  );
}
