import { decode, ENCODINGS, looksBinary, unmixed, type Encoding } from './decode';

/** The bytes of a text in an encoding, by what its decoder makes of every byte and pair of bytes. */
function bytesIn(encoding: Encoding, text: string): Uint8Array {
  const bytesOf = new Map<string, readonly number[]>();
  const note = (...bytes: readonly number[]): void => {
    const letter = decode(Uint8Array.from(bytes), encoding).text;
    if (Array.from(letter).length === 1 && letter !== '\ufffd' && !bytesOf.has(letter))
      bytesOf.set(letter, bytes);
  };
  for (let byte = 0; byte < 256; byte++) note(byte);
  if (/[\u2e80-\ufaff]/.test(text))
    for (let first = 0x81; first < 0xff; first++)
      for (let second = 0x40; second < 0xff; second++) note(first, second);
  return Uint8Array.from(Array.from(text).flatMap((letter) => bytesOf.get(letter) ?? [0x3f]));
}

const LISTS: readonly (readonly [encoding: Encoding, list: string])[] = [
  ['windows-1252', 'Name,Klasse\nJörg Größe,7b\nÄnne Höfer,7b\nMüller €va,7b'],
  ['windows-1252', 'Nom;Prénom\nLefèvre;Zoé\nBœuf;Gaëlle\nÇetin;Noël'],
  ['windows-1252', 'Nome;Turma\nJoão Conceição;7\nInês Brandão;7'],
  ['windows-1252', 'Nafn,Bekkur\nÞór Árnason,7\nGuðrún Jónsdóttir,7\nÝmir Sigurðsson,7'],
  ['windows-1252', 'Name,Note\nAoife O’Brien,“new”\nSeán D’Arcy,–'],
  ['windows-1252', 'Navn;Klasse\nBjørn Ås;7\nÆrlig Øye;7'],
  ['windows-1250', 'Imię;Nazwisko\nŁucja;Żółkiewska\nŚwiętosław;Wąs'],
  ['windows-1250', 'Jméno,Příjmení\nŽofie,Dvořáková\nŠtěpán,Kučera\nŘehoř,Černý'],
  ['windows-1250', 'Név;Osztály\nŐry Győző;7\nKovács Ágnes;7\nSzűcs Béla;7'],
  ['windows-1250', 'Ime,Prezime\nŽeljka,Čavlović\nĐuro,Šimić'],
  ['iso-8859-2', 'Imię;Nazwisko\nŁucja;Żółkiewska\nŚwiętosław;Wąs'],
  ['iso-8859-15', 'Nom;Prénom\nBœuf;Gaëlle\nŽižka;Noël'],
  ['macintosh', 'Nombre;Grupo\nNúñez, Íñigo;1ºA\nMuñoz, José;1ºA'],
  ['macintosh', 'Name,Class\nAoife O’Brien,7B\nSean Ash,7B'],
  ['windows-1251', 'Фамилия;Имя\nИванова;Анна\nПетров;Илья\nЩукина;Юлия'],
  ['windows-1251', 'ФАМИЛИЯ;ИМЯ\nИВАНОВА;АННА'],
  ['koi8-r', 'Фамилия;Имя\nИванова;Анна\nПетров;Илья\nЩукина;Юлия'],
  ['iso-8859-5', 'Фамилия;Имя\nИванова;Анна\nПетров;Илья\nЩукина;Юлия'],
  ['ibm866', 'Фамилия;Имя\nИванова;Анна\nПетров;Илья\nЩукина;Юлия'],
  ['ibm850', 'Name;Klasse\nJörg Müller;7b\nÄnne Groß;7b'],
  ['ibm850', 'Nom;Prénom\nLefèvre;Zoë\nGarçon;Maël'],
  ['ibm850', 'Nombre,Grupo\nIñigo Núñez,1A\nJosé Muñoz,1A'],
  ['ibm852', 'Imię;Nazwisko\nŁucja;Żółkiewska\nŚwiętosław;Wąs'],
  ['ibm852', 'Jméno,Příjmení\nŽofie,Dvořáková\nŠtěpán,Kučera'],
  ['windows-1253', 'Όνομα,Επώνυμο\nΕλένη,Παππά\nΝίκος,Ιωάννου'],
  // A name or two are enough where letters stand where no other language has them.
  ['windows-1250', 'Name\nGergő Tóth'],
  ['windows-1254', 'Name\nGökçe Işık\nYıldız Ash'],
  ['koi8-r', 'Name\nИванова Анна\nAmira Haddad'],
  ['windows-1252', 'Name\nHafþór Ash\nBergþóra Þráinsdóttir'],
  ['macintosh', 'Name\nZoë Ash'],
  ['gb18030', 'Name\n李娜\nAmira Haddad'],
  ['windows-1254', 'Adı,Soyadı\nAyşe,Yılmaz\nÇağrı,Öztürk\nİrem,Şahin'],
  ['windows-1254', 'Name;Klasse\nAyşe Müller;7\nJörg Ash;7\nÇağla Öz;7'],
  ['windows-1255', 'שם,כיתה\nנועה כהן,7\nאיתי לוי,7'],
  ['windows-1256', 'الاسم,الصف\nأمينة حداد,7\nيوسف منصور,7'],
  ['windows-1257', 'Vardas,Pavardė\nŽygimantas,Šimkus\nRūta,Kazlauskienė'],
  ['windows-1257', 'Vārds,Uzvārds\nJānis,Bērziņš\nLīga,Kalniņa'],
  ['shift_jis', '氏名,組\n佐藤 花子,1\n山田 エリ,2\n林 Anna,2'],
  ['euc-jp', '氏名,よみ\n佐藤 花子,さとう\n山田 エリ,やまだ'],
  ['euc-kr', '이름,반\n김민서,1\n이서준,2'],
  ['gb18030', '姓名,班级\n王小明,一班\n李华,二班'],
  ['big5', '姓名,班級\n陳怡君,一班\n林志豪,二班'],
];

test.each(LISTS)('a list in %s is known by its letters: %j', (encoding, list) => {
  expect(decode(bytesIn(encoding, list))).toEqual({ text: list, encoding, doubtful: false });
});

test.each(ENCODINGS.filter((one) => !one.startsWith('utf')))(
  '%s is taken at its word',
  (encoding) => {
    const [, list = 'Amira Haddad'] = LISTS.find(([one]) => one === encoding) ?? [];
    const bytes = bytesIn(encoding, list);
    expect(decode(bytes, encoding).text).toBe(list);
    expect(decode(Uint8Array.of(0xef, 0xbb, 0xbf, 0x41), 'utf-8').text).toBe('A');
  },
);

test('UTF-8 is known by its bytes, a few astray among them read as Windows-1252', () => {
  const zoe = new TextEncoder().encode('Zoé Lefèvre, Noël, ');
  expect(decode(Uint8Array.from([...zoe, 0x4d, 0x69, 0x6c, 0x9c]))).toMatchObject({
    text: 'Zoé Lefèvre, Noël, Milœ',
    encoding: 'utf-8',
  });
  // As many astray as there are letters of UTF-8 speak for another.
  expect(decode(Uint8Array.from([0xe9, 0x20, ...zoe.slice(0, 4)])).encoding).not.toBe('utf-8');
});

test.each([
  ['ZoÃ« and Ã„nne', 'Zoë and Änne'],
  ['Aoife Oâ€™Brien, ZoÃ«', 'Aoife O’Brien, Zoë'],
  ['ZoÃ« 花', 'ZoÃ« 花'],
  ['Ã¼ and \u00e9', 'Ã¼ and \u00e9'],
  ['Ångström', 'Ångström'],
])('%j, written once more as another encoding, is %j', (given, expected) =>
  expect(unmixed(given)).toBe(expected),
);

test.each([
  ['Jos\ufffd', true],
  ['Zo¶ë and Ma¡ra', true],
  ['José', false],
  ['5 £, 20 °C', false],
])('%j looks wrong: %s', (text, doubtful) =>
  expect(decode(new TextEncoder().encode(text)).doubtful).toBe(doubtful),
);

test.each([
  ['Amira\0Haddad', true],
  ['\x01\x02\x03', true],
  ['\x01\x02Amira', false],
  [`${'Amira '.repeat(40)}${'\x02'.repeat(6)}`, true],
  [`${'Amira '.repeat(60)}${'\x02'.repeat(6)}`, false],
  ['Amira\tHaddad\r\n\f\x1b', false],
])('%j holds what no text does: %s', (text, expected) => expect(looksBinary(text)).toBe(expected));
