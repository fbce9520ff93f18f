import { rules } from './rules';
import { listNames } from './words';

export const rulesEs = {
  ...rules,
  reason: 'Motivo, solo para usted',
  reasonEmpty: 'añadir un motivo',
  lastDay: 'Último día de la regla',
  lastDayEmpty: 'sin fecha final',
  ended: 'terminada',
  matrix: {
    title: 'Cada persona junto a cada persona',
    hint: 'Las cifras dicen cuántas veces han trabajado juntas dos personas. Pulse una casilla para separarlas y otra vez para juntarlas. Teclas: A, T, Supr.',
    order: 'Orden',
    orders: { list: 'lista de clase', name: 'nombre', section: 'sección', group: 'grupo actual' },
    overlay: 'Marcar quiénes están ahora en un mismo grupo',
    cell: (one: string, two: string, kind: 'apart' | 'together' | null, met: number) =>
      [
        listNames([one, two]),
        kind === null ? '' : kind === 'apart' ? 'por separado' : 'juntos',
        met === 0
          ? 'aún no han coincidido'
          : met === 1
            ? 'han coincidido una vez'
            : `han coincidido ${met} veces`,
      ]
        .filter(Boolean)
        .join(', '),
    inLarger: (names: readonly string[]) =>
      `Estas dos personas están en una regla sobre ${listNames(names)}. Cambie esa regla en la lista.`,
  },
};
