import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { readDesignators } from '#core/partslist/designators';
import { saying } from '#core/words/sayings';
import { useTyped } from '../app/useTyped.ts';
import { FoundAgain } from '../ui/FoundAgain.tsx';
import { useKit } from './KitFrame.tsx';
import { useChangeKit } from './useChangeKit.tsx';
import '../ui/form.css';

/** A known problem more. */
export function NewErratum({ close }: { readonly close: () => void }) {
  const { t } = useTranslation();
  const { id, lines } = useKit();
  const changeKit = useChangeKit();
  const typed = useTyped(`known problem ${id}`, { places: '', text: '' });
  const { places, text } = typed.value;
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
      ({ errata }) => ({ errata: [...errata, { designators: names.value, text: text.trim() }] }),
      t('kits.errata.theErratumIsNoted'),
    );
    if (refusal) return setProblem({ field: 'text', message: refusal.message });
    typed.saved();
    return close();
  };

  const message = (field: 'places' | 'text') =>
    problem?.field === field ? problem.message : undefined;
  return (
    <>
      <FoundAgain typed={typed} />
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
          onChange={({ target }) => typed.set({ places: target.value })}
          error={message('places') !== undefined}
          helperText={message('places') ?? t('kits.errata.r1OrD1D3')}
          sx={{ width: 190 }}
        />
        <TextField
          size="small"
          label={t('kits.errata.whatIsWrongAndWhatTo')}
          value={text}
          onChange={({ target }) => typed.set({ text: target.value })}
          error={message('text') !== undefined}
          helperText={message('text')}
          sx={{ flex: 1, minWidth: 260 }}
        />
        <Button type="submit" variant="contained">
          {t('kits.errata.noteIt')}
        </Button>
        <Button onClick={close}>{t('kits.errata.cancel')}</Button>
      </Box>
    </>
  );
}
