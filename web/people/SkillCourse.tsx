import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { masteryFrom } from '#core/learning/knowledgeTracing';
import type { SkillEstimate } from '#core/learning/skillEstimates';
import type { SkillId } from '#core/learning/skills';
import { ink } from '../app/tokens.ts';
import { useChoices } from '../app/useChoices.ts';

/** How one skill went up and down, step by step. */
export function SkillCourse({ skills }: { readonly skills: readonly SkillEstimate[] }) {
  const { t } = useTranslation();
  const [search, choose] = useChoices();
  const seen = skills.filter(({ right }) => right.of > 0);
  const shown =
    seen.find(({ skill }) => skill === search.get('skill')) ??
    [...seen].sort((a, b) => a.known - b.known)[0];
  if (!shown) return <p>{t('people.skillCourse.nothingWasSeenYet')}</p>;
  const { skill, course } = shown;
  const data = course.map((known, step) => ({ step, known: Math.round(100 * known) }));
  return (
    <>
      <TextField
        select
        size="small"
        label={t('people.skillCourse.skill')}
        value={skill}
        onChange={({ target }) => choose({ skill: target.value as SkillId })}
        sx={{ my: 1, minWidth: 260 }}
      >
        {seen.map((one) => (
          <MenuItem key={one.skill} value={one.skill}>
            {t(`skill.${one.skill}.name`)}
          </MenuItem>
        ))}
      </TextField>
      <div
        role="img"
        aria-label={t('people.skillCourse.fromToOverSteps', {
          name: t(`skill.${skill}.name`),
          known: data[0]?.known,
          known2: data.at(-1)?.known,
          count: course.length - 1,
        })}
      >
        <ResponsiveContainer width="100%" height={220}>
          <LineChart data={data} margin={{ top: 8, right: 12, bottom: 18, left: 0 }}>
            <CartesianGrid stroke={ink('line')} />
            <XAxis
              dataKey="step"
              stroke={ink('faded')}
              label={{
                value: t('people.skillCourse.stepsThatAskForIt'),
                position: 'insideBottom',
                offset: -10,
                fill: ink('faded'),
              }}
            />
            <YAxis domain={[0, 100]} unit=" %" stroke={ink('faded')} width={56} />
            <ReferenceLine
              y={100 * masteryFrom}
              stroke={ink('board')}
              strokeDasharray="6 4"
              label={{ value: 'known', position: 'insideTopLeft', fill: ink('board') }}
            />
            <Line
              type="linear"
              dataKey="known"
              stroke={ink('copper')}
              strokeWidth={2.5}
              dot={false}
              isAnimationActive={false}
            />
          </LineChart>
        </ResponsiveContainer>
      </div>
    </>
  );
}
