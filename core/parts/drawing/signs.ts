/** Middle of the two leads of an upright part, in mm from the left of its drawing: plus is drawn on the left. */
export const leftLead = 4.7;
export const rightLead = 7.3;

/** Where a mark of the plus side stands; on the right where the lot has it turned. */
export const plusAt = (turned: boolean): number => (turned ? rightLead : leftLead);
