import type { OutIssue } from '../../formats/out/wayOut';
import type { OutWords } from '../../formats/out/words';
import { listNames } from './words';

const COLLATOR = new Intl.Collator('en');
const DAY = new Intl.DateTimeFormat('en-GB', { dateStyle: 'full', timeZone: 'UTC' });

/** What stands in the files themselves. */
export const outWords: OutWords = {
  language: 'en',
  compare: (one, two) => COLLATOR.compare(one, two),
  day: (date) => DAY.format(new Date(date)),
  headings: {
    room: 'room',
    group: 'group',
    number: 'number',
    name: 'name',
    givenName: 'given name',
    familyName: 'family name',
    role: 'role',
    email: 'e-mail',
    place: 'place',
    adult: 'adult',
    time: 'time',
    link: 'link',
    subject: 'subject',
    text: 'text',
  },
  role: (role) => role,
  sheets: { byGroup: 'By group', byName: 'By name' },
  unnamed: (number) => `Group ${number}`,
  title: (group, lineup) => `${group} · ${lineup}`,
  handout: `# {{group}}

**{{lineup}}**

{{class}} {{code}}

{{day}} {{time}}

{{minutes}} minutes

Where: {{place}}

Link: {{link}}

## Who is in this group

{{members}}

{{roles}}

Teachers: {{staff}}

{{message}}

Stations in turn: {{stations}}

{{instructions}}
`,
  letter: {
    group: `Subject: {{lineup}}: group {{group}}
Hello,

you are in group {{group}}: {{members}}.
{{message}}
{{place}}
{{link}}
`,
    lead: `Subject: {{lineup}}: you lead {{group}}
Hello {{lead}},

you lead group {{group}}: {{members}}.
{{message}}
{{place}}
{{link}}
`,
    each: `Subject: {{lineup}}: your group is {{group}}
Hello {{name}},

your group is {{group}}: {{members}}.
{{message}}
{{place}}
{{link}}
`,
  },
};

const braced = (names: readonly string[]): string => names.map((name) => `{{${name}}}`).join(', ');

/** Why something cannot be written, and what to do about it. */
export function outIssueSentence(issue: OutIssue): string {
  switch (issue.code) {
    case 'noGroups':
      return 'This lineup has no groups yet. Make groups first.';
    case 'needsLinkTemplate':
      return 'Links are made from a template, such as https://rooms.example.org/{group}. Give one.';
    case 'needsMoment':
      return 'A calendar needs a day, a time and a length, such as 2026-11-26, 10:00 and 40 minutes.';
    case 'badDate':
      return `There is no day "${issue.given}". Write it as year, month and day: 2026-11-26.`;
    case 'badTime':
      return `There is no time "${issue.given}". Write it as hours and minutes: 09:30.`;
    case 'badMinutes':
      return `"${issue.given}" is no length: give whole minutes from 1 to 10080.`;
    case 'malformedTemplate':
      return `The template of the links cannot be read from sign ${issue.at + 1} on. Names stand in braces, such as https://rooms.example.org/{group}.`;
    case 'notWeb':
      return 'The template of the links has to begin with https:// or http://.';
    case 'noLink':
      return `The template makes no web address for group "${issue.group}". Put {group} or {number} behind the first single slash.`;
    case 'unknownPlaceholders':
      return `The template asks for ${braced(issue.names)}, which means nothing here. There are ${braced(issue.known)}.`;
    case 'unreadableDocx':
      return 'The template is no Word document that can be read. Save it again as .docx and try once more.';
    case 'brokenPlaceholder':
      return 'A placeholder in the template is not closed, or closed twice. Write it as {{group}}.';
    case 'templateTooLarge':
      return 'The template is larger than 20 MB. Make its pictures smaller.';
    case 'wrongTemplate':
      return issue.wants === 'docx'
        ? 'Documents are made from a Word document or from text, not from a web page.'
        : 'Pages are made from a web page or from text, not from a Word document.';
  }
}

/** Names of those whom no letter reaches. */
export function unreachedSentence(names: readonly string[]): string {
  return `Without an address that mail can reach: ${listNames(names)}.`;
}
