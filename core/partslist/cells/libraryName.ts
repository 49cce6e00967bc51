/** `Device:C_Polarized`, `Connector_Generic:Conn_01x02`: a library of a drawing program, and the symbol in it. */
const reference = /^[\w.+-]{1,40}:([\w.,+/-]{1,80})$/;

/** A symbol of one letter says what its place says. */
const letterAlone = /^(?:[CDLRQUJY])(?=_|$)/;

/** What the reference of a drawing program’s symbol says of the part, as words; any other text as it is. */
export function withoutLibrary(cell: string): string {
  const symbol = reference.exec(cell.trim())?.[1];
  if (symbol === undefined) return cell;
  // `R_Network08`: a word and a count.
  return symbol
    .replace(letterAlone, '')
    .replace(/([a-z]{3})(\d+)(?=_|$)/g, '$1 $2')
    .replace(/_/g, ' ')
    .trim();
}

/**
 * Libraries of bodies whose names are those of other parts: a slide switch of `Button_Switch_THT` is no button. How the
 * body is fixed stays.
 */
export const withoutMixedLibrary = (body: string): string =>
  body.replace(/^(?:Button_Switch|Buzzer_Beeper)(?:_(THT|SMD))?:/, (_, fixed = '') =>
    `${fixed} `.trimStart(),
  );
