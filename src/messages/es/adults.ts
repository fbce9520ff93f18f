import { count, listNames, wordFor } from './words';

/** What the view of adults and times says. */
export const adults = {
  page: 'Adultos',
  title: 'Quién dirige cada grupo',
  back: 'Volver a los grupos',
  none: 'Las personas adultas dirigen grupos o les ayudan a las horas que pueden. Nómbrelas y diga sus horas; después dé alguien a cada grupo.',
  adults: 'Personas adultas y cuándo pueden',
  name: 'Nombre de la persona adulta',
  add: 'Añadir a alguien',
  fromStaff: (names: readonly string[]) =>
    names.length > 3
      ? `Añadir a las ${names.length} personas del personal`
      : `Añadir a ${listNames(names)} del personal`,
  email: (name: string) => `Dirección de ${name}`,
  noAddress: 'sin dirección',
  remove: (name: string) => `Quitar a ${name}`,
  removed: (name: string) => `Se ha quitado a ${name}; sus grupos se quedan sin persona adulta.`,
  time: 'Nombre de la hora, como mar 13:30-14:10',
  addTime: 'Añadir una hora',
  renameTime: 'Nombre de la hora',
  removeTime: (name: string) => `Quitar la hora ${name}`,
  removedTime: (name: string) => `Se ha quitado ${name}; nadie se reúne entonces.`,
  days: ['domingos', 'lunes', 'martes', 'miércoles', 'jueves', 'viernes', 'sábados'],
  hours: (day: string | null, from: string | null, to: string | null) =>
    [day, from === null ? null : to === null ? `desde las ${from}` : `${from}–${to}`]
      .filter((one) => one !== null)
      .join(', '),
  can: (name: string, time: string) => `${name} puede: ${time}`,
  noTime: 'sin hora aún: no recibe ningún grupo',
  atOnce: 'a la vez',
  atOnceOf: (name: string) => `Grupos que ${name} dirige a la vez`,
  teaches: 'enseña',
  teachesOf: (name: string, skills: readonly string[]) =>
    `${name} enseña: ${skills.length === 0 ? 'todo' : listNames(skills)}`,
  teachesShort: (skills: number) => (skills === 0 ? 'todo' : count(skills, 'destreza')),
  teachesHint: 'Sin elegir nada, todo.',
  noSkills: 'La clase aún no tiene escalera.',
  never: 'no con',
  neverOf: (name: string, students: readonly string[]) =>
    `${name} no dirige ningún grupo con: ${students.length === 0 ? 'nadie indicado' : listNames(students)}`,
  neverShort: (students: number) =>
    students === 0 ? 'con cualquiera' : count(students, 'estudiante'),
  neverHint: 'Discreto: esto no aparece en ninguna otra parte.',
  neverAdd: 'Alguien a quien no dirige',
  neverDrop: (name: string) => `Permitir que dirija a ${name}`,
  room: 'sala',
  roomOf: (name: string) => `Sala de ${name}`,
  noRoom: 'sin sala',
  groups: (lineup: string) => `Los grupos de ${lineup}`,
  noGroups: 'Aún no hay grupos. Fórmelos primero; después cada uno recibe persona y hora.',
  toGroups: 'Formar grupos',
  meetAt: (times: readonly string[] | null) =>
    times === null
      ? 'Pueden reunirse a cualquier hora'
      : `Pueden reunirse a estas horas: ${listNames(times)}`,
  meetAtLabel: 'Horas a las que pueden reunirse estos grupos',
  give: 'Dar a cada grupo una persona adulta',
  giveAgain: 'Repartir de nuevo',
  given: (groups: number, without: number) =>
    without === 0
      ? groups === 1
        ? 'El grupo tiene una persona adulta.'
        : `Los ${groups} grupos tienen una persona adulta.`
      : `${groups - without} de ${count(groups, 'grupo')} ${wordFor(groups - without, 'tiene', 'tienen')} una persona adulta.`,
  clear: 'Quitarlas todas',
  cleared: 'Ningún grupo tiene ya persona adulta; lo retenido se ha quedado.',
  group: 'Grupo',
  works: 'trabaja',
  when: 'cuándo',
  who: 'persona adulta',
  whenOf: (group: string) => `Cuándo se reúne ${group}`,
  whoOf: (group: string) => `Quién dirige ${group}`,
  nobody: 'nadie aún',
  noTimeYet: 'sin hora',
  hold: (group: string) => `Mantener ${group} como está al repartir de nuevo`,
  with: (name: string, troubles: readonly string[]) =>
    troubles.length === 0 ? name : `${name} (${troubles.join('; ')})`,
  trouble: {
    cannotThen: 'no puede entonces',
    tooMany: (given: number, atOnce: number) =>
      `${count(given, 'grupo')} a la vez, y dirige ${atOnce}`,
    never: (names: readonly string[]) => `no con ${listNames(names)}`,
    notTaught: (skills: readonly string[]) => `no enseña ${listNames(skills)}`,
  },
  short: (groups: readonly string[], adults: readonly string[], missing: number) =>
    adults.length === 0
      ? `Nadie puede dirigir ${listNames(groups)}.`
      : `${listNames(groups)} solo pueden tener a ${listNames(adults)}, a las horas que tienen: ${count(missing, 'grupo')} ${wordFor(missing, 'se queda', 'se quedan')} sin nadie.`,
  impossible: (group: string) => `Nadie puede dirigir ${group} a una hora en que pueda reunirse.`,
  wayOut: 'Lo que bastaría',
  change: {
    time: (adult: string, time: string) => `${adult} viene también a esta hora: ${time}.`,
    atOnce: (adult: string) => `${adult} dirige a la vez un grupo más.`,
    letLead: (adult: string, students: readonly string[]) =>
      `${adult} sí dirige a ${listNames(students)}.`,
  },
  fewer: (groups: number) =>
    `O ${groups === 1 ? 'un grupo' : `${groups} grupos`} menos: con grupos mayores hacen falta menos personas adultas.`,
  doThat: 'Hacerlo y repartir de nuevo',
  noWayOut: 'No bastaría con unos pocos cambios de horas.',
  timetable: 'Horario',
  timetableOf: { adult: 'por persona', group: 'por grupo' },
  timetableBy: 'Horario',
  at: (group: string, room: string) => (room === '' ? group : `${group}, ${room}`),
  print: 'Imprimir',
  saveCsv: 'una tabla (CSV)',
  saveCalendar: 'un calendario',
  out: 'El horario como',
  from: 'Desde',
  weeks: 'Semanas',
  weeksLess: 'Una semana menos',
  weeksMore: 'Una semana más',
  weeksRange: (most: number) => `Entre 1 y ${most} semanas.`,
  notInCalendar: (times: readonly string[]) =>
    `${listNames(times)} no ${times.length === 1 ? 'tiene' : 'tienen'} día, y no ${times.length === 1 ? 'está' : 'están'} en el calendario.`,
  fileName: (className: string, lineup: string) => `${className}, ${lineup}, horario`,
  saved: {
    adult: 'persona adulta',
    period: 'hora',
    group: 'grupo',
    room: 'sala',
    skills: 'trabaja',
    students: 'estudiantes',
  },
};
