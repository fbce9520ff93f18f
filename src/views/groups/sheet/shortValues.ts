/** The fewest first letters, capital and small, by which the values can be told apart; three at most. */
export function shortValues(names: readonly string[]): readonly string[] {
  return names.map((name) => {
    const letters = Array.from(name);
    for (let length = 1; length < 3; length++) {
      const short = letters.slice(0, length).join('').toLowerCase();
      const alone = names.every(
        (other) =>
          other === name || Array.from(other).slice(0, length).join('').toLowerCase() !== short,
      );
      if (alone) return capital(letters.slice(0, length));
    }
    return capital(letters.slice(0, 3));
  });
}

function capital([first = '', ...others]: readonly string[]): string {
  return first.toUpperCase() + others.join('').toLowerCase();
}
