/**
 * On paper only the report is left: screens scroll inside boxes as high as the window, and a printer
 * shows what is in the window.
 */
export const PRINT_RULES = `
@media print {
  @page { margin: 14mm; }
  [data-screen-only] { display: none !important; }
  html, body, body div:has([data-report]) {
    height: auto !important; max-height: none !important; min-height: 0 !important;
    overflow: visible !important; background: #ffffff !important; display: block !important;
  }
  [data-report] { padding: 0 !important; max-width: none !important; }
  [data-report] section { break-inside: avoid; }
}
`;
