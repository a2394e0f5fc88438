import { parseDate } from "@internationalized/date";
import type { RefObject } from "react";
import {
  Button,
  Calendar,
  CalendarCell,
  CalendarGrid,
  Dialog,
  Heading,
  I18nProvider,
  Popover,
} from "react-aria-components";
import { useTranslation } from "react-i18next";

interface Props {
  beside: RefObject<HTMLElement | null>;
  /** The day that is typed already, YYYY-MM-DD. */
  day?: string;
  today: string;
  onPick: (day: string) => void;
  onClose: () => void;
}

/** A month to choose a day from: arrows move by days, Page keys by months, with Shift by years. */
export default function MonthSheet({ beside, day, today, onPick, onClose }: Props) {
  const { t } = useTranslation();
  return (
    <I18nProvider locale="en-GB">
      <Popover
        triggerRef={beside}
        isOpen
        onOpenChange={(open) => open || onClose()}
        placement="bottom start"
        className="month-sheet"
      >
        <Dialog aria-label={t("calendar.title")} className="outline-none">
          <Calendar
            aria-label={t("calendar.title")}
            value={day ? parseDate(day) : null}
            defaultFocusedValue={parseDate(day ?? today)}
            onChange={(picked) => onPick(picked.toString())}
            firstDayOfWeek="mon"
            // Opened by a key, it is where the keys go on.
            autoFocus
          >
            <header className="flex items-center justify-between mb-1">
              <Button slot="previous" className="btn btn-sm btn-ghost">
                ‹
              </Button>
              <Heading className="case" />
              <Button slot="next" className="btn btn-sm btn-ghost">
                ›
              </Button>
            </header>
            <CalendarGrid>{(date) => <CalendarCell date={date} className="month-day" />}</CalendarGrid>
          </Calendar>
          <p className="soft small mt-1">{t("calendar.keys")}</p>
        </Dialog>
      </Popover>
    </I18nProvider>
  );
}
