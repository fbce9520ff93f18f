import { readRosterText } from '../src/formats/roster/readRoster';
const LISTS: Record<string, string> = {
seatplan: `            BOARD
Amira Haddad | Bram Visser | (empty) | Chipo Dube
Dov Ash      |             | Eva Lind | Farid Azar
            DOOR`,
attendanceRegister: `Attendance register - Term 1
Class: 9C   Teacher: Ms R. Okafor
No,Student Name,1/9,2/9,3/9,4/9
1,Haddad Amira,P,P,A,P
2,Visser Bram,P,L,P,P
3,"Dube, Chipo",P,P,P,P
Total present,,3,2,2,3`,
lettered: `a) Amira Haddad
b) Bram Visser
c) Chipo Dube
d) Dov Ash`,
roman: `i. Amira Haddad
ii. Bram Visser
iii. Chipo Dube
iv. Dov Ash
v. Eva Lind`,
checks: `☑ Amira Haddad
☐ Bram Visser
☑ Chipo Dube
[x] Dov Ash
[ ] Eva Lind`,
chat: `[10:32, 3/11/2026] Amira Haddad: here
[10:33, 3/11/2026] Bram Visser: present
[10:33, 3/11/2026] Chipo Dube: yes miss`,
phones: `Amira Haddad +31 6 1234 5678
Bram Visser 06-12345678
Chipo Dube (020) 123 4567`,
dobs: `Amira Haddad 12/03/2011
Bram Visser 4.5.2010
Chipo Dube 2011-09-30`,
pipes: `| # | Student | Level |
|---|---------|-------|
| 1 | Amira Haddad | new |
| 2 | Bram Visser | some |`,
html: `<table><tr><td>Amira Haddad</td></tr></table>`,
fr: `N°;Nom;Prénom;Né(e) le;Classe;Délégué
1;HADDAD;Amira;12/03/2011;4eB;oui
2;VISSER;Bram;04/05/2010;4eB;non
3;DUBÉ;Chloé;30/09/2011;4eB;non
Effectif : 3;;;;;`,
de: `Lfd. Nr.\tNachname\tVorname\tm/w/d\tGeb.-Datum\tNote
1\tHäußler\tJörg\tm\t01.02.2010\t2,5
2\tGroß\tAnna-Lena\tw\t05.06.2010\t1,7
3\tvon der Heide\tPaul\tm\t07.08.2010\tkrank
Ø\t\t\t\t\t2,1`,
es: `Nº,Apellido 1,Apellido 2,Nombre,Correo
1,García,López,María José,mj@example.org
2,Ruiz,,Iker,iker@example.org
3,de la Fuente,Sanz,Ana,ana@example.org`,
it: `Cognome e nome;Classe;Assenze
Rossi Maria;3A;2
De Luca Giovanni;3A;0
D'Angelo Sofia;3A;5`,
nl: `Leerling;Roepnaam;Tussenvoegsel;Achternaam;Klas
10231;Amira;;Haddad;2B
10232;Bram;van der;Visser;2B
10233;Chipo;;Dube;2B`,
pt: `Matrícula\tNome completo\tTurma\tSituação
2026001\tAmira Haddad\tB\tAtivo
2026002\tBruno de Souza e Silva\tB\tTransferido
2026003\tChico Dube\tB\tAtivo`,
email1: `To: "Haddad, Amira" <amira@example.org>; "Visser, Bram" <bram@example.org>; chipo.dube@example.org
Cc: Dov Ash <dov@example.org>
Subject: Field day`,
groups: `Otters: Amira, Bram, Chipo
Herons: Dov, Eva, Farid
Newts: Gil, Hana`,
groups2: `Otters
- Amira Haddad
- Bram Visser

Herons
- Chipo Dube
- Dov Ash`,
kv: `Name: Amira Haddad
Email: amira@example.org
Section: A

Name: Bram Visser
Email: bram@example.org
Section: B`,
caps: `HADDAD, AMIRA
VISSER, BRAM
DUBE, CHIPO
MACDONALD, EVA`,
oneline: `Amira, Bram, Chipo, Dov, Eva and Farid`,
slash: `Amira Haddad / Bram Visser / Chipo Dube`,
trail: `Amira Haddad (7B)
Bram Visser (7B) *
Chipo Dube (7C) - left
* has glasses`,
pageno: `Class list 7B
Amira Haddad
Bram Visser
Page 1 of 2
Class list 7B
Chipo Dube
Dov Ash
Page 2 of 2`,
twocols: `Amira Haddad        Dov Ash
Bram Visser         Eva Lind
Chipo Dube          Farid Azar`,
teacher: `Ms. R. Okafor (teacher)
Amira Haddad
Bram Visser
Mr. Tan - assistant
Chipo Dube`,
ranking: `Rank\tName\tPoints
1st\tAmira Haddad\t98
2nd\tBram Visser\t91
=3rd\tChipo Dube\t88
=3rd\tDov Ash\t88`,
arabic: `الاسم,الصف
أميرة حداد,7ب
يوسف الخطيب,7ب
ليلى منصور,7ب`,
cjk: `学号,姓名,性别
20260101,王小明,男
20260102,李娜,女
20260103,欧阳修,男`,
jp: `出席番号\t氏名\tふりがな
1\t佐藤 花子\tさとう はなこ
2\t鈴木 一郎\tすずき いちろう`,
semis: `Haddad;Amira
Visser;Bram
Dube;Chipo`,
tabnames: `Amira\tHaddad
Bram\tVisser
Chipo\tDube`,
json: `[{"name":"Amira Haddad","level":"new"},{"name":"Bram Visser","level":"some"}]`,
namesIds: `Amira Haddad #10231
Bram Visser #10232
Chipo Dube #10233`,
headAlone: `Students
Amira Haddad
Bram Visser
Chipo Dube
3 students`,
emojis: `🦦 Amira Haddad
🐸 Bram Visser
🐦 Chipo Dube`,
};
export default function main() {
  for (const [k, t] of Object.entries(LISTS)) {
    const r = readRosterText(t, { columnName: 'Column {}' });
    console.log('##', k);
    if (!r.ok) { console.log('  error', JSON.stringify(r.error)); continue; }
    console.log('  shape', r.shape);
    for (const s of r.roster.students) console.log('  +', s.displayName, '|', s.givenName, '/', s.familyName, '|', s.section ?? '', '|', s.email ?? '', '|', s.externalId ?? '', JSON.stringify(s.attributes));
    for (const s of r.roster.staff) console.log('  staff', s.displayName, s.role);
    for (const s of r.roster.skipped) console.log('  -', s.row, s.name, s.reason);
    for (const w of r.roster.warnings) console.log('  ?', w.kind, w.row, w.name, w.given, w.likely);
  }
}
