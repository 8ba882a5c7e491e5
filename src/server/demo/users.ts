/** Demo sign-ins, printed by the start command. Only the demo scenario has them; a real shop makes its own. */
export const DEMO_USERS = [
  { name: 'Ottoline Heron', email: 'owner@heronroom.invalid', password: 'heron-owner-demo', role: 'owner' },
  { name: 'Juna Pike', email: 'stylist@heronroom.invalid', password: 'heron-stylist-demo', role: 'stylist' },
  { name: 'Tam Ossory', email: 'packer@heronroom.invalid', password: 'heron-packer-demo', role: 'packer' },
] as const;
