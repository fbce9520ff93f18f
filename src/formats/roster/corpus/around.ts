import { lines, type RosterCase } from './types';

/** Days, duties, teachers, letters and signs that stand around names. */
export const around: readonly RosterCase[] = [
  {
    name: 'a class and its teacher on one line, over headings that nothing parts',
    given: lines(
      'Turma 8.º F — Diretora de Turma: Prof.ª Graça Teles',
      'N.º Nome do aluno Presença',
      '1 Afonso Brito P',
      '2 Beatriz Cunha F',
      '3 Caetana Dias P',
      '4 Duarte Esteves P',
    ),
    students: ['Afonso Brito', 'Beatriz Cunha', 'Caetana Dias', 'Duarte Esteves'],
    staff: ['Prof.ª Graça Teles'],
  },
  {
    name: 'a class and its teacher on one line, over a table',
    given: lines(
      'Classe 3ª D - Coordinatore: prof. Bellini Sandro',
      'N.\tAlunno\tData di nascita\tNote',
      '1\tAgostini Martina\t04/02/2011\t',
      '2\tBruni Edoardo\t19/07/2011\tDSA',
      '3\tCaputo Giada\t30/10/2011\t',
      "4	D'Amico Nicolò	11/12/2010	ripetente",
      '5\tEsposito Ludovica\t08/05/2011\t',
    ),
    students: [
      'Agostini Martina',
      'Bruni Edoardo',
      'Caputo Giada',
      "D'Amico Nicolò",
      'Esposito Ludovica',
    ],
    staff: ['prof. Bellini Sandro'],
  },
  {
    name: 'days over those who come on each',
    given: lines(
      'Mon\tTue\tWed',
      'Hedda\tIvo\tJasmin',
      'Kaspar\tLotte\tMoritz',
      'Nele\tOskar\tPaula',
    ),
    students: ['Hedda', 'Kaspar', 'Nele', 'Ivo', 'Lotte', 'Oskar', 'Jasmin', 'Moritz', 'Paula'],
    facts: [{ section: 'Mon' }],
  },
  {
    name: 'who watches over an exam, below those who sit it',
    given: lines(
      'Room 12 (capacity 4)',
      '  4101 BERGSTROM, Alva',
      '  4102 COLLIER, James T.',
      '  4103 DHILLON, Simran',
      'Room 14 (capacity 4)',
      '  4104 EASTWOOD, Poppy',
      '  4105 FONSECA, Rui',
      'Invigilators: Mrs K. Hale, Mr D. Ives',
    ),
    students: [
      'Alva BERGSTROM',
      'James T. COLLIER',
      'Simran DHILLON',
      'Poppy EASTWOOD',
      'Rui FONSECA',
    ],
    staff: ['Mrs K. Hale', 'Mr D. Ives'],
    facts: [
      { externalId: '4101' },
      { externalId: '4102' },
      { externalId: '4103' },
      { externalId: '4104' },
      { externalId: '4105' },
    ],
  },
  {
    name: 'pairs with a cross between',
    given: lines('Alma x Benedikt', 'Clemens x Doro', 'Elias x Frida'),
    students: ['Alma', 'Benedikt', 'Clemens', 'Doro', 'Elias', 'Frida'],
  },
  {
    name: 'a message with commas, a plus and one who does not come',
    given: lines('sat trip: ellie, finn, gracie, harvey + isla. not jack'),
    students: ['ellie', 'finn', 'gracie', 'harvey', 'isla. not jack'],
    asked: ['isla. not jack'],
  },
  {
    name: 'who is absent today and who is present, on one line',
    given: lines('Absent today: Wim, Xandra. Present: Yannick, Zita, Abel, Britt.'),
    students: ['Wim', 'Xandra', 'Yannick', 'Zita', 'Abel', 'Britt'],
  },
  {
    name: 'groups, one of which has nobody yet',
    given: lines(
      'Seminar A (max 4): Edvin Falk, Greta Holm, Henning Juul',
      'Seminar B (max 4): Ida Krogh, Johan Lind',
      'Seminar C (max 4): – none yet –',
    ),
    students: ['Edvin Falk', 'Greta Holm', 'Henning Juul', 'Ida Krogh', 'Johan Lind'],
  },
  {
    name: 'parents in brackets behind names',
    given: lines(
      'Paul Reiter (Mutter: Sabine Reiter, 0170 5550101)',
      'Rosa Stahl (Vater: Theo Stahl, 0170 5550102)',
      'Udo Vogt (Mutter: Wanda Vogt, 0170 5550103)',
    ),
    students: ['Paul Reiter', 'Rosa Stahl', 'Udo Vogt'],
  },
  {
    name: 'groups with their marks before the members',
    given: lines(
      'Group Otters – 14/20: Rasmus, Signe, Troels',
      'Group Herons – 16/20: Ulrik, Vibeke, Winnie',
    ),
    students: ['Rasmus', 'Signe', 'Troels', 'Ulrik', 'Vibeke', 'Winnie'],
  },
  {
    name: 'what is noted behind an arrow',
    given: lines(
      'Darcy Egan -> moves to set 2',
      'Finlay Grier',
      'Hollie Innes',
      'Jamie Knox -> moves to set 1',
      'Lara Munro',
    ),
    students: ['Darcy Egan', 'Finlay Grier', 'Hollie Innes', 'Jamie Knox', 'Lara Munro'],
    asked: ['Darcy Egan', 'Jamie Knox'],
  },
  {
    name: 'duties of each week, with first names in each',
    given: lines(
      'Week\tCook\tWash\tDry',
      '1\tAino\tEero\tHelmi',
      '2\tIlmari\tJukka\tKaisa',
      '3\tLauri\tMaija\tNiilo',
    ),
    students: ['Aino', 'Ilmari', 'Lauri', 'Eero', 'Jukka', 'Maija', 'Helmi', 'Kaisa', 'Niilo'],
    asked: ['Aino', 'Eero', 'Helmi', 'Ilmari', 'Jukka', 'Kaisa', 'Lauri', 'Maija', 'Niilo'],
  },
  {
    name: 'a class with a dash in it before names',
    given: lines('9-A Baran Demir', '9-A Ceylan Erdem', '9-B Deniz Fidan', '9-B Ferhat Gül'),
    students: ['Baran Demir', 'Ceylan Erdem', 'Deniz Fidan', 'Ferhat Gül'],
    facts: [{ section: '9-A' }, { section: '9-A' }, { section: '9-B' }, { section: '9-B' }],
  },
  {
    name: 'a name that is struck out with one sign',
    given: lines('- Olga Pavlova', '- ~Roman Sidorov~', '- Tatiana Ufimtseva'),
    students: ['Olga Pavlova', 'Roman Sidorov', 'Tatiana Ufimtseva'],
    asked: ['Roman Sidorov'],
  },
  {
    name: 'pictures before names of groups, with their members below on a line',
    given: lines('🦦 Otters', 'Anders, Bente, Carl', '🐟 Trout', 'Ditte, Erik, Freja'),
    students: ['Anders', 'Bente', 'Carl', 'Ditte', 'Erik', 'Freja'],
  },
  {
    name: 'a letter with names in a sentence',
    given: lines(
      'Dear Ms Hale,',
      'the following students will join the survey: Anja Beck, Curt Dorn, Edda Fink and Gerd Haas.',
      'Yours, Ines Jahn',
    ),
    students: ['Anja Beck', 'Curt Dorn', 'Edda Fink', 'Gerd Haas'],
  },
  {
    name: 'learners and a facilitator under a word that says nothing',
    given: lines(
      'Name,Type,Email',
      'Carla Dias,Learner,carla@example.org',
      'Elsa Faro,Learner,elsa@example.org',
      'Gil Horta,Facilitator,gil@example.org',
    ),
    students: ['Carla Dias', 'Elsa Faro'],
    staff: ['Gil Horta'],
  },
  {
    name: 'dots before names, and thanks below',
    given: lines('for tmrw:', '. Bo', '. Cat', '. Dee', '. Eli', 'thx'),
    students: ['Bo', 'Cat', 'Dee', 'Eli'],
  },
];
