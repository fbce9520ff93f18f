import { benchBounds } from './bounds';
import {
  benchCourses,
  benchEveryday,
  benchHard,
  benchInfeasible,
  benchLateInTerm,
  benchScale,
  benchTight,
} from './engine';
import { benchExact } from './exact';
import { benchLeads } from './leads';
import { benchNeeds } from './needs';
import { benchPartition } from './partition';
import { benchRoster } from './roster';
import { benchMixedRounds, benchRounds } from './rounds';
import { benchSeats } from './seats';
import { benchSeries } from './series';
import { benchServices } from './services';
import { benchStations } from './stations';

const PARTS: Readonly<Record<string, () => void | Promise<void>>> = {
  roster: benchRoster,
  everyday: benchEveryday,
  bounds: benchBounds,
  term: benchLateInTerm,
  hard: benchHard,
  tight: benchTight,
  courses: benchCourses,
  infeasible: benchInfeasible,
  scale: benchScale,
  needs: benchNeeds,
  leads: benchLeads,
  rounds: benchRounds,
  mixedRounds: benchMixedRounds,
  stations: benchStations,
  series: benchSeries,
  services: benchServices,
  seats: benchSeats,
  exact: benchExact,
  partition: benchPartition,
};

/** Runs the named parts, all of them where none is named. */
export async function main(names: readonly string[]): Promise<void> {
  for (const [name, run] of Object.entries(PARTS)) {
    if (names.length === 0 || names.includes(name)) await run();
  }
}
