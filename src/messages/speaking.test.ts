import { say } from '.';
import { sayGroups } from './groups';
import { sayRecipe } from './recipe';
import { sayActivities } from './activities';
import { sayAdults } from './adults';
import { sayBench } from './bench';
import { sayChoosing } from './choosing';
import { sayClash } from './clash';
import { sayClassFiles } from './classFiles';
import { sayHandoff } from './handoff';
import { sayKeys } from './keys';
import { ENGLISH, languageCalled, languageFor } from './languages';
import { sayLineups } from './lineups';
import { sayLadder } from './ladder';
import { sayLive } from './live';
import { sayOut } from './out';
import { sayOutWords } from './outWords';
import { sayPrepare } from './prepare';
import { sayRoster } from './roster';
import { sayRules } from './rules';
import { saySeats } from './seats';
import { sayShelf } from './shelf';
import { sayShell } from './shell';
import { sayShown } from './shown';
import { sayTerm } from './term';
import { sayPictures } from './pictures';
import { sayUndoing } from './undoing';
import { showIn, speak, spokenOrder, type Catalogue, type Language, type Parts } from './speaking';

const SAID: Catalogue = {
  ...{ main: say, adults: sayAdults, bench: sayBench, clash: sayClash, keys: sayKeys },
  activities: sayActivities,
  ...{ groups: sayGroups, lineups: sayLineups, recipe: sayRecipe },
  choosing: sayChoosing,
  classFiles: sayClassFiles,
  shell: sayShell,
  ...{
    handoff: sayHandoff,
    ladder: sayLadder,
    live: sayLive,
    out: sayOut,
    outWords: sayOutWords,
    prepare: sayPrepare,
    roster: sayRoster,
    rules: sayRules,
    seats: saySeats,
    shelf: sayShelf,
    shown: sayShown,
    term: sayTerm,
    pictures: sayPictures,
    undoing: sayUndoing,
  },
};

/** Every word and sentence in brackets: a language whose words nobody could have written in. */
function bracketed(value: unknown): unknown {
  if (typeof value === 'string') return `[${value}]`;
  if (typeof value === 'function') {
    const sentence = value as (...given: unknown[]) => unknown;
    return (...given: unknown[]) => bracketed(sentence(...given));
  }
  if (Array.isArray(value)) return value.map(bracketed);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([word, one]) => [word, bracketed(one)]));
}

const copy = (of: object): object => ({ ...of });
/** How the words of a part come: at once, or when they are let. */
function loud(come: (words: object) => Promise<object> = (words) => Promise.resolve(words)): Parts {
  return Object.fromEntries(
    Object.entries(SAID).map(([part, words]) => [
      part,
      () => come(bracketed(copy(words as object)) as object),
    ]),
  ) as unknown as Parts;
}
const LOUD: Language = {
  ...{ tag: 'xx', name: 'Loud', direction: 'ltr', whole: loud(), shown: loud() },
};

afterEach(() => speak(ENGLISH));

test('a language once loaded is spoken by every part, and English again when it is put away', async () => {
  await speak(LOUD);
  expect([
    say.frame.undoShort,
    sayRecipe.sizing({ by: 'count', count: 4 }),
    sayBench.guard.title.inUse,
    sayClash.title,
    sayKeys.title,
    sayOut.stage.back,
    sayRoster.roster.unnamedColumn,
    sayRules.reason,
    sayShelf.classes,
  ]).toEqual([
    ...['[Undo]', '[4 groups]', '[This lineup is in use]', '[These rules cannot all hold]'],
    ...['[Keys]', '[Back]', '[Column {}]', '[Reason, for you alone]', '[Your classes]'],
  ]);
  await speak(ENGLISH);
  expect(say.frame.undoShort).toBe('Undo');
});

test('a language that cannot be loaded leaves what is spoken as it is', async () => {
  const broken: Language = {
    ...LOUD,
    whole: loud(() => Promise.reject(new Error('gone'))),
  };
  await expect(speak(broken)).rejects.toThrow('gone');
  expect(say.frame.undoShort).toBe('Undo');
});

test.each([
  [['en-US', 'xx'], 'en'],
  [['zz', 'xx-YY'], 'xx'],
  [['yy-MM', 'xx'], 'yy-MM'],
  [['yy', 'en'], 'yy-NN'],
  [['zz'], 'en'],
  [[], 'en'],
])('of languages wished for (%j) the first that there is is spoken: %s', (wished, tag) => {
  const known = ['xx', 'yy-NN', 'yy-MM'].map((one) => ({ ...LOUD, tag: one }));
  expect(languageFor(wished, known).tag).toBe(tag);
});

test('numbers, lists and order are those of the language', () => {
  expect(sayRecipe.here(1200)).toBe('1,200 here today');
  expect(sayGroups.placed(1, ['Ana', 'Bo', 'Caro'])).toContain('Ana, Bo and Caro');
  expect(sayGroups.sizeLabel(1)).toBe('1 student');
  expect(['Zoe', 'Ärne', 'Bo 10', 'Bo 9'].sort(spokenOrder)).toEqual([
    ...['Ärne', 'Bo 9', 'Bo 10', 'Zoe'],
  ]);
});

describe('what a class reads', () => {
  afterEach(() => showIn(null));

  test('is in its own language, whatever the teacher reads, and as the teacher again after', async () => {
    await speak(languageFor(['es']));
    expect([sayGroups.reshuffle, sayShown.stage.break]).toEqual(['Volver a barajar', 'Descanso']);
    await showIn(languageCalled('ar'));
    expect([sayGroups.reshuffle, sayShown.stage.break]).toEqual(['Volver a barajar', 'استراحة']);
    expect(sayOutWords.headings.group).toBe('المجموعة');
    await showIn(languageCalled('en'));
    expect([sayGroups.reshuffle, sayShown.stage.break]).toEqual(['Volver a barajar', 'Break']);
    await showIn(null);
    expect(sayShown.stage.break).toBe('Descanso');
  });

  test('counts as Arabic does: one, two, a few, many, and hundreds each in their own form', async () => {
    await showIn(languageCalled('ar'));
    expect([1, 2, 5, 11, 100].map(sayChoosing.minutes)).toEqual([
      ...['دقيقة واحدة', 'دقيقتان', '5 دقائق', '11 دقيقة', '100 دقيقة'],
    ]);
    expect([0, 1, 2, 7].map(sayChoosing.left)).toEqual([
      ...['لم يبقَ مكان', 'بقي مكان واحد', 'بقي مكانان', '7 أماكن متبقية'],
    ]);
  });
});

test('Spanish counts, lists, orders and points as Spanish does', async () => {
  await speak(languageFor(['es-MX']));
  expect(sayGroups.sizeLabel(1)).toBe('1 estudiante');
  expect(sayGroups.placed(2, ['Ana', 'Inés'])).toContain('Ana e Inés han pasado');
  expect(sayGroups.measures.figure(50.5)).toBe('50,5');
  expect(['nube', 'ñu', 'nido', 'oso'].sort(spokenOrder)).toEqual(['nido', 'nube', 'ñu', 'oso']);
  expect(sayRoster.roster.takeIn(1, 2, 0, 0)).toBe(
    'Añadir 1 estudiante y actualizar 2 estudiantes',
  );
});

test('of two languages wished for at once the later holds, whichever arrives first', async () => {
  const late: (() => void)[] = [];
  const slowly = loud(async (words) => {
    await new Promise<void>((done) => late.push(done));
    return words;
  });
  const slow: Language = { ...LOUD, whole: slowly, shown: slowly };
  const speaking = speak(slow);
  await speak(ENGLISH);
  late.forEach((arrive) => arrive());
  await speaking;
  expect(say.frame.undoShort).toBe('Undo');
  const showing = showIn(slow);
  await showIn(null);
  late.forEach((arrive) => arrive());
  await showing;
  expect(sayShown.stage.break).toBe('Break');
});

/** As in a browser, where no words are at hand. */
describe('words that come by themselves', () => {
  /** A fresh copy, in which nobody has spoken yet. */
  const fresh = async () => {
    jest.resetModules();
    return import('./speaking');
  };
  /** What a view waits for, or what it says. */
  const attempt = (read: () => unknown): unknown => {
    try {
      return read();
    } catch (thrown) {
      return thrown;
    }
  };

  test('are waited for by whoever says them, and come with the first language that is spoken', async () => {
    const { part, speak: speakFresh, untilWords } = await fresh();
    const term = part('term', null);
    const waiting = attempt(() => term.title);
    expect([waiting, attempt(untilWords)]).toEqual([expect.any(Promise), expect.any(Promise)]);
    await speakFresh(LOUD);
    await waiting;
    expect([term.title, attempt(untilWords)]).toEqual([`[${sayTerm.title}]`, undefined]);
  });

  test('of a part that is loaded later come in the language spoken by then', async () => {
    const { part, speak: speakFresh, withWords } = await fresh();
    part('main', null);
    await speakFresh(languageFor(['es']));
    const { late } = await withWords(Promise.resolve().then(() => ({ late: part('term', null) })));
    expect(late.title).toBe((await languageFor(['es']).whole!.term()).title);
  });

  test('that do not come are told once, and asked for again after', async () => {
    const { part, speak: speakFresh, untilWords } = await fresh();
    let broken = true;
    const parts = loud((words) =>
      broken ? Promise.reject(new Error('no network')) : Promise.resolve(words),
    );
    await speakFresh({ ...LOUD, whole: parts });
    const seats = part('seats', null);
    const waiting = attempt(() => seats.page);
    await expect(waiting).rejects.toThrow('no network');
    expect(attempt(untilWords)).toEqual(new Error('no network'));
    broken = false;
    await attempt(untilWords);
    expect(seats.page).toBe(`[${saySeats.page}]`);
  });

  test('are there for a class and its teacher both, when the class reads another language', async () => {
    const { part, showIn: showFresh, speak: speakFresh, wordsHere } = await fresh();
    await speakFresh(ENGLISH);
    await showFresh(languageCalled('ar'));
    const shown = part('shown', null);
    await wordsHere();
    expect(shown.stage.break).toBe('استراحة');
    await showFresh(null);
    expect(shown.stage.break).toBe('Break');
  });
});
