import type { CalledBy } from '../calledBy.ts';

/** See CalledBy. */
export const wires = {
  'wire-link': [
    'wire link',
    'jumper wire',
    'link',
    'drahtbrucke',
    'brucke',
    'draadbrug',
    'wire bridge',
    'strap',
  ],
  wire: [
    'schaltdraht',
    'hook-up wire',
    'hookup wire',
    'schaltlitze',
    'wire',
    'wires',
    'leads',
    'probe',
    'probes',
    'cable',
    'litze',
    'kabel',
    'draad',
    'fil',
    'flying lead',
    'lead',
  ],
} as const satisfies CalledBy;
