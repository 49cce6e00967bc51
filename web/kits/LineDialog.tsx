import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { t } from 'i18next';
import { useState } from 'react';
import { Controller, type Resolver } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import type { KitLine } from '#contract/kits';
import { usesPins } from '#core/parts/examplePart';
import { familyOf } from '#core/parts/families/index';
import { canHold, holdOf } from '#core/parts/holds';
import { shortDesignators } from '#core/parts/label';
import { turnableSigns } from '#core/parts/lotNote';
import { canBeMounted, canHang } from '#core/parts/mounted';
import { packageOf } from '#core/parts/packages/packageOf';
import type { Part } from '#core/parts/part';
import { ownTypeOf } from '#core/parts/types/ownType';
import { recognise } from '#core/partslist/recognise';
import { readTypedLine, type TypedLine, typedLine } from '#core/partslist/typedLine';
import { saying } from '#core/words/sayings';
import { useTypedForm } from '../app/useTypedForm.ts';
import { FoundAgain } from '../ui/FoundAgain.tsx';
import { PartPicture, pictureScale } from '../ui/PartPicture.tsx';
import { heldWords } from './changeWords.ts';
import { FamilyField } from './FamilyField.tsx';
import { useKit } from './KitFrame.tsx';

interface LineDialogProps {
  readonly line: KitLine;
  /** Every part of the kit: what a screw holds is guessed from the others. */
  readonly parts: readonly Part[];
  /** Resolves to why it was refused, or to nothing. */
  readonly save: (line: KitLine) => Promise<string | undefined>;
  readonly close: () => void;
}

/** One line of the parts list, to put right what the import or the sheet got wrong. */
export function LineDialog({ line, parts, save, close }: LineDialogProps) {
  const { t } = useTranslation();
  const { part } = line;
  const [refusal, setRefusal] = useState<string>();
  const name = shortDesignators(part.designators) || part.description;
  const { form, typed: kept } = useTypedForm<TypedLine>(
    `line ${useKit().id} ${name}`,
    typedLine(part),
    resolverFor(part, t),
  );
  const typed = form.watch();
  const family = familyOf(typed);
  const read = readTypedLine(typed, part);
  const turnable = turnableSigns(family.signs);
  const hasPins = usesPins(family);
  const isAmount = typeof family.valueKind === 'object';

  const field = (name: keyof TypedLine, label: string, hint = '') => (
    <TextField
      label={label}
      size="small"
      {...form.register(name)}
      error={form.formState.errors[name] !== undefined}
      helperText={form.formState.errors[name]?.message ?? hint}
    />
  );

  const submit = form.handleSubmit(async (values) => {
    const result = readTypedLine(values, part);
    if (!result.ok) return;
    // Whoever saves the line has looked at it: what was doubtful is told now.
    const told =
      values.family !== part.family || line.confidence !== 'sure' || line.doubts !== undefined;
    const refused = await save({
      part: result.value,
      confidence: told ? 'told' : line.confidence,
    });
    setRefusal(refused);
    if (refused !== undefined) return;
    kept.saved();
    close();
  });

  return (
    <Dialog open onClose={close} maxWidth="md" fullWidth aria-labelledby="line-title">
      <form onSubmit={(event) => void submit(event)} noValidate>
        <DialogTitle id="line-title">
          {t('kits.lineDialog.correct', { shortDesignators: name })}
        </DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 2, gridTemplateColumns: { sm: '1fr 220px' } }}>
          <Box sx={{ display: 'grid', gap: 2, pt: 1 }}>
            <FoundAgain typed={kept} />
            <Typography sx={{ color: 'text.secondary' }}>
              {t('kits.lineDialog.theListSays', { description: part.description })}
            </Typography>
            <Controller
              control={form.control}
              name="family"
              render={({ field: { value, onChange } }) => (
                <FamilyField
                  value={value}
                  likely={recognise({ text: part.description, designators: part.designators })}
                  choose={(family) => family !== '' && onChange(family)}
                />
              )}
            />
            <Box sx={twoColumns}>
              {field(
                'places',
                t('kits.lineDialog.placesOnTheBoard'),
                t('kits.lineDialog.r1R2OrR1R4None'),
              )}
              {field('quantity', t('kits.lineDialog.pieces'))}
              {family.valueKind !== 'none' && field('value', valueNames[valueKindOf(typed)])}
              {isAmount && field('tolerance', t('kits.lineDialog.toleranceIn'))}
              {family.prints &&
                isAmount &&
                field('ratedVolt', t('kits.lineDialog.ratedVoltageInV'))}
              {family.bands &&
                field(
                  'bandCount',
                  t('kits.lineDialog.numberOfBands'),
                  t('kits.lineDialog.emptyForTheUsualNumber'),
                )}
              {hasPins && field('pins', t('kits.lineDialog.pins'))}
              {(family.mount === 'through' || family.mount === 'surface') &&
                field('package', t('kits.lineDialog.body'), bodyHint(typed, part))}
              {(canBeMounted(typed) || canHang(typed)) && (
                <Controller
                  control={form.control}
                  name="mounting"
                  render={({ field: { value, onChange } }) => (
                    <TextField
                      select
                      size="small"
                      label={t('kits.lineDialog.onTheBoard')}
                      value={value}
                      onChange={onChange}
                    >
                      <MenuItem value="usual">{t('kits.lineDialog.asUsual')}</MenuItem>
                      {canBeMounted(typed) && (
                        <MenuItem value="bent-over">
                          {t('kits.lineDialog.bentOverLiesOnTheBoard')}
                        </MenuItem>
                      )}
                      {canBeMounted(typed) && (
                        <MenuItem value="raised">{t('kits.lineDialog.standsOffTheBoard')}</MenuItem>
                      )}
                      {canHang(typed) && (
                        <MenuItem value="on-wires">{t('kits.lineDialog.hangsOnWires')}</MenuItem>
                      )}
                    </TextField>
                  )}
                />
              )}
              {canBeMounted(typed) &&
                typed.mounting === 'raised' &&
                field(
                  'raisedMm',
                  t('kits.lineDialog.aboveTheBoardInMm'),
                  t('kits.lineDialog.suchAs10'),
                )}
              {canHang(typed) &&
                typed.mounting === 'on-wires' &&
                field(
                  'wiresMm',
                  t('kits.lineDialog.lengthOfTheWires'),
                  t('kits.lineDialog.suchAs150'),
                )}
              {canHang(typed) &&
                typed.mounting === 'on-wires' &&
                field(
                  'wireColours',
                  t('kits.lineDialog.coloursOfTheWires'),
                  t('kits.lineDialog.suchAsRedBlack'),
                )}
              {canHold(typed) && (
                <Controller
                  control={form.control}
                  name="holds"
                  render={({ field: { value, onChange } }) => (
                    <TextField
                      select
                      size="small"
                      label={t('kits.lineDialog.whatItHolds')}
                      value={value}
                      onChange={onChange}
                    >
                      <MenuItem value="usual">{guessWords(t, typed.family, part, parts)}</MenuItem>
                      <MenuItem value="board">{t('kits.holds.board')}</MenuItem>
                      <MenuItem value="case">{t('kits.holds.case')}</MenuItem>
                      <MenuItem value="parts">{t('kits.lineDialog.parts')}</MenuItem>
                    </TextField>
                  )}
                />
              )}
              {canHold(typed) &&
                typed.holds === 'parts' &&
                field(
                  'heldPlaces',
                  t('kits.lineDialog.whichParts'),
                  t('kits.lineDialog.suchAsBt1'),
                )}
              {field(
                'remarks',
                t('kits.lineDialog.remarks'),
                t('kits.lineDialog.suchAsPullUpOfThe'),
              )}
              <Controller
                control={form.control}
                name="supply"
                render={({ field: { value, onChange }, fieldState: { error } }) => (
                  <TextField
                    select
                    size="small"
                    label={t('kits.lineDialog.whoBringsIt')}
                    value={value}
                    onChange={onChange}
                    error={error !== undefined}
                    helperText={error?.message}
                  >
                    <MenuItem value="in-kit">{t('kits.lineDialog.inTheKitFitted')}</MenuItem>
                    <MenuItem value="spare">{t('kits.lineDialog.inTheKitASpare')}</MenuItem>
                    <MenuItem value="not-in-kit">{t('kits.lineDialog.notInTheKit')}</MenuItem>
                  </TextField>
                )}
              />
            </Box>
            <Controller
              control={form.control}
              name="showRemarks"
              render={({ field: { value, onChange } }) => (
                <FormControlLabel
                  control={
                    <Checkbox checked={value} onChange={(_, checked) => onChange(checked)} />
                  }
                  label={t('kits.lineDialog.showTheRemarksToLearnersAt')}
                />
              )}
            />
            <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, display: 'grid', gap: 1 }}>
              <Typography component="legend" variant="h2" sx={{ mb: 1 }}>
                {t('kits.lineDialog.thisLotIsDifferent')}
              </Typography>
              {field(
                'lotText',
                t('kits.lineDialog.whatIsDifferentInASentence'),
                t('kits.lineDialog.learnersReadItAtTheirStep'),
              )}
              {turnable.length > 0 && (
                <Controller
                  control={form.control}
                  name="turned"
                  render={({ field: { value, onChange } }) => (
                    <Box>
                      {turnable.map(({ mark, means }) => (
                        <FormControlLabel
                          key={mark}
                          control={
                            <Checkbox
                              checked={value.includes(mark)}
                              onChange={(_, checked) =>
                                onChange(
                                  checked
                                    ? [...value, mark]
                                    : value.filter((other) => other !== mark),
                                )
                              }
                            />
                          }
                          label={t('kits.lineDialog.isNotButTheOtherEnd', {
                            what: t(`sign.${mark}`),
                            what2: t(`meaning.${means}`),
                          })}
                        />
                      ))}
                    </Box>
                  )}
                />
              )}
              {family.drawBoardMark &&
                family.joints({}) === 3 &&
                field('pinout', t('kits.lineDialog.leadsFromLeftToRightPrint'), 'C, B, E')}
            </Box>
            {ownTypeOf({ ...part, ...(read.ok ? read.value : {}) }) && (
              <Typography sx={{ color: 'text.secondary' }}>
                {t('kits.lineDialog.thisNumberIsNotKnownHere')}
              </Typography>
            )}
            {refusal && <Alert severity="error">{refusal}</Alert>}
          </Box>
          <Box aria-live="polite">
            <Typography sx={{ color: 'text.secondary', mb: 1 }}>
              {t('kits.lineDialog.asItWillBeDrawn')}
            </Typography>
            {read.ok ? (
              <PartPicture part={read.value} pixelsPerMm={pictureScale(read.value, pictureRoom)} />
            ) : (
              <Typography>{read.problem[0] && saying(t, read.problem[0].message)}</Typography>
            )}
          </Box>
        </DialogContent>
        <DialogActions>
          <Button onClick={close}>{t('kits.lineDialog.cancel')}</Button>
          <Button type="submit" variant="contained" loading={form.formState.isSubmitting}>
            {t('kits.lineDialog.save')}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}

const twoColumns = { display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } };

const valueNames = {
  get amount() {
    return t('kits.lineDialog.value');
  },
  get type() {
    return t('kits.lineDialog.typeNumber');
  },
  get colour() {
    return t('kits.lineDialog.colour');
  },
  get none() {
    return t('kits.lineDialog.value');
  },
} as const;

const valueKindOf = (typed: TypedLine): keyof typeof valueNames => {
  const { valueKind } = familyOf(typed);
  return typeof valueKind === 'object' ? 'amount' : valueKind;
};

/** The core reads the form; what it finds wrong stands at the fields. */
const resolverFor =
  (part: Part, t: TFunction): Resolver<TypedLine> =>
  (values) => {
    const result = readTypedLine(values, part);
    if (result.ok) return { values, errors: {} };
    const errors = Object.fromEntries(
      result.problem.map(({ field, message }) => [
        field,
        { type: 'core', message: saying(t, message) },
      ]),
    );
    return { values: {}, errors };
  };

/** What is drawn while nobody writes a body, and how one is written. */
function bodyHint(typed: TypedLine, part: Part): string {
  const family = familyOf(typed);
  const found = packageOf(family, { ...part, package: typed.package });
  if (typed.package.trim() !== '' && found?.from !== 'said')
    return t('kits.lineDialog.notKnownWriteOneLikeDo');
  return found
    ? t('kits.lineDialog.mmHigh', { name: found.package.name, heightMm: found.package.heightMm })
    : t('kits.lineDialog.suchAsDo4163x11');
}

const pictureRoom = { width: 200, height: 210 };

/** What the order takes for granted where nobody says what it holds. */
function guessWords(
  t: TFunction,
  family: Part['family'],
  part: Part,
  parts: readonly Part[],
): string {
  const { mounting: _said, ...unsaid } = part;
  const guess = holdOf({ ...unsaid, family }, parts);
  return guess
    ? t('kits.lineDialog.estimated', { what: heldWords(guess.what) })
    : t('kits.lineDialog.notKnown');
}
