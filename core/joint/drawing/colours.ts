/** What a joint is made of, as sRGB. */
export const metal = {
  bright: '#d3d8dc',
  brightEdge: '#6d757c',
  shine: '#ffffff',
  grey: '#9b9c98',
  greyEdge: '#5e605c',
  copper: '#c98a4b',
  copperEdge: '#7c4d20',
  lead: '#b9bdc0',
  leadEdge: '#62686d',
  board: '#2c7350',
  boardCut: '#b9a877',
  boardEdge: '#5d5230',
  burnt: '#3a2613',
  dark: '#1b1712',
} as const;
