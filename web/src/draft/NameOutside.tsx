import { useQuery } from "@tanstack/react-query";
import { ComboBox, Input, ListBox, ListBoxItem, Popover } from "react-aria-components";
import { api, done } from "../api/client";
import { goOn, place } from "./Field";
import { FieldMark } from "./FieldMark";
import { at } from "./packet";
import type { DraftHandle } from "./useDraft";

interface Props {
  handle: DraftHandle;
  pointer: string;
  label: string;
  /** What somebody outside is who is named here. */
  kind: string;
  className?: string;
}

/** The name of somebody outside: those the office knows are proposed as it is typed, and any other may be written. */
export function NameOutside({ handle, pointer, label, kind, className }: Props) {
  const name = String(at(handle.draft.packet, pointer) ?? "");
  const known = useQuery({
    queryKey: ["party names", kind, name],
    queryFn: () => done(api.GET("/api/parties/names", { params: { query: { kind, start: name } } })),
    enabled: name.length > 0,
    placeholderData: (before: string[] | undefined) => before,
  });
  const items = (known.data ?? []).filter((one) => one !== name).map((one) => ({ id: one }));
  return (
    <div className="relative">
      <ComboBox
        aria-label={label}
        allowsCustomValue
        items={items}
        inputValue={name}
        onInputChange={(text) => text !== name && handle.set(pointer, text || undefined)}
        menuTrigger="input"
      >
        <Input
          id={place(pointer)}
          data-pointer={pointer}
          className={`input case ${className ?? ""}`}
          autoComplete="off"
          onFocus={(event) => event.target.select()}
          onKeyDown={(event) => {
            // With a name chosen in the list, Enter takes it; else it goes on as in every field.
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
