/**
 * The colors of the drawing office, by day and by night. Text and shape carry every state; color only
 * supports it.
 */
export const DAY = {
  paper: '#F6F3EC',
  sheet: '#FFFDF8',
  ink: '#1E2A36',
  pencil: '#58616C',
  rule: '#D9D3C5',
  shade: '#ECE7DB',
  signal: '#B8401F',
  brass: '#7D5F0E',
  spruce: '#2C6456',
  water: '#3B6E8F',
  glass: '#C9DAE3',
};
export const NIGHT: typeof DAY = {
  paper: '#14191F',
  sheet: '#1B222A',
  ink: '#E8E4DA',
  pencil: '#A9B1BB',
  rule: '#3A4551',
  shade: '#252E38',
  signal: '#FF8F6B',
  brass: '#E0B84C',
  spruce: '#7CC7AE',
  water: '#8CC0E0',
  glass: '#33506180',
};
