import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { lazy, Suspense, useState } from 'react';
import { useTranslation } from 'react-i18next';
import {
  type Answer,
  atOneGlance,
  type BenchTest,
  needsPower,
  testKey,
  unitOf,
} from '#core/faults/benchTests';
import type { FaultDictionary } from '#core/faults/dictionary';
import type { Proposed } from '#core/faults/nextTest';
import type { RankedGroup } from '#core/faults/rank';
import type { Part } from '#core/parts/part';
import { goodText } from '#core/words/faultReadings';
import { partText, testText } from '#core/words/faultWords';
import { Means } from './Means.tsx';
import { Outcomes } from './Outcomes.tsx';

// Fields for typing and choosing are a third of the page; the question is read first.
const ReadNumber = lazy(async () => ({ default: (await import('./ReadNumber.tsx')).ReadNumber }));
const AnotherTest = lazy(async () => ({
  default: (await import('./AnotherTest.tsx')).AnotherTest,
}));

interface AskForTestProps {
  readonly dictionary: FaultDictionary;
  readonly parts: ReadonlyMap<string, Part>;
  readonly proposed: Proposed;
  readonly others: readonly Proposed[];
  readonly staysOff: boolean;
  readonly groups: readonly RankedGroup[];
  readonly answers: readonly Answer[];
  readonly answer: (given: readonly Answer[]) => void;
  readonly skip: (test: BenchTest) => void;
}

/** The next thing to look at, touch or measure, and the field for what comes of it. */
export function AskForTest({
  dictionary,
  parts,
  proposed,
  others,
  staysOff,
  groups,
  answers,
  answer,
  skip,
}: AskForTestProps) {
  const { t } = useTranslation();
  const [own, setOwn] = useState<Proposed>();
  const { test, seconds } = own ?? proposed;
  const glance = atOneGlance(dictionary, test);
  const good = goodText(t, dictionary, test);
  return (
    <section aria-labelledby="fault-next" className="fault-next">
      <Typography variant="h2" id="fault-next">
        {t('kits.fault.next')}
      </Typography>
      <p>
        {t(`kits.fault.${needsPower(test) ? 'powerOn' : 'powerOff'}`)},{' '}
        {t('kits.fault.seconds', { count: seconds })}
      </p>
      {staysOff && <p>{t('kits.fault.stayOff')}</p>}
      <p className="fault-ask">{testText(t, dictionary, test, parts)}</p>
      {unitOf(test) ? (
        <Suspense>
          <ReadNumber
            key={testKey(test)}
            test={test}
            read={(outcome) => answer([{ test, outcome }])}
          />
        </Suspense>
      ) : (
        glance.map((one) => (
          <div key={testKey(one)} className="fault-seen">
            {one.kind === 'sense' && (
              <span>{partText(t, dictionary.points.senses[one.sense]?.place ?? '', parts)}</span>
            )}
            <Outcomes
              dictionary={dictionary}
              test={one}
              name={
                one.kind === 'sense'
                  ? partText(t, dictionary.points.senses[one.sense]?.place ?? '', parts)
                  : testText(t, dictionary, one, parts)
              }
              chosen={undefined}
              choose={(outcome) => answer([{ test: one, outcome }])}
              forget={() => {}}
            />
          </div>
        ))
      )}
      <Means {...{ dictionary, test, groups, answers, parts }} />
      {good && <p>{t('kits.fault.good', { what: good })}</p>}
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'center', width: '100%' }}>
        <Button color="inherit" variant="outlined" onClick={() => skip(test)}>
          {t('kits.fault.cannotTell')}
        </Button>
        <Suspense>
          <AnotherTest
            {...{ dictionary, parts }}
            proposed={[proposed, ...others]}
            chosen={own}
            choose={setOwn}
          />
        </Suspense>
      </Box>
    </section>
  );
}
