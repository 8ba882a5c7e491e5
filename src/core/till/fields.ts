/** What a column of a till's file may say of a garment or of a size of it. */
export const TILL_FIELDS = [
  'title',
  'kind',
  'colour',
  'fibres',
  'size',
  'length',
  'sku',
  'ean',
  'price',
  'cost',
  'qty',
  'label',
  'style',
  'department',
  'care',
] as const;
export type TillField = (typeof TILL_FIELDS)[number];

/** What each is called where somebody chooses it for a column. */
export const TILL_FIELD_WORDS: Readonly<Record<TillField, string>> = {
  title: 'Name of the garment',
  kind: 'Kind',
  colour: 'Colour',
  fibres: 'Cloth',
  size: 'Size, or several',
  length: 'Length',
  sku: 'SKU',
  ean: 'Barcode',
  price: 'Price',
  cost: 'What it cost',
  qty: 'Pieces',
  label: 'Label',
  style: 'Style code',
  department: 'Department',
  care: 'Care',
};

/**
 * How columns are headed, in six languages; without signs and spaces, accents off. From memory: words of the trade, of no
 * till in particular. The first that fits wins, so what is narrower stands before what is wider.
 */
const HEADED: Readonly<Record<TillField, string>> = {
  ean: `ean ean13 gtin upc barcode barcodes strichcode codebarre codebarres codesbarres codiceabarre codigodebarras
    streepjescode eancode barcodenumber`,
  cost: `cost costprice unitcost wholesale wholesaleprice buyprice buyingprice ek ekpreis einkaufspreis einkauf prixachat
    prixdachat pa costo prezzoacquisto coste preciocoste inkoopprijs inkoop`,
  price: `price retail retailprice rrp sellingprice saleprice salesprice unitprice priceeach pricegross preis vk vkpreis
    verkaufspreis ladenpreis prix prixdevente prixvente prixttc pv prezzo prezzovendita precio pvp precioventa prijs
    verkoopprijs`,
  qty: `qty quantity stock onhand qtyonhand instock instore stocklevel stockonhand soh count units pieces pcs available
    inventory balance bestand menge anzahl lager lagerbestand stueck stuck quantite qte stockdisponible stockactuel
    giacenza quantita qta disponibilita cantidad existencias unidades voorraad aantal`,
  size: `size sizes sizing sizecode sizename groesse grosse grossen taille tailles pointure taglia taglie misura talla tallas
    maat maten`,
  length: 'length inseam leglength innenbein laenge lange longueur lunghezza largo lengte',
  colour: `colour color colours colors colourname colorname colourway colorway shade farbe farben farbname farbton couleur
    couleurs coloris colore colori kleur kleuren`,
  fibres: `composition fabric fabrics material materials fibre fibres fiber fibers content madeof cloth zusammensetzung
    materialzusammensetzung stoff matiere matieres tissu composizione materiale tessuto composicion tejido samenstelling
    materiaal`,
  department: `department gender sex geschlecht abteilung zielgruppe genre sexe rayon genere reparto genero seccion geslacht
    afdeling`,
  kind: `kind category categories type producttype productgroup group class subclass subcategory itemgroup garment
    warengruppe kategorie art artikelart produktgruppe categorie famille typedeproduit categoria tipo gruppo famiglia
    familia groep soort`,
  style: `style stylecode stylenumber styleno styleid model modelno modelnumber modell modellnummer modele modello modelo
    parent parentcode mastercode groupcode`,
  sku: `sku skucode code itemcode itemno itemnumber itemid articlecode articleno articlenumber artno stockcode plu productcode
    productid reference ref artikelnummer artikelnr artnr nummer bestellnummer codearticle referencearticle codice
    codicearticolo articolocodice codigo referencia artikelcode id variantid`,
  label: `brand label maker vendor supplier designer manufacturer make marke hersteller lieferant marque fournisseur marca
    fornitore proveedor merk leverancier`,
  care: 'care washing washcare carelabel pflege entretien lavaggio cuidado wasvoorschrift',
  title: `title name productname product item itemname article articlename description itemdescription stylename
    bezeichnung artikel artikelbezeichnung artikelname produkt produktname beschreibung nom nomduproduit nomproduit produit
    libelle designation article prodotto nomeprodotto nome articolo descrizione producto nombre articulo descripcion
    omschrijving artikelomschrijving naam`,
};

/** A header or a word without what people write differently: capitals, accents, signs, spaces. */
export const bare = (text: string): string =>
  text
    .replace(/ß/g, 'ss')
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '');

const BY_NAME: ReadonlyMap<string, TillField> = new Map(
  (Object.entries(HEADED) as [TillField, string][]).flatMap(([field, names]) =>
    names.split(/\s+/).map((name) => [name, field] as const),
  ),
);
const PARTS = (Object.entries(HEADED) as [TillField, string][]).flatMap(([field, names]) =>
  names
    .split(/\s+/)
    .filter((name) => name.length >= 4)
    .map((name) => ({ field, name })),
);

/** How surely a header names a field: 1 whole ("Farbe"), less in part ("Farbe lt. Etikett"). */
export function headed(header: string): { readonly field: TillField; readonly sure: number } | undefined {
  const words = header
    .split(/[^\p{L}\p{N}]+/u)
    .map(bare)
    .filter((word) => word !== '');
  const whole = BY_NAME.get(words.join(''));
  if (whole) return { field: whole, sure: 1 };
  for (const word of words) {
    const field = BY_NAME.get(word);
    if (field) return { field, sure: 0.7 };
  }
  const joined = words.join('');
  const part = PARTS.filter(({ name }) => joined.includes(name)).sort(
    (a, b) => b.name.length - a.name.length,
  )[0];
  return part && { field: part.field, sure: 0.5 };
}
