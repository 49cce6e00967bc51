import { useTranslation } from 'react-i18next';
import { allMarks } from '#core/parts/allMarks';
import type { Part } from '#core/parts/part';
import { BandRow } from './PartPicture.tsx';
import './marks.css';

/** Every mark of a part in words: bands, prints, what its leads and signs mean. */
export function PartMarks({ part }: { readonly part: Part }) {
  const { t } = useTranslation();
  const { bands, prints, signs, pinout } = allMarks(part);
  if (bands.length + prints.length + signs.length === 0 && !pinout) {
    return <span className="marks-none">{t('ui.partMarks.nothingOnIt')}</span>;
  }
  return (
    <ul className="marks">
      {bands.map(({ count, bands: colours, usual }) => (
        <li key={count} className={usual ? undefined : 'marks-other'}>
          <span className="marks-kind">{t('ui.partMarks.bands', { count })}</span>{' '}
          <BandRow bands={colours} />
        </li>
      ))}
      {prints.map(({ code, text }, index) => (
        <li key={code} className={index === 0 || code === 'volt' ? undefined : 'marks-other'}>
          <span className="mono marks-print">{text}</span> {t(`print.${code}`)}
        </li>
      ))}
      {signs.map(({ mark, means }) => (
        <li key={mark}>
          {t(`sign.${mark}`)} = {t(`meaning.${means}`)}
        </li>
      ))}
      {pinout && (
        <li>
          {[
            t(`ui.partMarks.leads.${pinout.from === 'lot' ? 'batch' : pinout.counted}`, {
              leads: pinout.pins.map((pin) => t(`lead.${pin}`, { defaultValue: pin })).join(', '),
            }),
            pinout.makersDiffer && t('ui.partMarks.makersDifferCompareTheSheet'),
          ]
            .filter(Boolean)
            .join('; ')}
        </li>
      )}
    </ul>
  );
}
