/**
 * How sure a reading of a line is. `told`: a person said so, here or for an earlier list. `sure`: all that the line says
 * agrees, and it cannot mean anything else. `unsure`: look at it. `unknown`: nothing fits.
 */
export const confidences = ['told', 'sure', 'unsure', 'unknown'] as const;
export type Confidence = (typeof confidences)[number];

/** What of a reading can be doubtful by itself: the kind of part, its value or type, its body, its number of pins. */
export const doubtsOfReading = ['family', 'value', 'package', 'pins'] as const;
export type Doubt = (typeof doubtsOfReading)[number];
