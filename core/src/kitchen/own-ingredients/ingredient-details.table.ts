// Made from core/tables/ingredients.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const INGREDIENT_DETAILS_TABLE = `id	ash_g	other_g	energy_kcal	acid_note	caution
all-purpose-flour	0.5	0	355	native acidity pH 6.1 to 7, about 0.010 meq/g (estimate)	raw flour is not ready to eat: bake before tasting. UK plain flour is fortified and often 9.5-10% protein
bread-flour	0.55	0	361	native acidity pH 6.1 to 7, about 0.010 meq/g (estimate)	raw flour is not ready to eat
cake-flour	0.4	0	362	chlorinated flour pH 4.8 to 7, about 0.03 meq/g (estimate). UK unbleached: use 0.01	raw flour is not ready to eat. Chlorine-bleached flour is not sold in the UK/EU
pastry-flour	0.45	0	356	native acidity pH 6.0 to 7, about 0.010 meq/g (estimate)	raw flour is not ready to eat
self-rising-flour	3.4	0.9	352	leavening acid and soda balanced, net 0. About 1.25-1.5 tsp baking powder and 1/4 tsp salt per cup	contains leavening and salt
self-raising-flour	1.9	0.6	349	leavening acid and soda balanced, net 0. Equal to about 5 g baking powder per 100 g	contains leavening, no added salt
whole-wheat-flour	1.6	0	342	bran phytate/phosphate buffer, pH 6.2 to 7, about 0.025 meq/g (estimate)	raw flour is not ready to eat
strong-wholemeal-flour	1.6	0	341	bran phytate/phosphate buffer, about 0.025 meq/g (estimate)	raw flour is not ready to eat
self-raising-wholemeal-flour	3.6	0.6	329	leavening balanced, remainder from bran buffer about 0.015 meq/g (estimate)	contains leavening
white-whole-wheat-flour	1.6	0	340	bran buffer, about 0.025 meq/g (estimate)	raw flour is not ready to eat
whole-wheat-pastry-flour	1.5	0	340	bran buffer, about 0.02 meq/g (estimate)	raw flour is not ready to eat
graham-flour	1.6	0	341	bran buffer, about 0.02 meq/g (estimate)	raw flour is not ready to eat
coarse-wholemeal-flour	1.6	0	331	bran buffer, coarse particles react slowly, about 0.02 meq/g (estimate)	raw flour is not ready to eat
atta-flour	1.4	0	340	bran buffer, about 0.022 meq/g (estimate)	raw flour is not ready to eat
wheat-bran	5.8	0	270	phytate/phosphate buffer, about 0.05 meq/g (estimate)
bran-cereal	5.0	0	334	bran buffer diluted by sugar, about 0.02 meq/g (estimate)	some types contain milk or vitamin D from lanolin: check label
wheat-germ	4.3	0	367	phosphate/protein buffer, about 0.04 meq/g (estimate)	turns rancid: refrigerate
semolina	0.7	0	346	native acidity, about 0.010 meq/g (estimate)
durum-flour	0.8	0	348	native acidity, about 0.010 meq/g (estimate)
white-spelt-flour	0.8	0	348	native acidity, about 0.012 meq/g (estimate)	spelt is wheat: not suitable for coeliacs
whole-spelt-flour	1.7	0	341	bran buffer, about 0.025 meq/g (estimate)	spelt is wheat: not suitable for coeliacs
einkorn-flour	1.4	0	347	bran buffer, about 0.02 meq/g (estimate)	einkorn is wheat
khorasan-flour	1.6	0	342	bran buffer, about 0.02 meq/g (estimate)	khorasan is wheat
light-rye-flour	0.7	0	347	native acidity, about 0.015 meq/g (estimate)
dark-rye-flour	1.8	0	336	bran buffer, about 0.03 meq/g (estimate)
barley-flour	1.3	0	337	bran buffer, about 0.02 meq/g (estimate)
malted-grain-flour	1.3	0	340	bran and malt, about 0.02 meq/g (estimate)
vital-wheat-gluten	1.0	0	370	negligible
wheat-starch	0.2	0	350	negligible	contains traces of gluten unless specially washed
rolled-oats	1.8	0	379	native acidity, slow to release, about 0.015 meq/g (estimate)	oats usually carry wheat/barley traces
quick-oats	1.8	0	379	native acidity, about 0.015 meq/g (estimate)	oats usually carry wheat/barley traces
steel-cut-oats	1.8	0	379	coarse, slow to release, about 0.010 meq/g (estimate)	oats usually carry wheat/barley traces
medium-oatmeal	1.8	0	380	native acidity, about 0.015 meq/g (estimate)	oats usually carry wheat/barley traces
oat-flour	2.0	0	390	native acidity, about 0.02 meq/g (estimate)	oats usually carry wheat/barley traces
oat-bran	2.9	0	355	native acidity, about 0.02 meq/g (estimate)	oats usually carry wheat/barley traces
gluten-free-rolled-oats	1.8	0	379	native acidity, about 0.015 meq/g (estimate)	contains avenin, which a few coeliacs cannot tolerate. Not labelled gluten-free in Australia/New Zealand
muesli	2.0	0.2	378	dried fruit acidity, about 0.03 meq/g (estimate)	check label for nuts, milk and sulphites
granola	1.8	0.2	449	negligible to 0.01 meq/g (estimate)	check label: honey, milk, nuts and seeds vary
gluten-free-flour-blend	0.6	0.3	352	negligible	blends differ: check whether xanthan gum is already included
gluten-free-self-raising-flour	2.9	0.6	340	leavening balanced, net 0	contains leavening, often xanthan gum
white-rice-flour	0.6	0	358	negligible
brown-rice-flour	1.5	0	359	bran buffer, about 0.01 meq/g (estimate)
glutinous-rice-flour	0.4	0	360	negligible. Contains no gluten despite the name
sorghum-flour	1.3	0.1	359	native acidity, about 0.015 meq/g (estimate)
millet-flour	1.4	0	382	native acidity, about 0.015 meq/g (estimate)	turns bitter: keep cool
finger-millet-flour	2.0	0	335	native acidity, about 0.015 meq/g (estimate)
buckwheat-flour	1.9	0	347	native acidity, about 0.02 meq/g (estimate)	buckwheat can be an allergen in its own right
teff-flour	2.0	0	353	native acidity, about 0.02 meq/g (estimate)
quinoa-flour	2.4	0	368	native acidity, about 0.02 meq/g (estimate)	bitter saponins if the grain was not rinsed
amaranth-flour	2.9	0	365	native acidity, about 0.02 meq/g (estimate)
cornmeal	1.0	0	350	native acidity, about 0.01 meq/g (estimate)	check for wheat traces if baking for coeliacs
polenta	0.5	0	352	native acidity, about 0.01 meq/g (estimate)
maize-flour	1.5	0	355	native acidity, about 0.01 meq/g (estimate)	not the same as UK cornflour, which is starch
masa-harina	1.5	0	364	lime-treated, close to neutral
almond-flour	3.0	0.6	597	negligible	tree nut
almond-meal	3.0	1.0	590	negligible	tree nut
hazelnut-meal	2.3	1.0	650	negligible	tree nut
coconut-flour	5.0	0.5	350	native acidity, about 0.02 meq/g (estimate)	very absorbent. Coconut is not a tree nut in UK/EU law but some people react
chickpea-flour	2.8	0	364	protein/phosphate buffer, about 0.03 meq/g (estimate)	raw batter is bitter and should not be eaten uncooked
soy-flour	4.5	2.0	440	protein/phosphate buffer, about 0.03 meq/g (estimate)
lupin-flour	3.2	0.3	330	protein buffer, about 0.03 meq/g (estimate)	cross-reacts with peanut allergy
peanut-flour	4.5	0.5	395	protein buffer, about 0.02 meq/g (estimate)
cassava-flour	1.5	0	345	native acidity, about 0.01 meq/g (estimate). Fermented types are sourer
potato-flour	3.1	0.2	352	native acidity, about 0.02 meq/g (estimate)	not potato starch
green-banana-flour	2.6	0.5	345	0.2% malic = 0.030 meq/g
tigernut-flour	1.9	0.1	443	negligible to 0.01 meq/g (estimate)	a tuber, not a nut
chestnut-flour	2.4	0.6	368	negligible to 0.01 meq/g (estimate)	sweet chestnut is not on every tree-nut list: treat as one
water-chestnut-flour	2.0	0	345	negligible to 0.01 meq/g (estimate)
cornstarch	0.1	0	357	negligible	UK, Irish, Indian and Australian cornflour. Some Australian cornflour is wheat starch: read the pack
tapioca-starch	0.2	0	354	negligible
potato-starch	0.3	0	340	negligible	not potato flour
arrowroot	0.3	0	348	negligible
custard-powder	0.8	0	356	negligible	uncooked cornflour base, coloured and flavoured
pregelatinised-starch	0.4	0	370	negligible
granulated-sugar	0.05	0	400	negligible	US cane sugar may be refined with bone char
superfine-sugar	0.05	0	400	negligible
golden-caster-sugar	0.2	0	398	trace molasses, about 0.002 meq/g
powdered-sugar	0.05	0	396	negligible	3% cornflour or tricalcium phosphate as anti-caking agent. Australian pure icing sugar has none
light-brown-sugar	0.5	0.5	388	about 4-8% molasses x 0.075 meq/g = 0.006 meq/g
dark-brown-sugar	0.8	0.6	384	about 10-12% molasses x 0.085 meq/g = 0.010 meq/g
light-muscovado-sugar	1.0	0.8	385	molasses fraction, about 0.012 meq/g (estimate)
dark-muscovado-sugar	2.0	1.5	376	molasses fraction about 20-25%, 0.02 meq/g (estimate)
demerara-sugar	0.3	0.1	397	trace molasses, about 0.002 meq/g
turbinado-sugar	0.2	0.1	399	trace molasses, about 0.002 meq/g
jaggery	2.0	0.8	374	cane juice solids, about 0.015 meq/g (estimate). Often limed: may be nearer 0
coconut-sugar	2.3	0.4	381	about 0.01 meq/g (estimate)
date-sugar	2.2	1.4	350	0.2% malic = 0.030 meq/g	does not dissolve
maple-sugar	0.9	0.4	383	negligible
pearl-sugar	0.05	0	400	negligible
sanding-sugar	0.05	0	400	negligible	coloured types may contain carmine or shellac
vanilla-sugar	0.05	0.2	398	negligible
jam-sugar	0.1	0.4	396	0.4% citric = 0.062 meq/g	contains pectin and citric acid
dextrose	0	0	364	negligible
fructose	0	0	400	negligible	browns faster than table sugar
erythritol	0	99.8	0	negligible. Counted in other_g, 0 kcal/g	large amounts may cause digestive upset, recrystallises on cooling
xylitol	0	99.8	240	negligible. Polyol in other_g, 2.4 kcal/g	poisonous to dogs. Laxative in quantity
allulose	0	99.5	40	negligible. Counted in other_g, 0.4 kcal/g	browns fast. Not authorised in the UK/EU
stevia-erythritol-blend	0	99.7	0	negligible	strength varies by pack: some are 1:1 with sugar, some 2:1
honey	0.2	0.1	330	free acidity 20-40 meq/kg = 0.03 meq/g	honey: not for infants under 12 months
molasses	4.4	2.6	290	aconitic and other cane acids titrate about 0.075 meq/g (grades 0.05-0.11)	sulphured grades contain sulphites
blackstrap-molasses	10.5	5.9	262	aconitic and other cane acids about 0.10 meq/g (estimate)	bitter: not a straight swap
black-treacle	6.0	2.8	275	blend of molasses and refiners' syrup, about 0.06 meq/g (estimate)	some brands declare sulphites
golden-syrup	0.8	0.6	325	partly inverted cane syrup, about 0.008 meq/g (estimate)
light-corn-syrup	0.2	0	307	negligible (below 0.003 meq/g)
dark-corn-syrup	0.5	0.2	306	trace refiners' syrup, about 0.003 meq/g
glucose-syrup	0.1	0.1	325	negligible	may be wheat-derived (fully processed, exempt from gluten labelling in the UK/EU)
maple-syrup	0.5	0.1	265	malic acid trace, about 0.002 meq/g
agave-nectar	0.1	0.1	308	about 0.005 meq/g (estimate)
brown-rice-syrup	0.2	0.1	317	about 0.004 meq/g (estimate)
barley-malt-extract	1.2	1.3	310	0.63% lactic = 0.070 meq/g	contains barley gluten
date-syrup	1.6	0.8	290	0.3% malic = 0.045 meq/g
pomegranate-molasses	1.6	7.0	275	6.0% citric = 0.937 meq/g
invert-sugar-syrup	0.1	0.1	311	trace acid left from inversion, about 0.002 meq/g
sorghum-syrup	2.0	1.2	295	aconitic and malic acids, about 0.05 meq/g (estimate)
simple-syrup	0	0	200	negligible
caramel-sauce	1.4	0.3	372	negligible
coconut-nectar	1.6	0.6	300	about 0.02 meq/g (estimate)
unsalted-butter	0.1	0.2	735	serum lactic acid about 0.002 meq/g (sweet cream)	UK/EU and Irish butter is 82% fat, US 80% minimum
salted-butter	1.9	0.2	731	serum lactic acid about 0.002 meq/g	salt 1.2-2%: reduce added salt
cultured-butter	0.1	0.3	748	serum lactic acid spread over 100 g butter, about 0.005 meq/g
ghee	0.1	0	896	negligible	traces of milk protein
brown-butter	0.2	0.1	882	negligible to 0.001 meq/g	100 g unsalted butter gives about 80-83 g
vegetable-shortening	0	0	890	negligible	may contain soya oil. Older vanaspati may hold trans fat
high-ratio-shortening	0	0.2	890	negligible	may contain soya oil
lard	0	0	895	negligible	pork: not halal, kosher or vegetarian
beef-suet	0.1	0	826	negligible	packet suet is dusted with wheat flour
vegetable-suet	0.2	0	764	negligible	often dusted with wheat flour: gluten-free types use rice flour
baking-margarine	1.8	0.1	719	negligible	many types contain whey: vegan ones are labelled
baking-spread	1.3	0.2	624	negligible	choose 65% fat or more for cakes. May contain milk
light-spread	1.5	0.2	358	negligible	too wet for creaming or frosting
vegan-butter-block	1.4	0.2	709	negligible	check label for soya, nuts
canola-oil	0	0	897	negligible
vegetable-oil	0	0	890	negligible	US vegetable oil is usually soya, UK rapeseed. Highly refined soya oil is exempt from allergen labelling
sunflower-oil	0	0	895	negligible
corn-oil	0	0	895	negligible
peanut-oil	0	0	890	negligible	cold-pressed types carry peanut protein
grapeseed-oil	0	0	890	negligible
olive-oil	0	0	890	negligible
avocado-oil	0	0	890	negligible
coconut-oil	0	0	892	negligible	melts at 24-25 C. Coconut is not a tree nut in UK/EU law but some people react
walnut-oil	0	0	890	negligible	tree nut
sesame-oil	0	0	890	negligible	sesame
mustard-oil	0	0	890	negligible	high in erucic acid: sold for external use only in the US, UK and EU
mayonnaise	1.8	0.3	680	0.3% acetic = 0.050 meq/g
cooking-spray	0	2.0	880	negligible	flammable aerosol. Baking sprays with flour contain gluten
dripping	0.1	0	893	negligible	beef: not vegetarian
whole-milk	0.7	0.15	63	fresh milk pH 6.7 to 7, about 0.003 meq/g
semi-skimmed-milk	0.75	0.15	50	fresh milk pH 6.7 to 7, about 0.003 meq/g
low-fat-milk	0.75	0.15	43	fresh milk pH 6.7 to 7, about 0.003 meq/g
skim-milk	0.75	0.15	35	fresh milk pH 6.7 to 7, about 0.003 meq/g
lactose-free-milk	0.7	0.15	62	about 0.003 meq/g	still contains milk protein
goat-milk	0.8	0.2	68	about 0.003 meq/g
evaporated-milk	1.6	0.2	138	concentrated milk buffer, about 0.008 meq/g
sweetened-condensed-milk	1.8	0	325	concentrated milk buffer, about 0.008 meq/g
dulce-de-leche	1.8	0.2	320	concentrated milk buffer, about 0.01 meq/g
skim-milk-powder	7.9	0	360	milk buffer, 10x fresh milk, about 0.03 meq/g	instant crystals are lighter, about 0.29 g/ml
whole-milk-powder	6.1	0	496	milk buffer, about 0.025 meq/g
malted-milk-powder	3.2	1.3	411	close to neutral, contains added bicarbonate	contains barley and wheat gluten
whey-powder	8.3	0	353	about 0.04 meq/g (estimate)
heavy-cream	0.5	0	348	serum of milk pH 6.6 to 7, about 0.002 meq/g	Australian thickened cream contains gelatine
double-cream	0.4	0.1	449	about 0.002 meq/g	overwhips quickly
whipping-cream	0.5	0.2	363	about 0.002 meq/g	UK whipping cream is 35-40% fat, US light whipping cream 30-36%
single-cream	0.6	0	195	about 0.002 meq/g	does not whip
half-and-half	0.7	0.1	131	about 0.002 meq/g
clotted-cream	0.4	0	586	about 0.002 meq/g
khoya	3.6	0.4	393	concentrated milk buffer, about 0.015 meq/g
buttermilk	0.85	0.9	43	0.90% lactic = 0.100 meq/g
whole-buttermilk	0.8	0.9	63	0.90% lactic = 0.100 meq/g
buttermilk-powder	7.9	5.2	392	5.0% lactic x 0.9 recovery: about 0.5 meq/g for cultured powder. Sweet-cream powder: use 0.05	some packs are dried sweet-cream buttermilk with little acid
soured-milk	0.7	0.35	60	15 ml 5% vinegar (12.4 meq) made up to 1 US cup milk = 0.055 meq/g	only about half as sour as buttermilk
plain-yogurt	0.8	1.0	63	1.0% lactic = 0.111 meq/g	set curd varies widely in sourness
low-fat-yogurt	1.1	1.1	58	1.05% lactic = 0.117 meq/g
greek-yogurt	0.8	1.0	115	1.05% lactic = 0.117 meq/g
nonfat-greek-yogurt	0.7	1.1	60	1.1% lactic = 0.122 meq/g
skyr	0.7	1.1	62	1.1% lactic = 0.122 meq/g
labneh	1.4	1.3	165	1.2% lactic = 0.133 meq/g
kefir	0.75	0.9	60	0.90% lactic = 0.100 meq/g
sour-cream	0.7	0.8	203	0.75% lactic = 0.083 meq/g	UK soured cream is about 18% fat
light-sour-cream	0.9	0.8	134	0.75% lactic = 0.083 meq/g
creme-fraiche	0.5	0.6	320	0.6% lactic = 0.067 meq/g
quark	0.8	0.8	65	0.8% lactic = 0.089 meq/g
egg	1.05	0.4	143	white alkalinity and yolk acidity cancel, net 0	use pasteurised or code-marked eggs where not fully cooked. Weights are without shell
egg-white	0.6	0.1	49	carbonate/protein alkalinity pH 8.8 to 7, about -0.02 meq/g (fresh -0.01)	raw white: use pasteurised in uncooked icing
egg-yolk	1.7	3.0	308	pH 6.1 to 7, phosphoprotein buffer about 0.02 meq/g (estimate)
pasteurised-egg-white	0.7	0.2	49	about -0.01 meq/g (estimate)	whips slower than fresh
liquid-whole-egg	1.1	0.4	136	net 0
dried-egg-white	5.6	0.6	348	close to neutral after drying, about -0.05 meq/g (estimate)	4 g plus 28 ml water for one white
dried-whole-egg	4.0	1.6	580	carbon dioxide lost on drying, about -0.02 meq/g (estimate)	13 g plus 37 ml water for one large egg
meringue-powder	2.0	3.0	370	added cream of tartar/citric, about 0.15 meq/g (estimate)
duck-egg	1.1	0.5	181	net 0	cook thoroughly
quail-egg	1.1	0	155	net 0
flax-egg	0.9	0	130	negligible	rest 10 minutes before use
chia-egg	1.1	0	97	negligible	rest 15 minutes before use
egg-replacer-powder	5.0	1.2	332	usually carries a small balanced leavening, net 0	starch and gum base, read the pack for egg white in some types
aquafaba	0.8	0.6	17	about 0.003 meq/g (estimate)	prefer unsalted cans for meringue
silken-tofu	0.8	0.5	56	about 0.01 meq/g (some types set with gluconolactone)	soya
firm-tofu	1.2	0.3	137	negligible	soya
soy-milk	0.7	0.6	33	close to neutral, about 0.003 meq/g	soya
almond-milk	0.5	0.3	13	negligible (buffer salts added)	tree nut
oat-milk	0.5	0	44	about 0.002 meq/g	oats: choose one labelled gluten-free for coeliacs
rice-milk	0.4	0.5	48	negligible	not for children under 5 in the UK (arsenic advice)
cashew-milk	0.4	0.2	19	negligible	tree nut
hazelnut-milk	0.5	0.4	22	negligible	tree nut
pea-milk	0.7	0.3	33	negligible (phosphate buffered)	pea protein can affect people with peanut allergy
hemp-milk	0.4	0.1	30	negligible
coconut-milk-drink	0.3	0.5	22	negligible	not canned coconut milk
coconut-milk	0.7	0.8	180	about 0.003 meq/g	some carry sulphite: check label
light-coconut-milk	0.4	0.4	67	about 0.002 meq/g
coconut-cream	0.9	0.9	233	about 0.003 meq/g	not sweetened cream of coconut
creamed-coconut	2.1	1.4	695	about 0.01 meq/g (estimate)	dissolve in hot water
coconut-milk-powder	1.8	1.2	674	about 0.01 meq/g (estimate)	most types contain milk protein: vegan ones are labelled
condensed-coconut-milk	0.6	0.6	325	negligible
plant-double-cream	0.5	0.6	297	negligible	check label for soya, lentil or broad bean protein
soy-yogurt	0.7	0.7	50	0.6% lactic = 0.067 meq/g	soya
coconut-yogurt	0.6	0.7	170	0.5% lactic = 0.056 meq/g
vegan-buttermilk	0.7	0.95	33	15 ml 5% vinegar (12.4 meq) made up to 1 US cup soya milk = 0.055 meq/g	soya
vegan-cream-cheese	1.7	0.6	264	0.36% lactic = 0.040 meq/g	check label for nuts or soya. Softer than dairy in frosting
oat-cream	0.5	0.5	144	negligible	oats: choose one labelled gluten-free for coeliacs
baking-soda	99.8	0	0	NaHCO3: 1000/84.007 = 11.90 meq/g base	excess tastes soapy
baking-powder	66.0	0.8	114	acid salts and about 30% soda balanced, net 0	contains starch. Keep dry, check date
aluminium-free-baking-powder	61.0	0.8	134	phosphate and about 28% soda balanced, net 0	mostly reacts when wetted: bake promptly
uk-baking-powder	57.7	0.8	147	pyrophosphate and about 28% soda balanced, net 0	some packs use wheat flour as the base: check for gluten
tartrate-baking-powder	29.0	45.8	205	2 parts cream of tartar (5.31) to 1 part soda (11.90) nearly balance, net 0	acts at once when wetted
single-acting-baking-powder	60.5	0.3	138	phosphate and 27% soda balanced, net 0	most of its gas comes in the bowl: bake promptly
homemade-baking-powder-by-weight	43.4	30.7	181	2 g cream of tartar (5.31) to 1 g soda (11.90): nearly balanced, net 0	acts at once when wetted: bake promptly
homemade-baking-powder-by-spoon	52.6	28.8	149	spoons leave about two fifths of the soda unmet; counted part by part, net 0	spoons leave soda over: weigh it
low-sodium-baking-powder	64.0	0.8	126	potassium bicarbonate and phosphate balanced, net 0	high potassium: check with a doctor in kidney disease
potassium-bicarbonate	99.8	0	0	KHCO3: 1000/100.115 = 9.99 meq/g base	high potassium: check with a doctor in kidney disease
bakers-ammonia	0	99.5	0	NH4HCO3 boils off as NH3, CO2 and water: no lasting base counted (12.6 meq/g before heating)	only for thin, dry bakes: ammonia stays in thick moist cakes. Do not eat raw
monocalcium-phosphate	93.0	0	0	neutralising value 80: 0.80 x 11.90 = 9.5 meq/g	fast acting
sapp	99.5	0	0	neutralising value 72: 0.72 x 11.90 = 8.6 meq/g	slow acting, can taste metallic
glucono-delta-lactone	0	99.5	298	C6H10O6 178.14 g/mol: 5.61 meq/g, released slowly
instant-yeast	6.0	1.0	336	negligible
active-dry-yeast	6.0	1.0	330	negligible	dissolve in warm water first
fresh-yeast	1.9	0.2	109	negligible	keeps about 2 weeks chilled
sourdough-discard	0.3	1.1	172	0.9% lactic (with acetic) = 0.100 meq/g	stirred down
white-vinegar	0.02	5.0	18	5.0% acetic = 0.833 meq/g	UK/Irish strengths run 5-6%, some Australian and Asian 4%
cider-vinegar	0.2	5.2	21	5.0% acetic = 0.833 meq/g	some contain sulphites: check label
malt-vinegar	0.2	5.1	22	5.0% acetic = 0.833 meq/g	made from barley
white-wine-vinegar	0.2	6.2	22	6.0% acetic = 0.999 meq/g	contains sulphites
rice-vinegar	0.1	4.2	18	4.2% acetic = 0.699 meq/g	seasoned types contain sugar and salt
balsamic-vinegar	0.6	6.4	88	6.0% acetic = 0.999 meq/g	contains sulphites
lemon-juice	0.3	5.2	22	5.2% citric = 0.812 meq/g	bottled juice may contain sulphites
lime-juice	0.3	5.2	25	5.0% citric = 0.781 meq/g	bottled juice may contain sulphites
cream-of-tartar	36.8	61.3	184	KHC4H4O6 188.18 g/mol, one acid H = 5.31 meq/g	very high in potassium: use culinary amounts only
tartaric-acid	0	99.8	298	C4H6O6 150.09 g/mol, two acid H = 13.33 meq/g	irritant as dry powder
citric-acid	0	99.8	298	anhydrous 192.12 g/mol, three acid H = 15.6 meq/g (about 14 to pH 7). Monohydrate 14.3	irritant as dry powder
malic-acid	0	99.8	298	134.09 g/mol, two acid H = 14.9 meq/g	irritant as dry powder
lactic-acid	0	80.0	240	80% lactic = 8.88 meq/g	corrosive undiluted
ascorbic-acid	0	99.8	298	176.12 g/mol, one acid H below pH 7 = 5.68 meq/g
amchur	5.0	14.0	310	13% citric = 2.03 meq/g
tamarind-paste	1.8	10.5	135	9.8% tartaric = 1.306 meq/g	strength varies widely between pulp and concentrate
table-salt	99.8	0	0	negligible
fine-sea-salt	99.5	0	0	negligible
kosher-salt	99.7	0	0	negligible	about half the weight of table salt by spoon
kosher-salt-dense	99.7	0	0	negligible	about 1.6 times the light flake type by spoon
flaky-sea-salt	98.5	0	0	negligible	for finishing: crush before measuring into batter
coarse-sea-salt	99.0	0	0	negligible	will not dissolve evenly in low-moisture doughs
pink-salt	99.7	0	0	negligible	usually not iodised
reduced-sodium-salt	99.7	0	0	negligible	about two thirds potassium chloride: check with a doctor in kidney disease
black-salt	99.4	0	0	negligible	sulphurous egg flavour
ground-cinnamon	3.6	0	247	about 0.03 meq/g (estimate)	cassia is high in coumarin: slows yeast
ground-nutmeg	2.3	0	505	about 0.01 meq/g (estimate)	toxic in tablespoon amounts
ground-ginger	5.2	0	335	about 0.02 meq/g (estimate)
ground-cloves	5.6	0	335	about 0.03 meq/g (estimate)
ground-allspice	4.6	0	347	about 0.03 meq/g (estimate)
ground-cardamom	5.8	0	322	about 0.02 meq/g (estimate)
ground-mace	2.2	0	480	about 0.01 meq/g (estimate)
mixed-spice	4.4	0	307	about 0.03 meq/g (estimate)
pumpkin-pie-spice	4.2	1.0	349	about 0.03 meq/g (estimate)
gingerbread-spice	4.5	0	306	about 0.03 meq/g (estimate)
chai-masala	5.0	0	317	about 0.02 meq/g (estimate)
five-spice	5.5	0	335	about 0.02 meq/g (estimate)
star-anise	5.5	0	327	about 0.02 meq/g (estimate)	use only Chinese star anise
anise-seed	7.0	0	384	about 0.02 meq/g (estimate)
fennel-seed	8.2	0	326	about 0.02 meq/g (estimate)
caraway-seed	5.9	0	334	about 0.02 meq/g (estimate)
cumin	7.6	0	440	about 0.02 meq/g (estimate)
ground-coriander	6.0	0	345	about 0.02 meq/g (estimate)
turmeric	7.1	0	292	about 0.02 meq/g (estimate). Turns red in alkaline batter	stains
black-pepper	4.5	5.0	282	negligible to 0.01 meq/g (estimate)
cayenne	6.0	0	370	about 0.05 meq/g (estimate)
chilli-flakes	6.2	0	370	about 0.04 meq/g (estimate)
paprika	7.7	0	318	about 0.06 meq/g (estimate)
mustard-powder	4.3	1.1	533	about 0.02 meq/g (estimate)	mustard. Some packs contain wheat flour
ajwain	8.5	0	385	about 0.02 meq/g (estimate)
nigella-seed	4.5	1.0	510	about 0.02 meq/g (estimate)
saffron	5.4	0.5	350	about 0.04 meq/g (estimate)
dried-rosemary	6.5	0	331	about 0.02 meq/g (estimate)	use three times the amount if fresh
dried-mixed-herbs	9.0	0	278	about 0.02 meq/g (estimate)
garlic-powder	3.5	0	345	about 0.02 meq/g (estimate)
onion-powder	4.0	0	337	about 0.06 meq/g (estimate)
fresh-ginger	0.8	0	80	about 0.02 meq/g (estimate). Raw juice contains protease
banana	0.8	2.7	89	0.33% malic = 0.049 meq/g	overripe fruit is sweeter and wetter
apple	0.2	0.8	52	0.4% malic = 0.060 meq/g
cooking-apple	0.2	1.4	43	1.2% malic = 0.179 meq/g
blueberries	0.2	1.5	55	0.6% citric = 0.094 meq/g. Whole berries: only leaked juice reacts	skins turn blue-green where soda is in excess
raspberries	0.5	1.7	45	1.7% citric = 0.265 meq/g
strawberries	0.4	0.9	32	0.9% citric = 0.141 meq/g
blackberries	0.4	1.2	42	1.0% malic = 0.149 meq/g
sweet-cherries	0.5	0.9	63	0.6% malic = 0.089 meq/g	remove stones
sour-cherries	0.4	2.1	48	1.7% malic = 0.254 meq/g	remove stones
cranberries	0.15	3.5	37	2.3% citric = 0.359 meq/g
peach	0.4	0.6	41	0.6% malic = 0.089 meq/g
canned-peaches	0.3	0.4	44	0.4% malic = 0.060 meq/g
nectarine	0.5	0.9	44	0.6% malic = 0.089 meq/g
apricot	0.75	0.9	48	1.2% malic = 0.179 meq/g
plum	0.4	0.7	46	1.1% malic = 0.164 meq/g	remove stones
pear	0.3	2.3	52	0.27% malic = 0.040 meq/g
orange	0.4	0.2	47	0.9% citric = 0.141 meq/g
lemon	0.4	3.5	35	flesh 5% x 0.64 of fruit: 3.2% citric = 0.500 meq/g	choose unwaxed for zest
lime	0.3	4.8	30	3.2% citric = 0.500 meq/g
lemon-zest	0.6	0.7	49	little juice, about 0.03 meq/g (estimate)	choose unwaxed fruit
orange-zest	0.8	0.6	85	little juice, about 0.03 meq/g (estimate)	choose unwaxed fruit
lime-zest	0.7	1.0	50	little juice, about 0.03 meq/g (estimate)	choose unwaxed fruit
mango	0.4	0	60	0.4% citric = 0.062 meq/g
pineapple	0.2	1.5	49	0.7% citric = 0.109 meq/g	raw fruit stops gelatine setting
crushed-pineapple	0.4	0.5	60	0.6% citric = 0.094 meq/g
gooseberries	0.4	2.0	40	1.9% citric = 0.297 meq/g
blackcurrants	0.8	3.5	51	3.3% citric = 0.515 meq/g
redcurrants	0.65	2.4	48	2.4% citric = 0.375 meq/g
mixed-berries	0.4	1.4	42	1.2% citric = 0.187 meq/g
grapes	0.5	1.5	69	0.5% tartaric = 0.067 meq/g	halve for young children
fresh-fig	0.7	0.2	74	0.2% citric = 0.031 meq/g
kiwifruit	0.6	2.0	57	1.2% citric = 0.187 meq/g	raw fruit stops gelatine setting and curdles dairy
persimmon-pulp	0.3	0.5	70	0.13% malic = 0.019 meq/g	astringent types must be jelly-soft
passion-fruit-pulp	0.8	3.5	78	3.0% citric = 0.468 meq/g
avocado	1.6	1.0	161	about 0.02 meq/g (estimate)
applesauce	0.2	0.7	42	0.33% malic = 0.049 meq/g	sweetened types carry about 7 g extra sugar per 100 g
apple-butter	0.4	0.9	170	0.6% malic = 0.089 meq/g	contains no butter
pumpkin-puree	0.8	0.4	32	0.10% malic = 0.015 meq/g	not pie filling. Home-made is wetter: drain
pumpkin-pie-filling	1.0	0.7	95	0.10% malic = 0.015 meq/g	already sweetened
date-puree	1.2	0.4	215	0.1% malic = 0.015 meq/g	equal weights of dates and water
prune-puree	1.6	4.2	170	1.0% malic = 0.149 meq/g	laxative in quantity
mango-pulp	0.3	0.7	90	0.48% citric = 0.075 meq/g
raspberry-puree	0.4	1.8	43	1.7% citric = 0.265 meq/g
cranberry-sauce	0.1	1.4	158	0.95% citric = 0.148 meq/g
strawberry-jam	0.2	0.9	262	0.6% citric = 0.094 meq/g
raspberry-jam	0.2	1.1	262	0.77% citric = 0.120 meq/g
apricot-jam	0.3	1.0	258	0.64% citric = 0.100 meq/g	often made with sulphited fruit
orange-marmalade	0.2	0.9	262	0.6% citric = 0.094 meq/g
redcurrant-jelly	0.2	1.3	262	0.9% citric = 0.141 meq/g
lemon-curd	0.4	1.2	315	1.0% citric = 0.156 meq/g
cherry-pie-filling	0.3	0.6	112	0.4% malic = 0.060 meq/g
fruit-compote-apple	0.2	0.6	74	0.4% malic = 0.060 meq/g
raisins	1.8	4.4	310	1.5% tartaric = 0.200 meq/g. Whole fruit: little reaches the batter	poisonous to dogs
golden-raisins	1.8	4.1	310	1.5% tartaric = 0.200 meq/g. Whole fruit: little reaches the batter	US golden raisins are sulphited, UK sultanas usually oiled only. Poisonous to dogs
currants	1.9	2.8	302	1.5% tartaric = 0.200 meq/g. Whole fruit: little reaches the batter	poisonous to dogs
mixed-dried-fruit	1.6	3.5	300	1.2% tartaric = 0.160 meq/g. Whole fruit: little reaches the batter	peel and cherries often contain sulphites. Poisonous to dogs
dates	1.9	1.3	284	0.13% malic = 0.019 meq/g	check for stones
medjool-dates	1.7	0	280	0.13% malic = 0.019 meq/g	remove stones
dried-apricots	2.6	1.6	245	1.3% malic = 0.194 meq/g	unsulphured brown fruit has none
dried-cranberries	0.2	4.8	312	1.6% citric = 0.250 meq/g
prunes	2.6	13.6	219	1.6% malic = 0.239 meq/g	sorbitol: laxative in quantity
dried-figs	1.9	1.6	255	0.5% citric = 0.078 meq/g	some are sulphited
dried-cherries	0.7	5.8	325	1.5% malic = 0.224 meq/g
dried-blueberries	0.8	4.2	325	0.8% citric = 0.125 meq/g
dried-apple	1.1	0.8	252	1.0% malic = 0.149 meq/g	usually sulphited
dried-mango	1.2	3.3	318	1.6% citric = 0.250 meq/g	often sulphited
banana-chips	1.4	0	519	about 0.02 meq/g (estimate)	often honey-dipped: check if vegan
freeze-dried-raspberries	3.3	11.2	308	10.6% citric = 1.655 meq/g
freeze-dried-strawberries	4.3	7.2	345	7.0% citric = 1.093 meq/g
candied-mixed-peel	0.7	0.4	310	preserved with a little citric acid: 0.13% citric = 0.020 meq/g	contains sulphites
candied-orange-peel	0.6	0.5	316	0.13% citric = 0.020 meq/g	contains sulphites
candied-lemon-peel	0.6	0.5	316	0.16% citric = 0.025 meq/g	contains sulphites
candied-citron	0.9	0.3	317	0.13% citric = 0.020 meq/g	contains sulphites
glace-cherries	0.4	0.7	306	0.26% citric = 0.041 meq/g	contains sulphites. Rinse and dry before use. Colour may be carmine (not vegan): check label
maraschino-cherries	0.2	0.5	170	0.26% citric = 0.041 meq/g	contains sulphites
crystallised-ginger	0.6	0.7	332	about 0.005 meq/g (estimate)	some are sulphited: check label
stem-ginger	0.4	0.5	275	about 0.005 meq/g (estimate)	syrup is 1.33 g/ml
tutti-frutti	0.5	0.7	310	0.2% citric = 0.031 meq/g	contains sulphites and colours
glace-pineapple	0.4	0.7	316	0.32% citric = 0.050 meq/g	contains sulphites
angelica	0.4	0.4	321	about 0.005 meq/g (estimate)	contains sulphites
mincemeat	0.8	1.0	296	0.64% citric = 0.100 meq/g	suet may be beef, or dusted with wheat flour: check label
carrot	1.0	0.6	38	about 0.01 meq/g (estimate)
zucchini	0.6	0.1	19	about 0.01 meq/g (estimate)	very bitter fruit: discard. Squeeze out water
beet	1.1	0	45	about 0.01 meq/g (estimate). Pigment browns in alkaline batter	not pickled
sweet-potato-puree	1.2	0.1	82	0.1% malic = 0.015 meq/g
mashed-potato	0.8	0	82	about 0.01 meq/g (estimate)
butternut-squash-puree	0.8	0.1	40	about 0.01 meq/g (estimate)	drain before use
rhubarb	0.8	1.6	18	1.6% malic (with oxalic) = 0.239 meq/g	leaves are poisonous
parsnip	1.0	0.8	65	about 0.01 meq/g (estimate)
sweetcorn	0.6	0	92	negligible
creamed-corn	1.1	0	80	negligible	some contain wheat or milk: check label
onion	0.4	1.2	36	0.13% citric = 0.020 meq/g	poisonous to dogs and cats
scallion	0.8	1.0	31	about 0.01 meq/g (estimate)
chives	1.6	1.0	33	about 0.005 meq/g (estimate)
garlic	1.5	4.5	105	about 0.03 meq/g (estimate). Fructan counted as starch	poisonous to dogs and cats
spinach	1.7	0.5	22	negligible	squeeze dry after wilting
jalapeno	0.5	0.4	30	0.1% citric = 0.016 meq/g	pickled types are sour and salty
bell-pepper	0.4	0.3	27	0.13% citric = 0.020 meq/g
sun-dried-tomatoes	4.5	2.0	213	1.6% citric = 0.250 meq/g	often sulphited
olives	3.8	0.4	139	0.27% lactic = 0.030 meq/g	check for stones
black-beans	1.3	0.4	105	about 0.005 meq/g (estimate)	rinse
canned-chickpeas	1.3	0.4	127	about 0.005 meq/g (estimate)	keep the liquid for aquafaba
tomato-puree	2.9	2.5	82	2.2% citric = 0.344 meq/g	US tomato puree is thinner
tomato-soup	2.0	0.4	70	0.32% citric = 0.050 meq/g	thickened with wheat flour, some contain milk
almonds	3.0	3.9	590	negligible	tree nut. Whole nuts: choking risk under 5
flaked-almonds	3.0	3.9	590	negligible	tree nut
slivered-almonds	2.9	4.0	595	negligible	tree nut
walnuts	1.8	4.3	670	negligible	tree nut
pecans	1.5	0	705	negligible	tree nut
hazelnuts	2.3	2.1	640	negligible	tree nut
pistachios	3.0	7.1	560	negligible	tree nut
cashews	2.5	0	575	negligible	tree nut
macadamias	1.1	0	740	negligible	tree nut. Poisonous to dogs
brazil-nuts	3.4	1.7	683	negligible	tree nut
pine-nuts	2.6	4.3	690	negligible	treated as a tree nut in US labelling, not in UK/EU law
peanuts	2.5	0	600	negligible	peanut
cooked-chestnuts	1.5	0.6	190	negligible to 0.01 meq/g (estimate)	treat as a tree nut
sunflower-seeds	3.0	0	600	negligible. Chlorogenic acid can turn green with soda
pumpkin-seeds	4.8	0	592	negligible
sesame-seeds	4.5	0	587	negligible	sesame
poppy-seeds	6.4	0	525	negligible	can affect drug tests
ground-flaxseed	3.7	0	515	negligible
flaxseed	3.7	0	515	negligible
chia-seeds	4.8	0	446	negligible. Often confused with sabja (basil seed)
hemp-seeds	6.1	0.8	590	negligible
mixed-seeds	4.0	1.5	572	negligible	usually contains sesame
desiccated-coconut	1.9	4.8	645	negligible	sometimes sulphited: check label. Coconut is not a tree nut in UK/EU law but some people react
sweetened-shredded-coconut	1.6	1.0	465	negligible	sometimes sulphited: check label
coconut-flakes	1.9	4.0	650	negligible	sometimes sulphited: check label
fresh-coconut	1.0	0	354	negligible
peanut-butter	3.3	1.9	600	negligible	peanut
almond-butter	3.1	3.1	625	negligible	tree nut
cashew-butter	2.5	0	625	negligible	tree nut
sunflower-seed-butter	3.5	0.3	645	negligible. Turns green where soda is in excess
tahini	4.5	0	630	negligible	sesame
hazelnut-praline-paste	1.3	0.2	558	negligible	tree nut
pistachio-paste	2.8	4.5	590	negligible	tree nut. Some types are sweetened or contain milk
natural-cocoa	5.8	7.1	330	acetic, citric, lactic and polyphenol acids titrate 0.20-0.33, taken 0.28 meq/g to pH 7	UK supermarket cocoa is often alkalised: read the label. Poisonous to dogs
dutch-cocoa	8.5	7.4	320	residual potassium carbonate, pH 7.7 to 7, about -0.06 meq/g (range 0 to -0.15)	poisonous to dogs
black-cocoa	10.5	6.7	310	heavily alkalised, pH 8.1 to 7, about -0.12 meq/g (estimate)	blend with other cocoa. Poisonous to dogs
drinking-chocolate	2.0	0.5	393	cocoa fraction 20%, part alkalised: about 0.03 meq/g (estimate)	some types contain milk
unsweetened-chocolate	3.2	2.2	600	47% cocoa solids x 0.26 = 0.12 meq/g	poisonous to dogs
dark-chocolate-70	2.3	0.6	580	28% cocoa solids x 0.22 = 0.06 meq/g	may contain milk. Poisonous to dogs
bittersweet-chocolate	1.8	0.5	548	24% cocoa solids x 0.21 = 0.05 meq/g	may contain milk. Poisonous to dogs
semisweet-chocolate-chips	1.3	0.2	533	17% cocoa solids x 0.18 = 0.03 meq/g	most types carry traces of or added milk fat. Poisonous to dogs
milk-chocolate	1.8	0.2	536	negligible	poisonous to dogs
white-chocolate	1.4	0.1	545	negligible	scorches easily
vegan-chocolate-chips	1.3	0.2	529	18% cocoa solids x 0.2 = 0.04 meq/g	check for shared lines with milk. Poisonous to dogs
cocoa-nibs	3.0	2.5	550	45% cocoa solids x 0.27 = 0.12 meq/g	poisonous to dogs
cocoa-butter	0	0	890	negligible	density is for melted fat
carob-powder	2.3	1.3	300	about 0.05 meq/g (estimate)	not cocoa: contains no theobromine
chocolate-hazelnut-spread	1.4	0.1	538	cocoa fraction 7%, about 0.01 meq/g	tree nut
chocolate-sprinkles	0.8	0.2	450	cocoa fraction, about 0.02 meq/g (estimate)	may contain milk, shellac glaze: check label
compound-coating	0.9	1.6	544	negligible	not chocolate: sets without tempering
vanilla-extract	0.3	0	288	trace acids, about 0.01 meq/g	contains alcohol
vanilla-essence	0.1	15.9	104	negligible (propylene glycol or glycerol in other_g)
vanilla-paste	0.2	0.7	272	about 0.005 meq/g (estimate)	may contain alcohol
vanilla-bean	4.0	3.5	250	about 0.05 meq/g (estimate)
almond-extract	0.1	0.4	312	negligible	contains alcohol. Usually from apricot kernel or synthetic: check label for tree nut
lemon-extract	0	0.2	595	negligible	contains alcohol: flammable
lemon-oil	0	0	890	negligible	use drops: concentrated
peppermint-extract	0	0.2	571	negligible	contains alcohol. Peppermint oil is about ten times stronger
maple-extract	0.2	0.8	250	negligible	contains alcohol
rum-extract	0.1	1.4	270	negligible	contains alcohol
coconut-extract	0.1	1.4	300	negligible	contains alcohol
pandan-extract	0.5	16.0	90	negligible	colours strongly
rose-water	0.05	0.2	1	negligible	use culinary grade. Strength varies
orange-blossom-water	0.05	0.2	1	negligible	strength varies
espresso-powder	8.8	19.4	250	chlorogenic, quinic, citric acids about 0.4 meq/g to pH 7 (estimate)	contains caffeine
matcha	7.0	8.5	297	about 0.1 meq/g (estimate). Browns in alkaline batter	contains caffeine
liquid-food-colouring	0.8	7.2	10	negligible (propylene glycol in other_g)	check for carmine (not vegan) and hyperactivity warnings
gel-food-colouring	1.5	32.0	240	negligible (glycerol in other_g)	check for carmine (not vegan)
dried-lavender	7.5	1.0	250	about 0.02 meq/g (estimate)	use culinary grade only
miso	11.0	0.6	206	0.7% lactic = 0.078 meq/g	soya. Often barley-based: rice miso may be gluten-free
yeast-extract	11.8	0	235	about 0.10 meq/g (estimate)	often contains barley and celery: check label
dark-rum	0	0	235	trace, below 0.002 meq/g	contains alcohol
brandy	0	0	235	trace volatile acids, about 0.002 meq/g	contains alcohol
whiskey	0	0.1	234	trace volatile acids, about 0.002 meq/g	contains alcohol. Distilled from grain, exempt from gluten labelling
vodka	0	0	234	negligible	contains alcohol
kirsch	0	0.1	234	trace volatile acids, about 0.002 meq/g	contains alcohol
orange-liqueur	0.1	0	312	trace, about 0.002 meq/g	contains alcohol
almond-liqueur	0.1	0	270	negligible	contains alcohol. Check label for tree nut
coffee-liqueur	0.3	0.4	270	coffee acids, about 0.01 meq/g	contains alcohol and caffeine
cream-liqueur	0.6	0.4	310	negligible	contains alcohol
sherry	0.3	0.4	135	0.45% tartaric = 0.060 meq/g	contains alcohol and sulphites
port	0.3	0.5	157	0.42% tartaric = 0.056 meq/g	contains alcohol and sulphites
red-wine	0.3	1.7	80	0.6% tartaric = 0.080 meq/g	contains alcohol and sulphites. May be fined with egg, milk or fish products
white-wine	0.2	1.1	78	0.65% tartaric = 0.087 meq/g	contains alcohol and sulphites. May be fined with egg, milk or fish products
sparkling-wine	0.2	1.0	74	0.65% tartaric = 0.087 meq/g (carbonic acid not counted)	contains alcohol and sulphites
lager	0.2	0.2	42	0.16% lactic = 0.018 meq/g	contains alcohol and barley gluten
stout	0.3	0.4	39	0.225% lactic = 0.025 meq/g	contains alcohol and barley gluten. Milk stout contains lactose
hard-cider	0.3	0.6	44	0.45% malic = 0.067 meq/g	contains alcohol and sulphites
water	0	0	0	hard water about -0.004 meq/ml at most, taken as 0
brewed-coffee	0.1	0.4	1	titrates about 0.008 meq/g to pH 7	contains caffeine
espresso	0.4	1.5	6	titrates about 0.03 meq/g to pH 7 (estimate)	contains caffeine
black-tea	0.1	0.3	1	about 0.003 meq/g	contains caffeine. For fruit loaf soaking
orange-juice	0.4	0.9	45	0.8% citric = 0.125 meq/g
apple-juice	0.2	0.5	46	0.45% malic = 0.067 meq/g
boiled-cider	1.2	2.8	270	2.8% malic = 0.418 meq/g
pineapple-juice	0.4	0.9	53	0.7% citric = 0.109 meq/g
cranberry-juice	0.1	0.7	50	0.5% citric = 0.078 meq/g
pomegranate-juice	0.4	1.0	54	1.0% citric = 0.156 meq/g
tomato-juice	0.9	0.5	18	0.4% citric = 0.062 meq/g
coconut-water	0.5	0.1	19	0.05% malic = 0.007 meq/g
lemonade	0.05	0.15	41	0.13% citric = 0.020 meq/g (carbonic acid not counted)	UK types may be low in sugar: check label
cola	0.05	0.05	42	phosphoric acid 0.055%: about 0.012 meq/g to pH 7 (carbonic acid not counted)	contains caffeine
ginger-ale	0.05	0.15	36	0.1% citric = 0.016 meq/g (carbonic acid not counted)
sparkling-water	0.02	0	0	carbonic acid gasses off, taken as 0	club soda contains bicarbonate
vegetable-stock	0.9	0.2	6	negligible	celery. Some cubes contain wheat
cheddar	3.7	1.0	410	lactic about 1%, buffered: about 0.05 meq/g to pH 7, slow release (estimate)	animal rennet unless labelled vegetarian
parmesan	5.6	0.7	405	about 0.05 meq/g, slow release (estimate)	animal rennet
gruyere	4.0	1.1	410	about 0.04 meq/g, slow release (estimate)	animal rennet
mozzarella	3.0	0.8	300	about 0.04 meq/g, slow release (estimate)
feta	4.6	1.4	270	1.1% lactic = 0.122 meq/g
goat-cheese	1.6	0.8	260	0.72% lactic = 0.080 meq/g
blue-cheese	5.0	1.7	360	about 0.04 meq/g, slow release (estimate)
cream-cheese	1.3	0.9	345	0.55% lactic = 0.061 meq/g	UK tub cheese is softer than US brick: drain for frosting
light-cream-cheese	1.7	0.9	214	0.55% lactic = 0.061 meq/g	too soft for most frostings
mascarpone	0.7	0.2	420	0.13% citric = 0.020 meq/g
ricotta	1.2	0.3	160	0.13% citric = 0.020 meq/g
cottage-cheese	1.4	0.4	98	0.45% lactic = 0.050 meq/g
paneer	1.7	0.4	300	0.27% lactic = 0.030 meq/g
vegan-cheese	3.0	1.0	298	0.18% lactic = 0.020 meq/g	check label for nuts and soya
nutritional-yeast	6.5	0.5	335	about 0.05 meq/g (estimate)
bacon	5.9	0.6	505	about 0.03 meq/g (estimate)	pork
ham	3.2	0	118	about 0.03 meq/g (estimate)	pork
smoked-salmon	2.9	0	182	about 0.03 meq/g (estimate)	pregnant women in the UK are advised to eat it cooked
prepared-mustard	6.0	1.2	140	1.2% acetic = 0.200 meq/g	mustard
soy-sauce	15.5	0.9	66	0.9% lactic = 0.100 meq/g	soya and wheat: tamari is usually wheat-free
worcestershire-sauce	4.5	2.2	92	2.1% acetic = 0.350 meq/g	contains anchovy, UK types contain barley malt vinegar
pesto	3.3	1.2	460	0.36% lactic = 0.040 meq/g	usually cashew or pine nut
xanthan-gum	10.5	1.0	165	negligible	do not inhale the powder
guar-gum	0.9	0.4	190	negligible
locust-bean-gum	1.0	0.7	190	negligible
psyllium-husk	2.3	0.3	190	negligible	take with plenty of water
psyllium-powder	2.3	0.3	190	negligible	some types turn purple
gelatin-powder	1.4	1.0	345	about 0.01 meq/g (estimate)	pork or beef
gelatin-leaf	1.4	1.0	343	about 0.01 meq/g (estimate)	pork or beef
agar	3.3	0.5	176	negligible	must be boiled. Flakes are about a third as strong by volume
pectin-powder	1.5	2.9	275	carboxyl groups and added citric acid, about 0.5 meq/g (estimate)	blends differ in sugar and acid
methylcellulose	1.5	0	187	negligible
cmc-powder	22.5	0.5	140	negligible
lecithin	0	1.0	800	negligible (phospholipid counted as fat)	soy lecithin contains soya
inulin	0.1	0	204	negligible	gas-forming in quantity
glycerin	0	99.5	425	negligible. Counted in other_g at 4.3 kcal/g	not for children under 8 in frozen drinks (UK advice on slushes)
pea-protein	4.0	0	395	close to neutral	pea protein can affect people with peanut allergy
whey-protein	3.2	0.3	400	about 0.03 meq/g (estimate)	contains soya lecithin in most types
marzipan	0.8	0.4	420	negligible	tree nut. Home-made may contain raw egg
almond-paste	1.6	0.4	465	negligible	tree nut
fondant	0.1	1.0	385	negligible	some types contain gelatine or milk: check label
royal-icing-mix	0.3	0.5	394	negligible	contains dried egg white
vanilla-buttercream	0.6	0.8	440	preservative acid, about 0.005 meq/g
chocolate-frosting	1.2	1.1	415	cocoa fraction, about 0.01 meq/g (estimate)
marshmallows	0.3	0.2	330	negligible	gelatine: pork or beef. Vegan types exist. Choking risk for young children
marshmallow-creme	0.3	0	322	negligible
toffee-bits	1.1	0.2	545	negligible	may contain tree nuts
soft-caramels	1.8	0.2	398	negligible
sugar-sprinkles	0.1	0.4	405	negligible	may contain shellac, beeswax or carmine (not vegan): check label
whipped-topping	0.2	0.5	320	negligible	contains milk protein in most types
whipped-topping-mix	1.0	0.5	583	negligible
instant-pudding-mix	5.4	0.5	375	phosphate set, close to neutral	some types contain milk
cream-stabiliser	0.3	0.4	381	negligible
edible-glaze-neutral	0.4	0.6	260	0.2% citric = 0.031 meq/g	some contain gelatine: check label
orange-extract	0	0.2	595	negligible	contains alcohol: flammable
orange-oil	0	0	890	negligible	use drops: concentrated
kewra-water	0.05	0.2	1	negligible	use sparingly
ube-extract	0.5	19.0	90	negligible	colours strongly
smoked-paprika	7.7	0	321	about 0.06 meq/g (estimate)
dried-thyme	11.7	0	285	about 0.02 meq/g (estimate)	use three times the amount if fresh
dried-oregano	7.9	0	265	about 0.02 meq/g (estimate)
dried-fenugreek-leaf	10.0	0	285	about 0.02 meq/g (estimate)	legume: can affect people with peanut allergy
parsley	2.2	1.9	32	about 0.005 meq/g (estimate)
cilantro	1.4	0	22	about 0.005 meq/g (estimate)
damsons	0.5	2.5	45	2.0% malic = 0.298 meq/g	remove stones
gin	0	0	234	negligible	contains alcohol
limoncello	0	0.2	263	about 0.01 meq/g (estimate)	contains alcohol
marsala	0.3	0.5	148	0.5% tartaric = 0.067 meq/g	contains alcohol and sulphites
red-wine-vinegar	0.2	6.2	22	6.0% acetic = 0.999 meq/g	contains sulphites
fruit-salt	56.0	43.0	130	about 46% soda, 10% sodium carbonate, 44% citric acid: 6.9 acid less 7.4 base = -0.5 meq/g (estimate)	sold as an antacid: a medicine in some countries. Acts at once: add last
liquid-whey	0.6	0.4	24	0.4% lactic = 0.044 meq/g	sourness varies with how it was curdled
wheat-biscuit-cereal	1.7	0	362	bran buffer, about 0.015 meq/g (estimate)
cornflakes	2.0	0	378	negligible	usually contains barley malt
dry-breadcrumbs	2.3	0	383	about 0.03 meq/g (estimate)	may contain milk, soya, egg: check label
digestive-crumbs	2.0	0	458	slight soda residue, about -0.01 meq/g (estimate)	some contain milk: check label
matzo-cake-meal	0.6	0	378	native acidity, about 0.01 meq/g (estimate)
cooked-rice	0.2	0	127	negligible	cool quickly and chill
cooked-quinoa	0.8	0	117	negligible
puffed-rice	0.7	0	382	negligible	many crisped rice cereals contain barley malt: check for gluten
canned-pears	0.2	0.6	47	0.2% malic = 0.030 meq/g
mandarin-segments	0.3	0.4	42	0.6% citric = 0.094 meq/g
grapefruit	0.3	1.4	37	1.3% citric = 0.203 meq/g	interacts with some medicines
peanut-butter-chips	2.0	0.5	528	negligible	peanut
honeycomb-candy	1.2	0.2	390	soda residue about 1%: about -0.1 meq/g (estimate)	absorbs moisture quickly. Some contain honey
prepared-custard	0.7	0.3	117	negligible	tinned types are egg-free
leek	1.05	0	61	about 0.015 meq/g (estimate)
fresh-thyme	3.2	0	107	about 0.01 meq/g (estimate)	use a third of the amount if dried`;
