// A language that nobody speaks (CLDR’s en-XA): English with accents, two fifths longer, written from the right. In it
// everything that does not come from a catalogue is plain to see, and every place that has no room for a long language.

const accented: Readonly<Record<string, string>> = Object.fromEntries(
  [
    ...'aàbƀcçdđeéfƒgĝhĥiîjĵkķlļmɱnñoöpþqɋrŕsštţuûvṽwŵxẋyýzžAÅBƁCÇDÐEÉFƑGĜHĤIÎJĴKĶLĻMṀNÑOÖPÞQǪRŔSŠTŢUÛVṼWŴXẊYÝZŽ',
  ]
    .join('')
    .match(/../gu)
    ?.map((pair) => [pair.charAt(0), pair.charAt(1)]) ?? [],
);

/** So much longer than English a text is in a long language. */
const longer = 0.4;

/** What is filled in and the tags around words stay as they are. */
const marks = /({{\w+}}|<\/?\w+\/?>)/;

export function pseudoText(text: string): string {
  const letters = text
    .split(marks)
    .map((piece) =>
      marks.test(piece) ? piece : [...piece].map((sign) => accented[sign] ?? sign).join(''),
    );
  const words = text.replace(new RegExp(marks, 'g'), '');
  // Whole words, so that lines break as they would.
  const more = Array.from({ length: Math.round((words.length * longer) / 4) }, () => 'ñöñ').join(
    ' ',
  );
  return /\p{L}/u.test(words) ? `⟦${letters.join('')}${more === '' ? '' : ` ${more}`}⟧` : text;
}

type Node = string | readonly Node[] | { readonly [key: string]: Node };

/** A catalogue with every text in the language that nobody speaks. */
export const pseudoCatalogue = (node: Node): Node => {
  if (typeof node === 'string') return pseudoText(node);
  if (Array.isArray(node)) return node.map(pseudoCatalogue);
  return Object.fromEntries(
    Object.entries(node).map(([key, value]) => [key, pseudoCatalogue(value)]),
  );
};
