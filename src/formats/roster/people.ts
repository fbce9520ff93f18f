import { hasContent } from './delimited';
import { givenColumn } from './givenNames';
import { familyLeads, isBetween, isSurelyHeading, roleOfColumn } from './headings';
import {
  isClosing,
  isDayWord,
  isListTitle,
  isStaffHead,
  isOver,
  isPageNumber,
  isPlace,
  isPointsLabel,
  isRule,
  isTotal,
  kindOfLine,
  sectionHeading,
  type LineKind,
} from './lineKinds';
import {
  areParticles,
  isCallName,
  arePronouns,
  isPartInACall,
  isInactive,
  isOffice,
  isParticle,
  isTestAccount,
  isTitled,
  looksLikeName,
  looksLikeWholeName,
  mayNameTwo,
  roleOfPerson,
  splitName,
  withoutRemark,
  withoutSigns,
  isSuffixAfter,
  asTold,
} from './names';
import { nameAndAddress, splitOutside } from './shapes/entries';
import { isOfSentences } from './shapes/manyWords';
import { cleanText, holdsInvisible, isMissing, isMissingName, plainWords } from './text';
import { restored } from '../harmless';
import type {
  ColumnReading,
  ColumnRole,
  Reading,
  RosterWarning,
  Row,
  SkipReason,
  Skipped,
  Table,
} from './types';
import { readNumber, readYesNo } from './readValue';
import { guessKind, isOddWord, levelKey } from './values';
import { readMastery, wholeOf } from './mastery';

/** A person as a row gives them, before duplicates are looked for. */
export interface Person {
  readonly row: number;
  readonly givenName: string;
  readonly familyName: string;
  readonly preferredName: string;
  readonly shown: string;
  readonly email: string | null;
  readonly externalId: string | null;
  readonly section: string | null;
  readonly attributes: Record<string, string | number>;
  readonly staff: boolean;
  readonly role: string;
  /** What stands in brackets behind the name and is no part of it; '' for nothing. */
  readonly aside: string;
  /** Cells that say nothing for the kind of their column. */
  readonly unread: readonly RosterWarning[];
}

export interface People {
  readonly persons: readonly Person[];
  readonly skipped: readonly Skipped[];
  readonly warnings: readonly RosterWarning[];
  /** Whether each row is what somebody did at some moment, so that who has several is still one. */
  readonly isLog: boolean;
}

/** Reads the rows of a table as its reading says; rows that are not students are named with the reason. */
export function readPeople(table: Table, reading: Reading): People {
  const reader = new RowReader(table, reading);
  table.rows.forEach((row, index) => reader.read(row, index));
  return reader;
}

class RowReader implements People {
  readonly persons: Person[] = [];
  readonly skipped: Skipped[];
  readonly warnings: RosterWarning[];
  readonly isLog: boolean;
  private readonly columnsOf = new Map<ColumnRole, number[]>();
  private readonly decimals: readonly ('.' | ',')[];
  /** column → what it counts up to where it tells how far a skill is mastered; 0 for others. */
  private readonly wholes: readonly number[];
  private readonly heading: readonly string[];
  /** A plain list has no columns of its own: its heading stands on no line of the text. */
  private readonly isList: boolean;
  /** Rows that head a part of the list, where there are several of them. */
  private readonly parts: ReadonlySet<number>;
  /** Rows at the end with figures of the whole list under words that may be names. */
  private readonly figures: ReadonlySet<number>;
  private readonly usual: Usual;
  /** Words in brackets that stand behind several names: where those belong, and no name to call them by. */
  private readonly shared: ReadonlySet<string>;
  /** Rows above the heading, without their figures. */
  private readonly titles = new Set<string>();
  /** Lines over the title of a list, such as the name of a school. */
  private readonly overTitle: ReadonlySet<number>;
  private section: string | null = null;
  /** Where a group is told in its first row alone: the group told last; null where each row tells its own. */
  private toldLast: string | null = null;
  private readonly toldOnce: boolean;
  /** Whether the heading over whole names says that family names stand first. */
  private readonly familyLeads: boolean;
  /** Whether a name with a comma may be two of them. */
  private readonly mayBePairs: boolean;
  /** Whether usual given names stand last in whole names, which are shown as they are written all the same. */
  private readonly givenLast: boolean;

  /** Whether the row above ends a letter. */
  private closed = false;
  /** Whether staff stand below a word for them, and students below one of their own. */
  private readonly staffApart: boolean;

  constructor(
    table: Table,
    private readonly reading: Reading,
  ) {
    this.skipped = [...(table.skipped ?? [])];
    this.warnings = [...(table.warnings ?? [])];
    this.heading = table.rows[reading.headingRow]?.cells ?? [];
    this.isList = reading.headingRow === 0 && table.rows[0]?.line === 0;
    reading.columns.forEach(({ role }, column) => {
      this.columnsOf.set(role, [...(this.columnsOf.get(role) ?? []), column]);
    });
    const family = this.columnsOf.get('familyName') ?? [];
    if (family.length > 1) {
      const isLater = (column: number): boolean =>
        !isBetween(this.heading[column] ?? '') &&
        !table.rows.every(({ cells }) => areParticles(cells[column] ?? ''));
      this.columnsOf.set('familyName', [
        ...family.filter((column) => !isLater(column)),
        ...family.filter(isLater),
      ]);
    }
    const below = table.rows.slice(reading.headingRow + 1).filter(({ around }) => !around);
    this.isLog = isLog(below.filter(hasContent));
    const cellsIn = (column: number): readonly string[] =>
      below.map(({ cells }) => cells[column] ?? '');
    this.decimals = reading.columns.map(({ role, name }, column) =>
      role === 'detail' ? guessKind(name, cellsIn(column), table.commaIsDecimal).decimal : '.',
    );
    this.wholes = reading.columns.map(({ role, kind, name }, column) =>
      role === 'detail' && kind === 'skill'
        ? wholeOf(this.heading[column] ?? name, cellsIn(column), this.decimals[column] ?? '.')
        : 0,
    );
    const [whole] = this.columnsOf.get('fullName') ?? [];
    const names = whole === undefined ? [] : cellsIn(whole);
    // "Nom et prénom" over "Amira Haddad" says which parts there are, and not their order.
    this.familyLeads =
      whole !== undefined &&
      familyLeads(this.heading[whole] ?? '') &&
      givenPlace(names) !== 'first';
    this.givenLast = givenPlace(names) === 'second';
    const turned = (whole === undefined ? [] : cellsIn(whole)).map(cleanText);
    const parted = turned.filter((name) => name.includes(','));
    this.mayBePairs = !this.isList && parted.length > 0 && mayNameTwo(parted);
    this.parts = partHeadings(table.rows, reading.headingRow);
    this.overTitle = linesOverTitle(table.rows, reading.headingRow);
    this.figures = figureRows(table.rows, reading.headingRow);
    this.usual = usualFirstCells(below);
    this.shared = sharedRemarks(
      ['fullName' as const, 'givenName' as const].flatMap((role) =>
        below.map((row) => this.cell(row, role)),
      ),
    );
    const heads = table.rows.flatMap((row) => soleCell(row) ?? []);
    this.staffApart = heads.some(isStaffHead) && heads.some(isPeopleHead);
    const [sections] = this.columnsOf.get('section') ?? [];
    this.toldOnce =
      sections !== undefined &&
      // Such a list begins with its groups.
      reading.columns.slice(0, sections).every(({ role }) => role === 'leftOut') &&
      areToldOnce(below.filter(hasContent).map(({ cells }) => cells[sections] ?? ''));
  }

  read(row: Row, index: number): void {
    if (!hasContent(row)) return;
    if (index === this.reading.headingRow) {
      // A heading without a known word may be somebody: it is named.
      if (!this.isList && row.line > 0 && !row.cells.some(isSurelyHeading))
        this.skip(row, 'heading');
      return;
    }
    const asked = this.reading.takenIn?.includes(row.line) ?? false;
    if (row.hidden && !asked && index > this.reading.headingRow) {
      this.skip(row, 'hidden', this.person(row).shown);
      return;
    }
    const sole = soleCell(row);
    const over = index < this.reading.headingRow ? row.cells.map(cleanText).filter(Boolean) : [];
    // "Teacher", "Ms Okafor" over the headings says what "Teacher: Ms Okafor" says.
    const told = over.length === 2 ? `${over[0]?.replace(/:$/, '') ?? ''}: ${over[1] ?? ''}` : sole;
    const said = told === null ? null : kindOfLine(told);
    if (!asked && said?.kind === 'staff') this.takeStaff(row, said.name, said.role);
    else if (!asked && sole !== null && this.parts.has(index)) {
      this.section = said?.kind === 'section' ? said.name : cleanText(sole);
      this.skip(row, 'section', this.section);
    } else if (!asked && index < this.reading.headingRow && !row.around) {
      if (this.takeStaffAbove(row)) return;
      this.titles.add(titleKey(row));
      this.skip(row, 'title', over.length === 2 ? (told ?? '') : '');
    } else this.readBelow(row, index, said, asked);
  }

  /** "Class 7B", "Teacher: Ms Okafor" beside each other over the headings; whether one of them is of the staff. */
  private takeStaffAbove(row: Row): boolean {
    const cells = row.cells.map(cleanText).filter((cell) => cell !== '');
    const staff = cells.flatMap((cell) => {
      const said = kindOfLine(cell);
      return said?.kind === 'staff' ? [{ cell, ...said }] : [];
    });
    const [first] = staff;
    if (!first || staff.length > 1) return false;
    this.takeStaff(row, first.name, first.role);
    cells
      .filter((cell) => cell !== first.cell)
      .forEach((name) => this.skipped.push({ row: row.line, name, reason: 'title' }));
    return true;
  }

  private readBelow(row: Row, index: number, said: LineKind | null, asked: boolean): void {
    const sole = soleCell(row) ?? '';
    if (!asked && row.around) {
      this.titles.add(titleKey(row));
      const reason = row.around === 'over' ? 'title' : 'footer';
      this.skip(row, said && said.kind !== 'section' ? said.kind : reason);
      return;
    }
    if (!asked && this.isList && sole.startsWith(SENDER)) {
      const [name = '', address = ''] = nameAndAddress(sole.slice(SENDER.length));
      this.skip(row, 'sender', name || address);
      return;
    }
    // Below a table in a letter, who wrote it stands alone.
    if (!asked && !this.isList && sole !== '' && this.closed && looksLikeName(sole)) {
      this.skip(row, 'sender', sole);
      return;
    }
    this.closed = !this.isList && sole !== '' && (this.closed || isClosing(sole));
    const person = this.person(row);
    if (asked && person.shown !== '') {
      this.take(row, { ...person, staff: false });
      return;
    }
    const reason = this.reasonToSkip(row, index, person, said);
    if (reason === null) this.take(row, person);
    else {
      // A page head is printed again on the next page.
      if (reason === 'title') this.titles.add(titleKey(row));
      const head = reason === 'title' || reason === 'section' ? sole.replace(/\s*:\s*$/, '') : '';
      this.skip(row, reason, OF_SOMEBODY.has(reason) ? person.shown : head);
    }
  }

  /** "Teacher: Oda Lind" over a list. */
  private takeStaff(row: Row, whole: string, role: string): void {
    // "Teachers: Ms Lind, Mr Okafor"; "Lind, Oda" is one.
    const several = splitOutside(whole, ',').flatMap((part) => splitOutside(part, ' & '));
    if (several.length > 1 && several.every((one) => isTitled(one) || looksLikeWholeName(one))) {
      several.forEach((one) => this.takeStaff(row, one, role));
      return;
    }
    const [shown = '', address = ''] = nameAndAddress(whole);
    const { given, family } = splitName(shown);
    this.skip(row, 'staff', shown);
    this.persons.push({
      row: row.line,
      givenName: given,
      familyName: family,
      preferredName: '',
      shown: shown || nameOfAddress(address),
      email: address === '' ? null : address,
      externalId: null,
      section: this.section,
      attributes: {},
      unread: [],
      staff: true,
      role,
      aside: '',
    });
  }

  private take(row: Row, person: Person): void {
    if (person.staff) {
      this.skip(row, 'staff', person.shown);
      this.persons.push(person);
      return;
    }
    const warn = (kind: RosterWarning['kind'], given = ''): void => {
      this.warnings.push({ kind, row: row.line, name: person.shown, given, likely: '' });
    };
    this.warnings.push(...person.unread);
    if (person.aside !== '') this.skip(row, 'footer', person.aside);
    if (row.cells.some(holdsInvisible)) warn('cleanedName');
    if (person.givenName === '' && person.familyName === '')
      warn('nameFromAddress', person.email ?? '');
    if (this.mayBePairs && this.cell(row, 'fullName').includes(',')) warn('twoNames');
    if (isSurelyHeading(person.shown)) warn('headingLikeName');
    else if (isDoubtful(person) || (this.usual.untitled && isTitled(person.shown)))
      warn('doubtfulName');
    this.persons.push(person);
  }

  private skip(row: Row, reason: SkipReason, name = ''): void {
    const first = row.cells.map(cleanText).find((cell) => cell !== '') ?? '';
    this.skipped.push({ row: row.line, name: name === '' ? first : name, reason });
  }

  private reasonToSkip(
    row: Row,
    index: number,
    person: Person,
    said: LineKind | null,
  ): SkipReason | null {
    const filled = row.cells.map(cleanText).filter((cell) => cell !== '');
    const label = filled[0] ?? '';
    if (filled.every(isRule) && (person.shown === '' || this.isList || label.length > 1))
      return 'rule';
    if (
      this.isHeadingAgain(
        row,
        this.persons.every(({ staff }) => staff),
      )
    )
      return 'heading';
    if (this.persons.length === 0 && filled.length > 1 && filled.every(isDayWord)) return 'heading';
    if (this.isTitleAgain(row, filled)) return 'title';
    if (isPointsLabel(label) || isPointsLabel(person.shown)) return 'points';
    if (filled.length > 1 && filled.every((cell) => isTotal(cell))) return 'total';
    if (filled.length > 1 && filled.every((cell) => KEY.test(cell))) return 'footer';
    const identified = person.email !== null || person.externalId !== null;
    const surely =
      identified ||
      ['givenName' as const, 'familyName' as const].every((half) =>
        /\p{L}/u.test(this.cell(row, half)),
      );
    // "Printed 14/09/2026", "Page 1" beside each other.
    const first = surely || filled.length < 2 ? null : kindOfLine(label)?.kind;
    if (
      (first === 'footer' || first === 'total') &&
      filled.every((cell) => ['footer', 'total'].includes(kindOfLine(cell)?.kind ?? ''))
    )
      return first;
    // "River School" beside "Page 2", as the head of each page has it.
    const isPage = (cell: string): boolean => /\p{L}/u.test(cell) && isPageNumber(cell);
    const paged = !surely && filled.length > 1 && filled.some(isPage);
    if (paged && filled.every((cell) => isPage(cell) || isOver(cell))) return 'title';
    const nobody = surely ? null : this.reasonOfWords(index, label, person, said);
    if (nobody !== null) return nobody;
    if (!/\p{L}/u.test(person.shown)) return this.reasonForNoName(index, filled);
    if (isTestAccount(person.shown)) return 'test';
    const role = this.cell(row, 'role');
    if (!person.staff && roleOfPerson(role) === 'other') return 'notStudent';
    if (isOffice(person.shown, person.email)) return 'notStudent';
    const status = this.cell(row, 'status');
    if (status !== '' && isInactive(status)) return 'inactive';
    const alone = !identified && filled.length === 1 && !this.isSecondOfName(person.shown);
    return alone && isUnlikeName(person.shown, this.usual) ? 'notAName' : null;
  }

  /** Whether a row stood over the list before, in one line or in one for each cell. */
  private isTitleAgain(row: Row, filled: readonly string[]): boolean {
    return (
      this.titles.size > 0 &&
      (this.titles.has(titleKey(row)) ||
        (filled.length > 1 && filled.every((cell) => this.titles.has(keyOf(cell)))))
    );
  }

  /** "Bram 2" below "Bram". */
  private isSecondOfName(shown: string): boolean {
    const name = plainWords(shown.replace(/\s*\(?\d\)?$/, ''));
    return plainWords(shown) !== name && this.persons.some((one) => plainWords(one.shown) === name);
  }

  /** What the words of a row say of it, where nothing else says that it is somebody's. */
  private reasonOfWords(
    index: number,
    label: string,
    person: Person,
    said: LineKind | null,
  ): SkipReason | null {
    if (this.overTitle.has(index)) return 'title';
    if (this.isList && label.includes(' ') && isPlace(label)) return 'place';
    // "SD" beside Sara Dahl are her first letters.
    const initials = /^\p{L}{1,3}$/u.test(label) && looksLikeWholeName(person.shown);
    if ((isTotal(label) && !initials) || isTotal(person.shown) || this.figures.has(index))
      return 'total';
    if (/^[^:]{1,30}:\s+\S/.test(label) && kindOfLine(label)?.kind === 'footer') return 'footer';
    const figure = person.shown === '' && /^\d/.test(label);
    const nobodyYet = this.persons.every(({ staff }) => staff);
    // Over everybody it heads no part of the list but the whole.
    if (said !== null && said.kind !== 'staff' && !figure)
      return said.kind === 'section' && nobodyYet ? 'title' : said.kind;
    return this.persons.length === 0 && isListTitle(person.shown) ? 'title' : null;
  }

  private reasonForNoName(index: number, filled: readonly string[]): SkipReason {
    const next = index === this.reading.headingRow + 1;
    const figures = filled.every((cell) => /^[\d.,%()\s]+$/.test(cell) || isMissing(cell));
    if (figures) return next ? 'points' : 'total';
    // "Passed" over 3, below "Average" over 7.25.
    const told = filled.length > 1 && filled.slice(1).every((cell) => /^[\d.,%]+$/.test(cell));
    if (told && this.skipped.at(-1)?.reason === 'total') return 'total';
    return next ? 'heading' : 'noName';
  }

  /** The heading printed once more, as page breaks do, or one alone over pasted names. */
  private isHeadingAgain(row: Row, first: boolean): boolean {
    const filled = row.cells.filter((cell) => cell.trim() !== '');
    if (this.isList)
      return (
        filled.length === 1 &&
        (roleOfColumn(filled[0] ?? '') === 'fullName' ||
          (first && isHeadingLine(filled[0] ?? '')) ||
          // "E-mail" over addresses.
          (first && roleOfColumn(filled[0] ?? '') === 'email' && this.skipped.length === 0) ||
          // "Name" over "E-mail" over names.
          (first && this.skipped.at(-1)?.reason === 'heading' && isSurelyHeading(filled[0] ?? '')))
      );
    // Strokes and ticks are no words, and like no heading.
    const same = row.cells.filter((cell, column) => {
      const words = plainWords(cell);
      return words !== '' && words === plainWords(this.heading[column] ?? '');
    }).length;
    if (same >= filled.length * 0.6 && (same > 1 || filled.length === 1)) return true;
    return (
      filled.length > 1 &&
      filled.some(isSurelyHeading) &&
      filled.every((cell) => {
        const role = roleOfColumn(cell);
        return role !== null && role !== 'leftOut';
      })
    );
  }

  private person(row: Row): Person {
    const emailCell = this.cell(row, 'email');
    const familyCell = this.cell(row, 'familyName');
    const nameCell = this.cell(row, 'fullName');
    const nameless = nameCell === '' && familyCell === '' && this.cell(row, 'givenName') === '';
    // "Amira Haddad <amira@…>" in the column of addresses names somebody as well.
    const whole = nameless && /\S\s*</.test(emailCell) ? emailCell : nameCell;
    const [full = '', beside = ''] = /\S@\S/.test(whole) ? nameAndAddress(whole) : [whole];
    const address = addressIn(emailCell || beside);
    const fullCell = withoutRemark(withoutSigns(unquoted(full)));
    const { plain, remark: said } = fullCell;
    const fullName = this.familyLeads ? asTold(plain) : plain;
    // "Amira Haddad (7B)", "Bram Visser (Group 2)" tells the class of somebody, and is no part of the name.
    const shared = this.shared.has(plainWords(said)) ? said : '';
    const inClass = said.endsWith(':') ? '' : (sectionHeading(said) ?? shared);
    const remark = inClass === '' ? said : '';
    const givenCell = withoutRemark(unquoted(this.cell(row, 'givenName')));
    const fromFull = splitName(this.givenLast ? asTold(fullName) : fullName);
    const given =
      givenCell.plain || (familyCell === '' ? fromFull.given : splitBefore(fullName, familyCell));
    const family = familyCell || fromFull.family;
    const calledBeside = remark || givenCell.remark;
    const quoted = remark === '' ? givenCell.quoted : fullCell.quoted;
    const preferred =
      withoutFamily(this.cell(row, 'preferredName'), family) ||
      (isCallName(calledBeside, quoted) ? calledBeside : '');
    const role = this.cell(row, 'role');
    const part = this.sectionOf(row) || inClass || this.section;
    const called = preferred === '' ? given : preferred;
    const asWritten =
      fullName !== '' && !isTurned(fullName) && preferred === '' && givenCell.plain === '';
    const joined = [called, family].filter(Boolean).join(' ');
    const shown = asWritten ? (remark === '' || isAside(remark) ? fullName : full) : joined;
    return {
      row: row.line,
      givenName: given,
      familyName: family,
      preferredName: preferred === given ? '' : preferred,
      shown: shown || nameOfAddress(address),
      email: address === '' ? null : address,
      externalId: this.cell(row, 'externalId') || null,
      section: part !== null && this.staffApart && isPeopleHead(part) ? null : part,
      ...this.attributes(row, shown),
      staff:
        roleOfPerson(role) === 'staff' ||
        isStaffRemark(remark) ||
        (this.staffApart && isStaffHead(this.section ?? '')),
      role: role || (isStaffRemark(remark) ? remark : ''),
      aside: asWritten && isAside(remark) ? remark : '',
    };
  }

  private sectionOf(row: Row): string {
    const told = this.cell(row, 'section');
    if (told !== '') this.toldLast = told;
    return told === '' && this.toldOnce ? (this.toldLast ?? '') : told;
  }

  /** The cells of a role, cleaned and joined; '' where they are missing. */
  private cell(row: Row, role: ColumnRole): string {
    const nothing = NAME_ROLES.has(role) ? isMissingName : isMissing;
    return (this.columnsOf.get(role) ?? [])
      .map((column) => cellAt(row, column, role))
      .filter((cell) => !nothing(cell))
      .map((cell) => cleanText(restored(cell)).replace(/^'(?=\d)/, ''))
      .join(' ');
  }

  private attributes(row: Row, name: string): Pick<Person, 'attributes' | 'unread'> {
    const attributes = new Map<string, string | number>();
    const unread: RosterWarning[] = [];
    for (const column of this.columnsOf.get('detail') ?? []) {
      const reading = this.reading.columns[column];
      const cell = restored(cellAt(row, column, 'detail'));
      if (!reading || isMissing(cell)) continue;
      const decimal = this.decimals[column] ?? '.';
      const value = readValue(reading, cell, decimal, this.wholes[column] ?? 0);
      if (value !== null) attributes.set(reading.name, value);
      else {
        unread.push({
          kind: 'unreadValue',
          row: row.line,
          name,
          given: cleanText(cell),
          likely: reading.name,
        });
      }
    }
    return { attributes: Object.fromEntries(attributes), unread };
  }
}

/** A cell, or the one above it that it is joined to: for what several students may share, not for what names one. */
export function cellAt({ cells, joined }: Row, column: number, role: ColumnRole): string {
  const cell = cells[column] ?? '';
  const shared = role === 'section' || role === 'detail' || role === 'status' || role === 'role';
  return cell.trim() === '' && shared ? (joined?.[column] ?? '') : cell;
}

/** Reasons to leave out somebody, where the others leave out something. */
const OF_SOMEBODY: ReadonlySet<SkipReason> = new Set([
  'test',
  'notStudent',
  'inactive',
  'notAName',
]);

/** "(not with Bram)", "(new)", "(SEN)": said of somebody, and not for the class to read; pronouns are. */
function isAside(remark: string): boolean {
  return (
    !isStaffRemark(remark) &&
    !remark.includes('/') &&
    (/^\p{Ll}|^\p{Lu}{1,4}$|^\p{Lu}{1,2}\d{1,2}$/u.test(remark) ||
      remark.includes(' ') ||
      isPartInACall(remark))
  );
}

/** "P = present": what a sign in a table stands for. */
const KEY = /^[^\s=]{1,12}\s*=\s*\S/;

/** How the line that names who wrote a letter begins, as the list of names has it. */
const SENDER = 'From: ';

const NAME_ROLES: ReadonlySet<ColumnRole> = new Set([
  'fullName',
  'givenName',
  'familyName',
  'preferredName',
]);

/** What somebody is called, where the cell for it says the family name once more. */
function withoutFamily(called: string, family: string): string {
  const parts = splitName(called);
  const again = parts.given !== '' && plainWords(parts.family) === plainWords(family);
  return again && family !== '' ? parts.given : called;
}

/** The only cell of a row that holds something; null where there are several. */
function soleCell({ cells }: Row): string | null {
  const filled = cells.filter((cell) => cell.trim() !== '');
  return filled.length === 1 ? (filled[0] ?? null) : null;
}

/** "S.No. Name Marks" over a list whose columns nothing parts. */
function isHeadingLine(line: string): boolean {
  const all = plainWords(line).split(' ');
  return (
    all.length > 1 &&
    all.some((word) =>
      /^(names?|nombres?|apellidos|vorname|nachname|prenom|cognome|voornaam|achternaam|surname|forename|nome|nomes|nom|noms|naam)$/.test(
        word,
      ),
    )
  );
}

/** A row without its figures: page heads differ in nothing else. */
function titleKey({ cells }: Row): string {
  return cells.map(keyOf).filter(Boolean).join(' ');
}

const keyOf = (cell: string): string => plainWords(cell).replace(/\d+/g, '0');

/** At most so many lines stand over the title of a list. */
const MOST_OVER_TITLE = 2;

/** The title on a page that is not the first. */
const LATER_PAGE = /\b(?:page|seite|página|pagina|p\.)\s*(?:[2-9]|\d{2,})\b/i;

/** "Brook School" over "Class list 7B", where nobody stands above them. */
function linesOverTitle(rows: readonly Row[], headingRow: number): ReadonlySet<number> {
  const filled = rows
    .map((row, index) => ({ index, sole: soleCell(row), filled: hasContent(row) }))
    .filter((one) => one.filled && one.index > headingRow);
  const top = filled.slice(0, MOST_OVER_TITLE + 1);
  const title = top.findLastIndex(
    ({ sole }) =>
      sole !== null && kindOfLine(sole) === null && isListTitle(sole) && !LATER_PAGE.test(sole),
  );
  const over = top.slice(0, Math.max(0, title));
  // "* new this term" below two names is no title of a list.
  if (filled.length - title - 1 <= over.length) return new Set();
  return new Set(over.every(({ sole }) => sole !== null) ? over.map(({ index }) => index) : []);
}

/** Rows that head a part of the list ("Class 7B"): one name of a part alone is the title of the whole. */
function partHeadings(rows: readonly Row[], headingRow: number): ReadonlySet<number> {
  const names = new Set<string>();
  const found = rows.flatMap((row, index) => {
    const sole = soleCell(row);
    const said = sole === null ? null : kindOfLine(sole);
    if (said?.kind !== 'section') return [];
    names.add(plainWords(said.name));
    return [index];
  });
  if (names.size < 2) return new Set(wordsAlone(rows, headingRow));
  // A head right over another is the title of both.
  const filled = rows.flatMap((row, index) => (hasContent(row) ? [index] : []));
  const below = new Map(filled.map((index, at) => [index, filled[at + 1] ?? -1]));
  const [first = -1, ...later] = found;
  return new Set(later.includes(below.get(first) ?? -1) ? later : found);
}

/** "Otters" alone in its row over rows of whole names with more beside them, again and again: those rows. */
function wordsAlone(rows: readonly Row[], headingRow: number): readonly number[] {
  const below = rows
    .map((row, index) => ({ index, sole: soleCell(row), row }))
    .filter(({ index, row }) => index > headingRow && hasContent(row));
  const heads = below.filter(({ sole }) => sole !== null);
  const [first] = below;
  const fits =
    headingRow >= 0 &&
    (rows[headingRow]?.line ?? 0) > 0 &&
    heads.length > 1 &&
    first !== undefined &&
    heads.includes(first) &&
    new Set(heads.map(({ sole }) => plainWords(sole ?? ''))).size === heads.length &&
    heads.every(({ sole }) => /^\p{Lu}[\p{L}\d'’-]+$/u.test(sole?.trim() ?? '')) &&
    below.every(
      (one, at) =>
        one.sole === null ||
        (at + 1 < below.length && below[at + 1]?.sole === null && isFirstCell(one.row)),
    ) &&
    below.every(({ sole, row }) => sole !== null || row.cells.some(looksLikeWholeName));
  return fits ? heads.map(({ index }) => index) : [];
}

const isFirstCell = ({ cells: [first = ''] }: Row): boolean => first.trim() !== '';

/** "20/11/2026, 9:00:11": a day with a time of day. */
const MOMENT = /\d{1,4}[-./]\d{1,2}[-./]\d{1,4}\D{1,4}\d{1,2}[:.]\d{2}/;

/** Whether a column tells a moment in every row. */
function isLog(rows: readonly Row[]): boolean {
  const width = Math.max(0, ...rows.map(({ cells }) => cells.length));
  return (
    rows.length > 1 &&
    Array.from({ length: width }, (_, column) => column).some((column) =>
      rows.every(({ cells }) => MOMENT.test(cells[column] ?? '')),
    )
  );
}

/**
 * "Min", "Max" and "Sum" are people, but for rows at the end of a table whose cells are figures, beside another such
 * row or a total without doubt.
 */
function figureRows(rows: readonly Row[], headingRow: number): ReadonlySet<number> {
  const found: number[] = [];
  let sure = 0;
  for (let index = rows.length - 1; index > headingRow; index--) {
    const row = rows[index];
    if (!row || !hasContent(row)) continue;
    const [label = '', ...others] = row.cells.map(cleanText).filter((cell) => cell !== '');
    const figures = others.length > 0 && others.every((cell) => /^[\d.,%\s]+$/.test(cell));
    const mayBe = isTotal(label, false) && figures;
    if (isTotal(label)) sure++;
    else if (mayBe) {
      found.push(index);
      if (tellsWhole(row, rows[headingRow])) sure++;
    } else if (kindOfLine(label) === null || others.length > 0) break;
  }
  return new Set(found.length + sure > 1 ? found : []);
}

/** "Max" over 20 below "Test 1 (max 20)": the figures are those that the headings tell. */
function tellsWhole({ cells }: Row, heading: Row | undefined): boolean {
  const told = cells.flatMap((cell, column) => {
    const most = /(?:^|\D)(\d+)\)?$/.exec(heading?.cells[column]?.trim() ?? '')?.[1];
    return most !== undefined && /\d/.test(cell) ? [most === cleanText(cell)] : [];
  });
  return told.length > 0 && told.every(Boolean);
}

/** Fewer than so many with the same word in brackets may be called alike. */
const FEWEST_SHARED = 3;

/** Single words in brackets behind names that come again and again: "Noor (Reed)", "Elif (Sedge)", "Hugo (Reed)". */
function sharedRemarks(names: readonly string[]): ReadonlySet<string> {
  const words = names
    .map((name) => withoutRemark(name).remark)
    .filter((remark) => isCallName(remark))
    .map(plainWords);
  const kinds = new Set(words);
  return words.length >= FEWEST_SHARED && kinds.size <= words.length / 2 ? kinds : new Set();
}

/** What most first cells of a list are like. */
interface Usual {
  readonly withoutFigures: boolean;
  readonly capital: boolean;
  /** Nearly nobody is called by a title: who is may be one of the staff. */
  readonly untitled: boolean;
}

function usualFirstCells(rows: readonly Row[]): Usual {
  const first = rows
    .map(({ cells }) => cleanText(cells.find((cell) => cell.trim() !== '') ?? ''))
    .filter(Boolean);
  return {
    withoutFigures:
      first.length > 2 &&
      first.filter((cell) => /\d/.test(cell)).length <= Math.max(1, first.length * 0.4),
    untitled: first.filter((cell) => isTitled(cell)).length <= first.length / 4,
    capital: first.filter((cell) => /^[\p{Lu}\p{Lo}]/u.test(cell)).length > first.length * 0.6,
  };
}

/** Among names without figures one with some, or a few small words among capital ones. */
function isUnlikeName(shown: string, usual: Usual): boolean {
  if (/\d/.test(shown)) return usual.withoutFigures;
  const small = /^\p{Ll}/u.test(shown) && !/\p{Lu}/u.test(shown);
  return usual.capital && small && shown.split(' ').length > 2;
}

/** Whether groups are each told in their first row, with blanks below: half of the cells and more, the first filled. */
function areToldOnce(cells: readonly string[]): boolean {
  const told = cells.map(cleanText).filter((cell) => cell !== '');
  return (
    cells.length > 3 &&
    cleanText(cells[0] ?? '') !== '' &&
    told.length > 1 &&
    told.length <= cells.length / 2 &&
    new Set(told).size === told.length
  );
}

/** What stands for nobody in a list of places: "free" at 9:30. "Frei" is a name. */
const NOBODY =
  /^(?:free|vacant|available|empty|open|spare|libre|frei|libero|livre|vrij|vide|nobody|(?:t\.?b\.?[cad]|n\.?n)\.?|T\.?B\.?[CAD]\.?|N\.N\.)$/u;

/** Words that stand for nothing as often as they are a name, and names with signs, on a row that says no more. */
function isDoubtful({ shown: written, email, externalId, familyName, givenName }: Person): boolean {
  const { plain, remark } = withoutRemark(written);
  const shown = arePronouns(remark) ? plain : written;
  if (/ [&+×] /.test(shown)) return true;
  if (email !== null || externalId !== null) return false;
  const single = givenName === '' || familyName === '';
  return (
    (single && (isMissing(shown) || isTotal(shown, false) || NOBODY.test(shown))) ||
    (!looksLikeName(shown) && /[\d@:;|{}<>?!=→~#%/\\]/.test(shown)) ||
    saysMore(shown)
  );
}

/** "Tuva shares a boat with Emrys", "isla. not jack": small words behind another that are no part of a family name. */
function saysMore(shown: string): boolean {
  const [first = '', ...others] = shown.split(' ');
  // "auf der", "von und zu": what stands beside such a word is one as well.
  const beside = (at: number): boolean =>
    isParticle(others[at - 1] ?? '') || isParticle(others[at + 1] ?? '');
  const small = others.filter(
    (word, at) => /^\p{Ll}/u.test(word) && !isParticle(word) && !beside(at),
  );
  return (
    small.some(isOfSentences) || (/^\p{Lu}/u.test(first) && small.length > 1 && others.length > 2)
  );
}

/** A name without a quote that stands alone at one of its ends. */
function unquoted(name: string): string {
  const odd = (name.match(/["“”]/g)?.length ?? 0) % 2 === 1;
  return odd ? name.replace(/^["“”]\s*|\s*["“”]$/g, '') : name;
}

/** "Oda Lind (teacher)". */
function isStaffRemark(remark: string): boolean {
  return remark !== '' && remark.split(' ').length < 3 && roleOfPerson(remark) === 'staff';
}

/** Whether the family name stands first, before a comma. */
function isTurned(name: string): boolean {
  const [last = '', ...before] = name.split(/\s*,\s*/).reverse();
  return before.length > (isSuffixAfter(before.at(-1) ?? '', last) ? 1 : 0);
}

/** "amira.haddad@…" and "amira@…" tell a name by their parts; another address what stands before its sign. */
function nameOfAddress(address: string): string {
  // "amira.haddad+bio@…" has a tag behind the name.
  const local = (address.split('@')[0] ?? '').replace(/(?<=.)\+.*$/, '');
  const parts = local
    .replace(/\d+$/, '')
    .split(/[._-]+/)
    .filter(Boolean);
  const named =
    parts.every((part) => /^\p{L}{2,}$/u.test(part)) && (parts.length > 1 || parts[0] === local);
  return named
    ? parts.map((part) => `${part[0]?.toUpperCase() ?? ''}${part.slice(1)}`).join(' ')
    : local;
}

/** Where usual given names stand in whole names without a comma: last in "Haddad Amira"; null where too few are known. */
function givenPlace(names: readonly string[]): 'first' | 'second' | null {
  const several = names
    .filter((name) => !name.includes(','))
    .map((name) => cleanText(name).split(' '))
    .filter((all) => all.length > 1);
  const [first, last] = [0, -1].map((at) => several.map((all) => all.at(at) ?? ''));
  return givenColumn(first ?? [], last ?? []);
}

/** "Students" over those of a list. */
const isPeopleHead = (line: string): boolean =>
  roleOfColumn(line.replace(/:\s*$/, '')) === 'fullName';

/** The value of a cell for the detail's kind; null where it is none. */
function readValue(
  { kind, levels }: ColumnReading,
  cell: string,
  decimal: '.' | ',',
  whole: number,
): string | number | null {
  switch (kind) {
    case 'number':
      return readNumber(cell, decimal);
    case 'skill':
      return readMastery(cell, whole, decimal);
    case 'yesNo':
      return readYesNo(cell);
    case 'level': {
      const level = levels.find((one) => levelKey(one) === levelKey(cell));
      return level ?? (isOddWord(cleanText(cell)) ? null : cleanText(cell));
    }
    case 'category':
      return cleanText(cell);
    default:
      return kind satisfies never;
  }
}

/** The address in a cell such as `mailto:ana@example.org` or `Ana <ana@example.org>`; '' where there is none. */
function addressIn(cell: string): string {
  const bracketed = /<([^<>]*)>/.exec(cell)?.[1] ?? cell;
  const first = bracketed.replace(/^mailto:/i, '').split(/[;,]\s*(?=\S+@)/)[0] ?? '';
  return first.trim();
}

/** What stands of a whole name before the family name already known. */
function splitBefore(fullName: string, family: string): string {
  return fullName.endsWith(family)
    ? fullName.slice(0, -family.length).trim()
    : splitName(fullName).given;
}
