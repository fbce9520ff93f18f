import { count } from './words';

export const commandLine = {
  usage: `Usage:
  gruppetto arrange REQUEST.json RESULT.json [--effort quick|normal|thorough]
  gruppetto roster FILE OUT.json [--into EARLIER] [--sheet NAME] [--class TITLE]...
  gruppetto stations REQUEST.json TABLE.json
  gruppetto export CLASSFILE.json --lineup NAME --as FORMAT --out PATH [--with-addresses]
            [--link-template TEMPLATE] [--template FILE] [--message TEXT] [--field NAME=VALUE]...
            [--date 2026-11-26] [--time 10:00] [--minutes 40]
  gruppetto handoff CLASSFILE.json --lineup NAME --to channels|rooms --url BASE --token T --receipt RECEIPT.json
            [--dry-run] [--plan PLAN.json] [--create-users] [--minutes N] [--move-in automatic|invited]
            [--may-return yes|no] [--warning-seconds N] [--countdown-seconds N] [--open]
  gruppetto check CLASSFILE.json [REPORT.json]

arrange makes the groups that a gruppetto.request file asks for and writes a gruppetto.result file.
Ends with 0 when every rule holds, 3 when not all can (the result is written all the same),
2 when the request cannot be used (nothing is written).

roster reads any class list and writes its students, what was left out and what is doubtful.
Of a workbook the sheet with most students is read, or the one named with --sheet; of a school's export
every class, or those named with --class. Sheets and people that were not read are named.
With --into it also says who is new, who has gone and what has changed since an earlier list.
Ends with 0, or with 2 when the file cannot be read (the JSON then holds the reason).

stations makes the whole table of turns: which station each group is at, turn by turn.
{"groups":8,"stations":4,"perStation":2,"turns":4} for a rotation, {"groups":7,"meet":true} for groups that
meet groups. Groups and stations are counted from 0; null is a break. Ends with 0, or with 2 and a sentence.

export writes a lineup of a class file for the place where its groups meet: rooms-csv, groups-csv, names-csv, xlsx,
json, markdown, text, html-table, vcard, icalendar, links, mailto, merge-csv, pack-html or pack-docx. Only those who
take part today go, and addresses only with --with-addresses (letters are made of them). A link template is a URI
template such as https://rooms.example.org/{group}; a template has placeholders such as {{group}} and {{members}}.
Ends with 0, or with 2 and a sentence, and then nothing is written.

handoff brings the channels (SCIM 2.0 below BASE/scim/v2) or the rooms (below BASE/rooms/v1) of a service in line with
a lineup and writes a receipt of who arrived and who was refused, and why; run again, it sends only what has changed.
With --dry-run it only reads; --plan tells who would join and leave. Ends with 0 when everybody arrived, 3 when
somebody was refused or the service does not answer, 2 when nothing could be asked for.

check looks through every lineup of a class file: who is in more than one group, in none or unknown, how many quiet
rules are kept and broken (never which, nor why), who has met whom over the term, whose turn it was at each role.
Ends with 0 when all is in order, 3 when there is something to look at, 2 when the file cannot be read.`,
  cannotRead: (path: string) => `The file ${path} cannot be read. Nothing was written.`,
  notJson: (path: string) => `The file ${path} is not JSON. Nothing was written.`,
  cannotWrite: (path: string) => `The result could not be written to ${path}.`,
  nothingWritten: 'Nothing was written.',
  failed: (what: string) =>
    `Gruppetto made a mistake of its own and stopped; nothing was written. Please pass this on to its makers: ${what.replace(/\s+/g, ' ')}`,
  stations: {
    notWhole: (field: string, most: number) =>
      `"${field}" needs a whole number from 1 to ${most}. Nothing was written.`,
    noStations:
      'How many "stations" are there? Give a number, or "meet": true for groups that meet groups. Nothing was written.',
    unknownFields: (fields: readonly string[]) =>
      `A request for stations has no ${fields.map((field) => `"${field}"`).join(', ')}; it has groups, stations, perStation, turns, meet and seed. Nothing was written.`,
    notStations:
      'This is no request for stations, such as {"groups":8,"stations":4,"turns":4}. Nothing was written.',
  },
  export: {
    needs: (option: string) => `Say ${option}. Nothing was written.`,
    oneFile: 'Name one class file. Nothing was written.',
    /** Of what Node says the option itself is told. */
    unknownOption: (what: string) =>
      `The option ${/'([^']+)'/.exec(what)?.[1] ?? 'given'} is not understood. Nothing was written.`,
    unknownFormat: (given: string, known: readonly string[]) =>
      `There is no format "${given}". There are ${known.join(', ')}. Nothing was written.`,
    unknownLineup: (given: string, known: readonly string[]) =>
      known.length === 0
        ? `There is no lineup "${given}"; the class has none. Nothing was written.`
        : `There is no lineup "${given}". There are ${known.map((name) => `"${name}"`).join(', ')}. Nothing was written.`,
    sameName: (given: string) =>
      `More than one lineup is called "${given}"; the first of them was taken.`,
    noFolder: (path: string) => `The folder of ${path} is not there. Nothing was written.`,
    noTemplate: (path: string) => `The template ${path} cannot be read. Nothing was written.`,
    badField: (given: string) =>
      `"${given}" is no field: write it as NAME=VALUE. Nothing was written.`,
    withNothing: (sentence: string) => `${sentence} Nothing was written.`,
  },
  check: {
    clean: (lineups: number, used: number) =>
      `${count(lineups, 'lineup')} in order, ${used} of them used.`,
    twice: (lineup: string, names: readonly string[]) =>
      `${lineup}: in more than one group: ${names.join(', ')}.`,
    lost: (lineup: string, places: number) =>
      `${lineup}: ${count(places, 'place')} of students whom the class does not know.`,
    strayRoles: (lineup: string, roles: number) =>
      `${lineup}: ${count(roles, 'role')} held by somebody who is not in the group.`,
    broken: (lineup: string, rules: number) =>
      `${lineup}: ${count(rules, 'quiet rule')} ${rules === 1 ? 'is' : 'are'} broken.`,
    aside: (lineup: string, names: readonly string[]) =>
      `${lineup}: in no group: ${names.join(', ')}.`,
  },
  handoff: {
    noAddress: (given: string) =>
      `"${given}" is no address of a service: it begins with https:// or http://. Nothing was sent.`,
    noReceipt: (path: string) =>
      `The file ${path} is there and is no receipt of Gruppetto. Name another file. Nothing was sent.`,
    badNumber: (option: string) => `${option} needs a number. Nothing was sent.`,
    refused: (names: readonly string[]) =>
      `Not arrived, with the reasons in the receipt: ${names.join(', ')}.`,
  },
  unknownEffort: (given: string) => `"${given}" is not an effort: say quick, normal or thorough.`,
};
