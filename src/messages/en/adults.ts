import { count, listNames } from './words';

/** What the view of adults and times says. */
export const adults = {
  page: 'Adults',
  title: 'Who leads which group',
  back: 'Back to the groups',
  none: 'Adults lead or help groups at the times they can. Name them and their times, then give every group somebody.',
  adults: 'Adults and when they can',
  name: 'Name of the adult',
  add: 'Add an adult',
  fromStaff: (names: readonly string[]) =>
    names.length > 3
      ? `Add all ${names.length} of the staff`
      : `Add ${listNames(names)} from the staff`,
  email: (name: string) => `Address of ${name}`,
  noAddress: 'no address',
  remove: (name: string) => `Remove ${name}`,
  removed: (name: string) => `${name} was removed; their groups have no adult now.`,
  time: 'Name of the time, such as Tue 13:30-14:10',
  addTime: 'Add a time',
  renameTime: 'Name of the time',
  removeTime: (name: string) => `Remove the time ${name}`,
  removedTime: (name: string) => `${name} was removed; nobody meets then now.`,
  days: ['Sundays', 'Mondays', 'Tuesdays', 'Wednesdays', 'Thursdays', 'Fridays', 'Saturdays'],
  hours: (day: string | null, from: string | null, to: string | null) =>
    [day, from === null ? null : to === null ? `from ${from}` : `${from}–${to}`]
      .filter((one) => one !== null)
      .join(', '),
  can: (name: string, time: string) => `${name} can: ${time}`,
  noTime: 'no time yet: gets no group',
  atOnce: 'at once',
  atOnceOf: (name: string) => `Groups that ${name} leads at once`,
  teaches: 'teaches',
  teachesOf: (name: string, skills: readonly string[]) =>
    `${name} teaches: ${skills.length === 0 ? 'everything' : listNames(skills)}`,
  teachesShort: (skills: number) => (skills === 0 ? 'everything' : count(skills, 'skill')),
  teachesHint: 'Nothing chosen means everything.',
  noSkills: 'The class has no ladder yet.',
  never: 'not with',
  neverOf: (name: string, students: readonly string[]) =>
    `${name} leads no group with: ${students.length === 0 ? 'nobody named' : listNames(students)}`,
  neverShort: (students: number) => (students === 0 ? 'anybody' : count(students, 'student')),
  neverHint: 'Quiet: this stands nowhere but here.',
  neverAdd: 'Somebody they do not lead',
  neverDrop: (name: string) => `Let them lead ${name} after all`,
  room: 'room',
  roomOf: (name: string) => `Room of ${name}`,
  noRoom: 'no room',
  groups: (lineup: string) => `The groups of ${lineup}`,
  noGroups: 'There are no groups yet. Make them first; then each gets an adult and a time.',
  toGroups: 'Make groups',
  meetAt: (times: readonly string[] | null) =>
    times === null ? 'May meet at any time' : `May meet at ${listNames(times)}`,
  meetAtLabel: 'Times at which these groups may meet',
  give: 'Give every group an adult',
  giveAgain: 'Give adults anew',
  given: (groups: number, without: number) =>
    without === 0
      ? `${groups === 1 ? 'The group has' : `All ${groups} groups have`} an adult.`
      : `${count(groups - without, 'group')} of ${groups} have an adult.`,
  clear: 'Take all back',
  cleared: 'No group has an adult now; what was held stays.',
  group: 'Group',
  works: 'works on',
  when: 'when',
  who: 'adult',
  whenOf: (group: string) => `When ${group} meets`,
  whoOf: (group: string) => `Who leads ${group}`,
  nobody: 'nobody yet',
  noTimeYet: 'no time',
  hold: (group: string) => `Hold ${group} as it is when adults are given anew`,
  with: (name: string, troubles: readonly string[]) =>
    troubles.length === 0 ? name : `${name} (${troubles.join('; ')})`,
  trouble: {
    cannotThen: 'cannot then',
    tooMany: (given: number, atOnce: number) =>
      `${count(given, 'group')} at once, and leads ${atOnce}`,
    never: (names: readonly string[]) => `not with ${listNames(names)}`,
    notTaught: (skills: readonly string[]) => `does not teach ${listNames(skills)}`,
  },
  short: (groups: readonly string[], adults: readonly string[], missing: number) =>
    adults.length === 0
      ? `Nobody can lead ${listNames(groups)}.`
      : `${listNames(groups)} can only have ${listNames(adults)}, at the times they have: ${count(missing, 'group')} must do without.`,
  impossible: (group: string) => `Nobody may lead ${group} at a time at which it can meet.`,
  wayOut: 'What would be enough',
  change: {
    time: (adult: string, time: string) => `${adult} also comes at ${time}.`,
    atOnce: (adult: string) => `${adult} leads one group more at once.`,
    letLead: (adult: string, students: readonly string[]) =>
      `${adult} may lead ${listNames(students)} after all.`,
  },
  fewer: (groups: number) =>
    `Or ${groups === 1 ? 'one group' : `${groups} groups`} fewer: larger groups need fewer adults.`,
  doThat: 'Do that, and give adults anew',
  noWayOut: 'No few changes of times would be enough.',
  timetable: 'Timetable',
  timetableOf: { adult: 'by adult', group: 'by group' },
  timetableBy: 'Timetable',
  at: (group: string, room: string) => (room === '' ? group : `${group}, ${room}`),
  print: 'Print',
  saveCsv: 'a table (CSV)',
  saveCalendar: 'a calendar',
  out: 'The timetable as',
  from: 'From',
  weeks: 'Weeks',
  weeksLess: 'One week less',
  weeksMore: 'One week more',
  weeksRange: (most: number) => `Between 1 and ${most} weeks.`,
  notInCalendar: (times: readonly string[]) =>
    `${listNames(times)} ${times.length === 1 ? 'has' : 'have'} no day, and ${times.length === 1 ? 'is' : 'are'} not in the calendar.`,
  fileName: (className: string, lineup: string) => `${className}, ${lineup}, timetable`,
  saved: {
    adult: 'adult',
    period: 'time',
    group: 'group',
    room: 'room',
    skills: 'works on',
    students: 'students',
  },
};
