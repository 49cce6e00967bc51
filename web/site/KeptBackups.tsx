import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { useTranslation } from 'react-i18next';
import { type Backups, keptBackup } from '#contract/backup';
import { addressOf } from '#contract/endpoint';
import { dateAndTime } from '../ui/clock.ts';
import '../ui/plainTable.css';

/** Those that the program made by itself. */
export function KeptBackups({ kept }: { readonly kept: Backups['kept'] }) {
  const { t } = useTranslation();
  return (
    <section aria-labelledby="kept">
      <Typography variant="h2" id="kept" sx={{ mb: 1 }}>
        {t('site.keptBackups.madeEveryDay')}
      </Typography>
      {kept.length === 0 ? (
        <Typography>{t('site.keptBackups.noneYet')}</Typography>
      ) : (
        <table className="plain plain-fields" aria-label={t('site.keptBackups.backupsOfEveryDay')}>
          <tbody>
            {kept.map(({ name, madeAt, bytes }) => (
              <tr key={name}>
                <th scope="row">{dateAndTime(madeAt)}</th>
                <td className="number">{sizeWords(bytes)}</td>
                <td className="number">
                  <Button size="small" href={addressOf(keptBackup, { name })}>
                    {t('site.keptBackups.saveIt')}
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <Typography sx={{ mt: 1 }}>{t('site.keptBackups.theNewestSevenLieBesideThe')}</Typography>
    </section>
  );
}

const sizeWords = (bytes: number) =>
  bytes < 1_000_000
    ? t('site.keptBackups.kb', { bytes: Math.ceil(bytes / 1000) })
    : t('site.keptBackups.mb', { bytes: (bytes / 1_000_000).toFixed(1) });
