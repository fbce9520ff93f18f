import type { ChoiceRefusal } from '../../services/seats/contract';
import { clockTime, count, listNames, MINUTES, SECONDS, type Counted } from './words';

const PLACES: Counted = {
  none: 'لم يبقَ مكان',
  one: 'بقي مكان واحد',
  two: 'بقي مكانان',
  few: 'أماكن متبقية',
  many: 'مكانًا متبقيًا',
  other: 'مكان متبقٍّ',
};
const PEOPLE: Counted = {
  none: 'لا أحد',
  one: 'شخص واحد',
  two: 'شخصين',
  few: 'أشخاص',
  many: 'شخصًا',
  other: 'شخص',
};
const TOPICS: Counted = {
  none: 'لا موضوع',
  one: 'موضوع واحد',
  two: 'موضوعين',
  few: 'مواضيع',
  many: 'موضوعًا',
  other: 'موضوع',
};

/** What students read where they choose. */
export const choosing = {
  page: 'اختر مجموعتك',
  wait: 'لحظة من فضلك…',
  none: 'لا يوجد هنا ما تختاره. تحقّق من العنوان المكتوب على قصاصتك: ربما فيه خطأ، أو أن الاختيار قد انتهى.',
  silent: 'لا يوجد رد الآن. ستُعاد المحاولة تلقائيًا؛ اترك هذه الصفحة مفتوحة.',
  who: 'من أنت؟',
  find: 'ابحث عن اسمك',
  nobody: 'لا أحد هنا بهذا الاسم.',
  notMe: 'لست أنا',
  pin: 'الرقم السري على قصاصتك',
  enter: 'دخول',
  wrong: 'هذا الرقم السري لا يخص هذا الاسم. انظر إلى قصاصتك مرة أخرى.',
  locked: (seconds: number) =>
    `كانت المحاولات كثيرة. انتظر ${count(seconds, SECONDS)}، أو اسأل معلمك.`,
  entryLost: 'لم يصل رد. حاول مرة أخرى بعد لحظة.',
  outAgain: 'تغيّرت قصاصتك، أو انتهى الاختيار. ادخل من جديد.',
  clock: clockTime,
  leave: 'لست أنت؟',
  openUntil: (clock: string, left: string) => `مفتوح حتى ${clock}، والوقت المتبقي: ${left}`,
  open: 'مفتوح الآن',
  paused: 'أوقف معلمك الاختيار للحظة. ما اخترته يبقى لك.',
  over: 'انتهى الاختيار.',
  minutes: (minutes: number) => count(minutes, MINUTES),
  seconds: (seconds: number) => count(seconds, SECONDS),
  lost: 'انقطع الاتصال. سيعود تلقائيًا؛ وما اخترته يبقى لك.',
  sits: (group: string) => `أنت في ${group}`,
  leads: 'كنت أول من جلس، فأنت المسؤول عن المجموعة.',
  sitsNowhere: 'ليس لك مكان بعد. اختر مكانًا.',
  fixed: 'ما اخترته يبقى كما هو.',
  noPlace: 'لم يبقَ مكان تختاره. سيحدد لك معلمك مكانًا.',
  placed: 'سيحدد لك معلمك مكانًا.',
  left: (left: number) => count(left, PLACES),
  places: 'توجد أماكن',
  taken: 'مكتملة',
  with: (names: readonly string[]) => `مع ${listNames(names)}`,
  sit: 'اجلس هنا',
  sitIn: (group: string) => `اجلس في ${group}`,
  yours: 'مكانك',
  stand: 'اترك هذا المكان',
  topics: 'المجموعات',
  asking: 'جارٍ السؤال…',
  done: (group: string | null) => (group === null ? 'تركت مكانك.' : `أنت الآن في ${group}.`),
  refused: (why: ChoiceRefusal | 'lost' | 'token', group: string, has: string | null): string => {
    const kept = has === null ? 'اختر مكانًا آخر.' : `ما زلت في ${has}.`;
    const words: Record<ChoiceRefusal | 'lost' | 'token', string> = {
      taken: `اكتملت ${group}. ${kept}`,
      fixed: 'ما اخترته يبقى كما هو.',
      paused: `أوقف معلمك الاختيار للحظة. ${kept}`,
      closed: 'انتهى الاختيار، ووصل هذا متأخرًا.',
      unknown: `هذا غير ممكن. ${kept}`,
      wait: 'لم يتغيّر شيء: لم تُجب شاشة معلمك. حاول مرة أخرى بعد لحظة.',
      lost: 'لم يصل رد. المعتمد هو ما تراه أدناه؛ حاول مرة أخرى.',
      token: 'تغيّرت قصاصتك. ادخل من جديد.',
    };
    return words[why];
  },
  partners: (most: number) =>
    `سمِّ حتى ${count(most, PEOPLE)} ممن تود العمل معهم. لا يرى ذلك إلا معلمك.`,
  ranks: (most: number) => `رتّب حتى ${count(most, TOPICS)}، وابدأ بما تفضله. لا يرى ذلك إلا معلمك.`,
  mine: 'ما سمّيته',
  nothing: 'لا شيء بعد.',
  others: 'كل المتاح',
  name: 'اختيار',
  nameOne: (name: string) => `اختيار ${name}`,
  drop: 'حذف',
  dropOne: (name: string) => `حذف ${name}`,
  up: 'تقديم',
  upOne: (name: string) => `تقديم ${name}`,
  kept: 'وصل إلى معلمك.',
  full: (most: number) => `هذه ${most}. احذف واحدًا لتختار غيره.`,
};
