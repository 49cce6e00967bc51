import type { TFunction } from 'i18next';
import { useTranslation } from 'react-i18next';
import type { Circuit } from '#core/circuit/circuit';
import type { Range, StageFigures } from '#core/circuit/figures';
import type { Compared } from '#core/circuit/whatIf';
import { type Column, DataTable } from '../../ui/DataTable.tsx';
import { decimal } from '../../ui/decimal.ts';
import { shownText, summaryOf } from './StageFigures.tsx';

interface Row {
  readonly what: string;
  readonly now: string;
  readonly otherwise: string;
}

interface ComparedFiguresProps {
  readonly circuit: Circuit;
  readonly compared: Compared;
}

/** What a board shows as it is and otherwise, line by line; what is told alike is left out. */
export function ComparedFigures({ circuit, compared }: ComparedFiguresProps) {
  const { t } = useTranslation();
  const { now, otherwise, hoursNow, hoursOtherwise } = compared;
  if (!now || !otherwise) return <p>{t('kits.circuit.whatIf.noSolution')}</p>;
  const nameOf = (id: string) => circuit.nets.find((net) => net.id === id)?.name ?? id;
  const hours: Row = {
    what: t('kits.circuit.whatIf.hours'),
    now: hoursText(t, hoursNow),
    otherwise: hoursText(t, hoursOtherwise),
  };
  const rows = [...besides(said(t, now, nameOf), said(t, otherwise, nameOf)), hours].filter(
    (row) => row.now !== row.otherwise,
  );
  if (rows.length === 0) return <p>{t('kits.circuit.whatIf.same')}</p>;
  return (
    <DataTable
      rows={rows}
      columns={columnsOf(t)}
      keyOf={({ what }) => what}
      name={t('kits.circuit.whatIf.title')}
    />
  );
}

/** Everything that is told of a board, by what it is of. */
function said(t: TFunction, figures: StageFigures, nameOf: (net: string) => string) {
  const summed = new Map<string, string>();
  for (const { name, says } of summaryOf(t, figures)) {
    const before = summed.get(name);
    summed.set(name, before ? `${before} · ${says}` : says);
  }
  for (const net of figures.nets) summed.set(nameOf(net.net), shownText(t, net));
  return summed;
}

function besides(now: ReturnType<typeof said>, otherwise: ReturnType<typeof said>): Row[] {
  const names = [...new Set([...now.keys(), ...otherwise.keys()])];
  return names.map((what) => ({
    what,
    now: now.get(what) ?? '–',
    otherwise: otherwise.get(what) ?? '–',
  }));
}

const hoursText = (t: TFunction, hours: Range | null): string =>
  hours === null
    ? '–'
    : t('kits.circuit.whatIf.hoursRange', {
        from: decimal(hours.least, hours.most < 10 ? 1 : 0),
        to: decimal(hours.most, hours.most < 10 ? 1 : 0),
      });

const columnsOf = (t: TFunction): readonly Column<Row>[] => [
  { id: 'what', head: t('kits.circuit.whatIf.what'), isName: true, cell: ({ what }) => what },
  { id: 'now', head: t('kits.circuit.whatIf.now'), cell: ({ now }) => now },
  {
    id: 'otherwise',
    head: t('kits.circuit.whatIf.otherwise'),
    cell: ({ otherwise }) => otherwise,
  },
];
