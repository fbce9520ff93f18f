import { exactly, type Catalogue } from '../speaking';
import { activities } from './activities';
import { adults } from './adults';
import { benchEs } from './bench';
import { choosing } from './choosing';
import { clashEs } from './clash';
import { rosterEs } from './files';
import { keyMap } from './frame';
import { handoffEs } from './handoff';
import { ladder } from './ladder';
import { liveEs } from './live';
import { es } from './main';
import { prepare } from './prepare';
import { rulesEs } from './ruleTools';
import { seats } from './seats';
import { shelf } from './shelf';
import { shown } from './shown';
import { outEs } from './stage';
import { term } from './term';
import { outWords } from './waysOut';

/** Everything in Spanish: teachers are addressed as "usted", students as "tú". */
export const spanish: Catalogue = exactly({
  main: es,
  activities,
  adults,
  bench: benchEs,
  choosing,
  clash: clashEs,
  handoff: handoffEs,
  keys: keyMap,
  ladder,
  live: liveEs,
  out: outEs,
  outWords,
  prepare,
  roster: rosterEs,
  rules: rulesEs,
  seats,
  shelf,
  shown,
  term,
});
