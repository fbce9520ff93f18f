import { listNames, shortDay } from './words';

/** Days, at most a few by name. */
const daysList = (days: readonly string[]): string =>
  days.length > 4
    ? `${days.slice(0, 3).map(shortDay).join(', ')} y ${days.length - 3} días más`
    : listNames(days.map(shortDay));

export const lineups = {
  hangs: {
    used: (days: readonly string[]) =>
      `Se usó el ${daysList(days)}: de ahí se sabe quién ha trabajado con quién.`,
    ahead: (days: readonly string[]) => `Está previsto para el ${daysList(days)}.`,
    experts: (names: readonly string[]) =>
      `Sus grupos van a los especialistas de ${listNames(names)}.`,
    homes: (names: readonly string[]) =>
      `Los grupos de ${listNames(names)} vienen aquí como especialistas.`,
    dealtFrom: (names: readonly string[]) =>
      `${listNames(names)} ${names.length === 1 ? 'sale' : 'salen'} de sus grupos.`,
    rooms: (day: string) =>
      `El ${shortDay(day)} se hicieron salas con él: cada persona sigue en la suya hasta que se entregue otra vez.`,
    channels: (day: string) =>
      `El ${shortDay(day)} se hicieron espacios de grupo con él: quien cambie de grupo dejará de ver lo que allí se escribió en cuanto se entregue otra vez.`,
    copies: 'Han salido archivos u hojas de él; se quedaron como estaban.',
    stage: 'Es lo que muestra el escenario.',
    activities: (names: readonly string[]) =>
      `${listNames(names)} ${names.length === 1 ? 'se trabaja' : 'se trabajan'} en estos grupos: lo que se ha abierto conserva los grupos que tenía, y pregunta por quien se mueva.`,
    seats: 'Ahora mismo los estudiantes están eligiendo grupo en él.',
  },
  none: 'Ningún reparto',
  nameLabel: 'Nombre del reparto',
  make: 'Reparto nuevo',
  rename: 'Cambiar el nombre de este reparto',
  remove: (name: string) => `Eliminar ${name}`,
  deleted: (name: string) => `Se ha eliminado ${name} con sus tomas.`,
  askDelete: (name: string, inUse: boolean, hangs: readonly string[]) => ({
    title: inUse ? `${name} está en uso` : `De ${name} dependen otras cosas`,
    text: [
      inUse ? 'La clase trabaja ahora en estos grupos.' : '',
      'Al eliminar el reparto todos pierden sus grupos, con todas sus tomas.',
      ...hangs,
    ].join(' '),
    go: 'Eliminarlo de todos modos',
    leave: 'Conservarlo',
  }),
  nextTime: 'Reparto nuevo a partir de este',
  become: {
    draft: 'Volver a dejarlo en borrador',
    inUse: 'La clase trabaja ahora en estos grupos',
    retired: 'La clase ha terminado con estos grupos',
  },
  used: 'Contarlo como usado hoy',
  again: 'Contar hoy una vez más',
  notUsed: (day: string) => `No contarlo como usado el ${shortDay(day)}`,
  state: (state: 'draft' | 'inUse' | 'retired', usedOn: string | null) => {
    if (state === 'draft' && usedOn !== null) return `usado el ${shortDay(usedOn)}`;
    return { draft: 'borrador', inUse: 'en uso', retired: 'pasado' }[state];
  },
};
