import Box from '@mui/material/Box';
import { useTranslation } from 'react-i18next';
import { plannedStepAt } from '#core/pace/againstPlan';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { totalMinutes } from '#core/pace/stepMinutes';
import { ink } from '../../app/tokens.ts';
import { stepPlaces, stepTitle } from '../../ui/partWords.ts';
import { type FloorSeat, stepNumber } from './floorSeat.ts';
import { Lane, laneColumns } from './Lane.tsx';

interface LanesProps {
  readonly steps: readonly PlannedStep[];
  readonly seats: readonly FloorSeat[];
  readonly elapsed: number;
  readonly now: Date;
  readonly selectedId: string | undefined;
  readonly select: (seatId: string | undefined) => void;
  readonly visit: (at: FloorSeat) => void;
  readonly openGrid: (seatId: string, anchor: HTMLElement) => void;
}

/** One lane a seat, along the plan's minutes; a line through all of them shows where the plan is now. */
export function Lanes({
  steps,
  seats,
  elapsed,
  now,
  selectedId,
  select,
  visit,
  openGrid,
}: LanesProps) {
  const { t } = useTranslation();
  const total = totalMinutes(steps);
  const planned = plannedStepAt(steps, elapsed);
  const share = Math.min(1, Math.max(0, elapsed / total));
  return (
    <Box sx={{ position: 'relative' }}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: laneColumns,
          gap: 1,
          alignItems: 'end',
          mb: 0.5,
        }}
      >
        <Box sx={{ color: ink('faded') }}>Seat</Box>
        <Box sx={{ position: 'relative', height: 42 }}>
          <Box
            sx={{
              position: 'absolute',
              bottom: 18,
              left: `${share * 100}%`,
              transform: `translateX(-${share * 100}%)`,
              whiteSpace: 'nowrap',
              fontWeight: 650,
              background: ink('ink'),
              color: ink('paper'),
              px: 1,
              borderRadius: '3px',
            }}
          >
            {planned
              ? `Plan now: ${stepNumber(steps, planned.id)} ${stepPlaces(planned) || stepTitle(t, planned)}`
              : elapsed < 0
                ? 'Plan: not begun'
                : 'Plan: all done'}
          </Box>
          <Box sx={{ display: 'flex', position: 'absolute', bottom: 0, left: 0, right: 0 }}>
            {steps.map((step, index) => (
              <Box
                key={step.id}
                className="mono"
                title={stepTitle(t, step)}
                sx={{
                  flex: `${step.minutes} 0 0`,
                  minWidth: 0,
                  fontSize: 12,
                  lineHeight: '16px',
                  textAlign: 'center',
                  color: ink('faded'),
                  borderLeft: `1px solid ${ink('line')}`,
                }}
              >
                {step.minutes / total > 0.028 ? index + 1 : '·'}
              </Box>
            ))}
          </Box>
        </Box>
        <Box sx={{ color: ink('faded') }}>Against plan</Box>
        <Box />
      </Box>
      <Box component="ul" aria-label="Seats" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {seats.map((at) => (
          <Lane
            key={at.seat.id}
            at={at}
            steps={steps}
            elapsed={elapsed}
            now={now}
            planShare={share}
            isSelected={at.seat.id === selectedId}
            select={select}
            visit={visit}
            openGrid={openGrid}
          />
        ))}
      </Box>
    </Box>
  );
}
