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
import { knownFrom } from '#core/learning/ability';
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
    [...seen].sort((a, b) => a.chance - b.chance)[0];
  if (!shown) return <p>{t('people.skillCourse.nothingWasSeenYet')}</p>;
  const { skill, course } = shown;
  const data = course.map((chance, step) => ({ step, chance: Math.round(100 * chance) }));
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
          from: data[0]?.chance,
          to: data.at(-1)?.chance,
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
              y={100 * knownFrom}
              stroke={ink('board')}
              strokeDasharray="6 4"
              label={{
                value: t('people.skillCourse.known'),
                position: 'insideTopLeft',
                fill: ink('board'),
              }}
            />
            <Line
              type="linear"
              dataKey="chance"
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
