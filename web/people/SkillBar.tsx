import Box from '@mui/material/Box';
import { useTranslation } from 'react-i18next';
import type { SkillEstimate } from '#core/learning/skillEstimates';
import { ink } from '../app/tokens.ts';
import { Glyph } from '../ui/Glyph.tsx';

/** The chance that a skill is known, as a bar, with how many steps stand behind it. */
export function SkillBar({
  estimate: { skill, known, right, confirmed, isKnown },
  wide = false,
}: {
  readonly estimate: SkillEstimate;
  readonly wide?: boolean;
}) {
  const { t } = useTranslation();
  const percent = Math.round(100 * known);
  if (right.of === 0) return <Box sx={{ color: ink('faded') }}>{t('people.skillBar.notSeen')}</Box>;
  return (
    <Box
      role="img"
      aria-label={t(isKnown ? 'people.skillBar.isKnown' : 'people.skillBar.fromStepsAndExercises', {
        name: t(`skill.${skill}.name`),
        percent,
        of: right.of,
        count: confirmed,
      })}
      sx={{ display: 'flex', alignItems: 'center', gap: 0.75, whiteSpace: 'nowrap' }}
    >
      <Box
        sx={{
          width: wide ? 120 : 56,
          height: wide ? 16 : 12,
          border: `1px solid ${ink('faded')}`,
          background: ink('sheet'),
        }}
      >
        <Box
          sx={{
            width: `${percent}%`,
            height: '100%',
            background: ink(isKnown ? 'board' : 'copper'),
          }}
        />
      </Box>
      <span className="mono">{right.of}</span>
      {isKnown && <Glyph name="tick" />}
    </Box>
  );
}
