/** Trees and plants of river banks, in the order in which groups take them. */
export const groupWords: readonly string[] = [
  ...['Aliso', 'Sauce', 'Carrizo', 'Espadaña', 'Junco', 'Lirio', 'Berro', 'Enea'],
  ...['Mimbre', 'Menta', 'Chopo', 'Álamo', 'Consuelda', 'Cardencha', 'Tamariz', 'Mirto'],
  ...['Abedul', 'Helecho', 'Caléndula', 'Sagitaria', 'Equiseto', 'Valeriana', 'Trébol', 'Bardana'],
  ...['Saúco', 'Espino', 'Ulmaria', 'Bistorta', 'Salicaria', 'Potamo', 'Ranúnculo', 'Galio'],
];

/** Names of groups that are made up by a pattern. */
export const groupNaming = {
  numbered: (number: number) => `Grupo ${number}`,
  date: (moment: string) =>
    new Intl.DateTimeFormat('es', { day: 'numeric', month: 'short' }).format(new Date(moment)),
};
