import { say } from '.';
import { sayActivities } from './activities';
import { sayAdults } from './adults';
import { sayBench } from './bench';
import { sayChoosing } from './choosing';
import { sayClash } from './clash';
import { sayHandoff } from './handoff';
import { sayKeys } from './keys';
import { languageCalled, languageFor } from './languages';
import { sayLadder } from './ladder';
import { sayLive } from './live';
import { sayOut } from './out';
import { sayOutWords } from './outWords';
import { sayPrepare } from './prepare';
import { sayRoster } from './roster';
import { sayRules } from './rules';
import { saySeats } from './seats';
import { sayShelf } from './shelf';
import { sayShown } from './shown';
import { sayTerm } from './term';
import { showIn, speak, type Catalogue, type Language } from './speaking';

const ENGLISH: Catalogue = {
  ...{ main: say, adults: sayAdults, bench: sayBench, clash: sayClash, keys: sayKeys },
  activities: sayActivities,
  choosing: sayChoosing,
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
const LOUD: Language = {
  tag: 'xx',
  name: 'Loud',
  direction: 'ltr',
  loadShown: () => Promise.resolve({}),
  load: () =>
    Promise.resolve(
      Object.fromEntries(
        Object.entries(ENGLISH).map(([part, words]) => [part, bracketed(copy(words as object))]),
      ) as unknown as Catalogue,
    ),
};

afterEach(() => speak(null));

test('a language once loaded is spoken by every part, and English again when it is put away', async () => {
  await speak(LOUD);
  expect([
    say.frame.undoShort,
    say.recipe.sizing({ by: 'count', count: 4 }),
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
  await speak(null);
  expect(say.frame.undoShort).toBe('Undo');
});

test('a language that cannot be loaded leaves what is spoken as it is', async () => {
  const broken: Language = { ...LOUD, load: () => Promise.reject(new Error('gone')) };
  await expect(speak(broken)).rejects.toThrow('gone');
  expect(say.frame.undoShort).toBe('Undo');
});

test.each([
  [['en-US', 'xx'], null],
  [['zz', 'xx-YY'], 'xx'],
  [['yy-MM', 'xx'], 'yy-MM'],
  [['yy', 'en'], 'yy-NN'],
  [['zz'], null],
  [[], null],
])('of languages wished for (%j) the first that there is is spoken: %s', (wished, tag) => {
  const known = ['xx', 'yy-NN', 'yy-MM'].map((one) => ({ ...LOUD, tag: one }));
  expect(languageFor(wished, known)?.tag ?? null).toBe(tag);
});

test('numbers, lists and order are those of the language', () => {
  expect(say.recipe.here(1200)).toBe('1,200 here today');
  expect(say.groups.placed(1, ['Ana', 'Bo', 'Caro'])).toContain('Ana, Bo and Caro');
  expect(say.groups.sizeLabel(1)).toBe('1 student');
  expect(['Zoe', 'Ärne', 'Bo 10', 'Bo 9'].sort(say.compare)).toEqual([
    ...['Ärne', 'Bo 9', 'Bo 10', 'Zoe'],
  ]);
});

describe('what a class reads', () => {
  afterEach(() => showIn(null));

  test('is in its own language, whatever the teacher reads, and as the teacher again after', async () => {
    await speak(languageFor(['es']));
    expect([say.groups.reshuffle, sayShown.stage.break]).toEqual(['Volver a barajar', 'Descanso']);
    await showIn(languageCalled('ar'));
    expect([say.groups.reshuffle, sayShown.stage.break]).toEqual(['Volver a barajar', 'استراحة']);
    expect(sayOutWords.headings.group).toBe('المجموعة');
    await showIn(languageCalled('en'));
    expect([say.groups.reshuffle, sayShown.stage.break]).toEqual(['Volver a barajar', 'Break']);
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
  expect(say.groups.sizeLabel(1)).toBe('1 estudiante');
  expect(say.groups.placed(2, ['Ana', 'Inés'])).toContain('Ana e Inés han pasado');
  expect(say.measures.figure(50.5)).toBe('50,5');
  expect(['nube', 'ñu', 'nido', 'oso'].sort(say.compare)).toEqual(['nido', 'nube', 'ñu', 'oso']);
  expect(sayRoster.roster.takeIn(1, 2, 0)).toBe('Añadir 1 estudiante y actualizar 2 estudiantes');
});

test('of two languages wished for at once the later holds, whichever arrives first', async () => {
  const late: { arrive: () => void } = { arrive: () => undefined };
  const slow: Language = {
    ...LOUD,
    load: async () => {
      await new Promise<void>((done) => (late.arrive = done));
      return LOUD.load!();
    },
    loadShown: async () => {
      await new Promise<void>((done) => (late.arrive = done));
      return { shown: (await LOUD.load!()).shown };
    },
  };
  const speaking = speak(slow);
  await speak(null);
  late.arrive();
  await speaking;
  expect(say.frame.undoShort).toBe('Undo');
  const showing = showIn(slow);
  await showIn(null);
  late.arrive();
  await showing;
  expect(sayShown.stage.break).toBe('Break');
});
