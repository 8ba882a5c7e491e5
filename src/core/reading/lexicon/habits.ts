import { type Lexicon, phrases } from './meaning';

/** Love and wear, care, season, hour, formality, department and nouns of occasions. Common practice. */
export const HABITS: Lexicon = phrases({
  'favourite|favourites|favorite|favorites|love|loved|loves|adore|adored|adores|beloved|much loved|much-loved|treasured|cherished|her best|my best|loves it|love it|love them|loves them|like best|dearest':
    { loved: true },
  'lives in it|live in it|lives in them|live in them': { loved: true, worn: 'often' },
  "hate|hates|hated|hate it|hates it|hates them|hate them|dislike|dislikes|cannot stand|never liked|not keen on|doesn't like|don't like|doesn't love|no longer likes|gone off|regret|regrets|unloved|do not like|does not like|not a favourite|not her favourite|not my favourite":
    { loved: false },
  'never takes it off|never takes them off|never off|worn often|wear often|wears often|every week|every day|everyday|each week|weekly|daily|all the time|lives in|live in|always wears|always worn|worn a lot|wears a lot|wear a lot|worn weekly|on repeat|wears constantly|most days|worn every week|worn to death|regularly|wears all the time|often':
    { worn: 'often' },
  'hardly worn|rarely worn|barely worn|never worn|hardly ever worn|hardly ever|seldom worn|seldom|rarely|hardly wears|rarely wears|never wears|worn once|unworn|not worn since|hardly wear|rarely wear|never wear it|not worn much|not often|tags still on|with tags|barely wears|seldom wears|still has tags|only worn once':
    { worn: 'seldom' },
  'worn out|given away|donated|thrown out|thrown away|sold|no longer fits|retired|got rid of|lost|gone to charity|given to charity|gone|charity shop|threw away|gave away|past it|beyond repair|had to go':
    { retired: true },
  'machine washable|machine-washable|machine wash|washable|washing machine|easy care|easy-care|goes in the machine|for the machine|can be washed|easy to wash|the wash|wash at home|machine':
    { care: 'machine' },
  'hand wash|hand-wash|hand washable|handwash': { care: 'hand' },
  'dry clean|dry-clean|dry clean only|dry cleaning|dry clean is fine|dry-clean only|dry cleaned': {
    care: 'dry-clean',
  },
  "non-iron|non iron|no ironing|crease free|crease-free|crease resistant|does not crease|doesn't crease|don't crease|do not crease|won't crease|doesn't wrinkle|don't wrinkle|uncrushable|no-iron|easy iron|does not wrinkle|wrinkle free|wrinkle-free|no iron|packs well|crease-resistant":
    { care: 'noIron' },
  'waterproof|water-resistant|water resistant|rainproof|showerproof|may get wet|can get wet|for the rain|keep the rain out|for rain|in the rain|puddles|get wet|wet weather|rain|weatherproof|rainy days|for puddles|wet|spray':
    { care: 'waterproof' },
  'spring|springtime': { season: 'spring' },
  'summer|summery|hot weather|heatwave|high summer|summertime': { season: 'summer' },
  'autumn|fall|autumnal': { season: 'autumn' },
  // Hems fall; in American a season does too.
  'that fall|which fall|fall over|fall to|fall straight|fall on|fall past|fall below|fall just|should fall|to fall':
    { note: true },
  'winter|cold weather|wintry|wintertime|snow': { season: 'winter' },
  'evening|night|after dark|nights out': { hour: 'evening' },
  'daytime|day time': { hour: 'day' },
  'black tie|black-tie|white tie': { formality: 10 },
  cocktail: { formality: 8 },
  'formal|dressy|dressed up|dressed-up|very smart': { formality: 8 },
  'business|businesslike|professional': { formality: 6 },
  'smart|smartish|smart-ish': { formality: 6 },
  'smart casual|smart-casual|casual smart|dressy casual': { formality: 4 },
  'casual|everyday casual|laid back|laid-back': { formality: 2 },
  "men's|mens|menswear|for men|gents|male|man's|for a man|men": { department: 'men' },
  "women's|womens|womenswear|ladies|ladies'|for women|female|women|lady's": { department: 'women' },
  'unisex|gender neutral': { department: 'both' },
  'packs small|petite|plus size|plus-size|maternity|pierced ears|pierced|dressing gown|pyjamas|pjs|nightdress|nightie|bra|knickers|underwear|swimsuit|bikini|swimwear|dark wash|light wash|january|february|march|april|june|july|august|september|october|november|december':
    { note: true },
  // What became of it, and how it sits: said of a thing somebody owns, and kept.
  'stain|stains|stained|faded|hole|holes|moth holes|moth|moths|bobbled|bobbly|pilling|shrunk|frayed|scuffed|torn|too tight|too small|too big|too loose|too long|too short|too large':
    { note: true },
  'set|co-ord|co ord|coord|matching set|two-piece|two piece|coordinated set|co-ords|ensemble': { set: true },
});

/** Nouns that name an occasion by themselves: "a wedding dress guest", "work trousers". */
export const OCCASION_NOUNS: readonly string[] = `
wedding work office party holiday interview funeral christening graduation dinner lunch brunch races travel travelling weekend
weekends date ceremony ball gala theatre opera concert festival church school conference meeting meetings presentation birthday
anniversary reception cruise beach boat garden commute commuting gardening walking dancing hiking town city pub supper picnic
barbecue christmas easter baptism communion engagement hen garden-party cocktails museum gallery installation launch prom
reunion weddings parties holidays trip flight ski skiing golf tennis gym yoga running sailing wimbledon ascot
`
  .trim()
  .split(/\s+/);

/** Idle words that name a thing all the same where they are left out: "no zips", "not too long". */
export const REFUSED_WORDS: readonly string[] = `
button zip zipped pocket hood hooded buckle detail trim trimmed lining strap sole neckline sleeve colour color outfit
warm soft light thin thick heavy big small large medium long short high low bright flat
`
  .trim()
  .split(/\s+/);

/** Words of grammar and courtesy that say nothing by themselves. */
export const IDLE_WORDS: readonly string[] = `
a an the some any one something anything everything thing things piece pieces item items of on at as by it its is are be been being was were to
i me my mine we us our you your she her hers he him his they them their who what whom need needs needed want wants wanted wanting
would like'd id i'd i'm im looking look seeking after search find please pls thanks thank nice lovely good great new old really very
quite rather so also too just maybe perhaps possibly ideally preferably prefer prefers preferred if can could may might should must
have has had own owns owned got get gets already still do does did am will shall let don doesn that which this these those there here than then
and or nor with in into from for around about both each all other another more most much many few bit little lot kind sort type style styles
pair pairs made make makes cut look looks looking feel feels feeling colour color coloured colored colours colors shade tone tones size sized
fit fits fitting sleeve sleeves leg legs neck neckline toe heel-free well only even ever again both up down out off next time now day days
wear wears wearing worn go goes going match matches matching pair work works join joins style's us because since when where while always
available possible fine okay ok sure happy love-to could-be sits sit hits hit come comes keep keeps put on says said called bought
single breasted double single-breasted double-breasted buttons button zip zipped pocket pockets hood hooded buckle detail details trim trimmed lining lined warm
light lightweight thin thick heavy soft cosy cozy simple classic elegant pretty beautiful chic timeless modern comfy comfortable
allergic allergy softer harder warmer cooler smarter bigger smaller longer shorter lighter darker heavier thinner similar proper decent comfortable
she'd they'd he'd we'd we i've she's he's they're it's like walk walking-in stand standing sit sitting dance dancing-in enough skin sole soles w person people anybody somebody someone him hers us
strap straps through front outfit outfits afterwards guest fabric fabrics material materials brim brimmed throw less big small large medium long short high low flat best better easier bright size-wise cheap cheaper
`
  .trim()
  .split(/\s+/);
