import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { listKits } from '#contract/kits';
import { getRoom } from '#contract/room';
import { CallProblem, call } from '../app/call.ts';
import { ink } from '../app/tokens.ts';
import { Glyph } from '../ui/Glyph.tsx';

const hiddenKey = 'ozzet.firstSteps.hidden';

/** What a site needs for its first evening, in the order of the work. */
interface Done {
  readonly kit: boolean;
  readonly evening: boolean;
  readonly phones: boolean;
}

const ways = {
  kit: '/kits/new',
  evening: '/workshops/new',
  phones: '/workshops/phones',
} as const satisfies Readonly<Record<keyof Done, string>>;

/** Leads an empty site through its first evening; it can be left, comes back as it stands, and ends by itself. */
export function FirstSteps({ hasWorkshop }: { readonly hasWorkshop: boolean }) {
  const { t } = useTranslation();
  const [hidden, setHidden] = useState(localStorage.getItem(hiddenKey) !== null);
  const done = useDone(hasWorkshop);
  if (hidden || !done || Object.values(done).every(Boolean)) return null;
  const steps = Object.keys(ways) as (keyof Done)[];
  const next = steps.find((step) => !done[step]);
  return (
    <Box
      component="section"
      aria-labelledby="first-steps"
      sx={{
        background: ink('sheet'),
        border: `1px solid ${ink('line')}`,
        p: 2,
        mb: 3,
        maxWidth: 760,
      }}
    >
      <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline' }}>
        <Typography variant="h2" id="first-steps">
          {t('workshops.firstSteps.title')}
        </Typography>
        <Button
          size="small"
          color="inherit"
          onClick={() => {
            localStorage.setItem(hiddenKey, 'yes');
            setHidden(true);
          }}
        >
          {t('workshops.firstSteps.hide')}
        </Button>
      </Box>
      <Box component="ol" sx={{ m: 0, mt: 1, pl: 0, listStyle: 'none', display: 'grid', gap: 1 }}>
        {steps.map((step, index) => (
          <Box
            component="li"
            key={step}
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '28px 1fr', sm: '28px 1fr auto' },
              '& > :last-child': { gridColumn: { xs: '2', sm: 'auto' }, justifySelf: 'start' },
              gap: 1,
              alignItems: 'center',
            }}
          >
            <Box component="span" className="mono">
              {done[step] ? <Glyph name="tick" /> : index + 1}
            </Box>
            <span>
              <strong>{t(`workshops.firstSteps.${step}.name`)}</strong>{' '}
              {t(`workshops.firstSteps.${step}.how`)}
            </span>
            {done[step] ? (
              t('workshops.firstSteps.done')
            ) : (
              <Button
                component={Link}
                to={ways[step]}
                variant={step === next ? 'contained' : 'text'}
                sx={{ minHeight: 44 }}
              >
                {t(`workshops.firstSteps.${step}.action`)}
              </Button>
            )}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

/** What of it is there already; nothing until it is known. */
function useDone(evening: boolean): Done | undefined {
  const [found, setFound] = useState<Omit<Done, 'evening'>>();
  useEffect(() => {
    let isWanted = true;
    void Promise.all([call(listKits, {}), call(getRoom, {})])
      .then(([kits, room]) => {
        if (isWanted) setFound({ kit: kits.length > 0, phones: room.seatAddress !== null });
      })
      .catch((error: unknown) => {
        // Without network there is nothing to lead to.
        if (!(error instanceof CallProblem)) throw error;
      });
    return () => {
      isWanted = false;
    };
  }, []);
  return found && { ...found, evening };
}
