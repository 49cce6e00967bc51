import type { Body } from '../../body.ts';

// Bodies that transistors, regulators and field-effect transistors share.

export const to92: Body = {
  shape: 'half-round',
  lengthMm: 4.6,
  widthMm: 3.6,
  heightMm: 8,
  leadMm: 2.54,
  colour: '#2a2a2c',
  source: 'TO-92 body 4.8 mm high, 3 mm of lead below it, from memory of the JEDEC outline',
};

export const to220: Body = {
  shape: 'tab',
  lengthMm: 10,
  widthMm: 4.5,
  heightMm: 19,
  leadMm: 5.08,
  colour: '#2a2a2c',
  source: 'TO-220 body 10 x 4.5 mm, 3.5 mm of lead below it, from memory of the JEDEC outline',
};

export const sot23: Body = {
  shape: 'sot',
  lengthMm: 2.9,
  widthMm: 1.3,
  heightMm: 1,
  colour: '#2a2a2c',
  source: 'SOT-23 body 2.9 x 1.3 mm, from memory of the JEDEC outline',
};

export const to3: Body = {
  shape: 'flange',
  lengthMm: 39,
  widthMm: 26,
  heightMm: 9,
  leadMm: 10.9,
  colour: '#cfd3d6',
  source: 'TO-3 case 39 x 26 mm, pins 10.9 mm apart, from memory of the JEDEC outline',
};
