import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { type FormEvent, useState } from 'react';
import { shortDesignators } from '#core/parts/label';
import { readDesignators } from '#core/partslist/designators';
import { InstructorOnly } from '../app/InstructorOnly.tsx';
import { ink } from '../app/tokens.ts';
import { Glyph } from '../ui/Glyph.tsx';
import { useKit } from './KitFrame.tsx';
import { useChangeKit } from './useChangeKit.tsx';

/** What does not match in this kit: it stands at the steps of its places. */
export function Errata() {
  const { errata } = useKit();
  const changeKit = useChangeKit();
  const [open, setOpen] = useState(false);
  const [refusal, setRefusal] = useState<string>();
  const remove = async (index: number) => {
    const problem = await changeKit(
      { errata: errata.filter((_, at) => at !== index) },
      'The erratum is removed.',
    );
    setRefusal(problem?.message);
  };
  return (
    <Box component="section" aria-labelledby="errata" sx={{ maxWidth: 980 }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
        <Typography variant="h2" id="errata">
          Errata
        </Typography>
        {errata.length === 0 && !open && (
          <Typography sx={{ color: 'text.secondary' }}>
            None known: nothing in this kit disagrees with its board or its papers.
          </Typography>
        )}
        {!open && (
          <InstructorOnly>
            <Button size="small" onClick={() => setOpen(true)}>
              Add an erratum
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
                  aria-label={`Remove the erratum of ${shortDesignators(designators)}`}
                  onClick={() => void remove(index)}
                >
                  Remove
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
  const { errata, lines } = useKit();
  const changeKit = useChangeKit();
  const [places, setPlaces] = useState('');
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<{ field: 'places' | 'text'; message: string }>();

  const submit = async (event: FormEvent) => {
    event.preventDefault();
    const names = readDesignators(places);
    if (!names.ok) return setProblem({ field: 'places', message: `${names.problem}.` });
    const known = new Set(lines.flatMap(({ part }) => part.designators));
    const unknown = names.value.find((name) => !known.has(name));
    if (names.value.length === 0 || unknown) {
      const message = unknown
        ? `${unknown} is no place of this kit; look it up in the table below.`
        : 'Say which places it concerns, such as R1.';
      return setProblem({ field: 'places', message });
    }
    if (text.trim() === '') {
      return setProblem({ field: 'text', message: 'Say what is wrong and what to do instead.' });
    }
    const refusal = await changeKit(
      { errata: [...errata, { designators: names.value, text: text.trim() }] },
      'The erratum is noted.',
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
      sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start', mt: 1.5, flexWrap: 'wrap' }}
    >
      <TextField
        size="small"
        label="Places"
        value={places}
        onChange={({ target }) => setPlaces(target.value)}
        error={message('places') !== undefined}
        helperText={message('places') ?? 'R1 or D1-D3'}
        sx={{ width: 190 }}
      />
      <TextField
        size="small"
        label="What is wrong, and what to do instead"
        value={text}
        onChange={({ target }) => setText(target.value)}
        error={message('text') !== undefined}
        helperText={message('text')}
        sx={{ flex: 1, minWidth: 260 }}
      />
      <Button type="submit" variant="contained">
        Note it
      </Button>
      <Button onClick={close}>Cancel</Button>
    </Box>
  );
}
