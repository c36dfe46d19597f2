/** Prints the page as it stands. */
export function PrintButton({ label = "Print this page" }: { label?: string }) {
  return (
    <button
      type="button"
      className="lnk no-print min-h-6 !font-normal"
      onClick={() => window.print()}
    >
      {label}
    </button>
  );
}
