import type { OutWords } from '../../formats/out/words';
import { compare } from './words';

const DAY = new Intl.DateTimeFormat('ar-u-nu-latn-ca-gregory', {
  dateStyle: 'full',
  timeZone: 'UTC',
});

/** What stands in files and letters for a class that reads Arabic. */
export const outWords: OutWords = {
  language: 'ar',
  compare,
  day: (date) => DAY.format(new Date(date)),
  headings: {
    room: 'الغرفة',
    group: 'المجموعة',
    number: 'الرقم',
    name: 'الاسم الكامل',
    givenName: 'الاسم',
    familyName: 'اسم العائلة',
    role: 'الدور',
    email: 'البريد الإلكتروني',
    place: 'المكان',
    adult: 'المشرف',
    time: 'الوقت',
    link: 'الرابط',
    subject: 'الموضوع',
    text: 'النص',
  },
  role: (role) => role,
  sheets: { byGroup: 'حسب المجموعة', byName: 'حسب الاسم' },
  unnamed: (number) => `المجموعة ${number}`,
  title: (group, lineup) => `${group} · ${lineup}`,
  handout: `# {{group}}

**{{lineup}}**

{{class}} {{code}}

{{day}} {{time}}

المدة بالدقائق: {{minutes}}

المكان: {{place}}

الرابط: {{link}}

## من في هذه المجموعة

{{members}}

{{roles}}

المعلمون: {{staff}}

{{message}}

المحطات بالترتيب: {{stations}}

{{instructions}}
`,
  letter: {
    group: `Subject: {{lineup}}: المجموعة {{group}}
مرحبًا،

أنتم في المجموعة {{group}}: {{members}}.
{{message}}
{{place}}
{{link}}
`,
    lead: `Subject: {{lineup}}: أنت مسؤول عن {{group}}
مرحبًا {{lead}}،

أنت مسؤول عن المجموعة {{group}}: {{members}}.
{{message}}
{{place}}
{{link}}
`,
    each: `Subject: {{lineup}}: مجموعتك هي {{group}}
مرحبًا {{name}}،

مجموعتك هي {{group}}: {{members}}.
{{message}}
{{place}}
{{link}}
`,
  },
};
