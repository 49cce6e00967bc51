import type { BackupContents } from '#contract/backup';

const counted = (count: number, one: string, more: string) =>
  `${count} ${count === 1 ? one : more}`;

/** What a backup holds, or would: `4 kits, 1 workshop, …`. */
export const contentWords = ({ kits, workshops, people, drawers, entries }: BackupContents) =>
  [
    counted(kits, 'kit', 'kits'),
    counted(workshops, 'workshop', 'workshops'),
    counted(people, 'person', 'people'),
    counted(drawers, 'drawer', 'drawers'),
    counted(entries, 'entry', 'entries'),
  ].join(', ');
