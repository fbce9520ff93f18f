import type { RosterWarning, Skipped } from '../types';
import { withoutAsides } from './asides';
import {
  withAnswers,
  withCodes,
  withCrosses,
  withFigures,
  withGroupsBehind,
  withoutSaid,
  withoutSaidBelow,
  withSome,
  withWords,
} from './behind';
import { withoutTalk, withoutWords } from './chats';
import { withoutCommands, withoutDeeds, withoutTallies } from './deeds';
import { withGone } from './gone';
import {
  countedHeads,
  groupsOnOneLine,
  groupsWithNumbers,
  headed,
  headedBlocks,
  ledHeads,
  marginHeads,
  namedHeads,
  numberedHeads,
  saidGroups,
  shoutedHeads,
  signedGroups,
  withHours,
  withPlainLabel,
} from './heads';
import { interleaved } from './interleaved';
import {
  familyOver,
  halvesOver,
  joinBroken,
  joinedAddresses,
  joinedFacts,
  joinedWraps,
  rolesBelow,
  togetherWith,
} from './joining';
import { filledOf, type Line, type Tidied, type Told } from './lines';
import { withoutNotes } from './notes';
import {
  countedOnOneLine,
  listedHeads,
  ruledHeads,
  singleHeads,
  taughtHeads,
  withoutUnderscores,
} from './setOff';
import { withStaff } from './staffHeads';
import {
  familyFirst,
  spelledOut,
  withAsked,
  withAway,
  withFamilies,
  withNicknames,
  withoutCount,
  withoutCounting,
  withoutFileEnds,
  withoutHello,
  withoutLabels,
  withoutLastAnd,
  withoutLetters,
  withoutPersonWord,
  withoutRefrain,
  withoutRunning,
  withoutSentence,
  withoutSignature,
  withoutStops,
  withoutWishes,
  withoutWordsAround,
  withOne,
  withRemarkBefore,
} from './tidying';
import { withCommas, withHandles, withLabelledNotes } from './written';

type Step = (all: readonly Line[]) => Tidied;

/** A step that only writes lines otherwise. */
const only =
  (change: (all: readonly Line[]) => readonly Line[]): Step =>
  (all) => ({ lines: change(all), skipped: [] });

const each = (change: (one: Line) => Line): Step => only((all) => all.map(change));

/** What is done to the lines of a list before names are taken from them, in this order: a new step is a line here. */
const STEPS: readonly Step[] = [
  withoutCommands,
  withoutHello,
  withoutSignature,
  withoutWordsAround,
  only(withOne),
  only(withoutRunning),
  only(withoutUnderscores),
  only((all) => all.flatMap(countedOnOneLine)),
  withoutCounting,
  withoutFileEnds,
  only(withoutStops),
  only(withHandles),
  only(withCommas),
  only(withLabelledNotes),
  only(withoutLastAnd),
  only(spelledOut),
  withoutTalk,
  withoutWords,
  interleaved,
  rolesBelow,
  only(joinedAddresses),
  only(joinedWraps),
  only(familyOver),
  only(halvesOver),
  togetherWith,
  joinedFacts,
  withoutNotes,
  withoutLetters,
  withoutPersonWord,
  withoutRefrain,
  withoutDeeds,
  withoutTallies,
  withGone,
  withStaff,
  withoutWishes,
  withoutSaid,
  withoutSaidBelow,
  withFigures,
  withWords,
  withCodes,
  withAnswers,
  each(withAsked),
  each(withHours),
  each(withPlainLabel),
  only(groupsWithNumbers),
  only(countedHeads),
  only(ruledHeads),
  taughtHeads,
  only(marginHeads),
  only(shoutedHeads),
  only(singleHeads),
  only(listedHeads),
  only(numberedHeads),
  ledHeads,
  only(namedHeads),
  each(withoutCount),
  withCrosses,
  withGroupsBehind,
  withSome,
  only((all) => all.flatMap(groupsOnOneLine)),
  withAway,
  withoutLabels,
  only(saidGroups),
  withoutSentence,
  only(signedGroups),
  each(withNicknames),
  each(withRemarkBefore),
  only(headed),
  only(familyFirst),
  only(withFamilies),
  only(headedBlocks),
  only(filledOf),
  withoutAsides,
  only(joinBroken),
];

/** The lines of a list after every step, with all that was taken from them, asked and told on the way. */
export function tidied(all: readonly Line[]): {
  readonly lines: readonly Line[];
  readonly skipped: readonly Skipped[];
  readonly warnings: readonly RosterWarning[];
  readonly told: readonly Told[];
} {
  let lines = all;
  const skipped: Skipped[] = [];
  const warnings: RosterWarning[] = [];
  const told: Told[] = [];
  for (const step of STEPS) {
    const done = step(lines);
    lines = done.lines;
    skipped.push(...done.skipped);
    warnings.push(...(done.warnings ?? []));
    if (done.told && done.told.of.size > 0) told.push(done.told);
  }
  return { lines, skipped, warnings, told };
}
