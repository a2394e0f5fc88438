/** A rule with a notch at the limit and a bold mark at the value. */
export function Measure({ measured, limit, met }: { measured: number; limit: number; met: boolean }) {
  const width = 96;
  const most = Math.max(measured, limit, 1) * 1.18;
  const x = (value: number) => 1 + (value / most) * (width - 2);
  return (
    <svg width={width} height="16" aria-hidden="true" className="shrink-0">
      <line x1="1" x2={width - 1} y1="10" y2="10" stroke="var(--color-base-300)" strokeWidth="2" />
      <line
        x1="1"
        x2={x(measured)}
        y1="10"
        y2="10"
        stroke="currentColor"
        strokeDasharray={met ? undefined : "3 2"}
        strokeWidth="4"
      />
      <path d={`M${x(limit)},10 l-4,-8 h8 z`} fill="currentColor" />
    </svg>
  );
}
