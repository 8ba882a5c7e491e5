/**
 * Ordinary words of English that lie one slip of a finger from a word of ours: whoever writes "father" means no feather, and a milk
 * allergy is none of mink. Made from SCOWL, sizes 10 to 35, by `WRITE_ORDINARY=1 npx vitest run --project oracle ordinary-words`,
 * which holds the list against it; folded as a reader folds them.
 */
const ORDINARY: ReadonlySet<string> = new Set(
  (
    'aback ablaze abler abode abroad aching acing acted acting adage added adobe adorn adorned affront afield afloat agent agile ' +
    'agree aide aided aiding alien alight align alike alive allay alley allot allow ally alone alter amble ambled ample angle ' +
    'angled angler antiqued apiece appal apply apter arcing ardor argue arrow arterial ashed ashing aside atone await awaited awing ' +
    'babble babbled badger bagel baker balded balled ballot banana bandanna banded bandy banged banter barge barley baron barred ' +
    'barren barring barter basest bashed bashing basked bass batch batching batter battle bead beady beagle beaked beaker beamed ' +
    'beaned beard bearded bearer bearing beast beater bedded began begged begging belated belie belied belled bellow bellowing belt ' +
    'bender bereft berth beset bested beta bicker bide biding biked biking billing bitch bitten bitter blame blamer bland blank ' +
    'blare blared blaze blazed bleak bleat bleated blight blind blobbed blond bloody bloom blowing blown blunt blurt blushed board ' +
    'boated bobbed bobsled boiled bolder bolted bombed bonier bonuse booby booed boost booted bootee booth bother bottled bounce ' +
    'bound bounded bowler bracing braid brain brainy brake brand brash brass brasse brassy brave braver brawn brayed bread breaded ' +
    'bribed bridle brink briny brisk broach broiler brood bruised brunt brush bubble bubbled bubbly bucked budge buffaloe buffer ' +
    'bugging buggy bullet bully bummer bumper bungle bunny burial burst bushed bushy butler butte butted cabbed cabin caddie caddy ' +
    'calk calked call calm calmed cameo candy cannon canvase caper capered carded cared cargoe caribou carol carpet carry carve ' +
    'carved cashed cashing casket catch catching cater causal caved cease ceased cellar chair champ chant chariot chart chasm cheat ' +
    'cheated checker cheek cheeked cheer cheery chess chick chide china chink choir choke choked chopped chopper choral chord chose ' +
    'chuck chucked chugging clack clang clanged clanging clank clanked clanking clarity clash cleaner cleanse cleansed cleansing ' +
    'clear cleared clearing cleat cleaved cleaving clock clone closed closer closet clothe clout clove clover cluing coaled cobble ' +
    'cobra coffer collated colon colone combat comfortably command cooed cooker cool coolly cooped cooper copier copped cored ' +
    'corral count course covers covert covet cower coyer crack cramp crass crave crawl crayon creak create created creed creek ' +
    'creep crept crest cribbed cringed crise crisi croak crock crown crushed crutch cuddle cuffed cunning curry curse curtsy ' +
    'custard cuter cutter daemon dairy daisy dally damped dandy dangle darkest dashed dashing dated dawn dead deadest deafest dealt ' +
    'dearth decked decry deity demon denie denser depth deriving dessert diked diking dimly dined diner dinned dipped dirty ' +
    'disliked ditch ditty diving doily dollar donate doted downy drain dream drench dresser drill drily dripped droning droop ' +
    'dropped dross drown dummy duress dusted dustier dwell early earnest earning earth eastern eater echoe eclectic edged edger ' +
    'egged egging eight elder ember endear equine erect erring evaded fable faced facing faked falter famed farce fared farmed ' +
    'farmer farther fated father fazed feared fearing feat feathered feet fell fellow felted fender ferry fever fibbed fiber fiddle ' +
    'fiend fight figured filed filet filling filly fined firearm fired fishermen fitter fixed flag flair flak flake flaked flame ' +
    'flamed flap flash flask flat flatly flaw flawed flawing fleeced flex flick flicked flicker flied flipper flitted flitting ' +
    'flock flocked flood flora flour flowed flown flurry flush flux flyer foal foamy fool forage forayed forbear forced forcep ' +
    'forge forget form format forte found founded fount fowling frail framed freest fried fright frond frost froth frown funner ' +
    'funny furor gable gaily gamer gander gaped garbled gargle gashed gashing gasket gated gauze gayer gearing genera genus glade ' +
    'glare glared glass glassed glassy glean gleaned gleaning glide globe gloved glower glowered glowing gobble gobbled goody gooey ' +
    'goosed gouge gown grace gracing grade grader grain graph grasp grass grate grater grave graver grayed grayer graze grazed ' +
    'grease greed greet grill gripe griped gripped groan groin grope gross ground grounded grove growl guile guilt gummy gunning ' +
    'gusty gutter haled haler half halted halve handy hanker hardy hared harem harrow harry hashed hashing haste hasted hatch ' +
    'hatching hatred hatted hayed hazed head headed headland healer hearing heated heater heath heathen heather heckled hedge ' +
    'herring hided hiding hike hiked hiker hipped hire hiring hitch hitting hive hiving hobble hobbled hocking hogging homey honed ' +
    'hoofed hooked hooped hooted hopper horde horded horny horse hound hounded hover huddle hunger hunted hurry hurtle husky icicle ' +
    'idling imitating inaner inked inking inlet inner inter intern irked irking jacked jaded jangle jarring jelly jeweler jeweller ' +
    'jigging jogged jogging joint jointed jotted jugging jumped jumpier juster keening killing kink knacker knight knocker knotted ' +
    'label lacing laded laden ladle lager lagged lagging lain lamer land lane lanky lapse larded larger larked laser lashed lashing ' +
    'latch latching late latent later lathe lather lava lawyer laxer lazier leach leaded leader leaf leak lean leaned leaning leap ' +
    'leapt learn learned learning leash least ledge ledger leer leery legend lend lengthy leper lever lewd lewder licked liken ' +
    'liker likest liking limed limitation line lined liner linger lingo link linked lint lion litter littler lived liven liver ' +
    'livid load loader loafed loam loave locked locker lodger logged logger logging longed loose loosed loosen looser loped loser ' +
    'lotuse lounge louse lover lowed lowered lowing lowly loyal lugged lugging luster lusty machined macho macing mailed malice ' +
    'mallet malted mangle maple marching marked marred marring marrow marsh mashed mashing mated maternal matron mauled meal medal ' +
    'meddle meekly mellow melon melt melted mental menus merry meted miked miking milk milky milling mince mind mine mined mint ' +
    'minu mocking model money monk moody moose moral motel mound mounded moved mover mower muddle muffle muffled mugging mummy ' +
    'mused muster musty muter mutter mutton naked nappy nearest nearing neigh nerve neural newer nicked niece nipped noose normal ' +
    'nurse nutty occasion ocean oilier olden opaqued opaquer opuse otter ouster outed overcast overt owing owner pacing packet ' +
    'paddle paddled paint painted pajama palling pansy panty paper papered parch parent paring parring parse parsley paste pasted ' +
    'patch patching paternity patient patrol patter pattered patty pause payer peace pecked pedal pedant peddle pegged pegging ' +
    'pellet pelt pelted penal pence pennant peony perch perched peril perter pester petal peter petted petty pheasant phone phoney ' +
    'phony picket pictured piddle pieced piked piking piling pillowing pined pink pitch pithy pitted pitting placed placid plane ' +
    'planed plank plant planted plaque plastic plate plated platter played player plead pleaded pleasant pleased pleated plied ' +
    'plight plotted plowing plum plumb plumed plump pluse plush poach podded pointer polar poling polling ponder pool poring potent ' +
    'potted pound pounded power prance prayed preach preen press pressed pressing price priced prick priding printer prise ' +
    'processional produce propped prose proud pruning prying puffed puffier pulling pulse puma punning punter puppy puree purer ' +
    'purge purpler pursed pursue putter quailed quartet quell quieted quilt rabbi raced racer racket racking raffle raffled rafter ' +
    'raging raiding rainier raking range ranged ranger rankle raped raping rapped raring rasped rated rating raving razing reach ' +
    'read realm reaped rearing reassured regent related relayed render repaid repeal repel repent resemble retire revery rhino ' +
    'ricing ridding riddle ride ridging right riling ringed ringlet rink ripple rippled rising roam robbed robber rocket rocky ' +
    'rogue romped rotted rotund rounder route router rubbed rubble rubier ruffed ruining rummer rummy runny rushed rusty saber ' +
    'sadly safer saint sally salon saloon salter salve sandbag sari sawing scale scaled scandal scarce scare scared scary scoffed ' +
    'scold scoot scooted scope scoped score scour scout scram scrap scream scuffle scuffled searing seat sedater seize seized ' +
    'sender sever sewer sewing shackle shaded shady shaft shake shaky shear shearing sheathe sheen sheep sheet sherry shie shied ' +
    'shifty shine shingle shire shirk shirted shiver shoal shock shone shooed shoot shopped shore shout shrank shrew shrink shroud ' +
    'shrub shucking shyer sick sicker side sided siding sidle sight signed signer sill silly silo silt simmer sinew singe singled ' +
    'sink sinner sipped sired siring sited siting sizer skated skie skied skill skimping skipper slacker slain slake slant slated ' +
    'slave sleeked sleeted slice slicked slide slier slight slime slimming sling slipped slippery slitter sliver slosh slotted ' +
    'slower slowing slummer slush slyer smack smash smear smell smitten smocking smoke smoky smoulder smouldered snack snaked snare ' +
    'sneak sneaked sneakier sneer snicker snide snoop snooped snort snuffed soaking socket socking soften soil sole soled solider ' +
    'solve somber some sonnet soothe sooty sore sorest sorta sound sounded sowing sown spaded sparing spark sparked sparkler spate ' +
    'spatted spatter spattered speaker spear spice spie spied spill spilling spine spitted splash splat spore sported spout spouted ' +
    'sprain sprang sprig springy sprint sprinted sprung spurt spying squarer squint squinted squire stack stacking staid stair ' +
    'stake stale stall stamp stank staring start starve state stater statesmen steal steep steer stench sticker sticking sting ' +
    'stingy stink stint stinted stock stoke stoking stolen stolid stoned stony stood stool stoop stooped stopper store storing ' +
    'stove strain strained strainer strand stray stretche strew stride strife strike stringy strip strive stroking strung studied ' +
    'study stuffed sued suffer suing sulk sulky summary summed sunning super sure surf suspended swear sweaty sweet sweeter swell ' +
    'swept swift swill swimming swine swollen swoop swooped swung symmetric table tabled tacky taint tainted tamer tampered tangle ' +
    'taped taper tardy tarring tartar taxed teach teared tearing teed tender termed theater theme thence thirst thirty thorough ' +
    'though thought throne throng thudded tide tiding tilling timer tinge tipped tired tiring tomatoe tomcat toned tonic tonne tool ' +
    'topic totted towed tower town trace tracing tract trailer train trained trainee tramp trawl treasure treasurer treed trick ' +
    'trill tripe triple tripled tripped trough truck trucked truffle truing trying tugging tunnel twee tweet twinkle twist twisted ' +
    'unborn undershirt undress unmoved unwise upped usher using uteri utter valour valve vandal veining vending venting vilest ' +
    'violent voter wadded waded wafer waged wager waited waiter waked wallet waned warbled warier warmed warring washer waste ' +
    'wasted wasting watching watery waved waver weakly weary weather weathered weaver weed weedy welt welted whaler wheat wheel ' +
    'whether whine whiten whiter wholly whoop whopper whore wide wield willing wince winch wined winger wink winner wished wishing ' +
    'witch wither witting wobble wobbled wobbly woken wolve woman wood wooded wooden woody woof worst wound wounded woven wrath ' +
    'wreathe wrench wrest wright wring wrinkled write writer yield zeta'
  ).split(' '),
);

/** True for a word that is meant as it stands, however like one of ours it is. */
export const isOrdinary = (word: string): boolean => ORDINARY.has(word);
