/**
 * Every colour of Gruppetto, by what it is for. Text tones reach 4.5:1 on paper and on card (WCAG 2.2, 1.4.3);
 * apricot is a ground and never text.
 */
export interface Tones {
  readonly paper: string;
  readonly card: string;
  readonly shade: string;
  readonly ink: string;
  readonly softInk: string;
  readonly line: string;
  readonly edge: string;
  readonly plum: string;
  readonly plumDeep: string;
  readonly plumWash: string;
  readonly onPlum: string;
  readonly apricot: string;
  readonly apricotWash: string;
  readonly onApricot: string;
  readonly moss: string;
  readonly mossWash: string;
  readonly brick: string;
  readonly brickWash: string;
  readonly slate: string;
  readonly slateWash: string;
  readonly rail: string;
  readonly onRail: string;
  readonly softOnRail: string;
}

export const LIGHT: Tones = {
  paper: '#FBF7F0',
  card: '#FFFDF8',
  shade: '#F4EDE0',
  ink: '#22202B',
  softInk: '#5D5867',
  line: '#E3DAC9',
  edge: '#8B8376',
  plum: '#5B2A4E',
  plumDeep: '#45203B',
  plumWash: '#F3E8EF',
  onPlum: '#FFFDF8',
  apricot: '#F0A35B',
  apricotWash: '#FCEAD7',
  onApricot: '#22202B',
  moss: '#41693F',
  mossWash: '#E4EEE1',
  brick: '#A53A28',
  brickWash: '#F8E4DE',
  slate: '#3F5F7F',
  slateWash: '#E2EAF2',
  rail: '#22202B',
  onRail: '#FBF7F0',
  softOnRail: '#C9C2CF',
};

export const DARK: Tones = {
  paper: '#1A1820',
  card: '#24212C',
  shade: '#211E28',
  ink: '#F3EDE3',
  softInk: '#BDB5C0',
  line: '#3A3543',
  edge: '#857D8D',
  plum: '#DDAED0',
  plumDeep: '#EBC9E1',
  plumWash: '#3A2836',
  onPlum: '#2B1325',
  apricot: '#F0A35B',
  apricotWash: '#43311F',
  onApricot: '#22202B',
  moss: '#98C79A',
  mossWash: '#24342A',
  brick: '#F29A88',
  brickWash: '#44261F',
  slate: '#A5C3E2',
  slateWash: '#25313E',
  rail: '#121017',
  onRail: '#F3EDE3',
  softOnRail: '#B7AFBD',
};

/** A high-legibility face for names and all else. */
export const TEXT_FACE = '"Atkinson Hyperlegible Next Variable", system-ui, sans-serif';
