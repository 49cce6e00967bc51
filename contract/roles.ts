/** Instructors may do everything; helpers log on the floor of the evenings of their day, and look kits up. */
export const roles = ['instructor', 'helper'] as const;
export type Role = (typeof roles)[number];
