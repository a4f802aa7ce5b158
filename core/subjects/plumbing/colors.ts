import type { Color } from './fields.js';

/** The colors of handles and labels as they are painted; the label beside them says the same in words. */
export const COLOR_HEX: Readonly<Record<Color, string>> = {
  red: '#c0392b',
  white: '#ffffff',
  yellow: '#f2c531',
  blue: '#2a5fa8',
  green: '#2e8b57',
  orange: '#e07b28',
  black: '#16191d',
  gray: '#8b9198',
  brown: '#6b4529',
  tan: '#c9a978',
  pink: '#e89bb4',
  purple: '#6f4b9b',
  lightBlue: '#8fc1e3',
  lightGreen: '#a5d49a',
  silver: '#cfd4d9',
  maroon: '#74202c',
};
