/** Whom somebody speaks of beside the client: "for my husband", "my sister's". */
export const PEOPLE: ReadonlySet<string> = new Set(
  'husband wife partner boyfriend girlfriend mother mum mom father dad sister brother daughter son aunt uncle friend grandmother grandfather granny'.split(
    ' ',
  ),
);
