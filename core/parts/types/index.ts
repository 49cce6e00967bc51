import { bipolarTransistors } from './bipolar.ts';
import { controllers } from './controllers.ts';
import { diodes } from './diodes.ts';
import { displays } from './displays.ts';
import { fieldEffectTransistors } from './fieldEffect.ts';
import { linearChips } from './linear.ts';
import { logicChips } from './logic.ts';
import { optocouplers } from './optocouplers.ts';
import { regulators } from './regulators.ts';
import { sensors } from './sensors.ts';
import { thyristors } from './thyristors.ts';
import type { PartType } from './type.ts';
import { zeners } from './zeners.ts';

/** Every type that is known by its number; a new one is a row in one of these files. */
export const partTypes: readonly PartType[] = [
  ...bipolarTransistors,
  ...fieldEffectTransistors,
  ...thyristors,
  ...diodes,
  ...zeners,
  ...regulators,
  ...linearChips,
  ...logicChips,
  ...controllers,
  ...optocouplers,
  ...sensors,
  ...displays,
];
