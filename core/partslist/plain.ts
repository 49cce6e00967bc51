/** Text for comparing: lower case, without accents, ß as ss, single blanks. */
export const plain = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replaceAll('ß', 'ss')
    .replace(/\s+/g, ' ')
    .trim();
