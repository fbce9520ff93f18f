import { clockFigures } from '../clockFigures';
import { compare, count, figure, MINUTES, SECONDS } from './words';

/** What the class reads, in Arabic. */
export const shown = {
  language: 'ar',
  compare,
  stage: {
    nothing: 'لا يوجد توزيع بعد',
    empty: 'ستظهر المجموعات هنا فور تكوينها.',
    groups: 'المجموعات',
    instructions: 'التعليمات',
    byName: 'حسب الاسم',
    stations: 'المحطات',
    jigsaw: 'الخبراء',
    lead: 'المسؤول',
    openPlace: (host: string) => `فتح ${host}`,
    letters: 'الانتقال إلى حرف',
    page: (page: number, pages: number) => `صفحة ${page} من ${pages}`,
    turn: (turn: number, turns: number) => `الدور ${turn} من ${turns}`,
    station: (number: number) => `المحطة ${number}`,
    break: 'استراحة',
    noStations: 'لم تُخطَّط محطات لهذه المجموعات.',
    sides: {
      home: 'المجموعات الأصلية: اذهبوا إلى مجموعات الخبراء',
      experts: 'مجموعات الخبراء: عودوا إلى مجموعاتكم الأصلية',
    },
    noExperts: 'لم تُكوَّن مجموعات خبراء لهذه المجموعات.',
    clock: {
      none: 'لم يُحدَّد وقت.',
      figures: clockFigures,
      still: 'متوقفة',
      warning: 'أوشك الوقت على الانتهاء',
      over: 'انتهى الوقت',
    },
    pick: {
      none: 'من سيكون؟',
      left: (left: number, of: number) =>
        left === of ? `لم يأتِ دور أحد بعد، من ${of}.` : `بقي ${left} من ${of}.`,
    },
  },
  paper: {
    turn: (number: number) => `الدور ${number}`,
    group: 'المجموعة',
    break: 'استراحة',
    notes: 'ملاحظات',
    fold: 'اطوِ هنا',
    codeOf: (what: string) => `رمز فيه ${what}`,
    codeHint: 'يقرأ الهاتف النص من الرمز نفسه، ولا يُرفع شيء إلى أي مكان.',
    list: 'القائمة كاملة حسب الاسم',
    tooLong: (what: string) =>
      `${what}: النص أطول من أن يتسع له رمز واحد. رموز المجموعات المنفردة تحمل نصًّا أقل.`,
  },
  seats: {
    over: 'انتهى الاختيار',
    addressLabel: 'رمز للهاتف: العنوان',
    pin: 'اختر اسمك واكتب الرقم السري الموجود على قصاصتك، أو صوّر الرمز المطبوع عليها.',
    isPaused: 'متوقف مؤقتًا',
    isOpen: 'مفتوح',
    left: (left: string) => `الوقت المتبقي: ${left}`,
    minutes: (minutes: number) => count(minutes, MINUTES),
    seconds: (seconds: number) => count(seconds, SECONDS),
    places: (taken: number, all: number) => `${taken} من ${all} لديهم مكان`,
    answered: (answered: number, all: number) => `أجاب ${answered} من ${all}.`,
    slipPin: (pin: string) => `الرقم السري ${pin}`,
    slipCode: (name: string) => `الرمز الشخصي: ${name}`,
  },
  marks: {
    mark: (points: number, most: number) => `${figure(points)} من ${figure(most)}`,
    late: (points: number) => `خُصم ${figure(points)} بسبب التأخر`,
    criterion: (name: string, points: number, most: number) =>
      `${name}: ${figure(points)} من ${figure(most)}`,
    none: 'لا توجد درجة بعد.',
    excused: 'بعذر.',
    absent: 'غياب: 0.',
  },
};
