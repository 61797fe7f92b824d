/** From published lists of formulas that are smuggled into tables (OWASP, CSV Injection), and worse. */
export const formulaAttacks = [
  '=1+1',
  '+1+1',
  '-2+3+cmd|" /C calc"!A0',
  '@SUM(1)',
  '\t=1+1',
  '\r=1+1',
  '\n=1+1',
  ' =1+1',
  '\u00a0=1+1',
  '\u200b=1+1',
  '＝1+1',
  '＋1',
  '－1',
  '＠x',
  '"=1+1',
  'a;=1+1',
  'a\t=1+1',
  'a\n=1+1',
  'a|=1+1',
  "'=1+1",
  '=HYPERLINK("http://x","y")',
  '\0=1+1',
]
/** Whether a spreadsheet could take a cell for a formula. */
export const isFormula = (cell: string) => /^[\s"\u00a0\u200b]*[=+\-@＝＋－＠]/.test(cell)
