import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { forgetOwnType } from '#contract/kits';
import type { OwnType, OwnTypes } from '#core/parts/types/ownType';
import { call } from '../app/call.ts';
import { useSave } from '../app/useSave.ts';
import { DataTable } from '../ui/DataTable.tsx';

/** Numbers that the catalogue does not know, as instructors described them in their kits. */
export function OwnNumbers({ types }: { readonly types: OwnTypes }) {
  const { t } = useTranslation();
  const { revalidate } = useRevalidator();
  const { run, refusal, saving } = useSave();
  const numbers = Object.keys(types).sort();
  if (numbers.length === 0) return null;
  const forget = (number: string) =>
    run(async () => {
      await call(forgetOwnType, { params: { number } });
      await revalidate();
    });
  return (
    <section aria-labelledby="own-numbers">
      <Typography id="own-numbers" variant="h2">
        {t('guide.ownNumbers.yourOwnNumbers')}
      </Typography>
      <Typography sx={{ color: 'text.secondary', mb: 1 }}>
        {t('guide.ownNumbers.describedInThePartsListOf')}
      </Typography>
      {refusal && <Alert severity="error">{refusal.message}</Alert>}
      <DataTable
        name={t('guide.ownNumbers.yourOwnNumbers')}
        columns={[
          {
            id: 'number',
            head: t('guide.ownNumbers.number'),
            isName: true,
            look: () => 'mono',
            by: (number) => number,
            cell: (number) => number,
          },
          {
            id: 'what',
            head: t('guide.ownNumbers.whatItIs'),
            cell: (number) => t(`family.${types[number]?.family}.one`),
          },
          {
            id: 'body',
            head: t('guide.ownNumbers.body'),
            cell: (number) => bodyWords(t, types[number]),
          },
          {
            id: 'leads',
            head: t('guide.ownNumbers.leads'),
            cell: (number) => types[number]?.lotNote?.pinout?.join(', ') ?? '–',
          },
          {
            id: 'delete',
            head: t('guide.ownNumbers.deleting'),
            headIsHidden: true,
            cell: (number) => (
              <Button size="small" disabled={saving} onClick={() => void forget(number)}>
                {t('guide.ownNumbers.delete', { number })}
              </Button>
            ),
          },
        ]}
        rows={numbers}
        keyOf={(number) => number}
      />
    </section>
  );
}

function bodyWords(t: TFunction, type: OwnType | undefined): string {
  const pins = type?.pins === undefined ? '' : t('guide.ownNumbers.pins', { count: type.pins });
  return [type?.package, pins].filter(Boolean).join(', ') || '–';
}
