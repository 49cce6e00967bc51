import * as yup from 'yup';
import { flag } from './leaves.ts';
import { leaf, list, nullable, record } from './schema.ts';
import type { StoredKind } from './storedForm.ts';

/** What was entered of one board on the way to what is wrong with it, as a device keeps it. */
export interface BenchWork {
  /** Of the dictionary that it was entered for; for another one it means nothing. */
  readonly basis: string;
  /** ISO 8601; null as long as nothing was entered. */
  readonly begunAt: string | null;
  /** What was seen and read, in order; see testKey of core/faults/benchTests. */
  readonly seen: readonly { readonly test: string; readonly outcome: string | number }[];
  /** Tests of which nobody could tell anything. */
  readonly skipped: readonly string[];
  /** Something was hot, smelled or smoked. */
  readonly danger: boolean;
}

const text = leaf(yup.string().strict().defined());
const outcome = leaf(
  yup
    .mixed<string | number>(
      (value): value is string | number => typeof value === 'string' || typeof value === 'number',
    )
    .defined(),
);

export const storedBenchWork: StoredKind<BenchWork> = {
  what: 'What was entered of a board',
  schema: record<BenchWork>({
    basis: text,
    begunAt: nullable(text),
    seen: list(record<BenchWork['seen'][number]>({ test: text, outcome })),
    skipped: list(text),
    danger: flag,
  }),
  upgrades: [],
};
