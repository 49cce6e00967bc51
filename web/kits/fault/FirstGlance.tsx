import Alert from '@mui/material/Alert';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { type Answer, type BenchTest, testKey } from '#core/faults/benchTests';
import type { FaultDictionary } from '#core/faults/dictionary';
import type { Part } from '#core/parts/part';
import { partText } from '#core/words/faultWords';
import { Outcomes } from './Outcomes.tsx';

interface FirstGlanceProps {
  readonly dictionary: FaultDictionary;
  readonly parts: ReadonlyMap<string, Part>;
  readonly answers: readonly Answer[];
  readonly answer: (given: readonly Answer[]) => void;
  readonly takeBack: (test: BenchTest) => void;
  readonly danger: boolean;
  readonly setDanger: (is: boolean) => void;
}

/** What anybody sees and hears at once. */
export function FirstGlance({
  dictionary,
  parts,
  answers,
  answer,
  takeBack,
  danger,
  setDanger,
}: FirstGlanceProps) {
  const { t } = useTranslation();
  const senses = dictionary.points.senses.flatMap(({ place, when }, sense) =>
    when ? [] : [{ place, test: { kind: 'sense' as const, sense } }],
  );
  return (
    <section aria-labelledby="fault-first">
      <Typography variant="h2" id="fault-first">
        {t('kits.fault.first')}
      </Typography>
      {senses.length > 0 && <p>{t('kits.fault.firstAbout')}</p>}
      {senses.map(({ place, test }) => (
        <div key={testKey(test)} className="fault-seen">
          <span>{partText(t, place, parts)}</span>
          <Outcomes
            dictionary={dictionary}
            test={test}
            name={partText(t, place, parts)}
            chosen={answers.find((one) => testKey(one.test) === testKey(test))?.outcome}
            choose={(outcome) => answer([{ test, outcome }])}
            forget={() => takeBack(test)}
          />
        </div>
      ))}
      <FormControlLabel
        control={<Checkbox checked={danger} onChange={({ target }) => setDanger(target.checked)} />}
        label={t('kits.fault.danger')}
      />
      {danger && <Alert severity="error">{t('kits.fault.dangerSays')}</Alert>}
    </section>
  );
}
