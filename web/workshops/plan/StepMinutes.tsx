import Box from '@mui/material/Box';
import { useTranslation } from 'react-i18next';
import type { LearntPaces } from '#contract/pace';
import type { Workshop } from '#contract/workshops';
import { stepRange } from '#core/pace/learnt/stepRange';
import { kindOfStep } from '#core/pace/learnt/stepTimes';
import { stepPlaces, stepTitle } from '#core/words/partWords';
import { kindsOf, paceOfSeat } from '../learnt.ts';
import '../../ui/plainTable.css';
import { decimal } from '../../ui/decimal.ts';

interface StepMinutesProps {
  readonly workshop: Workshop;
  readonly paces: LearntPaces;
}

/** The minutes of each step as this room will take them, with how much was seen of the like. */
export function StepMinutes({ workshop: { steps, seats }, paces }: StepMinutesProps) {
  const { t } = useTranslation();
  const kinds = kindsOf(paces);
  const believed = seats.map((seat) => paceOfSeat(seat, paces));
  return (
    <Box component="details" sx={{ mb: 4, maxWidth: 1000 }}>
      <Box component="summary" sx={{ cursor: 'pointer', fontWeight: 650, py: 1 }}>
        {t('workshops.stepMinutes.minutesStepByStepForThese', { count: seats.length })}
      </Box>
      <table className="plain" aria-label={t('workshops.stepMinutes.minutesStepByStep')}>
        <thead>
          <tr>
            <th scope="col">{t('workshops.stepMinutes.step')}</th>
            <th scope="col" className="number">
              {t('workshops.stepMinutes.planForSomebodyNew')}
            </th>
            <th scope="col" className="number">
              {t('workshops.stepMinutes.halfTakeAtMost')}
            </th>
            <th scope="col" className="number">
              {t('workshops.stepMinutes.nineOfTenTakeAtMost')}
            </th>
            <th scope="col" className="number">
              {t('workshops.stepMinutes.seenOfThisKind')}
            </th>
          </tr>
        </thead>
        <tbody>
          {steps.map((step, index) => {
            const { median, late } = stepRange(step, believed, kinds);
            return (
              <tr key={step.id}>
                <th scope="row">
                  {index + 1} {stepTitle(t, step)} <span className="mono">{stepPlaces(step)}</span>
                </th>
                <td className="mono number">{step.minutes}</td>
                <td className="mono number">{decimal(median, 1)}</td>
                <td className="mono number">{decimal(late, 1)}</td>
                <td className="mono number">
                  {kinds.get(kindOfStep(step))?.count ?? t('workshops.stepMinutes.noneYet')}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </Box>
  );
}
