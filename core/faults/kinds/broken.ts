import { nodeOf } from '../../circuit/netlist.ts';
import { familyOf } from '../../parts/families/index.ts';
import { pinoutOf } from '../../parts/pinouts.ts';
import { asMeant, deviceAt, joinedDevices, without } from '../change.ts';
import type { FaultKind } from '../fault.ts';
import { isDelicate } from './alike.ts';

/** Inside, it conducts no more: heat, static, or what happened before (a supply that was reversed). */
export const brokenOpen: FaultKind<'broken-open'> = {
  id: 'broken-open',
  of: (subject) =>
    joinedDevices(subject)
      .filter(({ part }) => isDelicate(part))
      .map(({ place }) => ({ kind: 'broken-open', at: [place] })),
  make: (subject, { at: [place = ''] }) => without(subject, place),
};

/** What a part that is broken through has left, in ohms. */
const shortOhm = 1;
/** Between which leads a part breaks through most often (common practice). */
const through: readonly (readonly [string, string])[] = [
  ['collector', 'emitter'],
  ['drain', 'source'],
  ['input', 'output'],
];

/** Inside, two of its leads are joined. */
export const brokenShort: FaultKind<'broken-short'> = {
  id: 'broken-short',
  of: (subject) =>
    joinedDevices(subject)
      .filter(
        ({ part, netAt }) =>
          (isDelicate(part) && familyOf(part).job !== 'chip') ||
          (familyOf(part).job === 'capacitor' && netAt['1'] !== undefined),
      )
      .map(({ place }) => ({ kind: 'broken-short', at: [place] })),
  make: (subject, { at: [place = ''] }) => {
    const device = deviceAt(subject, place);
    const { stage } = asMeant(subject);
    const leads = device ? (pinoutOf(device.part)?.pins ?? []) : [];
    const pair = through.find((names) => names.every((name) => leads.includes(name)));
    const [a, b] = pair
      ? pair.map((name) => device?.netAt[String(leads.indexOf(name) + 1)])
      : [device?.netAt['1'], device?.netAt['2']];
    if (a === undefined || b === undefined) return { stage, extra: [] };
    const node = (net: string) => nodeOf(net, subject.at);
    return { stage, extra: [`Rbroken ${node(a)} ${node(b)} ${shortOhm}`] };
  },
};
