import type { OwnText } from '../../words/ownText.ts';
import { mostRepeats } from './measure.ts';
import type { AddedStep, OwnSort, OwnWords } from './own.ts';

/** Something that is built apart from the board: layers of LEDs, a frame, legs. */
export interface Assembly {
  /** What one piece is called: `layer`. */
  readonly name: string;
  readonly times: number;
  /** What it is built on; empty where there is none. */
  readonly jig: string;
  /** Between two parts of a piece, and between two pieces; null where nobody has said. */
  readonly spacingMm: number | null;
  /** For one piece; null where nobody has said. */
  readonly minutesEach: number | null;
  /** Whether each is measured for shorts before it goes in: afterwards nobody can reach it. */
  readonly isChecked: boolean;
}

/** What its steps say, in the language of whoever adds them. */
export interface AssemblyTexts {
  readonly build: { readonly title: string; readonly how: string; readonly look: string };
  readonly check: { readonly title: string; readonly how: string; readonly expects: string };
  readonly fit: { readonly title: string; readonly how: string; readonly look: string };
  /** Where the probes go. */
  readonly probes: string;
}

/** A short reads nothing; what is in an assembly reads more (common practice; a first draft, to be changed). */
const leastOhm = 100;

/**
 * The steps of an assembly, in their order: built one by one, checked for shorts, put in. They are steps of the
 * instructor’s own like any others, and can be changed one by one.
 *
 * @param after what is done before them, as arrangements call it
 * @param newId makes ids that no other step has
 */
export function assemblySteps(
  { times, jig, minutesEach, isChecked }: Assembly,
  texts: AssemblyTexts,
  tongue: string,
  after: string | null,
  newId: () => string,
): readonly AddedStep[] {
  const inTongue = (says: string): OwnText => ({ [tongue]: says });
  const step = (
    sort: OwnSort,
    says: AssemblyTexts['build' | 'check' | 'fit'],
    more: OwnWords,
  ): AddedStep => ({
    id: newId(),
    sort,
    after,
    words: {
      ...Object.fromEntries(Object.entries(says).map(([field, text]) => [field, inTongue(text)])),
      ...more,
    },
  });
  const many = Math.min(mostRepeats, times);
  const each = minutesEach === null ? {} : { minutesEach };
  return [
    step('work', texts.build, {
      ...(many > 1
        ? { repeat: { times: many, ...(jig === '' ? {} : { jig: inTongue(jig) }), ...each } }
        : minutesEach === null
          ? {}
          : { minutes: minutesEach }),
    }),
    ...(isChecked
      ? [
          step('check', texts.check, {
            measure: { unit: 'ohm', least: leastOhm, at: inTongue(texts.probes) },
          }),
        ]
      : []),
    step('work', texts.fit, many > 1 ? { repeat: { times: many } } : {}),
  ];
}
