import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { type Answer, type BenchTest, testKey, unitOf } from '#core/faults/benchTests';
import type { FaultDictionary } from '#core/faults/dictionary';
import type { Part } from '#core/parts/part';
import { outcomeText, partText, testText } from '#core/words/faultWords';
import { decimal } from '../../ui/decimal.ts';

interface SoFarProps {
  readonly dictionary: FaultDictionary;
  readonly answers: readonly Answer[];
  readonly parts: ReadonlyMap<string, Part>;
  readonly takeBack: (test: BenchTest) => void;
}

/** What was seen and measured, each to be taken back. */
export function SoFar({ dictionary, answers, parts, takeBack }: SoFarProps) {
  const { t } = useTranslation();
  return (
    <section aria-labelledby="fault-so-far">
      <Typography variant="h2" id="fault-so-far">
        {t('kits.fault.soFar')}
      </Typography>
      <ul className="fault-so-far">
        {answers.map(({ test, outcome }) => {
          const asked = testText(t, dictionary, test, parts);
          const point = test.kind === 'sense' ? dictionary.points.senses[test.sense] : undefined;
          const of = point ? partText(t, point.place, parts) : '';
          return (
            <li key={testKey(test)}>
              <span>
                {point && !point.when ? of : `${asked} ${of}`}{' '}
                <b>
                  {typeof outcome === 'number'
                    ? `${decimal(outcome, 2)} ${unitOf(test) ?? ''}`
                    : outcomeText(t, dictionary, test, outcome)}
                </b>
              </span>
              <Button
                size="small"
                color="inherit"
                onClick={() => takeBack(test)}
                aria-label={`${t('kits.fault.takeBack')}: ${asked} ${of}`}
              >
                {t('kits.fault.takeBack')}
              </Button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
