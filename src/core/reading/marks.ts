/** Words that steer how what follows is meant. */
export type Mark =
  | 'not'
  | 'most'
  | 'least'
  | 'about'
  | 'between'
  | 'join'
  | 'with'
  | 'for'
  | 'like'
  | 'but'
  | 'in'
  | 'cover'
  | 'bare'
  | 'or';

const WORDS: Readonly<Record<Mark, string>> = {
  most: `under|up to|below|budget|budget is|budget of about|a budget of|spend up to|at most|no more than|not more than|nothing more than|less than|max|maximum|not over|nothing over
    |not above|nothing above|no higher than|nothing higher than|not higher than|nothing taller than|within|cheaper than|budget of
    |no taller than|nothing above|lower than|not exceeding|no over|top price|up until|max of|maximum of|at the most|no more`,
  least:
    'over|above|from|at least|more than|upwards of|starting at|minimum|minimum of|higher than|no less than|not under|not below',
  about: 'around|about|roughly|circa|approximately|approx|ish',
  between: 'between',
  not: `not|no|without|never|nothing|none|non|except|avoid|avoids|hate|hates|isn't|don't|doesn't|won't|can't|cannot|aren't|anything but
    |anything except|all but|free of|allergic to|allergy to|allergies to|sensitive to|intolerant to|intolerant of|reacts to|react to|itches in|instead of|rather than|as opposed to|nor|excluding|other than|minus|sans|neither|don't want|do not want`,
  join: `to wear with|wear with|wears with|worn with|to go with|goes with|go with|going with|in the colours of|in the colour of|the colour of|same colour as|to tone with|tone with|tones with|in keeping with|picking up|to match|matches with|match with|pair with
    |to pair with|works with|work with|to wear over|to wear under|wear under|wear over|alongside|together with|matching my|matching her
    |matching his|to wear on top of|on top of|underneath|beneath|to team with|team with|to layer over|layer over|layer under|wears over|wears under|worn over|worn under|to layer under|to complement|goes under|goes over|fits under|fits over`,
  with: 'with|featuring|has|having|plus',
  for: 'for',
  like: 'similar to|same as|replacement for|a replacement for|to replace|replace|replacing|instead of my|instead of her|like my|like the|like her|like his|like their|like those|like that|like one|like mum|like dad',
  but: 'but|however|though|although',
  in: 'in',
  cover:
    'cover|covers|covering|covered|hide|hides|hiding|conceal|conceals|cover up|covers up|keeps covered|keep covered|disguise|disguises',
  bare: 'bare|bares|exposed|exposes|uncovered|showing|shows|shows off|showing off',
  or: 'or|and|&',
};

const MARKS = new Map<string, Mark>();
/** Most words of a mark that begins with a word. */
const longest = new Map<string, number>();
for (const [mark, words] of Object.entries(WORDS) as [Mark, string][])
  for (const phrase of words.split('|').map((each) => each.trim())) {
    MARKS.set(phrase, mark);
    const [first = ''] = phrase.split(' ');
    longest.set(first, Math.max(longest.get(first) ?? 0, phrase.split(' ').length));
  }

/** The longest mark at a place of the written words, lower case, and how many of them it takes. */
export function markAt(
  words: readonly string[],
  at: number,
): { readonly mark: Mark; readonly words: number } | undefined {
  const most = longest.get(words[at] ?? '') ?? 0;
  for (let take = Math.min(most, words.length - at); take > 0; take--) {
    const mark = MARKS.get(words.slice(at, at + take).join(' '));
    if (mark) return { mark, words: take };
  }
  return undefined;
}
