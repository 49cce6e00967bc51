import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { lazy, Suspense, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Erratum } from '#core/parts/erratum';
import { shortDesignators } from '#core/parts/label';
import { InstructorOnly } from '../app/InstructorOnly.tsx';
import { ink } from '../app/tokens.ts';
import { Glyph } from '../ui/Glyph.tsx';
import { useKit } from './KitFrame.tsx';
import { useChangeKit } from './useChangeKit.tsx';

const NewErratum = lazy(async () => ({
  default: (await import('./NewErratum.tsx')).NewErratum,
}));

const keyOf = ({ designators, text }: Erratum) => `${designators.join()}${text}`;

/** What does not match in this kit: it stands at the steps of its places. */
export function Errata() {
  const { t } = useTranslation();
  const { errata } = useKit();
  const changeKit = useChangeKit();
  const [open, setOpen] = useState(false);
  const [refusal, setRefusal] = useState<string>();
  const remove = async (removed: Erratum) => {
    const problem = await changeKit(
      (now) => ({ errata: now.errata.filter((one) => keyOf(one) !== keyOf(removed)) }),
      t('kits.errata.theErratumIsRemoved'),
    );
    setRefusal(problem?.message);
  };
  return (
    <Box component="section" aria-labelledby="errata" sx={{ maxWidth: 980 }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
        <Typography variant="h2" id="errata">
          {t('kits.errata.errata')}
        </Typography>
        {errata.length === 0 && !open && (
          <Typography sx={{ color: 'text.secondary' }}>
            {t('kits.errata.noneKnownNothingInThisKit')}
          </Typography>
        )}
        {!open && (
          <InstructorOnly>
            <Button size="small" onClick={() => setOpen(true)}>
              {t('kits.errata.addAnErratum')}
            </Button>
          </InstructorOnly>
        )}
      </Box>
      {errata.length > 0 && (
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {errata.map(({ designators, text }) => (
            <Box
              component="li"
              key={keyOf({ designators, text })}
              sx={{
                display: 'flex',
                gap: 1.5,
                alignItems: 'baseline',
                py: 0.5,
                borderBottom: `1px solid ${ink('line')}`,
              }}
            >
              <Box component="span" sx={{ color: ink('alarm') }}>
                <Glyph name="warn" />
              </Box>
              <Box component="span" className="mono" sx={{ fontWeight: 700, whiteSpace: 'nowrap' }}>
                {shortDesignators(designators)}
              </Box>
              <Box component="span" sx={{ flex: 1 }}>
                {text}
              </Box>
              <InstructorOnly>
                <Button
                  size="small"
                  aria-label={t('kits.errata.removeTheErratumOf', {
                    shortDesignators: shortDesignators(designators),
                  })}
                  onClick={() => void remove({ designators, text })}
                >
                  {t('kits.errata.remove')}
                </Button>
              </InstructorOnly>
            </Box>
          ))}
        </Box>
      )}
      {refusal && <Alert severity="error">{refusal}</Alert>}
      {open && (
        <Suspense>
          <NewErratum close={() => setOpen(false)} />
        </Suspense>
      )}
    </Box>
  );
}
