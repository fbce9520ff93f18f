import {
  isFooter,
  isInactive,
  isListTitle,
  isPointsLabel,
  isTestAccount,
  isTotal,
  roleOfPerson,
  splitName,
} from './names';
import { roleOfHeading } from './headings';
import { cleanText, holdsInvisible, isMissing, plainWords } from './text';
import { restored } from '../harmless';
import { hasContent } from './delimited';
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
import { guessKind, readNumber, readYesNo } from './values';

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
  /** Cells that say nothing for the kind of their column. */
  readonly unread: readonly RosterWarning[];
}

export interface People {
  readonly persons: readonly Person[];
  readonly skipped: readonly Skipped[];
  readonly warnings: readonly RosterWarning[];
}

/** Reads the rows of a table as its reading says; rows that are not students are named with the reason. */
export function readPeople(table: Table, reading: Reading): People {
  const reader = new RowReader(table, reading);
  table.rows.forEach((row, index) => reader.read(row, index));
  return reader;
}

class RowReader implements People {
  readonly persons: Person[] = [];
  readonly skipped: Skipped[] = [];
  readonly warnings: RosterWarning[] = [];
  private readonly columnsOf = new Map<ColumnRole, number[]>();
  private readonly decimals: readonly ('.' | ',')[];

  constructor(
    table: Table,
    private readonly reading: Reading,
  ) {
    reading.columns.forEach(({ role }, column) => {
      this.columnsOf.set(role, [...(this.columnsOf.get(role) ?? []), column]);
    });
    const below = table.rows.slice(reading.headingRow + 1);
    this.decimals = reading.columns.map(({ role, name }, column) =>
      role === 'detail'
        ? guessKind(
            name,
            below.map(({ cells }) => cells[column] ?? ''),
            table.commaIsDecimal,
          ).decimal
        : '.',
    );
  }

  read(row: Row, index: number): void {
    if (!hasContent(row)) return;
    if (index === this.reading.headingRow) return;
    const asked = this.reading.takenIn?.includes(row.line) ?? false;
    if (index < this.reading.headingRow && !asked) {
      this.skip(row, 'title');
      return;
    }
    const person = this.person(row);
    if (asked && person.shown !== '') this.take(row, { ...person, staff: false });
    else {
      const reason = this.reasonToSkip(row, index, person);
      if (reason) this.skip(row, reason, person.shown);
      else this.take(row, person);
    }
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
    if (row.cells.some(holdsInvisible)) warn('cleanedName');
    if (person.givenName === '' && person.familyName === '')
      warn('nameFromAddress', person.email ?? '');
    if (roleOfHeading(person.shown) !== null) warn('headingLikeName');
    this.persons.push(person);
  }

  private skip(row: Row, reason: SkipReason, name = ''): void {
    const first = row.cells.map(cleanText).find((cell) => cell !== '') ?? '';
    this.skipped.push({ row: row.line, name: name === '' ? first : name, reason });
  }

  private reasonToSkip(row: Row, index: number, person: Person): SkipReason | null {
    const filled = row.cells.map(cleanText).filter((cell) => cell !== '');
    const label = filled[0] ?? '';
    const identified = person.email !== null || person.externalId !== null;
    if (this.isHeadingAgain(row)) return 'heading';
    if (isPointsLabel(label) || isPointsLabel(person.shown)) return 'points';
    if (!identified && (isTotal(label) || isTotal(person.shown))) return 'total';
    if (!identified && index === this.reading.headingRow + 1 && isListTitle(person.shown)) {
      return 'title';
    }
    if (person.shown === '') {
      const figures = filled.every((cell) => /^[\d.,%()\s]+$/.test(cell) || isMissing(cell));
      return figures && index === this.reading.headingRow + 1
        ? 'points'
        : figures
          ? 'total'
          : 'noName';
    }
    if (filled.length === 1 && this.reading.columns.length > 2 && isFooter(label)) return 'footer';
    if (isTestAccount(person.shown)) return 'test';
    const role = this.cell(row, 'role');
    if (!person.staff && roleOfPerson(role) === 'other') return 'notStudent';
    const status = this.cell(row, 'status');
    return status !== '' && isInactive(status) ? 'inactive' : null;
  }

  /** The heading printed once more, as page breaks do. */
  private isHeadingAgain(row: Row): boolean {
    const known = row.cells.filter((cell) => {
      const role = roleOfHeading(cell);
      return role !== null && role !== 'leftOut';
    }).length;
    return known >= 2 && known >= row.cells.filter((cell) => cell.trim() !== '').length / 2;
  }

  private person(row: Row): Person {
    const full = this.cell(row, 'fullName');
    const givenCell = this.cell(row, 'givenName');
    const familyCell = this.cell(row, 'familyName');
    const address = addressIn(this.cell(row, 'email') || (/<[^<>]*@[^<>]*>/.exec(full)?.[0] ?? ''));
    const { plain: fullName, remark } = withoutRemark(full.replace(/<[^<>]*@[^<>]*>/g, '').trim());
    const fromFull = splitName(fullName);
    const given =
      givenCell || (familyCell === '' ? fromFull.given : splitBefore(fullName, familyCell));
    const family = familyCell || (givenCell === '' ? fromFull.family : fromFull.family);
    const preferred = this.cell(row, 'preferredName') || (isName(remark) ? remark : '');
    const role = this.cell(row, 'role');
    const called = preferred === '' ? given : preferred;
    const written =
      fullName !== '' && !fullName.includes(',') && preferred === '' && givenCell === '';
    const shown = written
      ? remark === ''
        ? fullName
        : full
      : [called, family].filter(Boolean).join(' ');
    return {
      row: row.line,
      givenName: given,
      familyName: family,
      preferredName: preferred === given ? '' : preferred,
      shown: shown || (address.split('@')[0] ?? ''),
      email: address === '' ? null : address,
      externalId: this.cell(row, 'externalId') || null,
      section: this.cell(row, 'section') || null,
      ...this.attributes(row, shown),
      staff: role !== '' && roleOfPerson(role) === 'staff',
      role,
    };
  }

  /** The cells of a role, cleaned and joined; '' where they are missing. */
  private cell(row: Row, role: ColumnRole): string {
    const columns = this.columnsOf.get(role) ?? [];
    const cells = columns
      .map((column) => row.cells[column] ?? '')
      .filter((cell) => !isMissing(cell));
    return cells.map((cell) => cleanText(restored(cell))).join(' ');
  }

  private attributes(row: Row, name: string): Pick<Person, 'attributes' | 'unread'> {
    const attributes: Record<string, string | number> = {};
    const unread: RosterWarning[] = [];
    for (const column of this.columnsOf.get('detail') ?? []) {
      const reading = this.reading.columns[column];
      const cell = restored(row.cells[column] ?? '');
      if (!reading || isMissing(cell)) continue;
      const value = readValue(reading, cell, this.decimals[column] ?? '.');
      if (value !== null) attributes[reading.name] = value;
      else {
        const given = cleanText(cell);
        unread.push({
          kind: 'unreadValue',
          row: row.line,
          name,
          given,
          likely: reading.name,
        });
      }
    }
    return { attributes, unread };
  }
}

/** The value of a cell for the detail's kind; null where it is none. */
function readValue(
  { kind, levels }: ColumnReading,
  cell: string,
  decimal: '.' | ',',
): string | number | null {
  switch (kind) {
    case 'number':
    case 'skill':
      return readNumber(cell, decimal);
    case 'yesNo':
      return readYesNo(cell);
    case 'level':
      return levels.find((level) => plainWords(level) === plainWords(cell)) ?? cleanText(cell);
    case 'category':
      return cleanText(cell);
    default:
      return kind satisfies never;
  }
}

/** A name and what stands in brackets after or within it: "Amira (Miri) Haddad". */
function withoutRemark(name: string): { readonly plain: string; readonly remark: string } {
  const found = /^([^()]*\S)\s+\(([^()]+)\)\s*([^()]*)$/.exec(name);
  if (!found) return { plain: name, remark: '' };
  const [, before = '', remark = '', after = ''] = found;
  return { plain: `${before} ${after}`.trim(), remark: remark.trim() };
}

/** One capitalised word is what somebody is called; pronouns, figures and remarks are not. */
function isName(remark: string): boolean {
  return /^\p{Lu}[\p{L}\p{M}'’-]+$/u.test(remark) && remark !== remark.toUpperCase();
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
