/** How much somebody has soldered before. */
export const experiences = ['new', 'some', 'practised'] as const;
export type Experience = (typeof experiences)[number];

/** Share of a beginner's minutes (priors: practised hands need 10 to 20 s a joint, beginners 35 to 70; common practice). */
export const paceOf: Readonly<Record<Experience, number>> = { new: 1, some: 0.7, practised: 0.4 };

export const experienceWords: Readonly<Record<Experience, string>> = {
  new: 'never soldered',
  some: 'soldered a little',
  practised: 'practised',
};
