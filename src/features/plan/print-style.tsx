/** The plan on paper: A4 or Letter lying, the board as wide as the sheet, black on white. */
const PRINT = `@media print {
  @page { size: landscape; margin: 10mm; }
  .plan-board { zoom: var(--plan-print-zoom, 1); }
  .plan-board button { border-color: #000 !important; color: #000 !important; background: #fff !important; }
}`;

/** The rules of printing this screen; the board is drawn smaller until it fits. */
export function PrintStyle({ boardPx }: { boardPx: number }) {
  const zoom = Math.min(1, PAGE_PX / boardPx);
  return <style>{`${PRINT} :root { --plan-print-zoom: ${zoom.toFixed(3)}; }`}</style>;
}

/** Width of a lying A4 sheet within its margins, at 96 px an inch. */
const PAGE_PX = 1040;
