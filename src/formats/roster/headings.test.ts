import {
  familyLeads,
  isBetween,
  isCounting,
  isNoAmount,
  isOfOthers,
  isSurelyHeading,
  roleOfColumn,
  roleOfHeading,
  roleOfNumber,
  settleRoles,
} from './headings';

describe('what a heading says', () => {
  test.each([
    ['Name', 'fullName'],
    ['Full name (as on the register)', 'fullName'],
    ['Student', 'fullName'],
    ['First name', 'givenName'],
    ['Forename', 'givenName'],
    ['First', 'givenName'],
    ['Surname', 'familyName'],
    ['Apellido1', 'familyName'],
    ['Last Name', 'familyName'],
    ['First and last name', 'fullName'],
    ['Nombre y apellidos', 'fullName'],
    ['Preferred name', 'preferredName'],
    ['Known as', 'preferredName'],
    ['Tussenvoegsel', 'familyName'],
    ['E-mail address', 'email'],
    ['School email', 'email'],
    ['Bus email', 'email'],
    ['Student ID', 'externalId'],
    ['UPN', 'externalId'],
    ['Unique ID', 'externalId'],
    ['Class', 'section'],
    ['Home room', 'section'],
    ['Which class are you in?', 'section'],
    ['Role', 'role'],
    ['Status', 'status'],
    ['#', 'leftOut'],
    ['Timestamp', 'leftOut'],
    ['User name', 'leftOut'],
    ['Q1 Name', 'fullName'],
    ['Question 2: Class', 'section'],
    ['2. Class', 'section'],
    ['12) Email', 'email'],
    ['What is your full name?', 'fullName'],
    ['Please enter your name here', 'fullName'],
    ['Wie heißt du?', 'fullName'],
    ['Who are you', 'fullName'],
    ['Name [required]', 'fullName'],
    ['名前', 'fullName'],
    ['Фамилия', 'familyName'],
    ['Nia ', null],
    ['NIA', 'externalId'],
    ['Bus number', null],
    ['Blood group', null],
    ['Parent name', null],
    ['Last active', null],
    ['Lab (60%)', null],
    ['Lab (A)', 'section'],
    ['a@b.example', null],
    ['Name '.repeat(17), null],
    ['', null],
    ['The', null],
  ] as const)('%s', (heading, role) => expect(roleOfHeading(heading)).toBe(role));

  test('a number word alone numbers students or counts rows', () => {
    expect(
      ['ID', 'Code', 'No.', 'Nº', '№', 'Number', 'Nr (list)', '(No)', 'ID (own)', 'Class'].map(
        roleOfNumber,
      ),
    ).toEqual([
      ...['externalId', 'externalId', 'leftOut', 'leftOut', 'leftOut', 'leftOut', 'leftOut'],
      ...['leftOut', 'externalId', null],
    ]);
    expect(roleOfColumn('ID')).toBe('externalId');
    expect(roleOfColumn('Class')).toBe('section');
  });

  test('a cell surely heads a column where it says what, and nobody is called so', () => {
    const sure = ['Surname', 'E-mail', 'Class', 'Student ID'];
    expect(sure.map(isSurelyHeading)).toEqual(sure.map(() => true));
    const unsure = ['Christian', 'Nick', 'Rol', 'No', '#', 'Amira', 'Block'];
    expect(unsure.map(isSurelyHeading)).toEqual(unsure.map(() => false));
  });

  test('the family name leads where a heading has it first', () => {
    const leads = ['Cognome e nome', 'Name, Vorname', 'Apellidos y nombre', 'Surname, first name'];
    expect(leads.map(familyLeads)).toEqual(leads.map(() => true));
    const others = ['Nome e cognome', 'Name', 'Vorname Name', 'First and last name', 'Class'];
    expect(others.map(familyLeads)).toEqual(others.map(() => false));
    expect(familyLeads('Apellidos')).toBe(false);
  });

  test('what a heading tells beside its role', () => {
    expect(['Nº lista', 'Class no.', 'Number', 'Class'].map(isCounting)).toEqual([
      ...[true, true, false, false],
    ]);
    expect(['Parent e-mail', 'Tutor', 'E-mail'].map(isOfOthers)).toEqual([true, true, false]);
    expect(['Voorvoegsel', 'Naam'].map(isBetween)).toEqual([true, false]);
    expect(['Phone', 'Date of birth', 'Zip code', 'Room', 'Points'].map(isNoAmount)).toEqual([
      ...[true, true, true, true, false],
    ]);
  });
});

describe('headings beside each other', () => {
  const settled = (headings: string) => {
    const all = headings.split('|');
    return settleRoles(all, all.map(roleOfColumn)).map((role) => role ?? '-');
  };

  test.each([
    ['Name|Vorname', 'familyName givenName'],
    ['Nom|Prénom', 'familyName givenName'],
    ['Name|Surname', 'givenName familyName'],
    ['Full name|Surname', 'givenName familyName'],
    ['Full name|Vorname', 'fullName givenName'],
    ['Full name|Surname|Known as', 'fullName familyName preferredName'],
    ['Name|Vorname|Nachname', 'fullName givenName familyName'],
    ['Surname|Known as', 'familyName givenName'],
    ['Surname|First name|Known as', 'familyName givenName preferredName'],
    ['ID|Student ID|Name', 'leftOut externalId fullName'],
    ['ID|Code|Name', 'externalId leftOut fullName'],
    ['Class|Group|Name', 'section detail fullName'],
    ['Apellido1|Apellido2|Nombre', 'familyName familyName givenName'],
    ['#|Timestamp|Name', 'leftOut leftOut fullName'],
    ['Otter|Name', '- fullName'],
  ])('%s', (headings, roles) => expect(settled(headings).join(' ')).toBe(roles));
});
