import type { KitLine } from '#contract/kits';
import { useKit } from './KitFrame.tsx';
import { PartsTable } from './PartsTable.tsx';

export function PartsPage() {
  const { lines } = useKit();
  return (
    <PartsTable
      label="Parts"
      lines={lines.map((line: KitLine) => ({ ...line, key: lineKey(line) }))}
    />
  );
}

const lineKey = ({ part }: KitLine) => part.designators.join() || part.description;
