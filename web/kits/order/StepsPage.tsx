import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { lazy, Suspense, useState } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import { totalMinutes, withMinutes } from '#core/pace/stepMinutes';
import { contradictionSentence, stackName } from '#core/words/orderWords';
import { InstructorOnly } from '../../app/InstructorOnly.tsx';
import { useShortcuts } from '../../app/shortcuts.ts';
import { useIsInstructor } from '../../app/staff.ts';
import { ink } from '../../app/tokens.ts';
import { duration } from '../../ui/clock.ts';
import { useKit } from '../KitFrame.tsx';
import { useChangeKit } from '../useChangeKit.tsx';
import { OrderWishes } from './OrderWishes.tsx';
import { type OrderDraft, useOrderDraft } from './orderDraft.ts';
import { StepList } from './StepList.tsx';

// Comes after the order itself, which is looked at first.
const CompareStyles = lazy(async () => ({
  default: (await import('./CompareStyles.tsx')).CompareStyles,
}));

/** The order of steps and why it is so; the wishes of the instructor, and what they mean. */
export function StepsPage() {
  const kit = useKit();
  // What is saved, here or on another device, begins anew.
  return <Order key={`${kit.revisionId} ${JSON.stringify(kit.order)}`} />;
}

function Order() {
  const { t } = useTranslation();
  const kit = useKit();
  const draft = useOrderDraft(kit);
  const isInstructor = useIsInstructor();
  const { settings, plan } = draft;
  useShortcuts([
    { key: 'u', does: t('kits.stepsPage.undo'), run: draft.undo },
    { key: 'y', does: t('kits.stepsPage.doAgain'), run: draft.redo },
  ]);
  const steps = withMinutes(plan.steps);
  const done = steps.filter(({ own }) => own?.hidden === undefined);
  const joints = done.reduce((sum, step) => sum + (step.kind === 'check' ? 0 : step.joints), 0);
  return (
    <>
      <Box
        sx={{
          display: 'grid',
          gap: 4,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 330px' },
          alignItems: 'start',
        }}
      >
        <Box>
          <Typography sx={{ mb: 1.5 }}>
            <Trans
              i18nKey="kits.stepsPage.stepsJointsTurnsOfTheBoard"
              values={{
                order: settings.arrangement
                  ? t('kits.stepsPage.inYourOwnOrder')
                  : stackName(t, settings.styles),
                why:
                  settings.arrangement || !settings.styles[0]
                    ? ''
                    : t(`style.${settings.styles[0]}.why`),
                count: done.length,
                joints,
                turns: plan.turns,
                duration: duration(totalMinutes(done)),
              }}
              components={{ strong: <strong /> }}
            />
          </Typography>
          {plan.contradictions.map((contradiction) => (
            <Alert
              key={`${contradiction.leftOut.from.id} ${contradiction.leftOut.to.id}`}
              severity="warning"
              sx={{ mb: 1 }}
            >
              {contradictionSentence(t, contradiction)}
            </Alert>
          ))}
          {/* Disabled it is read, and nothing in it can be moved. */}
          <Box
            component="fieldset"
            disabled={!isInstructor}
            sx={{ border: 0, p: 0, m: 0, minWidth: 0 }}
          >
            <StepList steps={steps} draft={draft} />
          </Box>
        </Box>
        <InstructorOnly>
          <Box sx={{ position: { lg: 'sticky' }, top: 16, display: 'grid', gap: 3 }}>
            {(draft.changed || draft.canRedo) && <SaveBar draft={draft} />}
            <OrderWishes draft={draft} />
          </Box>
        </InstructorOnly>
      </Box>
      <InstructorOnly>
        <Suspense>
          <CompareStyles draft={draft} />
        </Suspense>
      </InstructorOnly>
    </>
  );
}

/** What was changed is planned already; here it is kept, or given up. */
function SaveBar({ draft }: { readonly draft: OrderDraft }) {
  const { t } = useTranslation();
  const changeKit = useChangeKit();
  const [refusal, setRefusal] = useState<string>();
  const unsaid = draft.plan.broken.filter(({ reason }) => reason === null).length;
  const save = async () => {
    const refused = await changeKit({ order: draft.settings }, t('kits.stepsPage.theOrderIsSaved'));
    if (refused) setRefusal(refused.message);
    else draft.forget();
  };
  return (
    <Box
      component="section"
      aria-label={t('kits.stepsPage.changes')}
      sx={{ p: 2, background: ink('copperSoft'), display: 'grid', gap: 1 }}
    >
      <strong>
        {draft.changed ? t('kits.stepsPage.changedNotSavedYet') : t('kits.stepsPage.asItIsSaved')}
      </strong>
      {unsaid > 0 && (
        <Typography role="status" sx={{ color: ink('alarm'), fontWeight: 600 }}>
          {t('kits.stepsPage.broken', { count: unsaid })}
        </Typography>
      )}
      {refusal && <Alert severity="error">{refusal}</Alert>}
      {draft.both && (
        <Alert severity="info">
          {t('kits.stepsPage.othersAreIn')}
          {draft.both.length > 0 &&
            ` ${t('kits.stepsPage.bothChanged', { what: draft.both.join(', ') })}`}
        </Alert>
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button
          variant="contained"
          disabled={unsaid > 0 || !draft.changed}
          onClick={() => void save()}
        >
          {t('kits.stepsPage.saveTheOrder')}
        </Button>
        <Button onClick={draft.undo} disabled={!draft.canUndo}>
          {t('kits.stepsPage.undo')}
        </Button>
        <Button onClick={draft.redo} disabled={!draft.canRedo}>
          {t('kits.stepsPage.doAgain')}
        </Button>
        <Button onClick={draft.discard}>{t('kits.stepsPage.discardAll')}</Button>
      </Box>
    </Box>
  );
}
