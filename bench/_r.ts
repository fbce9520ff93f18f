import { readRosterText } from '../src/formats/roster/readRoster';
const LISTS: Record<string, string> = {
titled: `Amira Haddad
Bram Visser
Mr. Okafor
Chipo Dube
Dov Ash
Eva Lind`,
numberedTab: `1.\tAmira Haddad\tpresent
2.\tBram Visser\tabsent
3.\tChipo Dube\tpresent`,
quotedNick: `Amira "Mimi" Haddad
Bram 'Bo' Visser
Chipo (Chip) Dube`,
pronouns: `Amira Haddad (she/her)
Bram Visser (he/him)
Chipo Dube (they/them)`,
multiclass: `7A: Amira Haddad
7A: Bram Visser
7B: Chipo Dube
7B: Dov Ash`,
dashclass: `Amira Haddad - 7A
Bram Visser - 7A
Chipo Dube - 7B`,
bracketGroup: `[Group A]
Amira Haddad
Bram Visser
[Group B]
Chipo Dube
Dov Ash`,
mdlist: `## Group 1
* Amira Haddad
* Bram Visser
## Group 2
* Chipo Dube
* Dov Ash`,
mdbold: `**Group 1**
Amira Haddad
Bram Visser

**Group 2**
Chipo Dube`,
apart: `Amira Haddad and Bram Visser
Chipo Dube and Dov Ash
Eva Lind and Farid Azar`,
excelTotals: `Surname,Forename,Reg,SEN,PP,KS2 Maths
HADDAD,Amira,7B,N,Y,104
VISSER,Bram,7B,K,N,98
DUBE,Chipo,7B,,N,
Average,,,,,101`,
marksSlash: `Name\tQuiz 1 (/10)\tQuiz 2 (/20)
Amira Haddad\t7/10\t15/20
Bram Visser\t9/10\t-
Chipo Dube\tabs\t12/20`,
weights: `Student;Points;Final
Amira Haddad;7,5;B+
Bram Visser;8,0;A-
Chipo Dube;6,5;C`,
emptyRows: `Name,Email

Amira Haddad,amira@example.org

,,
Bram Visser,bram@example.org
`,
semicolonEmails: `amira.haddad@example.org; bram.visser@example.org; c.dube@example.org`,
mailLines: `amira.haddad@example.org
bram.visser@example.org
chipo_dube@example.org`,
emailFirst: `amira@example.org\tAmira Haddad
bram@example.org\tBram Visser`,
idOnly: `10231
10232
10233`,
nameAgeCity: `Amira Haddad, 14, Ghent
Bram Visser, 15, Antwerp
Chipo Dube, 14, Ghent`,
longNames: `Maria del Carmen Fernández-Villaverde y Ortiz de la Torre
Jean-Baptiste de La Rochefoucauld d'Estissac
Wolfeschlegelsteinhausenbergerdorff, Hubert Blaine`,
mono: `Suharto
Björk
Xi
Ng
O`,
initials: `A. Haddad
B. Visser
J.R.R. Tolk
C. Dube`,
revInitial: `Haddad, A.
Visser, B.J.
Dube, C.`,
vietnamese: `Nguyễn Thị Minh Khai
Trần Văn A
Lê Hoàng`,
hebrew: `דוד כהן
שרה לוי
יוסף מזרחי`,
mixedDelims: `Amira Haddad, 7B; Bram Visser, 7B; Chipo Dube, 7C`,
wa: `Amira ✅
Bram ✅
Chipo ❌
Dov ✅`,
poll: `Who comes on Friday?
Amira Haddad
Bram Visser
Chipo Dube
(3 votes)`,
absent: `Present:
Amira Haddad
Bram Visser
Absent:
Chipo Dube`,
tableNoHeadScores: `Amira Haddad 71
Bram Visser 88
Chipo Dube 65`,
scoreLead: `71 Amira Haddad
88 Bram Visser
65 Chipo Dube`,
pct: `Amira Haddad 71%
Bram Visser 88%
Chipo Dube 65%`,
letterGrade: `Amira Haddad A
Bram Visser B
Chipo Dube A`,
ordinal: `1st Amira Haddad
2nd Bram Visser
3rd Chipo Dube`,
xml: `<?xml version="1.0"?><students><student>Amira</student></students>`,
jsonl: `{"first":"Amira","last":"Haddad"}
{"first":"Bram","last":"Visser"}`,
csvSmart: `“Haddad, Amira”,7B
“Visser, Bram”,7B
“Dube, Chipo”,7C`,
trailingNotes: `Name,Score
Amira Haddad,71
Bram Visser,88

Note: scores are out of 100
Teacher: R. Okafor`,
nameRowTwo: `,,Test 1,Test 2
Last,First,10,20
Haddad,Amira,7,15
Visser,Bram,9,18`,
yesno: `Name;Mag auf Foto?;Allergie
Häußler, Jörg;ja;Nuss
Groß, Anna;nein;
Heide, Paul;ja;Milch`,
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
