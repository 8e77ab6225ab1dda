// Made from core/tables/safety.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const SAFETY_TABLE = `id	perishable	filling_role	contains	may	infant_ok	infant_reason	alcohol_kind	choking	toxic_note
all-purpose-flour	0	not_raw	wheat		2	raw flour
bread-flour	0	not_raw	wheat		2	raw flour
cake-flour	0	not_raw	wheat		2	raw flour
pastry-flour	0	not_raw	wheat		2	raw flour
self-rising-flour	0	not_raw	wheat		2	added salt
self-raising-flour	0	not_raw	wheat		2	raw flour
whole-wheat-flour	0	not_raw	wheat		2	raw flour
strong-wholemeal-flour	0	not_raw	wheat		2	raw flour
self-raising-wholemeal-flour	0	not_raw	wheat		2	raw flour
white-whole-wheat-flour	0	not_raw	wheat		2	raw flour
whole-wheat-pastry-flour	0	not_raw	wheat		2	raw flour
graham-flour	0	not_raw	wheat		2	raw flour
coarse-wholemeal-flour	0	not_raw	wheat		2	raw flour
atta-flour	0	not_raw	wheat		2	raw flour
wheat-bran	0	not_raw	wheat	soy|mustard	2	raw flour
bran-cereal	0	room	wheat|barley	milk	1
wheat-germ	1	not_raw	wheat	soy|mustard	2	raw flour
semolina	0	not_raw	wheat	soy|mustard	2	raw flour
durum-flour	0	not_raw	wheat	soy|mustard	2	raw flour
white-spelt-flour	0	not_raw	wheat|spelt		2	raw flour
whole-spelt-flour	0	not_raw	wheat|spelt		2	raw flour
einkorn-flour	0	not_raw	wheat	soy|mustard	2	raw flour
khorasan-flour	0	not_raw	wheat	soy|mustard	2	raw flour
light-rye-flour	0	not_raw	rye	wheat	2	raw flour
dark-rye-flour	0	not_raw	rye	wheat	2	raw flour
barley-flour	0	not_raw	barley	wheat	2	raw flour
malted-grain-flour	0	not_raw	wheat|barley	rye|oats	2	raw flour
vital-wheat-gluten	0	not_raw	wheat	sulphite	2	raw flour
wheat-starch	0	room	wheat	sulphite	1
rolled-oats	0	room	oats	wheat|barley	1
quick-oats	0	room	oats	wheat|barley	1
steel-cut-oats	0	not_raw	oats	wheat|barley	2	raw flour
medium-oatmeal	0	not_raw	oats	wheat|barley	2	raw flour
oat-flour	0	not_raw	oats	wheat|barley	2	raw flour
oat-bran	0	room	oats	wheat|barley	1
gluten-free-rolled-oats	0	room	oats		1
muesli	0	room	oats|wheat|hazelnut|almond|sulphite|barley|rye|spelt|walnut|cashew|brazil|pecan	milk|coconut|sesame|peanut|soy	0	whole nuts		nut piece
granola	0	room	oats|almond|wheat|barley|hazelnut|walnut|pecan|cashew	milk|coconut|sesame|peanut|soy|sulphite	0	honey		nut piece
gluten-free-flour-blend	0	not_raw		milk|soy|lupin|almond|buckwheat	2	raw flour
gluten-free-self-raising-flour	0	not_raw		milk|soy|lupin|almond|buckwheat	2	raw flour
white-rice-flour	0	not_raw			2	raw flour
brown-rice-flour	0	not_raw			2	raw flour			rice arsenic: not a main food for small children
glutinous-rice-flour	0	not_raw			2	raw flour
sorghum-flour	0	not_raw		wheat|soy	2	raw flour
millet-flour	0	not_raw		wheat|soy	2	raw flour
finger-millet-flour	0	not_raw		wheat|soy	2	raw flour
buckwheat-flour	0	not_raw	buckwheat	wheat	2	raw flour
teff-flour	0	not_raw		wheat|soy	2	raw flour
quinoa-flour	0	not_raw		wheat|soy	2	raw flour			unrinsed grain holds saponins
amaranth-flour	0	not_raw		wheat|soy	2	raw flour
cornmeal	0	not_raw		wheat	2	raw flour
polenta	0	not_raw		wheat	2	raw flour
maize-flour	0	not_raw		wheat	2	raw flour
masa-harina	0	not_raw			2	raw flour
almond-flour	0	room	almond	hazelnut|cashew|pistachio|walnut|peanut	1
almond-meal	0	room	almond	hazelnut|cashew|pistachio|walnut|peanut	1
hazelnut-meal	0	room	hazelnut	almond|peanut	1
coconut-flour	0	room	coconut		1
chickpea-flour	0	not_raw		wheat|soy	2	raw flour			legume flour: cook fully
soy-flour	0	not_raw	soy	wheat	2	raw flour			legume flour: cook fully
lupin-flour	0	not_raw	lupin	wheat	2	raw flour			cross-reacts with peanut allergy. Use sweet lupin only: bitter lupin is poisonous
peanut-flour	0	room	peanut	almond|hazelnut|soy	1
cassava-flour	0	not_raw			2	raw flour			use processed flour only: raw bitter cassava is cyanogenic
potato-flour	0	not_raw		sulphite	2	raw flour
green-banana-flour	0	not_raw			2	raw flour
tigernut-flour	0	room		almond|hazelnut	1
chestnut-flour	0	not_raw	chestnut	almond|hazelnut	2	raw flour			sweet chestnut only: horse chestnut is poisonous
water-chestnut-flour	0	not_raw			2	raw flour
cornstarch	0	room		wheat	1
tapioca-starch	0	room			1
potato-starch	0	room		sulphite	1
arrowroot	0	room			1
custard-powder	0	not_raw		milk|wheat	1
pregelatinised-starch	0	room			1
granulated-sugar	0	room			1
superfine-sugar	0	room			1
golden-caster-sugar	0	room			1
powdered-sugar	0	room		wheat	1
light-brown-sugar	0	room			1
dark-brown-sugar	0	room			1
light-muscovado-sugar	0	room			1
dark-muscovado-sugar	0	room			1
demerara-sugar	0	room			1
turbinado-sugar	0	room			1
jaggery	0	room		sulphite	1
coconut-sugar	0	room		coconut	1
date-sugar	0	room			1
maple-sugar	0	room			1
pearl-sugar	0	room			1			hard piece
sanding-sugar	0	room			1			hard piece
vanilla-sugar	0	room			1
jam-sugar	0	room			1
dextrose	0	room		sulphite	1
fructose	0	room			1
erythritol	0	room			0	sweetener
xylitol	0	room			0	sweetener			poisonous to dogs
allulose	0	room			0	sweetener
stevia-erythritol-blend	0	room			0	sweetener
honey	0	room			0	honey
molasses	0	room		sulphite	1
blackstrap-molasses	0	room		sulphite	1
black-treacle	0	room	sulphite		1
golden-syrup	0	room			1
light-corn-syrup	0	room		sulphite	1
dark-corn-syrup	0	room		sulphite	1
glucose-syrup	0	room		wheat|sulphite	1
maple-syrup	1	room			1
agave-nectar	0	room			1
brown-rice-syrup	0	room		barley	1				rice arsenic: not a main food for small children
barley-malt-extract	0	room	barley	wheat	1
date-syrup	1	room			1
pomegranate-molasses	0	room			1
invert-sugar-syrup	0	room			1
sorghum-syrup	0	room			1
simple-syrup	1	cold			1
caramel-sauce	1	cold	milk	soy	1
coconut-nectar	1	room		coconut	1
unsalted-butter	2	room	milk		1
salted-butter	2	room	milk		2	added salt
cultured-butter	2	room	milk		1
ghee	0	room	milk		1
brown-butter	1	room	milk		1
vegetable-shortening	0	room		soy	1
high-ratio-shortening	0	room		soy	1
lard	1	room			1
beef-suet	0	not_raw	wheat	sulphite	1
vegetable-suet	0	not_raw	wheat	sulphite	1
baking-margarine	2	room	milk	soy	1
baking-spread	2	room	milk	soy	1
light-spread	2	cold	milk	soy	1
vegan-butter-block	2	room		soy|almond|cashew|coconut|oats	1
canola-oil	0	room			1
vegetable-oil	0	room		soy	1
sunflower-oil	0	room			1
corn-oil	0	room			1
peanut-oil	0	room	peanut		1
grapeseed-oil	0	room			1
olive-oil	0	room			1
avocado-oil	0	room			1
coconut-oil	0	room	coconut		1
walnut-oil	1	room	walnut		1
sesame-oil	0	room	sesame		1
mustard-oil	0	room	mustard		0	not a food for infants			high in erucic acid: external use only in some countries
mayonnaise	1	cold2h	egg|mustard	soy|milk|celery	2	raw egg
cooking-spray	0	room	soy	wheat	1
dripping	1	room			1
whole-milk	2	cold2h	milk		1
semi-skimmed-milk	2	cold2h	milk		1
low-fat-milk	2	cold2h	milk		1
skim-milk	2	cold2h	milk		1
lactose-free-milk	2	cold2h	milk		1
goat-milk	2	cold2h	milk		1
evaporated-milk	1	cold2h	milk		1
sweetened-condensed-milk	1	cold	milk		1
dulce-de-leche	1	cold	milk	soy	1
skim-milk-powder	0	room	milk	soy	1
whole-milk-powder	0	room	milk	soy	1
malted-milk-powder	0	room	wheat|barley|milk	soy	1
whey-powder	0	room	milk		1
heavy-cream	2	cold2h	milk	gelatine	1
double-cream	2	cold2h	milk		1
whipping-cream	2	cold2h	milk		1
single-cream	2	cold2h	milk		1
half-and-half	2	cold2h	milk		1
clotted-cream	2	cold2h	milk		2	unpasteurised
khoya	2	cold2h	milk		1
buttermilk	2	cold2h	milk		1
whole-buttermilk	2	cold2h	milk		1
buttermilk-powder	0	room	milk		1
soured-milk	2	cold2h	milk		1
plain-yogurt	2	cold2h	milk		1
low-fat-yogurt	2	cold2h	milk	gelatine	1
greek-yogurt	2	cold2h	milk		1
nonfat-greek-yogurt	2	cold2h	milk		1
skyr	2	cold2h	milk		1
labneh	2	cold2h	milk		1
kefir	2	cold2h	milk		1		trace
sour-cream	2	cold2h	milk	gelatine	1
light-sour-cream	2	cold2h	milk	gelatine	1
creme-fraiche	2	cold2h	milk		1
quark	2	cold2h	milk		1
egg	3	not_raw	egg		2	raw egg
egg-white	3	not_raw	egg		2	raw egg
egg-yolk	3	not_raw	egg		2	raw egg
pasteurised-egg-white	2	cold2h	egg		1
liquid-whole-egg	2	cold2h	egg		1
dried-egg-white	0	room	egg		1
dried-whole-egg	0	not_raw	egg	milk	2	raw egg
meringue-powder	0	room	egg	milk	1
duck-egg	3	not_raw	egg		2	raw egg
quail-egg	3	not_raw	egg		2	raw egg
flax-egg	2	cold2h			1				cyanogenic in large raw amounts: about 15 g a day raw is a common ceiling, baking lowers it
chia-egg	2	cold2h			1
egg-replacer-powder	0	room		egg|milk|soy|wheat	1
aquafaba	1	cold2h			1
silken-tofu	2	cold2h	soy		1
firm-tofu	2	cold2h	soy		1
soy-milk	1	cold2h	soy		1
almond-milk	1	cold2h	almond	soy	1
oat-milk	1	cold2h	oats	wheat|barley	1
rice-milk	1	cold2h		soy	0	arsenic			rice arsenic: not a main food for small children
cashew-milk	1	cold2h	cashew	soy	1
hazelnut-milk	1	cold2h	hazelnut	soy	1
pea-milk	1	cold2h			1				legume: can affect people with peanut allergy
hemp-milk	1	cold2h		soy	1
coconut-milk-drink	1	cold2h	coconut	soy|almond	1
coconut-milk	1	cold2h	coconut	sulphite	1
light-coconut-milk	1	cold2h	coconut	sulphite	1
coconut-cream	1	cold2h	coconut	sulphite	1
creamed-coconut	0	room	coconut		1
coconut-milk-powder	0	room	milk|coconut	sulphite	1
condensed-coconut-milk	1	cold	coconut		1
plant-double-cream	1	cold2h		soy|oats|coconut|almond|lupin	1
soy-yogurt	2	cold2h	soy		1
coconut-yogurt	2	cold2h	coconut	soy|almond	1
vegan-buttermilk	2	cold2h	soy		1
vegan-cream-cheese	2	cold2h		soy|almond|cashew|coconut|oats	1
oat-cream	1	cold2h	oats	wheat|barley	1
baking-soda	0	room			1				tablespoon doses can cause alkalosis
baking-powder	0	room			1
aluminium-free-baking-powder	0	room			1
uk-baking-powder	0	room		wheat	1
tartrate-baking-powder	0	room		wheat	1
low-sodium-baking-powder	0	room			1				high potassium: kidney disease
potassium-bicarbonate	0	room			1				high potassium: kidney disease
bakers-ammonia	0	not_raw			0	not a food for infants			ammonia must bake off: never taste raw dough made with it
monocalcium-phosphate	0	not_raw			1
sapp	0	not_raw			1
glucono-delta-lactone	0	room			1
instant-yeast	1	not_raw			1
active-dry-yeast	1	not_raw			1
fresh-yeast	2	not_raw			1
sourdough-discard	2	not_raw	wheat	rye|spelt	1
white-vinegar	0	room			1
cider-vinegar	0	room		sulphite	1
malt-vinegar	0	room	barley	sulphite	1
white-wine-vinegar	0	room	sulphite		1
rice-vinegar	0	room		sulphite	1
balsamic-vinegar	0	room	sulphite		1
lemon-juice	1	room		sulphite	1
lime-juice	1	room		sulphite	1
cream-of-tartar	0	room			1				high potassium: kidney disease
tartaric-acid	0	room			1				concentrated acid: keep off eyes and skin
citric-acid	0	room			1				concentrated acid: keep off eyes and skin
malic-acid	0	room			1				concentrated acid: keep off eyes and skin
lactic-acid	0	room			0	not a food for infants			concentrated acid: keep off eyes and skin
ascorbic-acid	0	room			1
amchur	0	room			1
tamarind-paste	1	room		sulphite	1
table-salt	0	room			0	added salt
fine-sea-salt	0	room			0	added salt
kosher-salt	0	room			0	added salt
kosher-salt-dense	0	room			0	added salt
flaky-sea-salt	0	room			0	added salt
coarse-sea-salt	0	room			0	added salt		hard piece
pink-salt	0	room			0	added salt
reduced-sodium-salt	0	room			0	added salt			high potassium: kidney disease
black-salt	0	room			0	added salt
ground-cinnamon	0	room			1				cassia holds coumarin: prefer Ceylon for daily use and for small children
ground-nutmeg	0	room			1				5 g or more (about 2 tsp) can poison, a pinch to 1/2 tsp per cake is usual
ground-ginger	0	room			1
ground-cloves	0	room			1
ground-allspice	0	room			1
ground-cardamom	0	room			1
ground-mace	0	room			1				same oils as nutmeg: keep to culinary pinches
mixed-spice	0	room		mustard|celery	1
pumpkin-pie-spice	0	room		mustard|celery	1
gingerbread-spice	0	room		mustard|celery	1
chai-masala	0	room		mustard|celery	1
five-spice	0	room		mustard|celery	1
star-anise	0	room			1				use Chinese star anise only: Japanese star anise is poisonous
anise-seed	0	room			1
fennel-seed	0	room			1
caraway-seed	0	room			1
cumin	0	room		mustard|peanut	1
ground-coriander	0	room		mustard|peanut	1
turmeric	0	room			1
black-pepper	0	room			1
cayenne	0	room			1
chilli-flakes	0	room			1
paprika	0	room			1
mustard-powder	0	room	mustard	wheat	1
ajwain	0	room			1
nigella-seed	0	room			1
saffron	0	room			1
dried-rosemary	0	room			1
dried-mixed-herbs	0	room		celery|mustard	1
garlic-powder	0	room		mustard|celery	1				poisonous to dogs and cats
onion-powder	0	room		mustard|celery	1				poisonous to dogs and cats
fresh-ginger	1	cold			1
banana	1	cold2h			1
apple	1	cold2h			1			hard when raw	pips are mildly cyanogenic: core before blending
cooking-apple	1	cold2h			1			hard when raw	pips are mildly cyanogenic: core before blending
blueberries	2	cold			1			round
raspberries	2	cold			1
strawberries	2	cold			1
blackberries	2	cold			1
sweet-cherries	2	cold			1			round	kernel inside the stone is cyanogenic: do not crush or infuse stones for food
sour-cherries	2	cold			1			round	kernel inside the stone is cyanogenic: do not crush or infuse stones for food
cranberries	2	cold			1			round
peach	1	cold2h			1			stone	kernel inside the stone is cyanogenic: do not crush or infuse stones for food
canned-peaches	1	cold2h			1
nectarine	1	cold2h			1			stone	kernel inside the stone is cyanogenic: do not crush or infuse stones for food
apricot	1	cold2h			1			stone	kernel inside the stone holds cyanogenic amygdalin: discard stones, do not eat kernels
plum	1	cold2h			1			stone	kernel inside the stone is cyanogenic: do not crush or infuse stones for food
pear	1	cold2h			1				pips are mildly cyanogenic: core before blending
orange	1	cold			1
lemon	1	cold			1
lime	1	cold			1
lemon-zest	1	cold			1
orange-zest	1	cold			1
lime-zest	1	cold			1
mango	1	cold2h			1
pineapple	1	cold2h			1
crushed-pineapple	1	cold2h			1
gooseberries	2	cold			1			round
blackcurrants	2	cold			1
redcurrants	2	cold			1
mixed-berries	2	cold			1
grapes	2	cold			2	choking		round	poisonous to dogs
fresh-fig	1	cold2h			1
kiwifruit	1	cold2h			1
persimmon-pulp	1	cold2h			1				unripe astringent fruit can form stomach masses
passion-fruit-pulp	1	cold2h			1
avocado	1	cold2h			1
applesauce	1	cold			1
apple-butter	1	room			1
pumpkin-puree	1	cold2h			1
pumpkin-pie-filling	1	cold2h			1
date-puree	1	cold			1
prune-puree	1	cold		sulphite	1
mango-pulp	1	cold2h		sulphite	1
raspberry-puree	2	cold			1
cranberry-sauce	1	cold		sulphite	1
strawberry-jam	1	room		sulphite	1
raspberry-jam	1	room		sulphite	1
apricot-jam	1	room	sulphite		1
orange-marmalade	1	room		sulphite	1
redcurrant-jelly	1	room		sulphite	1
lemon-curd	1	cold	milk|egg	sulphite	1
cherry-pie-filling	1	cold		sulphite	1
fruit-compote-apple	1	cold			1
raisins	0	room		sulphite	1			chewy piece	poisonous to dogs
golden-raisins	0	room	sulphite		1			chewy piece	poisonous to dogs
currants	0	room		sulphite	1			chewy piece	poisonous to dogs
mixed-dried-fruit	0	room	sulphite	almond|hazelnut	1				poisonous to dogs
dates	0	room		sulphite	1			chewy piece
medjool-dates	0	room		sulphite	1			chewy piece
dried-apricots	0	room	sulphite		1			chewy piece
dried-cranberries	0	room		sulphite	1			chewy piece
prunes	0	room		sulphite	1			chewy piece
dried-figs	0	room	sulphite		1			chewy piece
dried-cherries	0	room		sulphite	1			chewy piece
dried-blueberries	0	room		sulphite	1			chewy piece
dried-apple	0	room	sulphite		1			chewy piece
dried-mango	0	room	sulphite		1			chewy piece
banana-chips	0	room	coconut	sulphite	0	honey		hard piece
freeze-dried-raspberries	0	room			1
freeze-dried-strawberries	0	room			1
candied-mixed-peel	0	room	sulphite		1
candied-orange-peel	0	room	sulphite		1
candied-lemon-peel	0	room	sulphite		1
candied-citron	0	room	sulphite		1
glace-cherries	1	room	sulphite		1			round
maraschino-cherries	1	room	sulphite		1			round
crystallised-ginger	0	room		sulphite	1			chewy piece
stem-ginger	1	room		sulphite	1
tutti-frutti	0	room	sulphite		1
glace-pineapple	0	room	sulphite		1
angelica	0	room	sulphite		1
mincemeat	1	room	sulphite	wheat|almond	1		spirit (by label)		poisonous to dogs
carrot	1	cold2h			1			hard when raw
zucchini	1	cold2h			1				bitter fruit holds cucurbitacins: spit out and discard
beet	2	cold2h			1
sweet-potato-puree	2	cold2h			1
mashed-potato	2	cold2h		sulphite	1				discard green or sprouting potatoes (solanine)
butternut-squash-puree	2	cold2h			1				bitter fruit holds cucurbitacins: spit out and discard
rhubarb	1	not_raw			1				use stalks only: leaves are poisonous (oxalic acid and more)
parsnip	1	cold2h			1			hard when raw
sweetcorn	1	cold2h			1			round
creamed-corn	1	cold2h		wheat|milk	1
onion	1	cold2h			1				poisonous to dogs and cats
scallion	2	cold2h			1				poisonous to dogs and cats
chives	2	cold2h			1				poisonous to dogs and cats
garlic	1	cold2h			1				garlic in oil at room temperature is a botulism risk
spinach	2	cold2h			1
jalapeno	1	cold2h			1
bell-pepper	1	cold2h			1
sun-dried-tomatoes	1	cold2h	sulphite		0	added salt
olives	1	cold2h		sulphite	0	added salt		round
black-beans	1	cold2h		sulphite	1				tinned beans are cooked: dry beans must be boiled hard
canned-chickpeas	1	cold2h		sulphite	1			round
tomato-puree	1	cold2h			1
tomato-soup	1	cold2h	wheat	milk|celery	0	added salt
almonds	0	room	almond	hazelnut|cashew|pistachio|walnut|peanut	0	whole nuts		whole nut	sweet almonds only. Bitter almonds release cyanide when raw: a few can harm a child
flaked-almonds	0	room	almond	hazelnut|cashew|pistachio|walnut|peanut	1
slivered-almonds	0	room	almond	hazelnut|cashew|pistachio|walnut|peanut	0	whole nuts		nut piece
walnuts	1	room	walnut	almond|peanut	0	whole nuts		whole nut
pecans	1	room	pecan	almond|peanut	0	whole nuts		whole nut
hazelnuts	0	room	hazelnut	almond|peanut	0	whole nuts		whole nut
pistachios	0	room	pistachio	almond|peanut	0	whole nuts		whole nut
cashews	0	room	cashew	almond|peanut	0	whole nuts		whole nut
macadamias	0	room	macadamia	almond|peanut	0	whole nuts		whole nut	poisonous to dogs
brazil-nuts	0	room	brazil	almond|peanut	0	whole nuts		whole nut
pine-nuts	1	room	pine_nut	almond|peanut	0	whole nuts		nut piece
peanuts	0	room	peanut	almond|hazelnut|cashew|sesame	0	whole nuts		whole nut
cooked-chestnuts	0	room	chestnut		0	whole nuts		nut piece	sweet chestnut only: horse chestnut is poisonous
sunflower-seeds	0	room		sesame|peanut	1			hard piece
pumpkin-seeds	0	room		sesame|peanut	1			hard piece
sesame-seeds	0	room	sesame	peanut|almond	1
poppy-seeds	0	room		sesame|peanut	1				unwashed seed can carry opium alkaloids: use culinary grade
ground-flaxseed	1	room		sesame|peanut	1				cyanogenic in large raw amounts: about 15 g a day raw is a common ceiling, baking lowers it
flaxseed	0	room		sesame|peanut	1				cyanogenic in large raw amounts: about 15 g a day raw is a common ceiling, baking lowers it
chia-seeds	0	room		sesame|peanut	1
hemp-seeds	1	room		sesame|peanut	1
mixed-seeds	0	room	sesame	peanut|almond	1			hard piece
desiccated-coconut	0	room	sulphite|coconut		1
sweetened-shredded-coconut	0	room	sulphite|coconut		1
coconut-flakes	0	room	coconut	sulphite	1			hard piece
fresh-coconut	2	cold2h	coconut		1			hard piece
peanut-butter	1	room	peanut	almond|hazelnut|cashew|sesame	1			thick paste
almond-butter	1	room	almond	hazelnut|cashew|pistachio|walnut|peanut	1			thick paste
cashew-butter	1	room	cashew	almond|peanut	1			thick paste
sunflower-seed-butter	1	room		sesame|peanut	1			thick paste
tahini	1	room	sesame	peanut|almond	1
hazelnut-praline-paste	1	room	hazelnut	almond|milk|soy|peanut	1
pistachio-paste	1	room	pistachio	almond|milk|soy|cashew	1
natural-cocoa	0	room		milk	1				theobromine: poisonous to dogs
dutch-cocoa	0	room		milk	1				theobromine: poisonous to dogs
black-cocoa	0	room		milk	1				theobromine: poisonous to dogs
drinking-chocolate	0	room		milk|soy	1
unsweetened-chocolate	0	room		milk|soy|almond|hazelnut	1				theobromine: poisonous to dogs
dark-chocolate-70	0	room	soy	milk|almond|hazelnut|peanut|wheat	1				theobromine: poisonous to dogs
bittersweet-chocolate	0	room	soy	milk|almond|hazelnut|peanut|wheat	1				theobromine: poisonous to dogs
semisweet-chocolate-chips	0	room	soy|milk	almond|hazelnut|peanut|wheat	1			hard piece	theobromine: poisonous to dogs
milk-chocolate	0	room	milk|soy	almond|hazelnut|peanut|wheat	1				theobromine: poisonous to dogs
white-chocolate	0	room	milk|soy	almond|hazelnut|peanut|wheat	1
vegan-chocolate-chips	0	room		soy|milk|almond|hazelnut	1			hard piece	theobromine: poisonous to dogs
cocoa-nibs	0	room		almond|hazelnut|milk	0	choking		hard piece	theobromine: poisonous to dogs
cocoa-butter	0	room			1
carob-powder	0	room			1
chocolate-hazelnut-spread	0	room	milk|hazelnut|soy	almond|peanut	1
chocolate-sprinkles	0	room	soy	milk|wheat	1			hard piece
compound-coating	0	room	milk|soy	coconut|wheat|almond|hazelnut	1
vanilla-extract	0	room			2	alcohol	extract
vanilla-essence	0	room			1		extract (by label)
vanilla-paste	0	room			2	alcohol	extract (by label)
vanilla-bean	0	room			1
almond-extract	0	room		almond	2	alcohol	extract		concentrated benzaldehyde: measure in drops or by the teaspoon, never drink. Home-made from bitter almonds or apricot kernels is unsafe
lemon-extract	0	room			2	alcohol	extract
lemon-oil	0	room			1				concentrated oil: drops only, never neat
peppermint-extract	0	room			2	alcohol	extract		not near infants: menthol
maple-extract	0	room			2	alcohol	extract
rum-extract	0	room			2	alcohol	extract
coconut-extract	0	room		coconut	2	alcohol	extract
pandan-extract	0	room			2	alcohol	extract (by label)
rose-water	0	room			1				culinary grade only
orange-blossom-water	0	room			1
espresso-powder	0	room			0	caffeine
matcha	0	room			0	caffeine
liquid-food-colouring	0	room		sulphite	1
gel-food-colouring	0	room		sulphite	1
dried-lavender	0	room			1				culinary grade only
miso	1	room	soy|barley|wheat		0	added salt
yeast-extract	0	room	barley|celery	wheat|rye|oats	0	added salt
dark-rum	0	room			0	alcohol	spirit
brandy	0	room			0	alcohol	spirit
whiskey	0	room			0	alcohol	spirit
vodka	0	room			0	alcohol	spirit
kirsch	0	room			0	alcohol	spirit
orange-liqueur	0	room			0	alcohol	liqueur
almond-liqueur	0	room		almond	0	alcohol	liqueur		may be flavoured with apricot kernel
coffee-liqueur	0	room			0	alcohol	liqueur
cream-liqueur	1	cold	milk	soy	0	alcohol	cream liqueur
sherry	1	room	sulphite	egg|milk|fish	0	alcohol	fortified wine
port	1	room	sulphite	egg|milk|fish	0	alcohol	fortified wine
red-wine	1	room	sulphite	egg|milk|fish	0	alcohol	wine
white-wine	1	room	sulphite	egg|milk|fish	0	alcohol	wine
sparkling-wine	1	room	sulphite	egg|milk|fish	0	alcohol	sparkling wine
lager	1	room	barley	wheat|sulphite|fish	0	alcohol	beer
stout	1	room	barley	wheat|oats|milk|sulphite|fish	0	alcohol	beer
hard-cider	1	room	sulphite	fish|gelatine	0	alcohol	cider
water	0	room			1
brewed-coffee	1	room			0	caffeine
espresso	1	room			0	caffeine
black-tea	1	room			0	caffeine
orange-juice	1	cold		gelatine	1
apple-juice	1	cold		gelatine	2	unpasteurised
boiled-cider	1	room			1
pineapple-juice	1	cold			1
cranberry-juice	1	cold			1
pomegranate-juice	1	cold			1
tomato-juice	1	cold		celery	1
coconut-water	1	cold	coconut		1
lemonade	1	room			1
cola	1	room			0	caffeine
ginger-ale	1	room			1
sparkling-water	0	room			1
vegetable-stock	1	cold2h	celery	wheat|barley|milk|soy|mustard	0	added salt
cheddar	2	cold2h	milk		2	added salt
parmesan	2	cold	milk	egg	2	added salt
gruyere	2	cold2h	milk		2	unpasteurised
mozzarella	2	cold2h	milk		1
feta	2	cold2h	milk		0	added salt
goat-cheese	2	cold2h	milk		2	unpasteurised
blue-cheese	2	cold2h	milk		0	added salt
cream-cheese	2	cold2h	milk		1
light-cream-cheese	2	cold2h	milk		1
mascarpone	2	cold2h	milk		1
ricotta	2	cold2h	milk		1
cottage-cheese	2	cold2h	milk		1
paneer	2	cold2h	milk		1
vegan-cheese	2	cold2h		soy|cashew|almond|coconut|lupin	2	added salt
nutritional-yeast	0	room		barley	1
bacon	2	cold2h		celery|sulphite	0	added salt
ham	2	cold2h		celery|milk|soy|wheat|mustard	0	added salt
smoked-salmon	3	cold2h	fish		0	added salt
prepared-mustard	1	room	mustard|sulphite	wheat	0	added salt
soy-sauce	1	room	soy|wheat		0	added salt
worcestershire-sauce	1	room	fish|barley|wheat	soy|sulphite	0	added salt
pesto	1	cold2h	milk|cashew	pine_nut|walnut|almond|egg|peanut	0	added salt
xanthan-gum	0	room			1				fine dust: do not inhale, swells
guar-gum	0	room			1				fine dust: do not inhale, swells
locust-bean-gum	0	room			1				fine dust: do not inhale, swells
psyllium-husk	0	room			1			swells, needs plenty of water
psyllium-powder	0	room			1			swells, needs plenty of water	fine dust: do not inhale, swells
gelatin-powder	0	cold	gelatine	fish	1
gelatin-leaf	0	cold	gelatine	fish	1
agar	0	cold			1
pectin-powder	0	room			1
methylcellulose	0	room			1
cmc-powder	0	room			1
lecithin	0	room		soy	1
inulin	0	room			1
glycerin	0	room			1				not for young children in iced drinks
pea-protein	0	room		soy|milk	1				legume: can affect people with peanut allergy
whey-protein	0	room	milk|soy		1
marzipan	1	room	almond	egg|peanut	2	raw egg			cheap versions use apricot kernels (persipan), which must be debittered
almond-paste	1	room	almond	egg	1				cheap versions use apricot kernels (persipan), which must be debittered
fondant	1	room		gelatine|milk|soy|sulphite	1
royal-icing-mix	0	room	egg	milk	1
vanilla-buttercream	1	room	milk|soy	wheat|egg	1
chocolate-frosting	1	room	milk|soy	wheat|egg	1
marshmallows	0	room	gelatine	egg|sulphite	0	choking		round and sticky
marshmallow-creme	0	room	egg		1			thick paste
toffee-bits	0	room	milk|soy	almond|peanut	0	choking		hard piece
soft-caramels	0	room	milk	soy	0	choking		round and sticky
sugar-sprinkles	0	room		soy|wheat|milk	1			hard piece
whipped-topping	2	cold2h	milk	soy|coconut	1
whipped-topping-mix	0	cold2h	milk	soy|gelatine|coconut	1
instant-pudding-mix	0	cold2h		milk|soy|wheat	1
cream-stabiliser	0	room		wheat|milk	1
edible-glaze-neutral	1	room		gelatine|sulphite	1
orange-extract	0	room			2	alcohol	extract
orange-oil	0	room			1				concentrated oil: drops only, never neat
kewra-water	0	room			1
ube-extract	0	room			2	alcohol	extract (by label)
smoked-paprika	0	room			1
dried-thyme	0	room			1
dried-oregano	0	room			1
dried-fenugreek-leaf	0	room			1				legume: can affect people with peanut allergy
parsley	2	cold2h			1
cilantro	2	cold2h			1
damsons	1	cold2h			1			stone	kernel inside the stone is cyanogenic: do not crush or infuse stones for food
gin	0	room			0	alcohol	spirit
limoncello	0	room			0	alcohol	liqueur
marsala	1	room	sulphite	egg|milk|fish	0	alcohol	fortified wine
red-wine-vinegar	0	room	sulphite		1
fruit-salt	0	room			0	not a food for infants			sold as a medicine: follow pack limits
liquid-whey	2	cold2h	milk		2	unpasteurised
wheat-biscuit-cereal	0	room	wheat|barley	milk|soy	1
cornflakes	0	room	barley	milk|soy	1
dry-breadcrumbs	0	room	wheat	rye|barley|milk|egg|soy|sesame	1
digestive-crumbs	0	room	wheat	oats|barley|milk|soy	1
matzo-cake-meal	0	room	wheat	egg	1
cooked-rice	2	cold2h			1				cool within 1 h and chill: spores survive cooking
cooked-quinoa	2	cold2h			1
puffed-rice	0	room		barley	1
canned-pears	1	cold2h			1
mandarin-segments	1	cold2h			1
grapefruit	1	cold			1				interacts with some medicines
peanut-butter-chips	0	room	peanut|milk|soy	almond	1			hard piece
honeycomb-candy	0	room		milk|soy	0	honey		hard piece
prepared-custard	2	cold2h	milk|egg	soy	1
fresh-thyme	1	room			1
homemade-baking-powder-by-spoon	0	room		wheat	1
homemade-baking-powder-by-weight	0	room		wheat	1
leek	1	not_raw			1
single-acting-baking-powder	0	room		wheat	1`;
