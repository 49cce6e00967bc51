import type { Board } from '../board/board.ts';
import { netsOf } from '../board/nets.ts';
import { padsOf, partsByPlace } from '../board/pads.ts';
import { type PinName, placeOfPin } from '../board/pinNames.ts';
import { familyOf } from '../parts/families/index.ts';
import { roleOf } from '../parts/mounted.ts';
import type { Part } from '../parts/part.ts';
import type { Block } from './block.ts';

/** Names that a pad list gives to what feeds everything (common practice). */
const supplyName = /^(gnd|vss|vee|0v|vcc|vdd|v[+-]|[+-]?\d+v\d*|bat[+-]?|vin|vbat|[+-])$/i;

/**
 * The blocks of a circuit, from its nets: parts that share a net other than the supply's belong together, and a chip
 * parts what hangs on its pins. What only the supply joins is the supply block, which comes first.
 *
 * @returns none where the kit has no board with nets; then it is tested as a whole
 */
export function blocksOf(board: Board | null, parts: readonly Part[]): Block[] {
  if (!board) return [];
  const byPlace = partsByPlace(parts);
  const supplyPins = pinsOfNamedNets(board, byPlace);
  const nets = netsOf(board, byPlace).map((pins) => pins.map(placeOfPin));
  if (nets.length === 0) return [];
  const isEntry = (place: string) => {
    const part = byPlace.get(place);
    return part !== undefined && familyOf(part).power === 'feeds-board';
  };
  const signals = netsOf(board, byPlace)
    .filter((pins) => !pins.some((pin) => supplyPins.has(pin) || isEntry(placeOfPin(pin))))
    .map((pins) => [...new Set(pins.map(placeOfPin))]);
  const isChip = (place: string) => {
    const part = byPlace.get(place);
    return part !== undefined && ['dip', 'so'].includes(familyOf(part).body.shape);
  };

  const hangs = (place: string) => !isEntry(place) && hangsOff(byPlace.get(place));
  const placed = [...new Set(nets.flat())].filter((place) => !hangs(place));
  const groups = joined(
    signals.map((net) => net.filter((place) => !isChip(place) && !hangs(place))),
  );
  const inGroups = new Set(groups.flat());
  const chips = placed.filter(isChip);
  const fed = placed.filter((place) => !inGroups.has(place) && !isChip(place));
  // Few parts on a chip's pin are no block of their own: they go with what shows something, or with the chip.
  const isSmall = (group: readonly string[]) => chips.length > 0 && group.length < fewParts;
  const small = groups.filter(isSmall);
  const shows = (group: readonly string[]) =>
    group.some((place) => showsSomething(byPlace.get(place)));
  const named = (places: readonly string[], name: (main: string) => string): Block[] => {
    const sorted = [...places].sort(byName);
    return sorted.length > 0 ? [{ name: name(mainOf(sorted)), places: sorted, test: null }] : [];
  };
  return withoutCrumbs([
    ...named(fed, () => 'Supply'),
    ...groups
      .filter((group) => !isSmall(group))
      .sort((a, b) => byName(mainOf([...a].sort(byName)), mainOf([...b].sort(byName))))
      .flatMap((group) => named(group, (main) => `Around ${main}`)),
    ...named(small.filter(shows).flat(), () => 'Lamps and sounders'),
    ...named(
      [...chips, ...small.filter((group) => !shows(group)).flat()],
      (main) => `Around ${main}`,
    ),
  ]);
}

/** A block of a single part is not worth a test: it goes with the next one, the last with the one before. */
function withoutCrumbs(blocks: readonly Block[]): Block[] {
  const kept: Block[] = [];
  let crumbs: string[] = [];
  for (const block of blocks) {
    const places = [...crumbs, ...block.places];
    if (places.length < 2) crumbs = places;
    else {
      kept.push({ ...block, places });
      crumbs = [];
    }
  }
  const last = kept.pop();
  if (!last) return blocks.slice(0, 1);
  return [...kept, { ...last, places: [...last.places, ...crumbs] }];
}

/** A group smaller than this hangs on something larger. */
const fewParts = 4;

const hangsOff = (part: Part | undefined) => part !== undefined && roleOf(part) === 'off-board';

/** Lights or sounds: a learner sees by it whether the block works. */
const showsSomething = (part: Part | undefined) =>
  part !== undefined && ['light', 'display', 'sound'].includes(familyOf(part).job);

const byName = (a: string, b: string) => a.localeCompare(b, 'en', { numeric: true });

/** The part by which people call a block: a chip or transistor before a lamp, and that before a resistor. */
const mainOf = (places: readonly string[]): string => {
  const rank = (place: string) => {
    const at = ['U', 'X', 'Q', 'D', 'L', 'K', 'S', 'C', 'R'].indexOf(place.split(/\d/, 1)[0] ?? '');
    return at < 0 ? 5 : at;
  };
  return [...places].sort((a, b) => rank(a) - rank(b) || byName(a, b))[0] ?? '';
};

/** Pins that lie on a plane, or on a net with a supply's name. */
function pinsOfNamedNets(board: Board, parts: ReadonlyMap<string, Part>): Set<PinName> {
  return new Set(
    padsOf(board, parts)
      .filter(({ net }) => net !== null && (board.planes.includes(net) || supplyName.test(net)))
      .map(({ place, pin }) => `${place}.${pin}`),
  );
}

/** Sets that share a member become one. */
function joined(sets: readonly (readonly string[])[]): string[][] {
  const groups: Set<string>[] = [];
  for (const set of sets) {
    if (set.length === 0) continue;
    const touching = groups.filter((group) => set.some((member) => group.has(member)));
    const union = new Set([...touching.flatMap((group) => [...group]), ...set]);
    for (const group of touching) groups.splice(groups.indexOf(group), 1);
    groups.push(union);
  }
  return groups.map((group) => [...group]);
}
