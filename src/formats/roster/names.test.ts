import {
  asTold,
  isCallName,
  isInactive,
  isOffice,
  isPartInACall,
  isParticle,
  isSchoolRole,
  isSuffix,
  isSuffixAfter,
  isTestAccount,
  isTitled,
  looksLikeName,
  looksLikeWholeName,
  roleOfPerson,
  splitName,
  tellSchoolRoles,
  withoutRemark,
  withoutSigns,
} from './names';
import { everyOne, saidOf } from './testTable';

describe('given and family name', () => {
  test.each([
    ['Amira Haddad', 'Amira', 'Haddad'],
    ['Amira', 'Amira', ''],
    ['Haddad, Amira', 'Amira', 'Haddad'],
    ['Haddad , Amira', 'Amira', 'Haddad'],
    ['Haddad,', 'Haddad', ''],
    ['Ana María Soto', 'Ana María', 'Soto'],
    ['Sanne van der Meer', 'Sanne', 'van der Meer'],
    ['van der Meer', 'van', 'der Meer'],
    ['Ana de la Cruz', 'Ana', 'de la Cruz'],
    ['Ana Cruz y Soto', 'Ana', 'Cruz y Soto'],
    ['Joan Puig i Vidal', 'Joan', 'Puig i Vidal'],
    ['Ana y Soto', 'Ana', 'y Soto'],
    ['ANA CRUZ Y SOTO', 'ANA', 'CRUZ Y SOTO'],
    ['Anna E Berg', 'Anna E', 'Berg'],
    ['ANNA K BERG', 'ANNA K', 'BERG'],
    ['Anna Maria I Berg', 'Anna Maria I', 'Berg'],
    ['Sean O’Neil Jr.', 'Sean', 'O’Neil Jr.'],
    ['Sean Jr.', 'Sean', 'Jr.'],
    ['O’Neil, Sean Jr.', 'Sean', 'O’Neil Jr.'],
    ['O’Neil, Sean III', 'Sean', 'O’Neil III'],
    ['O’Neil, Jr., Sean', 'Jr. Sean', 'O’Neil'],
    ['Sean O’Neil, Jr.', 'Sean', 'O’Neil Jr.'],
    ['Bram Visser, V', 'Bram', 'Visser V'],
    ['Petrov, V.', 'V.', 'Petrov'],
    ['Ann Best, MSc', 'Ann', 'Best MSc'],
    ['DUBOIS Maëlle', 'Maëlle', 'DUBOIS'],
    ['DE LA CRUZ Ana', 'Ana', 'DE LA CRUZ'],
    ['Maëlle DUBOIS', 'Maëlle', 'DUBOIS'],
    ['Maëlle DU BOIS', 'Maëlle', 'DU BOIS'],
    ['AMIRA HADDAD', 'AMIRA', 'HADDAD'],
    ['Sean O’Neil III', 'Sean', 'O’Neil III'],
    ['Dr. Amira Haddad', 'Amira', 'Haddad'],
    ['Prof. Dr. Amira Haddad', 'Amira', 'Haddad'],
    ['Dr', 'Dr', ''],
    ['Ms Okafor', 'Okafor', ''],
    ['Don Smith', 'Don', 'Smith'],
    ['Haddad, Dr. Amira', 'Amira', 'Haddad'],
    ['J. Weber', 'J.', 'Weber'],
    ['李 小龙', '李', '小龙'],
    ['Иванова Анна Петровна', 'Анна Петровна', 'Иванова'],
    ['Анна Петровна Иванова', 'Анна Петровна', 'Иванова'],
    ['Пётр Ильич Абрамович', 'Пётр Ильич', 'Абрамович'],
  ])('of %s', (whole, given, family) => expect(splitName(whole)).toEqual({ given, family }));

  test('a name that is told family name first gets its comma, unless signs tell it already', () => {
    expect(
      saidOf(asTold, [
        'De Rossi Anna',
        'Haddad/Amira',
        'Haddad / Amira',
        'Haddad, Amira',
        'DE ROSSI Anna',
        'Amira',
        'Haddad/Amira/Lea',
      ]),
    ).toEqual({
      'De Rossi Anna': 'De Rossi, Anna',
      'Haddad/Amira': 'Haddad, Amira',
      'Haddad / Amira': 'Haddad, Amira',
      'Haddad, Amira': 'Haddad, Amira',
      'DE ROSSI Anna': 'DE ROSSI Anna',
      Amira: 'Amira',
      'Haddad/Amira/Lea': 'Haddad/Amira/Lea',
    });
  });

  test('words that belong to a name and are none', () => {
    const before = ['de', 'VAN', 'der', 'bin', "'t", 'y', 'e'];
    expect(saidOf(isParticle, before)).toEqual(everyOne(before, true));
    expect(saidOf(isParticle, ['Dean', 'vane', 'Amira', ''])).toEqual(
      everyOne(['Dean', 'vane', 'Amira', ''], false),
    );
    const behind = ['Jr.', 'jr', 'III', 'PhD', 'B.Sc.', 'BSc', 'Dipl.-Ing.', 'V'];
    expect(saidOf(isSuffix, behind)).toEqual(everyOne(behind, true));
    expect(saidOf(isSuffix, ['Junia', 'Vi', 'MA?', 'Mdx'])).toEqual(
      everyOne(['Junia', 'Vi', 'MA?', 'Mdx'], false),
    );
    expect(isSuffixAfter('Petrov', 'V.')).toBe(false);
    expect(isSuffixAfter('Petrov', 'Jr.')).toBe(true);
    expect(isSuffixAfter('Bram Visser', 'V')).toBe(true);
    expect(isSuffixAfter('Bram Visser', 'Anna')).toBe(false);
  });
});

describe('what stands within or behind a name', () => {
  test.each([
    ['Amira (Miri) Haddad', 'Amira Haddad', 'Miri', false],
    ['Amira Haddad (away)', 'Amira Haddad', 'away', false],
    ['Amira [Miri] Haddad', 'Amira Haddad', 'Miri', false],
    ['Haddad (Miri), Amira', 'Haddad, Amira', 'Miri', false],
    ['Haddad, (Miri)', 'Haddad', 'Miri', false],
    ['Amira "Miri" Haddad', 'Amira Haddad', 'Miri', true],
    ['Amira „Miri“ Haddad', 'Amira Haddad', 'Miri', true],
    ['"Amira Haddad"', '"Amira Haddad"', '', true],
    ["Sean O'Neil'", "Sean O'Neil'", '', true],
    ['Amira Haddad', 'Amira Haddad', '', true],
    ['(Amira)', '(Amira)', '', true],
  ])('%s', (name, plain, remark, quoted) =>
    expect(withoutRemark(name)).toEqual({ plain, remark, quoted }),
  );

  test('signs, which go, and letters, which stay', () => {
    expect(
      saidOf(withoutSigns, ['Amira *', 'Amira Haddad✓', 'Amira ★ †', '* Amira', 'Amira 😀', '4★']),
    ).toEqual({
      'Amira *': 'Amira',
      'Amira Haddad✓': 'Amira Haddad',
      'Amira ★ †': 'Amira',
      '* Amira': '* Amira',
      'Amira 😀': 'Amira',
      '4★': '4★',
    });
  });

  test('what somebody is called is one word with a capital', () => {
    const called = ['Miri', 'Jean-Luc', 'O’Ann'];
    expect(saidOf((one) => isCallName(one), called)).toEqual(everyOne(called, true));
    const others = ['she/her', 'MIRI', 'M', 'miri', 'Miri H', 'Guest', 'Me', '7B'];
    expect(saidOf((one) => isCallName(one), others)).toEqual(everyOne(others, false));
    expect(isCallName('AJ', true)).toBe(true);
    expect(isCallName('AJAY', true)).toBe(false);
    expect(saidOf(isPartInACall, ['host', 'Co-host', 'Invitée', 'Hostess'])).toEqual({
      host: true,
      'Co-host': true,
      Invitée: true,
      Hostess: false,
    });
  });
});

describe('what could be a name', () => {
  test('letters with the signs that names have', () => {
    const names = [
      'Amira',
      'Ó Sé',
      'Jean-Luc',
      'Haddad, Amira',
      'J. Weber',
      '李',
      'O’Neil, Sean, Jr.',
    ];
    expect(saidOf(looksLikeName, names)).toEqual(everyOne(names, true));
    const others = [
      'A',
      '7B',
      'a@b.example',
      'Amira 2',
      'one two three four five six seven eight',
      'Amira, Bram, Chipo',
      'x'.repeat(61),
      '.Amira',
      '',
    ];
    expect(saidOf(looksLikeName, others)).toEqual(everyOne(others, false));
    const whole = ['Amira Haddad', 'Sanne van der Meer', 'Haddad, Amira'];
    expect(saidOf(looksLikeWholeName, whole)).toEqual(everyOne(whole, true));
    const half = ['Amira', 'Amira haddad', 'amira Haddad', 'Amira the Great'];
    expect(saidOf(looksLikeWholeName, half)).toEqual(everyOne(half, false));
  });

  test('titles', () => {
    const titled = ['Ms Okafor', 'Dr. Best', 'Frau Lind', 'Señora Ruiz'];
    expect(saidOf(isTitled, titled)).toEqual(everyOne(titled, true));
    expect(saidOf(isTitled, ['Msika Okafor', 'Ms', 'Drew Best', 'Ann Dr'])).toEqual(
      everyOne(['Msika Okafor', 'Ms', 'Drew Best', 'Ann Dr'], false),
    );
  });

  test('accounts made for trying things out', () => {
    const tried = [
      'Test Student',
      'teststudent1',
      'Demo User 2',
      'Student, Test',
      'e.g. Jane Sample',
    ];
    expect(saidOf(isTestAccount, tried)).toEqual(everyOne(tried, true));
    const others = ['Test', 'Jane Test', 'Student A', 'Demot User', 'e.g. Jane', 'Student 2'];
    expect(saidOf(isTestAccount, others)).toEqual(everyOne(others, false));
  });

  test('the address of a place', () => {
    expect(isOffice('Office', 'office@river.example')).toBe(true);
    expect(isOffice('River Office', 'office@river.example')).toBe(false);
    expect(isOffice('Office Staff', 'office@river.example')).toBe(true);
    expect(isOffice('Amira Haddad', 'info@river.example')).toBe(false);
    expect(isOffice('Office', 'amira@river.example')).toBe(false);
    expect(isOffice('Office', null)).toBe(false);
  });
});

describe('what somebody is in a school', () => {
  test.each([
    ['Student', 'student'],
    ['', 'student'],
    ['Schülerin', 'student'],
    ['Teacher', 'staff'],
    ['Student teacher', 'staff'],
    ['Teaching assistant', 'staff'],
    ['co-teacher', 'staff'],
    ['Teaches maths', 'staff'],
    ['Lehrkraft', 'staff'],
    ['Parent', 'other'],
    ['Students', 'student'],
    ['Teachers', 'staff'],
    ['Profesores', 'staff'],
    ['Stage', 'other'],
  ])('%s', (cell, role) => expect(roleOfPerson(cell)).toBe(role));

  test('only words for it are one', () => {
    const roles = ['Student', 'class teacher', 'parent', 'Tutor legal', 'Guest'];
    expect(saidOf(isSchoolRole, roles)).toEqual(everyOne(roles, true));
    const others = ['one student of the boat', 'Parents evening', 'Otter', ''];
    expect(saidOf(isSchoolRole, others)).toEqual(everyOne(others, false));
  });

  test('a column tells students from staff where it says nothing else and staff are the fewer', () => {
    expect(tellSchoolRoles(['Student', 'Student', '', 'Teacher'])).toBe(true);
    expect(tellSchoolRoles(['Student', 'Student', 'Otter', 'Teacher'])).toBe(false);
    expect(tellSchoolRoles(['Student', 'Teacher', 'Teacher'])).toBe(false);
    expect(tellSchoolRoles(['Student', 'Teacher'])).toBe(true);
    expect(tellSchoolRoles(['Student', 'Student'])).toBe(false);
    expect(tellSchoolRoles(['Teacher', 'Teacher'])).toBe(false);
    expect(tellSchoolRoles(['Student', 'Member', 'Coach', 'Student'])).toBe(false);
  });

  test('who has left', () => {
    const left = ['Withdrawn', 'no', '0', 'Left in May', 'baja', 'Trasladada a otro', 'N'];
    expect(saidOf(isInactive, left)).toEqual(everyOne(left, true));
    const here = ['Active', 'yes', '1', '', 'Lefty', 'has left', 'enrolled'];
    expect(saidOf(isInactive, here)).toEqual(everyOne(here, false));
  });
});
