import type { CalledBy } from '../calledBy.ts';

/** See CalledBy. */
export const diodes = {
  'bridge-rectifier': [
    'bridge rectifier',
    'rectifier bridge',
    'bruckengleichrichter',
    'gleichrichter',
    'graetz',
    'pont de diodes',
    'puente rectificador',
    'puente de diodos',
    'bruggelijkrichter',
    'diode bridge',
  ],
  'diode-axial': ['diode', 'diodo', 'gleichrichter', 'rectifier', 'schottky'],
  'diode-chip': [
    'diode',
    'schottky',
    'chip diode',
    'smd diode',
    'gleichrichter',
    'rectifier',
    'sma',
    'diodo',
  ],
  'diode-melf': ['melf', 'minimelf', 'mini-melf', 'mini melf', 'diode', 'll4148'],
  'zener-axial': [
    'zener',
    'zener diode',
    'zenerdiode',
    'z-diode',
    'z diode',
    'diode zener',
    'diodo zener',
  ],
} as const satisfies CalledBy;
