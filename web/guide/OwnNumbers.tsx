import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { forgetOwnType } from '#contract/kits';
import type { OwnTypes } from '#core/parts/types/ownType';
import { call } from '../app/call.ts';
import { useSave } from '../app/useSave.ts';

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
      <div className="guide-scroll">
        <table className="guide-table" aria-label={t('guide.ownNumbers.yourOwnNumbers')}>
          <thead>
            <tr>
              <th scope="col">{t('guide.ownNumbers.number')}</th>
              <th scope="col">{t('guide.ownNumbers.whatItIs')}</th>
              <th scope="col">{t('guide.ownNumbers.body')}</th>
              <th scope="col">{t('guide.ownNumbers.leads')}</th>
              <td />
            </tr>
          </thead>
          <tbody>
            {numbers.map((number) => {
              const type = types[number];
              if (!type) return null;
              const { family, pins, package: body, lotNote } = type;
              return (
                <tr key={number}>
                  <td data-label={t('guide.ownNumbers.number')} className="mono">
                    {number}
                  </td>
                  <td data-label={t('guide.ownNumbers.whatItIs')}>{t(`family.${family}.one`)}</td>
                  <td data-label={t('guide.ownNumbers.body')}>
                    {[body, pins && `${pins} pins`].filter(Boolean).join(', ') || '–'}
                  </td>
                  <td data-label={t('guide.ownNumbers.leads')}>
                    {lotNote?.pinout?.join(', ') ?? '–'}
                  </td>
                  <td>
                    <Button size="small" disabled={saving} onClick={() => void forget(number)}>
                      {t('guide.ownNumbers.delete', { number })}
                    </Button>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </section>
  );
}
