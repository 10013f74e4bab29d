/** The paper slip with the working, line by line; it folds out. */
export function Working({ lines }: { lines: readonly string[] }) {
  return (
    <details className="mt-3 border border-line-2 bg-card px-3 py-2 print:border-0 print:p-0" open>
      <summary className="cursor-pointer font-display text-[15px]/[20px] font-semibold">How it was reckoned</summary>
      <ol className="mt-1 grid gap-0.5" data-testid="working">
        {lines.map((line) => (
          <li key={line} className="border-b border-dashed border-line py-0.5">
            {line}
          </li>
        ))}
      </ol>
    </details>
  );
}
