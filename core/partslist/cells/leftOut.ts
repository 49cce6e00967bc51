// Rows of a list that are no part to be fitted.

/** “Do not populate” in the languages of lists. */
export const isNotFitted = (cell: string): boolean =>
  /^(dn[pfsi]|nf|np|n\.?\s?b\.?|n\/?c|no pop|nopop|do not (populate|fit|place|install|stuff)|not (fitted|populated|placed|used|installed)|nicht (bestuckt|bestucken|besetzt)|unbestuckt|no (montar|poblar|colocar)|sin montar|non (monte|implante)|ne pas (monter|implanter)|niet (plaatsen|gemonteerd))$/.test(
    cell,
  );

/** Written under “DNP” too, by hand, of what goes in after all (lower case, no accents). */
const isFitted =
  /^(fit(ted)?|populated?|placed?|install(ed)?|mount(ed)?|stuffed?|assembled?|ok|bestuckt|bestucken|montad[oa]|montar|poblad[oa]|colocar|monte|implante|plaatsen|gemonteerd)$/;

const saysNo = /^(0|no|n|nein|nee|non|false|falso|falsch)$/;

/** Headings under which a mark says that a part is left out, and none that it is fitted. */
const asksWhatIsLeftOut = (heading: string): boolean =>
  isNotFitted(heading) || /^(dn[pfsi]|not fitted)\b/.test(heading);

/** “DNP” over “x”, “fitted” over “no”; both in lower case, without accents. */
export const isMarkedAsLeftOut = (heading: string, cell: string): boolean =>
  asksWhatIsLeftOut(heading)
    ? !/^[-–]?$/.test(cell) && !saysNo.test(cell) && !isFitted.test(cell)
    : isNotFitted(cell) || saysNo.test(cell);

/**
 * Places of a drawing program that are copper or a hole and no part: `MountingHole`, `TestPoint_Pad`, `Fiducial`,
 * `SolderJumper`. A test point with a loop is one.
 */
export const isNoPart = (text: string): boolean =>
  /(?:^|[\s:_])(?:Mounting[ _]?Hole|Fiducial|SolderJumper|Solder_Jumper|NetTie|Logo_\w+|TestPoint_(?:Pad|THTPad|Bridge|2Pads))(?=$|[\s:_-]|\d)/i.test(
    text,
  );
