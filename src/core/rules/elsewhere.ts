/** Rules that speak where their answer is wanted and leave the findings of a look alone. */
export const ELSEWHERE_RULES: readonly {
  readonly id: string;
  readonly title: string;
  readonly where: string;
}[] = [
  { id: 'K3', title: 'Beneath', where: 'In the letter: what to wear beneath, by cut and cloth.' },
  {
    id: 'K7',
    title: 'Adjust',
    where: 'In the letter: ties and tabs set anew on the wearer, sleeves rolled down to try.',
  },
  {
    id: 'M3',
    title: 'Best way',
    where: 'On the Rail: the way of wearing that lifts a look most, as a mend.',
  },
];
