import { count } from './words';

export const shelf = {
  first: 'Make your first class:',
  another: 'Make another class:',
  example: 'its name',
  unnamed: 'New class',
  make: 'Make the class',
  nameLabel: 'Name of the class',
  classes: 'Your classes',
  students: (number: number) => count(number, 'student'),
  lineups: (number: number) => count(number, 'lineup'),
  last: (name: string) => `open: ${name}`,
  rename: (name: string) => `Rename ${name}`,
  remove: (name: string) => `Delete ${name}`,
  deleted: (name: string) => `${name} was deleted with its lineups.`,
  promise:
    'Names and groups stay in this browser and in the files you save. Nothing is sent anywhere.',
};

export const lineups = {
  none: 'No lineup',
  nameLabel: 'Name of the lineup',
  make: 'New lineup',
  rename: 'Rename this lineup',
  remove: (name: string) => `Delete ${name}`,
  deleted: (name: string) => `${name} was deleted with its takes.`,
  state: { draft: 'draft', inUse: 'in use', retired: 'retired' },
};
