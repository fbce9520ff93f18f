import { asCode, beginsAsCode, beginsAsYaml, fromYaml } from './code';
import { otherArchive, otherKind, otherText } from './fileKinds';

const bytesOf = (text: string): Uint8Array =>
  Uint8Array.from(text, (letter) => letter.charCodeAt(0));
const kindOf = (error: ReturnType<typeof otherKind>) =>
  error === null ? null : 'kind' in error ? error.kind : error.code;

describe('a file that holds no list is told by its first bytes', () => {
  test.each([
    ['\x89PNG\r\n', 'photo'],
    ['\xff\xd8\xff\xe0', 'photo'],
    ['GIF89a', 'photo'],
    ['BM1234\0\0', 'photo'],
    ['II*\0', 'photo'],
    ['MM\0*', 'photo'],
    ['RIFF1234WEBPVP8', 'photo'],
    ['\0\0\0\x18ftypheic', 'photo'],
    ['%PDF-1.7', 'pdf'],
    ['\r\n %PDF-1.4', 'pdf'],
    ['{\\rtf1\\ansi', 'richText'],
    ['Name\nAmira %PDF-', null],
    ['BMX club', null],
    ['RIFF tour', null],
    ['ftypheic', null],
    ['x{\\rtf1', null],
    ['Amira Haddad', null],
    ['', null],
  ])('%j is %s', (begin, kind) => expect(kindOf(otherKind(bytesOf(begin)))).toBe(kind));

  test.each([
    ['<?xml version="1.0"?>\n<?mso-application?>\n<Workbook xmlns="x">', 'oldWorkbook'],
    ['<?xml version="1.0"?><ss:Workbook>', 'oldWorkbook'],
    ['BEGIN:VCALENDAR\r\nVERSION:2.0', 'calendar'],
    ['  <!DOCTYPE html><html>', 'page'],
    ['<?xml version="1.0"?>\n<html>', 'page'],
    ['<?xml version="1.0"?>\n<students>', 'markup'],
    ['<!-- made by hand -->\n<table><tr>', 'page'],
    ['<ul><li>Amira', 'page'],
    ['<Workbooks>', null],
    ['text <?xml version="1.0"?><Workbook>', null],
    ['Amira <table>', null],
    ['<tablet>', null],
    ['<amira@river.example>', null],
    ['END:VCALENDAR BEGIN:VCALENDAR', null],
  ])('and text by its first words: %j is %s', (text, kind) =>
    expect(kindOf(otherText(text))).toBe(kind),
  );

  test.each([
    [['xl/workbook.bin', 'xl/styles.bin'], 'oldWorkbook'],
    [['xl/workbook.xml'], 'unknownZip'],
    [['parts/one.bin'], 'unknownZip'],
    [['word/document.xml'], 'document'],
    [['ppt/slides/one.xml'], 'document'],
    [['Object 1/content'], 'document'],
    [['content.xml'], 'document'],
    [['Index/Document.iwa'], 'otherSheets'],
    [['password/one.txt'], 'unknownZip'],
    [[], 'unknownZip'],
  ])('and an archive by the names of its parts: %j is %s', (names, kind) =>
    expect(kindOf(otherArchive(names))).toBe(kind),
  );
});

describe('lists as code writes them', () => {
  test.each([
    ["['Amira', 'Bram']", '["Amira","Bram"]', ''],
    ['const crew = ["Amira", "Bram"];', '["Amira","Bram"]', 'const crew'],
    ['crew = ("Amira", "Bram",)', '["Amira","Bram"]', 'crew'],
    [
      "[{name: 'Amira', 'here': True}, {name: 'Bram', 'here': None}]",
      '[{"name":"Amira","here":true},{"name":"Bram","here":null}]',
      '',
    ],
    ["{'name': 'Amira'}\n{'name': 'Bram'}", '[{"name":"Amira"},{"name":"Bram"}]', ''],
    ["'Amira', 'Bram'", '["Amira","Bram"]', ''],
    ["['O\\'Neil', -1.5]", '["O\'Neil",-1.5]', ''],
    ['[["Amira", 1], ["Bram", 2]]', '[["Amira",1],["Bram",2]]', ''],
  ])('%s', (text, json, called) => expect(asCode(text)).toEqual({ json, called }));

  test.each([
    ["{name: 'Amira', name: 'Bram'}"],
    ['[Amira, Bram]'],
    ["['Amira'"],
    ['"Amira" & "Bram"'],
  ])('%s is none, for something in it would be lost', (text) => expect(asCode(text)).toBeNull());

  test('the beginning tells', () => {
    const code = ["['Amira'", '[[1', '{name', 'crew = ["a"', 'let crew = ("a"', '[ {'];
    expect(code.map(beginsAsCode)).toEqual(code.map(() => true));
    const others = ['[7B] Amira', '{| table', 'Amira', '(Amira)', 'crew = Amira', '["'.slice(0, 1)];
    expect(others.map(beginsAsCode)).toEqual(others.map(() => false));
    const yaml = ['- name: Amira', '---\n- name: Amira', 'crew:\n  - name: Amira'];
    expect(yaml.map(beginsAsYaml)).toEqual(yaml.map(() => true));
    const none = ['- Amira', 'name: Amira', '- name:', 'crew: - name: Amira'];
    expect(none.map(beginsAsYaml)).toEqual(none.map(() => false));
  });

  test('records that YAML lists keep every word, zeros before a number too', () => {
    expect(fromYaml('crew:\n  - name: Amira\n    id: 0041\n\n  - name: "Bram"\n...')).toEqual({
      json: '[{"name":"Amira","id":"0041"},{"name":"Bram"}]',
      called: 'crew',
    });
    expect(fromYaml('---\n- name: Amira\n- name: Bram')?.called).toBe('');
    const none = [
      '- name: Amira',
      '- name: Amira\n  name: Bram\n- name: Chipo',
      '- name: Amira\n  skills:\n    - read\n- name: Bram',
      'name: Amira\n- name: Bram\n- name: Chipo',
      '- name: Amira\nand Bram\n- name: Chipo',
    ];
    expect(none.map(fromYaml)).toEqual(none.map(() => null));
  });
});
