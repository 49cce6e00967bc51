import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import { createKitFrom } from '#contract/kitDocument';
import { call } from '../../app/call.ts';
import { useSave } from '../../app/useSave.ts';
import type { OpenDocument } from '../../lists/useListFile.ts';
import '../../ui/form.css';

const textOf = (value: unknown): string => (typeof value === 'string' ? value : '');

/** A whole kit that came in a file: its name may be another here. */
export function KitFromDocument({ document }: { readonly document: OpenDocument }) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const { run, refusal, saving } = useSave();
  const [name, setName] = useState(textOf(document.name));
  const create = () =>
    run(async () => {
      const body = { document: { ...document, name: name.trim() } };
      const { id } = await call(createKitFrom, { body });
      await navigate(`/kits/${id}/parts`);
    });
  const aboutName = refusal?.about('name') ?? refusal?.about('document.name');
  return (
    <section aria-labelledby="whole-kit">
      <Typography variant="h2" id="whole-kit">
        {t('kits.kitFromDocument.aWholeKit', {
          name: textOf(document.name),
          count: Array.isArray(document.lines) ? document.lines.length : 0,
        })}
      </Typography>
      <Typography sx={{ mb: 2, maxWidth: '70ch' }}>{textOf(document.description)}</Typography>
      <Box
        component="form"
        noValidate
        className="form-row"
        onSubmit={(event) => {
          event.preventDefault();
          void create();
        }}
      >
        <TextField
          label={t('kits.importPage.nameOfTheKit')}
          required
          value={name}
          onChange={({ target }) => setName(target.value)}
          error={aboutName !== undefined}
          helperText={aboutName}
        />
        <Button type="submit" variant="contained" loading={saving}>
          {t('kits.importPage.takeOverAsANewKit')}
        </Button>
      </Box>
      {refusal && !aboutName && (
        <Alert severity="error" sx={{ mt: 2 }}>
          {refusal.problem.errors?.[0]
            ? t('kits.kitFromDocument.cannotBeTaken', {
                field: refusal.problem.errors[0].field.replace(/^document\./, ''),
                problem: refusal.message,
              })
            : refusal.message}
        </Alert>
      )}
    </section>
  );
}
