/** What a path has in the places of an address such as `/c/:classId/stage`, as it stands there; nothing of other paths. */
export function paramsIn(address: string, path: string): Readonly<Record<string, string>> {
  const places = address.split('/');
  const parts = path.replace(/(?<=.)\/$/, '').split('/');
  const fits =
    places.length === parts.length &&
    places.every((place, at) => place.startsWith(':') || place === parts[at]);
  if (!fits) return {};
  return Object.fromEntries(
    places.flatMap((place, at) =>
      place.startsWith(':') ? [[place.slice(1), parts[at] ?? '']] : [],
    ),
  );
}
