/** Tolerance letters of IEC 60062, in per cent below and above the marked value. */
export const toleranceLetters = {
  B: { minusPercent: 0.1, plusPercent: 0.1 },
  C: { minusPercent: 0.25, plusPercent: 0.25 },
  D: { minusPercent: 0.5, plusPercent: 0.5 },
  F: { minusPercent: 1, plusPercent: 1 },
  G: { minusPercent: 2, plusPercent: 2 },
  J: { minusPercent: 5, plusPercent: 5 },
  K: { minusPercent: 10, plusPercent: 10 },
  M: { minusPercent: 20, plusPercent: 20 },
  Z: { minusPercent: 20, plusPercent: 80 },
} as const;

export type ToleranceLetter = keyof typeof toleranceLetters;

export function isToleranceLetter(text: string): text is ToleranceLetter {
  return Object.hasOwn(toleranceLetters, text);
}
