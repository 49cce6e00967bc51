import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { shortDesignators } from '#core/parts/label';
import { readDesignators } from '#core/partslist/designators';
import { saying } from '#core/words/sayings';
import { InstructorOnly } from '../app/InstructorOnly.tsx';
import { ink } from '../app/tokens.ts';
import { Glyph } from '../ui/Glyph.tsx';
import { useKit } from './KitFrame.tsx';
import { useChangeKit } from './useChangeKit.tsx';
import '../ui/form.css';

/** What does not match in this kit: it stands at the steps of its places. */
export function Errata() {
  const { t } = useTranslation();
  const { errata } = useKit();
  const changeKit = useChangeKit();
  const [open, setOpen] = useState(false);
  const [refusal, setRefusal] = useState<string>();
  const remove = async (index: number) => {
    const problem = await changeKit(
      { errata: errata.filter((_, at) => at !== index) },
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
          {errata.map(({ designators, text }, index) => (
            <Box
              component="li"
              key={`${designators.join()}${text}`}
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
                  onClick={() => void remove(index)}
                >
                  {t('kits.errata.remove')}
                </Button>
              </InstructorOnly>
            </Box>
          ))}
        </Box>
      )}
      {refusal && <Alert severity="error">{refusal}</Alert>}
      {open && <NewErratum close={() => setOpen(false)} />}
    </Box>
  );
}

function NewErratum({ close }: { readonly close: () => void }) {
  const { t } = useTranslation();
  const { errata, lines } = useKit();
  const changeKit = useChangeKit();
  const [places, setPlaces] = useState('');
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<{ field: 'places' | 'text'; message: string }>();

  const submit = async (event: FormEvent) => {
    event.preventDefault();
    const names = readDesignators(places);
    if (!names.ok) return setProblem({ field: 'places', message: saying(t, names.problem) });
    const known = new Set(lines.flatMap(({ part }) => part.designators));
    const unknown = names.value.find((name) => !known.has(name));
    if (names.value.length === 0 || unknown) {
      const message = unknown
        ? t('kits.errata.isNoPlaceOfThisKit', { unknown })
        : t('kits.errata.sayWhichPlacesItConcernsSuch');
      return setProblem({ field: 'places', message });
    }
    if (text.trim() === '') {
      return setProblem({ field: 'text', message: t('kits.errata.sayWhatIsWrongAndWhat') });
    }
    const refusal = await changeKit(
      { errata: [...errata, { designators: names.value, text: text.trim() }] },
      t('kits.errata.theErratumIsNoted'),
    );
    if (refusal) return setProblem({ field: 'text', message: refusal.message });
    return close();
  };

  const message = (field: 'places' | 'text') =>
    problem?.field === field ? problem.message : undefined;
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => void submit(event)}
      className="form-row"
      sx={{ mt: 1.5 }}
    >
      <TextField
        size="small"
        label={t('kits.errata.places')}
        value={places}
        onChange={({ target }) => setPlaces(target.value)}
        error={message('places') !== undefined}
        helperText={message('places') ?? t('kits.errata.r1OrD1D3')}
        sx={{ width: 190 }}
      />
      <TextField
        size="small"
        label={t('kits.errata.whatIsWrongAndWhatTo')}
        value={text}
        onChange={({ target }) => setText(target.value)}
        error={message('text') !== undefined}
        helperText={message('text')}
        sx={{ flex: 1, minWidth: 260 }}
      />
      <Button type="submit" variant="contained">
        {t('kits.errata.noteIt')}
      </Button>
      <Button onClick={close}>{t('kits.errata.cancel')}</Button>
    </Box>
  );
}
