/** Rules of the agreed judgement that are not built yet, and why; House rules shows them as such. */
export const MISSING_RULES: readonly { readonly id: string; readonly title: string; readonly why: string }[] =
  [
    {
      id: 'K3',
      title: 'Beneath',
      why: 'Speaks in the letter already (what to wear beneath); not a finding of its own yet.',
    },
    {
      id: 'K7',
      title: 'Adjust',
      why: 'Goes to the letter: ties, drawcords and tabs set anew on the wearer.',
    },
    { id: 'M3', title: 'Best way', why: 'Offered on the Rail as a mend already; not a finding of its own.' },
    { id: 'U1', title: 'Reach', why: 'Looks a piece opens; wants the whole box and closet at once.' },
    {
      id: 'U2',
      title: 'Twin and sister',
      why: 'The closet finds twins already; in the box it is to speak as a finding.',
    },
    { id: 'U3', title: 'Places', why: 'Occasions a piece serves; wants the whole box.' },
    { id: 'U4', title: 'Seen before', why: 'Wants the looks of earlier boxes by who saw them.' },
    { id: 'U5', title: 'Safer swap', why: 'Wants the stock at hand.' },
    { id: 'U7', title: 'Asks', why: 'Wants the whole box.' },
    { id: 'U8', title: 'Season bridge', why: 'Wants the whole box.' },
    { id: 'U9', title: 'Ladder', why: 'Wants the closet.' },
  ];
