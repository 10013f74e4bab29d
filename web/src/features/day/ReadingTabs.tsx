import { ToggleGroup } from 'radix-ui';

const READINGS = ['by time', 'by room', 'by person', 'lanes'] as const;
export type Reading = (typeof READINGS)[number];

/** The same day read in four ways. */
export function ReadingTabs({ reading, onRead }: { reading: Reading; onRead: (reading: Reading) => void }) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label="How the day is read"
      className="flex"
      value={reading}
      onValueChange={(value) => {
        const chosen = READINGS.find((one) => one === value);
        if (chosen) onRead(chosen);
      }}
    >
      {READINGS.map((one) => (
        <ToggleGroup.Item
          key={one}
          value={one}
          className="min-h-[30px] border border-line-2 border-r-0 bg-white px-3 font-semibold last:border-r data-[state=on]:bg-yolk max-md:min-h-[44px]"
        >
          {one}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
