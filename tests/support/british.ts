/**
 * What a reader across the sea spells or calls otherwise. Common knowledge of the language, from memory; written apart
 * from the house's own table, so that a word the table lacks is found too.
 */
export const BRITISH =
  /\b(?:colour(?:s|ed|ful|ing)?|grey(?:s|ed)?|jewellery|trousers|jumpers?|waistcoats?|trainers?|plimsolls?|polo necks?|court shoes?|handbags?|wardrobes?|zips?|tills?|centre[ds]?|centimetres?|millimetres?|metres|favourites?|catalogues?|programmes?|neighbours?|practis(?:e[ds]?|ing)|cancell(?:ed|ing)|labelled|travell(?:ed|ing|er)|modelled|organis\w+|recognis\w+|summaris\w+|apologis\w+|judgements?|cosy|cheques?|autumn|postcodes?|towards the till|learnt|fulfil|skilful|storeys?|tyres?|licence|defence|ageing|cardigan’s colour|whilst|amongst)\b/iu;
