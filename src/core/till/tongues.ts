import { lookup } from '../words';
import { bare } from './fields';

/** Languages a file's words may be in, besides English. */
export const TILL_TONGUES = ['de', 'fr', 'it', 'es', 'nl'] as const;
export type TillTongue = (typeof TILL_TONGUES)[number];

/**
 * Words of the trade, each "foreign foreign = English", accents off. From memory. Fibres stand here whole, since an allergy
 * may hang on one: a cloth that is named in German is matched as one that is named in English.
 */
const WORDS: Readonly<Record<TillTongue, string>> = {
  de: `kleid kleider abendkleid etuikleid = dress; rock rocke = skirt; hose hosen = trousers; jeanshose = jeans;
    bluse blusen = blouse; hemd hemden = shirt; pullover pulli strickpulli = jumper; strickjacke = cardigan;
    jacke jacken = jacket; sakko blazer = blazer; mantel mantel = coat; regenmantel = raincoat; weste westen = waistcoat;
    stiefel = boots; stiefelette stiefeletten = ankle boots; schuhe halbschuhe = flats; pumps = pumps; sandalen sandale = sandals;
    turnschuhe = trainers; gurtel = belt; schal schals = scarf; tuch = scarf; mutze = beanie; hut = hat; tasche taschen handtasche = bag;
    handschuhe = gloves; kette halskette = necklace; ohrringe = earrings; armband = bracelet; ring = ring; socken = socks;
    strumpfhose = tights; shirt = t-shirt; oberteil = top; krawatte = tie; anzug = suit; kostum = suit; overall = jumpsuit;
    schwarz = black; weiss = white; rot = red; blau = blue; dunkelblau marine = navy; hellblau = light blue; grun = green;
    dunkelgrun = dark green; gelb = yellow; grau = grey; hellgrau = light grey; dunkelgrau = charcoal; braun = brown; beige = beige;
    creme wollweiss ecru = cream; rosa = pink; lila violett = purple; orange = orange; gold = gold; silber silbern = silver; bunt = multicoloured;
    bordeaux weinrot = burgundy; turkis = turquoise; flieder = lilac; khaki = khaki;
    wolle schurwolle = wool; merinowolle = merino; kaschmir = cashmere; baumwolle = cotton; bio organic = ; seide = silk; leinen = linen;
    leder = leather; wildleder = suede; kunstleder = faux leather; viskose = viscose; polyamid = polyamide; elasthan = elastane;
    polyacryl = acrylic; samt = velvet; spitze = lace; daunen daune = down; federn = feather; gummi = rubber; strick = knit; metall = metal; nickelfrei = nickel-free;
    gestreift streifen = striped; kariert karo = checked; gepunktet punkte = dotted; geblumt blumen = floral; lang lange langes = long;
    kurz kurze kurzes = short; langarm = long-sleeved; kurzarm = short-sleeved; armellos = sleeveless; wickel = wrap; falten = pleated; rundhals = crew neck;
    damen = womens; herren = mens; mit = with; aus = in; und = and; ohne = without; sommer = summer; winter = winter; abend = evening;
    maschinenwasche = machine wash; handwasche = hand wash; reinigung chemische = dry clean`,
  fr: `robe robes = dress; jupe jupes = skirt; pantalon pantalons = trousers; jean = jeans; chemisier chemisiers blouse = blouse; chemise chemises = shirt;
    pull pulls pullover = jumper; gilet gilets cardigan = cardigan; veste vestes = jacket; blazer = blazer; manteau manteaux = coat; impermeable = raincoat;
    bottes botte = boots; bottines bottine = ankle boots; chaussures chaussure ballerines = flats; escarpins escarpin = pumps; sandales sandale = sandals;
    baskets basket = trainers; mocassins mocassin = loafers; ceinture ceintures = belt; echarpe echarpes foulard foulards = scarf; chapeau = hat; bonnet = beanie; sac sacs = bag;
    gants = gloves; collier colliers = necklace; boucles = earrings; bracelet = bracelet; bague = ring; chaussettes = socks; collants = tights;
    haut hauts = top; cravate = tie; costume = suit; combinaison = jumpsuit; debardeur = tank top; chale = shawl;
    noir noire = black; blanc blanche = white; rouge = red; bleu bleue = blue; marine = navy; vert verte = green; jaune = yellow; gris grise = grey;
    anthracite = charcoal; marron brun brune = brown; beige = beige; ecru creme = cream; rose = pink; violet violette mauve = purple; orange = orange; dore doree = gold;
    argent argente argentee = silver; bordeaux = burgundy; turquoise = turquoise; kaki = khaki; fonce foncee = dark; clair claire = light; multicolore = multicoloured;
    laine = wool; merinos = merino; cachemire = cashmere; coton = cotton; soie = silk; lin = linen; cuir = leather; daim = suede; simili similicuir = faux leather;
    viscose = viscose; polyamide = polyamide; elasthanne = elastane; acrylique = acrylic; velours = velvet; dentelle = lace; duvet = down; plume plumes = feather;
    caoutchouc = rubber; latex = latex; mohair = mohair; angora = angora; alpaga = alpaca; maille = knit; laiton = brass;
    raye rayee rayures = striped; carreaux = checked; pois = dotted; fleuri fleurie fleurs = floral; longue long longues = long; court courte = short; plisse plissee = pleated;
    portefeuille = wrap; femme femmes = womens; homme hommes = mens; en = in; de = ; du = ; des = ; a = ; et = and; avec = with; sans = without; manches = sleeves`,
  it: `abito abiti vestito vestiti = dress; gonna gonne = skirt; pantalone pantaloni = trousers; jeans = jeans; camicetta blusa = blouse; camicia camicie = shirt;
    maglione maglioni maglia maglie pullover = jumper; giacca giacche = jacket; giubbotto = jacket; cappotto cappotti = coat; impermeabile = raincoat; gilet panciotto = waistcoat;
    stivali stivale = boots; stivaletti stivaletto = ankle boots; scarpe scarpa ballerine = flats; decollete = pumps; sandali sandalo = sandals; mocassini mocassino = loafers;
    cintura cinture = belt; sciarpa sciarpe foulard = scarf; cappello = hat; borsa borse = bag; guanti = gloves; collana = necklace; orecchini = earrings; bracciale = bracelet;
    anello = ring; calze = socks; collant = tights; cravatta = tie; completo = suit; tuta = jumpsuit; canotta = tank top; scialle = shawl;
    nero nera = black; bianco bianca = white; rosso rossa = red; azzurro = light blue; blu = navy; verde = green; giallo gialla = yellow; grigio grigia = grey; marrone = brown;
    beige = beige; panna crema = cream; rosa = pink; viola = purple; arancione = orange; oro dorato = gold; argento = silver; bordeaux = burgundy; scuro scura = dark; chiaro chiara = light;
    lana = wool; merino = merino; cashmere = cashmere; cotone = cotton; seta = silk; lino = linen; pelle cuoio = leather; camoscio = suede; ecopelle similpelle = faux leather;
    viscosa = viscose; poliammide = polyamide; elastan = elastane; acrilico = acrylic; poliestere = polyester; velluto = velvet; pizzo = lace; piuma piume = feather; piumino = down; gomma = rubber; lattice = latex;
    righe = striped; quadri = checked; pois = dotted; fiori = floral; lungo lunga = long; corto corta = short; plissettata = pleated;
    donna = womens; uomo = mens; in = in; di = ; e = and; con = with; senza = without`,
  es: `vestido vestidos = dress; falda faldas = skirt; pantalon pantalones = trousers; vaquero vaqueros = jeans; blusa blusas = blouse; camisa camisas = shirt; camiseta camisetas = t-shirt;
    jersey jerseys sueter = jumper; chaqueta chaquetas = jacket; americana = blazer; abrigo abrigos = coat; gabardina = raincoat; chaleco = waistcoat; rebeca = cardigan;
    botas bota = boots; botines botin = ankle boots; zapatos zapato = flats; sandalias sandalia = sandals; zapatillas = trainers; mocasines mocasin = loafers;
    cinturon = belt; bufanda panuelo = scarf; sombrero = hat; gorro = beanie; bolso bolsos = bag; guantes = gloves; collar = necklace; pendientes = earrings; pulsera = bracelet; anillo = ring;
    calcetines = socks; medias = tights; corbata = tie; traje = suit; mono = jumpsuit; chal = shawl;
    negro negra = black; blanco blanca = white; rojo roja = red; azul = blue; marino = navy; verde = green; amarillo = yellow; gris = grey; marron = brown; beige = beige;
    crudo crema = cream; rosa = pink; morado = purple; naranja = orange; dorado oro = gold; plata plateado = silver; burdeos = burgundy; oscuro = dark; claro = light;
    lana = wool; merino = merino; cachemir = cashmere; algodon = cotton; seda = silk; lino = linen; piel cuero = leather; ante = suede; polipiel = faux leather; viscosa = viscose;
    poliamida = polyamide; elastano = elastane; acrilico = acrylic; poliester = polyester; terciopelo = velvet; encaje = lace; pluma plumas = feather; plumon = down; caucho = rubber; latex = latex;
    rayas = striped; cuadros = checked; lunares = dotted; flores = floral; largo larga = long; corto corta = short; plisada = pleated;
    mujer = womens; hombre = mens; de = ; en = in; y = and; con = with; sin = without`,
  nl: `jurk jurken = dress; rok rokken = skirt; broek broeken = trousers; spijkerbroek = jeans; blouse = blouse; overhemd = shirt; trui truien = jumper; vest = cardigan;
    jas jassen = coat; jack jasje colbert = blazer; regenjas = raincoat; laarzen = boots; enkellaarzen = ankle boots; schoenen = flats; sandalen = sandals; riem = belt;
    sjaal = scarf; hoed = hat; muts = beanie; tas tassen = bag; handschoenen = gloves; ketting = necklace; oorbellen = earrings; armband = bracelet; sokken = socks; panty = tights;
    das = tie; pak = suit; zwart zwarte = black; wit witte = white; rood rode = red; blauw blauwe = blue; donkerblauw = navy; groen groene = green; geel gele = yellow; grijs grijze = grey;
    bruin bruine = brown; beige = beige; roze = pink; paars paarse = purple; oranje = orange; goud = gold; zilver = silver;
    wol = wool; merinowol = merino; kasjmier = cashmere; katoen = cotton; zijde = silk; linnen = linen; leer leren = leather; suede = suede; kunstleer = faux leather;
    viscose = viscose; polyamide = polyamide; elastaan = elastane; fluweel = velvet; kant = lace; dons = down; veren = feather; gestreept = striped; geruit = checked; bloemen = floral;
    lang lange = long; kort korte = short; dames = womens; heren = mens; met = with; van = ; en = and; zonder = without`,
};

/** Shortened words of tills, in any language. Common practice. */
const SHORT: Readonly<Record<string, string>> = {
  blk: 'black',
  wht: 'white',
  wh: 'white',
  gry: 'grey',
  nvy: 'navy',
  crm: 'cream',
  brn: 'brown',
  grn: 'green',
  blu: 'blue',
  bge: 'beige',
  ylw: 'yellow',
  bgdy: 'burgundy',
  slv: 'sleeve',
  ls: 'long sleeve',
  ss: 'short sleeve',
  ctn: 'cotton',
  trs: 'trousers',
  jkt: 'jacket',
  crdgn: 'cardigan',
  swtr: 'sweater',
  drs: 'dress',
  skt: 'skirt',
};

type Table = ReadonlyMap<string, string>;
const TABLES = Object.fromEntries(
  TILL_TONGUES.map((tongue) => [
    tongue,
    new Map(
      WORDS[tongue].split(';').flatMap((entry) => {
        const [foreign = '', english = ''] = entry.split('=');
        return foreign
          .split(/\s+/)
          .map(bare)
          .filter((word) => word !== '')
          .map((word) => [word, english.trim()] as const);
      }),
    ),
  ]),
) as unknown as Readonly<Record<TillTongue, Table>>;

/** Shortest end of a compound that is looked up by itself: "Seidenbluse" is a "Bluse" of "Seide". */
const SHORTEST_END = 3;

/** A word of a language in English; a German or Dutch compound by its parts; undefined when it is not known. */
function wordIn(tongue: TillTongue, word: string): string | undefined {
  const table = TABLES[tongue];
  const known = table.get(word);
  if (known !== undefined || (tongue !== 'de' && tongue !== 'nl')) return known;
  for (let at = 3; at <= word.length - SHORTEST_END; at++) {
    const head = table.get(word.slice(at));
    if (head === undefined) continue;
    const before = word.slice(0, at);
    const first =
      table.get(before) ?? table.get(before.replace(/(?:en|s|n)$/, '')) ?? table.get(`${before}e`);
    return [first, head].filter(Boolean).join(' ');
  }
  return undefined;
}

const shortened = lookup(SHORT);

/** A text in English as far as its words are known; the others stay as they stand. */
export function inEnglish(text: string, tongue: TillTongue | undefined): string {
  return text.replace(/\p{L}[\p{L}\p{M}'’-]*/gu, (word) => {
    const plain = bare(word);
    const short = shortened(plain);
    const said = tongue && (wordIn(tongue, plain) ?? parted(tongue, word));
    return said ?? short ?? word;
  });
}

/** "Woll-Mantel" by its parts. */
function parted(tongue: TillTongue, word: string): string | undefined {
  if (!word.includes('-')) return undefined;
  const parts = word.split('-');
  const said = parts.map((part) => wordIn(tongue, bare(part)));
  return said.some((each) => each !== undefined)
    ? said.map((each, i) => each ?? parts[i] ?? '').join(' ')
    : undefined;
}

/** Words that many languages share say nothing of which it is. */
const SHARED_BY = 2;
/** Words of a language there must be, and how many times those of the next. */
const LEAST_WORDS = 2;

/** The language most of these texts are in; undefined for English, or for too few words to tell. */
export function tongueOf(texts: readonly string[]): TillTongue | undefined {
  const counts = new Map<TillTongue, number>();
  for (const word of texts.flatMap((text) => text.match(/\p{L}[\p{L}\p{M}]*/gu) ?? []).map(bare)) {
    const known = TILL_TONGUES.filter((tongue) => wordIn(tongue, word));
    if (known.length > SHARED_BY) continue;
    for (const tongue of known)
      if (wordIn(tongue, word) !== word) counts.set(tongue, (counts.get(tongue) ?? 0) + 1 / known.length);
  }
  const [best] = [...counts].sort(([, a], [, b]) => b - a);
  return best && best[1] >= LEAST_WORDS ? best[0] : undefined;
}
