import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useForm } from 'react-hook-form';
import { useLoaderData, useRevalidator } from 'react-router';
import {
  createHelper,
  type Helper,
  listHelpers,
  newHelperBody,
  removeHelper,
} from '#contract/helpers';
import { call } from '../app/call.ts';
import { resolverOf } from '../app/resolverOf.ts';
import { useSave } from '../app/useSave.ts';
import { PageHead } from '../ui/PageHead.tsx';
import '../ui/plainTable.css';

export const loadHelpers = () => call(listHelpers, {});

/** Who helps in the room, each signing in under a name of their own. */
export function HelpersPage() {
  const helpers = useLoaderData<readonly Helper[]>();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const form = useForm({
    resolver: resolverOf(newHelperBody),
    defaultValues: { name: '', passphrase: '' },
  });
  const { errors, isSubmitting } = form.formState;
  const { run } = useSave();
  const add = form.handleSubmit(async (body) => {
    const refused = await run(() => call(createHelper, { body }));
    if (refused) {
      const field = refused.about('passphrase') ? 'passphrase' : 'name';
      return form.setError(field, { message: refused.about(field) ?? refused.message });
    }
    form.reset();
    await revalidate();
    enqueueSnackbar(`${body.name} can sign in now`);
    return undefined;
  });
  const remove = async ({ id, name }: Helper) => {
    await call(removeHelper, { params: { helperId: id } });
    await revalidate();
    enqueueSnackbar(`${name} is signed out and cannot sign in any more`);
  };
  return (
    <Box sx={{ maxWidth: 760 }}>
      <PageHead
        title="Helpers"
        facts="They log on the floor under their own name, and look kits and plans up. They change nothing else and see no records of people."
      />
      {helpers.length === 0 ? (
        <Typography sx={{ mb: 3 }}>Nobody helps yet.</Typography>
      ) : (
        <table className="plain plain-fields" aria-label="Helpers">
          <tbody>
            {helpers.map((helper) => (
              <tr key={helper.id}>
                <th scope="row">{helper.name}</th>
                <td className="number">
                  <Button
                    color="inherit"
                    onClick={() => void remove(helper)}
                    aria-label={`Remove ${helper.name}`}
                  >
                    Remove
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        Somebody new
      </Typography>
      <Box
        component="form"
        noValidate
        onSubmit={(event) => void add(event)}
        sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'flex-start' }}
      >
        <TextField
          label="Name"
          autoComplete="off"
          error={!!errors.name}
          helperText={errors.name?.message ?? ' '}
          {...form.register('name')}
        />
        <TextField
          label="Passphrase"
          autoComplete="off"
          error={!!errors.passphrase}
          helperText={
            errors.passphrase?.message ?? 'Tell it to the helper; it cannot be read back.'
          }
          {...form.register('passphrase')}
          sx={{ minWidth: 300 }}
        />
        <Button type="submit" variant="contained" loading={isSubmitting} sx={{ minHeight: 54 }}>
          Let them in
        </Button>
      </Box>
    </Box>
  );
}
