/** What of a reading can be doubtful by itself: the kind of part, its value or type, its body, its number of pins. */
export const doubtsOfReading = ['family', 'value', 'package', 'pins'] as const;
export type Doubt = (typeof doubtsOfReading)[number];
