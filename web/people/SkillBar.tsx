import Box from '@mui/material/Box';
import { useTranslation } from 'react-i18next';
import type { SkillEstimate } from '#core/learning/skillEstimates';
import { ink } from '../app/tokens.ts';
import { Glyph } from '../ui/Glyph.tsx';

/** The chance that the next step goes right, as a bar with its range, and how many steps stand behind it. */
export function SkillBar({
  estimate: { skill, chance, low, high, right, confirmed, isKnown },
  wide = false,
}: {
  readonly estimate: SkillEstimate;
  readonly wide?: boolean;
}) {
  const { t } = useTranslation();
  const [percent, from, to] = [chance, low, high].map((share) => Math.round(100 * share));
  if (right.of === 0) return <Box sx={{ color: ink('faded') }}>{t('people.skillBar.notSeen')}</Box>;
  return (
    <Box
      role="img"
      aria-label={t(isKnown ? 'people.skillBar.isKnown' : 'people.skillBar.fromStepsAndExercises', {
        name: t(`skill.${skill}.name`),
        percent,
        from,
        to,
        of: right.of,
        count: confirmed,
      })}
      sx={{ display: 'flex', alignItems: 'center', gap: 0.75, whiteSpace: 'nowrap' }}
    >
      <Box
        sx={{
          width: wide ? 90 : 56,
          height: wide ? 16 : 12,
          border: `1px solid ${ink('faded')}`,
          background: ink('sheet'),
          position: 'relative',
        }}
      >
        <Box
          sx={{
            width: `${percent}%`,
            height: '100%',
            background: ink(isKnown ? 'board' : 'copper'),
          }}
        />
        <Box
          sx={{
            position: 'absolute',
            insetInlineStart: `${from}%`,
            width: `calc(${(to ?? 0) - (from ?? 0)}% + 2px)`,
            top: 'calc(50% - 1px)',
            height: '2px',
            background: ink('ink'),
          }}
        />
      </Box>
      <span className="mono">{right.of}</span>
      {wide && <span>{t('people.skillBar.range', { percent, from, to })}</span>}
      {isKnown && <Glyph name="tick" />}
    </Box>
  );
}
