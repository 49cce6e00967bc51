import type { Step } from '../../order/step.ts';
import type { Part } from '../../parts/part.ts';

/**
 * The parts of a plan that can have been fitted where another value belongs: of the same family, with another value.
 *
 * @param designator the place where the wrong one sits
 */
export function otherValues(steps: readonly Step[], designator: string): Part[] {
  const parts = steps.flatMap((step) => (step.kind === 'check' ? [] : step.parts));
  const own = parts.find(({ designators }) => designators.includes(designator));
  if (!own) return [];
  const seen = new Set([JSON.stringify(own.value)]);
  return parts.filter(({ family, value, designators }) => {
    const text = JSON.stringify(value);
    if (family !== own.family || designators.length === 0 || seen.has(text)) return false;
    seen.add(text);
    return true;
  });
}
