/** Words from the river for aliases; two lists whose lengths share no factor give 420 different pairs. */
const CREATURES = [
  ...['Garza', 'Nutria', 'Trucha', 'Efímera', 'Libélula', 'Lavandera', 'Rana', 'Salamandra'],
  ...['Cigüeña', 'Carpa', 'Anguila', 'Gallineta', 'Focha', 'Cerceta', 'Golondrina', 'Mariposa'],
  ...['Agachadiza', 'Lamprea', 'Tenca', 'Musaraña', 'Rata de agua'],
];
const LOOKS = [
  ...['ámbar', 'ceniza', 'brillante', 'tranquila', 'cobriza', 'moteada', 'temprana', 'verde'],
  ...['dorada', 'avellana', 'marfil', 'jade', 'viva', 'tardía', 'brumosa', 'noble'],
  ...['ópalo', 'pálida', 'veloz', 'rojiza'],
];

export const privacy = {
  title: 'Nombres en pantalla',
  mask: { names: 'Nombres', initials: 'Iniciales', aliases: 'Nombres de río' },
  explained:
    'Para grabar o compartir la pantalla. Antes de que salga un archivo o una copia se le pregunta qué nombres lleva.',
  on: { names: '', initials: 'Iniciales', aliases: 'Nombres de río' },
  hidden: 'oculto',
  askedWhich: 'Los nombres están ocultos en su pantalla. ¿Qué nombres debe llevar esto?',
  askedReal:
    'Los nombres están ocultos en su pantalla, y este archivo contiene los verdaderos. ¿Guardarlo?',
  asShown: 'Como en la pantalla',
  withNames: 'Con los nombres verdaderos',
  notNow: 'Ahora no',
  listHidden:
    'Los nombres están ocultos en su pantalla, y una lista de clase los mostraría. Lo que ha escrito se conserva.',
  showNames: 'Mostrar los nombres',
  alias: (place: number) => {
    const look = LOOKS[place % LOOKS.length] ?? '';
    const creature = CREATURES[place % CREATURES.length] ?? '';
    const turn = Math.floor(place / (LOOKS.length * CREATURES.length));
    return turn === 0 ? `${creature} ${look}` : `${creature} ${look} ${turn + 1}`;
  },
};
