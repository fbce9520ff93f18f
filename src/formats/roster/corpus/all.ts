import { archives } from './archives';
import { around } from './around';
import { asides } from './asides';
import { documents } from './documents';
import { files } from './files';
import { fits } from './fits';
import { given } from './given';
import { gone } from './gone';
import { grids } from './grids';
import { headings } from './headings';
import { hurry } from './hurry';
import { joined } from './joined';
import { pages } from './pages';
import { parts } from './parts';
import { people } from './people';
import { quotes } from './quotes';
import { shapes } from './shapes';
import { signs } from './signs';
import { told } from './told';
import type { RosterCase } from './types';
import { values } from './values';

/** One file for each kind of list that a teacher has. */
export const CORPUS: Readonly<Record<string, readonly RosterCase[]>> = {
  fits,
  documents,
  shapes,
  signs,
  grids,
  joined,
  pages,
  told,
  around,
  gone,
  given,
  headings,
  hurry,
  parts,
  people,
  asides,
  values,
  quotes,
  files,
  archives,
};
