/** Colours of the drawing office by day, and of the blueprint by night. Every pair is ≥ 4.5 : 1. */
export const PAPER = {
  paper: '#F5EFE2',
  raised: '#FFFBF1',
  ink: '#1D2B36',
  soft: '#5E5D55',
  rule: '#CFC5AE',
  accent: '#B83F28',
  sea: '#1F6470',
  ochre: '#8A650E',
  plum: '#6E466A',
  slate: '#5C6770',
  skin: '#EFE6D2',
  onInk: '#FFFBF1',
  veil: 'rgba(29, 43, 54, 0.45)',
} as const;

export type Palette = Record<keyof typeof PAPER, string>;

export const BLUEPRINT: Palette = {
  paper: '#0F2438',
  raised: '#16304A',
  ink: '#DCE7EE',
  soft: '#A3B6C4',
  rule: '#35526B',
  accent: '#FF9B82',
  sea: '#7CC7D3',
  ochre: '#E0BC66',
  plum: '#D3A9CE',
  slate: '#AAB8C2',
  skin: '#1C3A56',
  onInk: '#0F2438',
  veil: 'rgba(4, 12, 20, 0.6)',
};
