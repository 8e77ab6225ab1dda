// Made from core/tables/shop.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const SHOP_TABLE = `id	aisle	pack_us	pack_uk	pack_eu	pack_au	label_unit	piece_g	buy_early_days	waste_share	made_from
all-purpose-flour	flour and sugar	907|2268|4536	500|1500	500|1000	1000|2000	g		0	0
bread-flour	flour and sugar	2268	1000|1500	1000	1000|5000	g		0	0
cake-flour	flour and sugar	907		1000	1000	g		0	0
pastry-flour	flour and sugar	2267				g		0	0
self-rising-flour	flour and sugar	2268				g		0	0
self-raising-flour	flour and sugar		500|1500		1000|2000	g		0	0
whole-wheat-flour	flour and sugar	2268	1000|1500	1000	1000	g		0	0
strong-wholemeal-flour	flour and sugar		1000|1500	1000|1500	1000|1500	g		0	0
self-raising-wholemeal-flour	flour and sugar		1000|1500		1000|1500	g		0	0
white-whole-wheat-flour	flour and sugar	2267				g		0	0
whole-wheat-pastry-flour	flour and sugar	907|2267				g		0	0
graham-flour	flour and sugar	680|907				g		0	0
coarse-wholemeal-flour	flour and sugar		1000|1500|2000	1000|1500|2000	1000|1500|2000	g		0	0
atta-flour	flour and sugar	4536	1000|1500|5000|10000	1000|1500|5000|10000	1000|1500|5000|10000	g		0	0
wheat-bran	flour and sugar	227	250|500	250|500	250|500	g		0	0
bran-cereal	flour and sugar	510	500|750	500|750	500|750	g		0	0
wheat-germ	flour and sugar	340			340	g		0	0
semolina	flour and sugar	680	500|1000	500|1000	500|1000	g		0	0
durum-flour	flour and sugar		500|1000	500|1000	500|1000	g		0	0
white-spelt-flour	flour and sugar	680	1000	1000	1000	g		0	0
whole-spelt-flour	flour and sugar	680	500|1000	500|1000	500|1000	g		0	0
einkorn-flour	flour and sugar	907	1000	1000	1000	g		0	0
khorasan-flour	flour and sugar	567	500|1000	500|1000	500|1000	g		0	0
light-rye-flour	flour and sugar	907		1000		g		0	0
dark-rye-flour	flour and sugar	907	1000	1000	1000	g		0	0
barley-flour	flour and sugar	680	500	500	500	g		0	0
malted-grain-flour	flour and sugar		1000|1500	1000|1500	1000|1500	g		0	0
vital-wheat-gluten	flour and sugar	283	500	500	500	g		0	0
wheat-starch	flour and sugar		300|500	300|500	300|500	g		0	0
rolled-oats	flour and sugar	510|1190	500|1000	500	500|900	g		0	0
quick-oats	flour and sugar	510|1190	500|1000	500	500|900	g		0	0
steel-cut-oats	flour and sugar	793	500	500	500	g		0	0
medium-oatmeal	flour and sugar		500|750		500|750	g		0	0
oat-flour	flour and sugar	567	500	500	500	g		0	0	rolled-oats
oat-bran	flour and sugar	454	400|500	400|500	400|500	g		0	0
gluten-free-rolled-oats	flour and sugar	907	450	450	450	g		0	0
muesli	flour and sugar	454	500|750|1000	500|750|1000	500|750|1000	g		0	0
granola	flour and sugar	340	500	500	500	g		0	0
gluten-free-flour-blend	flour and sugar	623|1361	500|1000|1360	500|1000|1360	500|1000|1360	g		0	0
gluten-free-self-raising-flour	flour and sugar		500|1000	500|1000	500|1000	g		0	0
white-rice-flour	flour and sugar	680	500|1000	500|1000	500|1000	g		0	0
brown-rice-flour	flour and sugar	680	500	500	500	g		0	0
glutinous-rice-flour	flour and sugar	454	400	400	400	g		0	0
sorghum-flour	flour and sugar	623	500|1000	500|1000	500|1000	g		0	0
millet-flour	flour and sugar	652	500	500	500	g		0	0
finger-millet-flour	flour and sugar		500|1000	500|1000	500|1000	g		0	0
buckwheat-flour	flour and sugar	623	500	500	500	g		0	0
teff-flour	flour and sugar	567	500	500	500	g		0	0
quinoa-flour	flour and sugar	510	250	250	250	g		0	0
amaranth-flour	flour and sugar	510	500	500	500	g		0	0
cornmeal	flour and sugar	680|907	500	500	500	g		0	0
polenta	flour and sugar	680	500|1000	500|1000	500|1000	g		0	0
maize-flour	flour and sugar	680	500	500	500	g		0	0
masa-harina	flour and sugar	1000				g		0	0
almond-flour	nuts and dried fruit	454|907	100|150|200	100|200	200|400	g		0	0
almond-meal	nuts and dried fruit	454	200	200	200|400	g		0	0
hazelnut-meal	nuts and dried fruit	227	100	100|200	200	g		0	0
coconut-flour	flour and sugar	454	450|500	450|500	450|500	g		0	0
chickpea-flour	flour and sugar	454	500|1000	500|1000	500|1000	g		0	0
soy-flour	flour and sugar	454	400|500	400|500	400|500	g		0	0
lupin-flour	flour and sugar		400|500	400|500	400|500	g		0	0
peanut-flour	flour and sugar	340	184	184	184	g		0	0
cassava-flour	flour and sugar	454|907	500			g		0	0
potato-flour	flour and sugar	340|680	500			g		0	0
green-banana-flour	flour and sugar		250|450	250|450	250|450	g		0	0
tigernut-flour	nuts and dried fruit	454	250	250	250	g		0	0
chestnut-flour	flour and sugar	454	250|500	250|500	250|500	g		0	0
water-chestnut-flour	flour and sugar		200|500	200|500	200|500	g		0	0
cornstarch	flour and sugar	454	200|500	400	300|500	g		0	0
tapioca-starch	flour and sugar	454	500	500	500	g		0	0
potato-starch	flour and sugar	623	250|500	250|500	250|500	g		0	0
arrowroot	flour and sugar	454	110|500	110|500	110|500	g		0	0
custard-powder	baking aids		300	37|111	350	g		0	0
pregelatinised-starch	baking aids	227	500	500	500	g		0	0
granulated-sugar	flour and sugar	1814	500|1000	1000	1000|2000	g		0	0
superfine-sugar	flour and sugar	454	500|1000	500|1000	500|1000	g		0	0
golden-caster-sugar	flour and sugar		500|1000		500|1000	g		0	0
powdered-sugar	flour and sugar	454|907	500|1000	250|500	500|1000	g		0	0
light-brown-sugar	flour and sugar	454|907	500|1000	500	500|1000	g		0	0
dark-brown-sugar	flour and sugar	454|907	500|1000	500	500|1000	g		0	0
light-muscovado-sugar	flour and sugar	454	500	500	500	g		0	0
dark-muscovado-sugar	flour and sugar	454	500	500	500	g		0	0
demerara-sugar	flour and sugar	680	500|1000	500|1000	500|1000	g		0	0
turbinado-sugar	flour and sugar	680|907	500	500	500|1000	g		0	0
jaggery	flour and sugar		500|1000	500|1000	500|1000	g		0	0
coconut-sugar	flour and sugar	454	500	500	500	g		0	0
date-sugar	flour and sugar	340				g		0	0
maple-sugar	flour and sugar	340				g		0	0
pearl-sugar	baking aids	227	200|280	200|280	200|280	g		0	0
sanding-sugar	baking aids	227	100	100	100	g		0	0
vanilla-sugar	baking aids	8	100	8|80		g		0	0
jam-sugar	baking aids		1000	500|1000	500	g		0	0
dextrose	baking aids	454	500|1000	500|1000	500|1000	g		0	0
fructose	flour and sugar		250|500	250|500	250|500	g		0	0
erythritol	flour and sugar	340|454	300|500|1000	300|500|1000	300|500|1000	g		0	0
xylitol	flour and sugar	454	250|500|1000	250|500|1000	250|500|1000	g		0	0
allulose	flour and sugar	340|454				g		0	0
stevia-erythritol-blend	flour and sugar	454	300	300	300	g		0	0
honey	oils and spreads	340|454	340|454	250|500	400|500	g		0	0
molasses	flour and sugar	340		450	500	g		0	0
blackstrap-molasses	flour and sugar	340|454	340|454			g		0	0
black-treacle	flour and sugar		454		500	g		0	0
golden-syrup	flour and sugar	325	454|907		500|850	g		0	0
light-corn-syrup	flour and sugar	473|680				g		0	0
dark-corn-syrup	flour and sugar	473|680				g		0	0
glucose-syrup	baking aids	340	140|500|1000	140|500|1000	140|500|1000	g		0	0
maple-syrup	oils and spreads	330|660	330	330	330	g		0	0
agave-nectar	flour and sugar	680	250|330|680	250|330	250|330	g		0	0
brown-rice-syrup	flour and sugar	595	350|500	350|500	350|500	g		0	0
barley-malt-extract	flour and sugar	340|454	340|454			g		0	0
date-syrup	oils and spreads	340	250|400	250|400	250|400	g		0	0
pomegranate-molasses	jars and tins	283	200|300	200|300	200|300	g		0	0
invert-sugar-syrup	baking aids		500|1000	500|1000	500|1000	g		0	0
sorghum-syrup	flour and sugar	340|454				g		0	0
simple-syrup	flour and sugar		250|500	250|500	250|500	g		0	0	granulated-sugar
caramel-sauce	oils and spreads	340	210|260|340	210|260	210|260	g		0	0
coconut-nectar	flour and sugar	340	250|340	250	250	g		0	0
unsalted-butter	dairy and eggs	227|454	250	125|250	250|500	g		0	0
salted-butter	dairy and eggs	227|454	250|500	250	250|500	g		0	0
cultured-butter	dairy and eggs	227	250	250	250	g		0	0
ghee	oils and spreads	369	250|500|1000	250|500|1000	250|500|1000	g		0	0
brown-butter	dairy and eggs					g		0	0.18	unsalted-butter
vegetable-shortening	oils and spreads	454	250	250	250	g		0	0
high-ratio-shortening	oils and spreads	1360				g		0	0
lard	dairy and eggs	454	250	250	250	g		0	0
beef-suet	oils and spreads		200|240		200|240	g		0	0
vegetable-suet	oils and spreads		200|240		200|240	g		0	0
baking-margarine	dairy and eggs	454	250|500	250|500	250	g		0	0
baking-spread	dairy and eggs	425	450|500	500	500	g		0	0
light-spread	dairy and eggs		250|500	250|500	250|500	g		0	0
vegan-butter-block	dairy and eggs	113.4	200|250	200|250	200|250	g		0	0
canola-oil	oils and spreads	1306	920	460|920	690|1840	ml		0	0
vegetable-oil	oils and spreads	1306	920	920	690|1840	ml		0	0
sunflower-oil	oils and spreads	870	920	920	690	ml		0	0
corn-oil	oils and spreads	1088	920	920	920	ml		0	0
peanut-oil	oils and spreads	650	458|915	458|915	458|915	ml		0	0
grapeseed-oil	oils and spreads	460	230|460	230|460	230|460	ml		0	0
olive-oil	oils and spreads	457|913	457|913	457|913	457|685	ml		0	0
avocado-oil	oils and spreads	457	228|457	228|457	228|457	ml		0	0
coconut-oil	oils and spreads	397	300|500	250|450	300	g		0	0
walnut-oil	oils and spreads	230	230	230	230	ml		0	0
sesame-oil	oils and spreads	136	138|230	138|230	138|230	ml		0	0
mustard-oil	oils and spreads		455|910	455|910	455|910	ml		0	0
mayonnaise	jars and tins	425|850	400|440|800	400|440|800	400|440|800	g		0	0
cooking-spray	oils and spreads	141	200	200	200	g		0	0
dripping	dairy and eggs		250|500		250|500	g		0	0
whole-milk	dairy and eggs	974|1950|3899	585|1170|2340	1030	1030|2060|3090	ml		0	0
semi-skimmed-milk	dairy and eggs	977|1955|3910	587|1173|2347	1033	1033|2066	ml		0	0
low-fat-milk	dairy and eggs	978|1957|3914	1175|2349	1034	1034|2068	ml		0	0
skim-milk	dairy and eggs	979|1959|3917	588|1176|2352	1035	1035|2070	ml		0	0
lactose-free-milk	dairy and eggs	1950	1030	1030	1030	ml		0	0
goat-milk	dairy and eggs	979	1035	1035	1035	ml		0	0
evaporated-milk	jars and tins	354	410	170|340	340|375	g		0	0
sweetened-condensed-milk	jars and tins	397	397	400	395	g		0	0
dulce-de-leche	jars and tins	397	380|450	380|450	380|450	g		0	0
skim-milk-powder	baking aids	198	300|500	300|500	300|500	g		0	0
whole-milk-powder	baking aids	454	400|500|1000	400|500|1000	400|500|1000	g		0	0
malted-milk-powder	drinks	227	227|300|500	500	300|500	g		0	0
whey-powder	baking aids	454	454|1000	1000	1000	g		0	0
heavy-cream	dairy and eggs	236|471|941		199|498	299|597	ml		0	0
double-cream	dairy and eggs		147|294|588	123	294	ml		0	0
whipping-cream	dairy and eggs	468	149|297	198	297|594	ml		0	0
single-cream	dairy and eggs	239|478	152|303	202	303	ml		0	0
half-and-half	dairy and eggs	482|965				ml		0	0
clotted-cream	dairy and eggs		113|170|227		170	g		0	0
khoya	chilled		200|500	200|500	200|500	g		0	0
buttermilk	dairy and eggs	490|979	311	518	621	ml		0	0
whole-buttermilk	dairy and eggs	487|974				ml		0	0
buttermilk-powder	baking aids	340|454				g		0	0
soured-milk	dairy and eggs					g		0	0	whole-milk
plain-yogurt	dairy and eggs	170|907	150|500	150|500	170|500|1000	g		0	0
low-fat-yogurt	dairy and eggs	907	150|450	150|450	150|450	g		0	0
greek-yogurt	dairy and eggs	150|907	170|500	200|500|1000	170|500|1000	g		0	0
nonfat-greek-yogurt	dairy and eggs	907	150|500	150|500	150|500	g		0	0
skyr	dairy and eggs	150	150|450	200|500	160	g		0	0
labneh	dairy and eggs	454	200	200	200	g		0	0
kefir	dairy and eggs	974	515|1030	515|1030	515|1030	ml		0	0
sour-cream	dairy and eggs	227|454	150|300	200	200|300	g		0	0
light-sour-cream	dairy and eggs	227|454	300	200	200|300	g		0	0
creme-fraiche	dairy and eggs	227	200|300	150|200	200	g		0	0
quark	dairy and eggs	227	250	250|500		g		0	0
egg	dairy and eggs	12pc|18pc	6pc|10pc|12pc	6pc|10pc	6pc|12pc	g	58	0	0.12
egg-white	dairy and eggs	12pc|18pc	6pc|10pc|12pc	6pc|10pc	6pc|12pc	g	58	0	0.43	egg
egg-yolk	dairy and eggs	12pc|18pc	6pc|10pc|12pc	6pc|10pc	6pc|12pc	g	58	0	0.69	egg
pasteurised-egg-white	dairy and eggs	907	500	500	500	g		0	0
liquid-whole-egg	dairy and eggs	907	500	500	500	g		0	0
dried-egg-white	baking aids	227	40|100	40|100	40|100	g		0	0
dried-whole-egg	baking aids	454	200	200	200	g		0	0
meringue-powder	baking aids	113|227	100			g		0	0
duck-egg	dairy and eggs	6pc	6pc	6pc	6pc	g	80	0	0.13
quail-egg	dairy and eggs	12pc	12pc	12pc	12pc	g	11	0	0.15
flax-egg	baking aids					g		0	0	ground-flaxseed
chia-egg	baking aids					g		0	0	chia-seeds
egg-replacer-powder	baking aids	340	135|200	135|200	135|200	g		0	0
aquafaba	jars and tins					g		0	0.68	canned-chickpeas
silken-tofu	chilled	340	300|349|400	300|349|400	300|349|400	g		0	0
firm-tofu	chilled	396	280	280	280	g		0	0
soy-milk	drinks	974	1030	1030	1030	ml		0	0
almond-milk	drinks	955	1010	1010	1010	ml		0	0
oat-milk	drinks	974	1030	1030	1030	ml		0	0
rice-milk	drinks	974	1030	1030	1030	ml		0	0
cashew-milk	drinks	955	1010	1010	1010	ml		0	0
hazelnut-milk	drinks		1010	1010	1010	ml		0	0
pea-milk	drinks	1447	1020	1020	1020	ml		0	0
hemp-milk	drinks	955	1010	1010	1010	ml		0	0
coconut-milk-drink	drinks	955	1010	1010	1010	ml		0	0
coconut-milk	jars and tins	399	396	396	267|396	ml		0	0
light-coconut-milk	jars and tins	403	400	400	400	ml		0	0
coconut-cream	jars and tins	391	155|243|388	155|243|388	155|243|388	ml		0	0
creamed-coconut	jars and tins		200	200	200	g		0	0
coconut-milk-powder	jars and tins		150|300	150|300	150|300	g		0	0
condensed-coconut-milk	jars and tins		210|320	210|320	210|320	g		0	0
plant-double-cream	chilled	473	250|270	250|270	250|270	ml		0	0
soy-yogurt	chilled	150	150|500	150|500	150|500	g		0	0
coconut-yogurt	chilled	150	125|350	125|350	125|350	g		0	0
vegan-buttermilk	chilled					g		0	0	soy-milk
vegan-cream-cheese	chilled	227	150|170	150|170	150|170	g		0	0
oat-cream	chilled		253	253	253	ml		0	0
baking-soda	baking aids	227|454	200	50	100|250	g		0	0
baking-powder	baking aids	227|283				g		0	0
aluminium-free-baking-powder	baking aids	227|284				g		0	0
uk-baking-powder	baking aids		100|170	15|150	125|200	g		0	0
tartrate-baking-powder	baking aids	227		17|100	200	g		0	0
low-sodium-baking-powder	baking aids	142|227				g		0	0
potassium-bicarbonate	baking aids	227	100	100	100	g		0	0
bakers-ammonia	baking aids	50	50|100	15|50	50|100	g		0	0
monocalcium-phosphate	baking aids	100	100	100	100	g		0	0
sapp	baking aids	100	100	100	100	g		0	0
glucono-delta-lactone	baking aids	100	100	100	100	g		0	0
instant-yeast	baking aids	7|113	7|56|125	7	7|280	g		0	0
active-dry-yeast	baking aids	113	7|125	7|125	7|125	g		0	0
fresh-yeast	chilled	57		42		g		0	0
sourdough-discard	flour and sugar					g		0	0
white-vinegar	oils and spreads	952	252|503	252|503	252|503	ml		0	0
cider-vinegar	oils and spreads	955	354|505	354|505	354|505	ml		0	0
malt-vinegar	oils and spreads	287|575	287|575		506	ml		0	0
white-wine-vinegar	oils and spreads	354	354|505	354|505	354|505	ml		0	0
rice-vinegar	oils and spreads	359	152	152	152	ml		0	0
balsamic-vinegar	oils and spreads	270	270|540	270|540	270|540	ml		0	0
lemon-juice	produce	1pc|457	1pc|258	1pc|206	1pc|258	ml	100	0	0.55	lemon
lime-juice	produce	1pc|244	1pc|258	1pc|206	1pc|258	ml	67	0	0.55	lime
cream-of-tartar	baking aids	43|85	150|180		115	g		0	0
tartaric-acid	baking aids	50	50|100	50|100	50|100	g		0	0
citric-acid	baking aids	50	50|100|250	50|100|250	50|100|250	g		0	0
malic-acid	baking aids	100	100	100	100	g		0	0
lactic-acid	baking aids	100	100	100	100	g		0	0
ascorbic-acid	baking aids	50	50|100	50|100	50|100	g		0	0
amchur	spices	50	50|100	50|100	50|100	g		0	0
tamarind-paste	jars and tins	227	100|200	100|200	100|200	g		0	0
table-salt	spices	737	750	500	500|750	g		0	0
fine-sea-salt	spices	454	250|500	250|500	250|500	g		0	0
kosher-salt	spices	1360				g		0	0
kosher-salt-dense	spices	1360				g		0	0
flaky-sea-salt	spices	241	125|250	125|250	125|250	g		0	0
coarse-sea-salt	spices	500	350|500	350|500	350|500	g		0	0
pink-salt	spices	454	250|500	250|500	250|500	g		0	0
reduced-sodium-salt	spices		350	350	350	g		0	0
black-salt	spices		100|200	100|200	100|200	g		0	0
ground-cinnamon	spices	40	40|100	40|100	40|100	g		0	0
ground-nutmeg	spices	40	40|100	40|100	40|100	g		0	0
ground-ginger	spices	40	40|100	40|100	40|100	g		0	0
ground-cloves	spices	40	40|100	40|100	40|100	g		0	0
ground-allspice	spices	40	40|100	40|100	40|100	g		0	0
ground-cardamom	spices	30	30|100	30|100	30|100	g		0	0
ground-mace	spices	30	30	30	30	g		0	0
mixed-spice	spices		35|100		35|100	g		0	0
pumpkin-pie-spice	spices	57				g		0	0
gingerbread-spice	spices	35	35	35	35	g		0	0
chai-masala	spices	50	50|100	50|100	50|100	g		0	0
five-spice	spices	35	35	35	35	g		0	0
star-anise	spices	30	30|50	30|50	30|50	g		0	0
anise-seed	spices	40	40	40	40	g		0	0
fennel-seed	spices	40	40|100	40|100	40|100	g		0	0
caraway-seed	spices	40	40|100	40|100	40|100	g		0	0
cumin	spices	40	40|100	40|100	40|100	g		0	0
ground-coriander	spices	40	40|100	40|100	40|100	g		0	0
turmeric	spices	40	40|100	40|100	40|100	g		0	0
black-pepper	spices	40	40|100	40|100	40|100	g		0	0
cayenne	spices	40	40|100	40|100	40|100	g		0	0
chilli-flakes	spices	30	30|100	30|100	30|100	g		0	0
paprika	spices	40	40|100	40|100	40|100	g		0	0
mustard-powder	spices	57|113	57|113		100	g		0	0
ajwain	spices	50	50|100	50|100	50|100	g		0	0
nigella-seed	spices	45	45|100	45|100	45|100	g		0	0
saffron	spices	0.4	0.4|1	0.4|1	0.4|1	g		0	0
dried-rosemary	spices	15	15|30	15|30	15|30	g		0	0
dried-mixed-herbs	spices	14	14|30	14|30	14|30	g		0	0
garlic-powder	spices	50	50|100	50|100	50|100	g		0	0
onion-powder	spices	50	50|100	50|100	50|100	g		0	0
fresh-ginger	produce	1pc	1pc	1pc	1pc	g	100	0	0.15
banana	produce	1pc|6pc	5pc|6pc	1pc|5pc	1pc|6pc	g	180	4	0.35
apple	produce	1pc|1361	6pc	1000	1pc|1000	g	180	0	0.10
cooking-apple	produce	1pc	1pc	1000	1pc|1000	g	250	0	0.28
blueberries	produce	170|340	150|200	125|300	125|170	g		0	0.02
raspberries	produce	170|340	150|200	125	125	g		0	0.02
strawberries	produce	454|907	227|400	500	250|500	g	13	0	0.06
blackberries	produce	170	150|170	150|170	150|170	g		0	0.02
sweet-cherries	produce	907	200|400	200|400	200|400	g	8	0	0.13
sour-cherries	jars and tins	454	350	350|680	350	g	7	0	0.15
cranberries	produce	340	300	300	300	g		0	0.03
peach	produce	1pc	4pc	500|1000	1pc	g	170	3	0.12
canned-peaches	jars and tins	411	411	480|820	410|820	g		0	0.40
nectarine	produce	1pc	4pc	500|1000	1pc	g	155	3	0.09
apricot	produce	1pc	320	500	1pc	g	40	2	0.08
plum	produce	1pc	400	500|1000	1pc	g	70	2	0.06
pear	produce	1pc	4pc	1000	1pc	g	200	3	0.12
orange	produce	1pc|1361	5pc	1000|2000	1pc|3000	g	180	0	0.27
lemon	produce	1pc|907	1pc|4pc	1pc|500	1pc	g	100	0	0
lime	produce	1pc|454	1pc|5pc	1pc	1pc	g	67	0	0
lemon-zest	produce	1pc	1pc|4pc	1pc|500	1pc	g	100	0	0.94	lemon
orange-zest	produce	1pc	5pc	1pc	1pc	g	180	0	0.93	orange
lime-zest	produce	1pc	1pc|5pc	1pc	1pc	g	67	0	0.94	lime
mango	produce	1pc	1pc	1pc	1pc	g	330	4	0.39
pineapple	produce	1pc	1pc	1pc	1pc	g	1400	2	0.45
crushed-pineapple	jars and tins	227|567	432	432	432	g		0	0
gooseberries	produce		250|400	250|400	250|400	g	4	0	0.05
blackcurrants	produce		150|300	150|300	150|300	g		0	0.05
redcurrants	produce		150	150	150	g		0	0.06
mixed-berries	frozen	454|1361	350|500|1000	350|500|1000	350|500|1000	g		0	0
grapes	produce	907	500	500	500	g	5	0	0.04
fresh-fig	produce		200	200	200	g	50	1	0.03
kiwifruit	produce	1pc	6pc	1pc|500	1pc	g	90	3	0.20
persimmon-pulp	produce	1pc	3pc	1pc	1pc	g	190	5	0.22
passion-fruit-pulp	produce	1pc	3pc	1pc	1pc|170	g	40	2	0.55
avocado	produce	1pc|4pc	1pc|2pc	1pc|2pc	1pc	g	200	3	0.32
applesauce	jars and tins	113|680	360	360|710	140|700	g		0	0
apple-butter	oils and spreads	340	340|480	480	480	g		0	0
pumpkin-puree	jars and tins	425|822	425			g		0	0
pumpkin-pie-filling	jars and tins	425|850				g		0	0
date-puree	jars and tins					g		0	0	dates
prune-puree	jars and tins	340	128|340	128	128	g		0	0	prunes
mango-pulp	jars and tins	850	450	450	450	g		0	0
raspberry-puree	frozen					g		0	0.25	raspberries
cranberry-sauce	jars and tins	397	200	200	200	g		0	0
strawberry-jam	oils and spreads	340|454	340|454	340|450	250|500	g		0	0
raspberry-jam	oils and spreads	340|454	340|454	340|450	250|500	g		0	0
apricot-jam	oils and spreads	340|454	340|454	340|450	250|500	g		0	0
orange-marmalade	oils and spreads	340|454	340|454	340|450	250|500	g		0	0
redcurrant-jelly	oils and spreads	340	200|340	200	250	g		0	0
lemon-curd	oils and spreads	312|411	320|411	320	320	g		0	0
cherry-pie-filling	jars and tins	595	400	370	400	g		0	0
fruit-compote-apple	jars and tins	385|567	385		385|800	g		0	0	cooking-apple
raisins	nuts and dried fruit	340|567	500	200|500	375|500	g		0	0
golden-raisins	nuts and dried fruit	340|425	500	200	375|500	g		0	0
currants	nuts and dried fruit	283	250|375|500	250|375|500	250|375|500	g		0	0
mixed-dried-fruit	nuts and dried fruit		375|500|1000	375|500|1000	375|500|1000	g		0	0
dates	nuts and dried fruit	227	200|250|500	200|250|500	200|250|500	g	8	0	0
medjool-dates	nuts and dried fruit	340	200|350	200|350	200|350	g	24	0	0.08
dried-apricots	nuts and dried fruit	170	250|500	250|500	250|500	g		0	0
dried-cranberries	nuts and dried fruit	170|340	75|170|250	75|170|250	75|170|250	g		0	0
prunes	nuts and dried fruit	340	250	250	250	g	9.5	0	0
dried-figs	nuts and dried fruit	227	200|250	200|250	200|250	g		0	0
dried-cherries	nuts and dried fruit	142	75	75	75	g		0	0
dried-blueberries	nuts and dried fruit	142	75|100	75|100	75|100	g		0	0
dried-apple	nuts and dried fruit	142	75|250	75|250	75|250	g		0	0
dried-mango	nuts and dried fruit	170	100|250	100|250	100|250	g		0	0
banana-chips	nuts and dried fruit	170	150|250	150|250	150|250	g		0	0
freeze-dried-raspberries	nuts and dried fruit	34	10|20|35	10|20|35	10|20|35	g		0	0
freeze-dried-strawberries	nuts and dried fruit	34	10|20|34	10|20|34	10|20|34	g		0	0
candied-mixed-peel	nuts and dried fruit		100|150|200		100|150|200	g		0	0
candied-orange-peel	nuts and dried fruit	227	100	100	100	g		0	0
candied-lemon-peel	nuts and dried fruit	227	100	100	100	g		0	0
candied-citron	nuts and dried fruit	227	100	100	100	g		0	0
glace-cherries	nuts and dried fruit	454	100|200	100|200	100|200	g		0	0
maraschino-cherries	jars and tins	283	225	225	225	g		0	0.45
crystallised-ginger	nuts and dried fruit	113	100|125|200	100|125|200	100|125|200	g		0	0
stem-ginger	jars and tins		280|350		280|350	g		0	0.40
tutti-frutti	nuts and dried fruit		100|200|500		100|200|500	g		0	0
glace-pineapple	nuts and dried fruit	227	100	100	100	g		0	0
angelica	nuts and dried fruit		50|100		50|100	g		0	0
mincemeat	jars and tins	411|822	411|822		410	g		0	0
carrot	produce	454|907	500|1000	1000	500|1000	g	75	0	0.17
zucchini	produce	1pc	3pc|500	1pc|500	1pc	g	205	0	0.05
beet	produce	1pc|227	250|300	500	1pc|250	g	110	0	0.10
sweet-potato-puree	produce	1pc|425	1000	1000	1pc	g	170	0	0.25
mashed-potato	produce	1pc|2268	1000|2000	1000|2000	1000	g	190	0	0.20
butternut-squash-puree	produce	1pc	1pc	1pc	1pc	g	1000	0	0.40
rhubarb	produce	454	400|500	400|500	400|500	g	60	0	0.15
parsnip	produce	454	500	500	500	g	140	0	0.18
sweetcorn	jars and tins	198|340	500	500	500	g	300	0	0.55
creamed-corn	jars and tins	418	400|418	400|418	400|418	g		0	0
onion	produce	1pc|1361	1000	500|1000	1pc|1000	g	125	0	0.12
scallion	produce	113	100	100	100	g	18	0	0.15
chives	produce	14	15|25|30	15|25|30	15|25|30	g		0	0.05
garlic	produce	1pc	1pc|4pc	1pc|3pc	1pc	g	45	0	0.13
spinach	produce	142|283	200|500|900	200|500|900	200|500|900	g		0	0.15
jalapeno	produce	113	60|100	60|100	60|100	g	17	0	0.18
bell-pepper	produce	1pc	1pc|3pc	1pc|500	1pc	g	145	0	0.18
sun-dried-tomatoes	jars and tins	241	190|280	190|280	190|280	g		0	0.45
olives	jars and tins	170	160|330	160|330	160|330	g		0	0.50
black-beans	jars and tins	425	400	400	400	g		0	0.40
canned-chickpeas	jars and tins	439	400	400	400	g		0	0.40
tomato-puree	jars and tins	170	200	200	140	g		0	0
tomato-soup	jars and tins	295	305	400	305	g		0	0
almonds	nuts and dried fruit	454	100|200	100|200	100|200	g		0	0
flaked-almonds	nuts and dried fruit	170|227	100|200	100|200	120|200	g		0	0
slivered-almonds	nuts and dried fruit	227	100	100	100	g		0	0
walnuts	nuts and dried fruit	227|454	100|200	100|200	200|400	g		0	0
pecans	nuts and dried fruit	170|454	100|200	100	200	g		0	0
hazelnuts	nuts and dried fruit	227	100|200	200	200	g		0	0
pistachios	nuts and dried fruit	227	100	100	100	g		0	0
cashews	nuts and dried fruit	454	100|200	100|200	100|200	g		0	0
macadamias	nuts and dried fruit	170	100|200	100|200	100|200	g		0	0
brazil-nuts	nuts and dried fruit	170	100|200	100|200	100|200	g		0	0
pine-nuts	nuts and dried fruit	57|113	50|100	50|100	50|100	g		0	0
peanuts	nuts and dried fruit	454	200	200	200	g		0	0
cooked-chestnuts	jars and tins	184	180|200	180|200	180|200	g		0	0
sunflower-seeds	nuts and dried fruit	227	100|250|500	100|250|500	100|250|500	g		0	0
pumpkin-seeds	nuts and dried fruit	454	100|250	200	100|250	g		0	0
sesame-seeds	nuts and dried fruit	64	100|250	100|250	100|250	g		0	0
poppy-seeds	nuts and dried fruit	74	50|100|250	250	50|100|250	g		0	0
ground-flaxseed	nuts and dried fruit	425	200	200	200	g		0	0
flaxseed	nuts and dried fruit	454	250|500	250|500	250|500	g		0	0
chia-seeds	nuts and dried fruit	340	200|300	200|300	200|300	g		0	0
hemp-seeds	nuts and dried fruit	227	200	200	200	g		0	0
mixed-seeds	nuts and dried fruit		200|250	200|250	200|250	g		0	0
desiccated-coconut	nuts and dried fruit	227	200|250	200	250|500	g		0	0
sweetened-shredded-coconut	nuts and dried fruit	198|397				g		0	0
coconut-flakes	nuts and dried fruit	198	100|200	100|200	100|200	g		0	0
fresh-coconut	produce	1pc	1pc	1pc	1pc	g	700	0	0.45
peanut-butter	oils and spreads	340|454	225	225	225	g		0	0
almond-butter	oils and spreads	340	170	170	170	g		0	0
cashew-butter	oils and spreads	340	170	170	170	g		0	0
sunflower-seed-butter	oils and spreads	454	170	170	170	g		0	0
tahini	oils and spreads	454	270|300	270|300	270|300	g		0	0
hazelnut-praline-paste	nuts and dried fruit		200|250	200|250	200|250	g		0	0
pistachio-paste	nuts and dried fruit		190|200	190|200	190|200	g		0	0
natural-cocoa	chocolate	227	125|250	125|250	190|250	g		0	0
dutch-cocoa	chocolate	227	125|250	125|250	190|250	g		0	0
black-cocoa	chocolate	227	125	125	125	g		0	0
drinking-chocolate	drinks	283	250|500	250|500	250|500	g		0	0
unsweetened-chocolate	chocolate	113	100	100	100	g		0	0
dark-chocolate-70	chocolate	100	100|200	100|200	180|200	g		0	0
bittersweet-chocolate	chocolate	113|283	150|200	100|200	180|200	g		0	0
semisweet-chocolate-chips	chocolate	340	100|150	75|100	250|290	g		0	0
milk-chocolate	chocolate	100|312	100|200	100|200	180|200	g		0	0
white-chocolate	chocolate	113|312	100|150|200	100|200	180|200	g		0	0
vegan-chocolate-chips	chocolate	255	100	100	100	g		0	0
cocoa-nibs	chocolate	227	150	150	150	g		0	0
cocoa-butter	chocolate	227	100	100	100	g		0	0
carob-powder	chocolate	227	200	200	200	g		0	0
chocolate-hazelnut-spread	oils and spreads	371	200|400	200|400	200|400	g		0	0
chocolate-sprinkles	chocolate	85	50|100	50|100	50|100	g		0	0
compound-coating	chocolate	340	150	150	150	g		0	0
vanilla-extract	baking aids	52|104	33.4|53	30.8|88	44|88	ml		0	0
vanilla-essence	baking aids	61	20.8|39.5	20.8|39.5	20.8|39.5	ml		0	0
vanilla-paste	baking aids	118	50|65	50|65	50|65	g		0	0
vanilla-bean	spices	1pc|2pc	1pc|2pc	1pc|2pc	1pc|2pc	g	3	0	0.87
almond-extract	baking aids	27.3|54	34.6		45.5	ml		0	0
lemon-extract	baking aids	49	31.5	31.5	31.5	ml		0	0
lemon-oil	baking aids		12.8|25.5	12.8|25.5	12.8|25.5	ml		0	0
peppermint-extract	baking aids	49.6	31.9	31.9	31.9	ml		0	0
maple-extract	baking aids	55	35.3	35.3	35.3	ml		0	0
rum-extract	baking aids	54	35	35	35	ml		0	0
coconut-extract	baking aids	54	35	35	35	ml		0	0
pandan-extract	baking aids		31.5|63	31.5|63	31.5|63	ml		0	0
rose-water	baking aids	300	100|190|250	100|190|250	100|190|250	ml		0	0
orange-blossom-water	baking aids	300	100|190|250	100|190|250	100|190|250	ml		0	0
espresso-powder	drinks	57	100|200	100|200	100|200	g		0	0
matcha	drinks	30	30|100	30|100	30|100	g		0	0
liquid-food-colouring	baking aids	30.6	10.2|38.8	10.2|38.8	10.2|38.8	ml		0	0
gel-food-colouring	baking aids	20	20|25	20|25	20|25	g		0	0
dried-lavender	spices		15|30	15|30	15|30	g		0	0
miso	jars and tins	397	150|300	150|300	150|300	g		0	0
yeast-extract	jars and tins		125|250	125|250	125|250	g		0	0
dark-rum	drinks	47.5|356|713	333|665	333|665	333|665	ml		0	0
brandy	drinks	47.5|356|713	333|665	333|665	333|665	ml		0	0
whiskey	drinks	47.5|356|713	333|665	333|665	333|665	ml		0	0
vodka	drinks	47.5|356|713	333|665	333|665	333|665	ml		0	0
kirsch	drinks	190	190|333	190|333	190|333	ml		0	0
orange-liqueur	drinks	52|390|780	364|728	364|728	364|728	ml		0	0
almond-liqueur	drinks	54|405|810	378|756	378|756	378|756	ml		0	0
coffee-liqueur	drinks	56|424|847	395|791	395|791	395|791	ml		0	0
cream-liqueur	drinks	53|394|788	368|735	368|735	368|735	ml		0	0
sherry	drinks	189|758	189|758	253|758	189|758	ml		0	0
port	drinks	191|765	191|765	255|765	191|765	ml		0	0
red-wine	drinks	185|743	185|743	248|743	185|743	ml		0	0
white-wine	drinks	185|743	185|743	248|743	185|743	ml		0	0
sparkling-wine	drinks	185|743	185|743	248|743	185|743	ml		0	0
lager	drinks	359	333|444|505	333|444|505	333|444|505	ml		0	0
stout	drinks	335	335|447|507	335|447|507	335|447|507	ml		0	0
hard-cider	drinks	333	333|505	333|505	333|505	ml		0	0
water	drinks					g		0	0
brewed-coffee	drinks					g		0	0
espresso	drinks					g		0	0
black-tea	drinks					g		0	0
orange-juice	drinks	1978	261|1045	261|1045	261|1045	ml		0	0
apple-juice	drinks	1978	261|1045	261|1045	261|1045	ml		0	0
boiled-cider	drinks	340				g		0	0
pineapple-juice	drinks	1429	263|1050	263|1050	263|1050	ml		0	0
cranberry-juice	drinks	1988	1050	1050	1050	ml		0	0
pomegranate-juice	drinks	497	263|1050	263|1050	263|1050	ml		0	0
tomato-juice	drinks	1388	510|1020	510|1020	510|1020	ml		0	0
coconut-water	drinks	510	337|1020	337|1020	337|1020	ml		0	0
lemonade	drinks	369	343|2080	343|2080	343|2080	ml		0	0
cola	drinks	369	343|2080	343|2080	343|2080	ml		0	0
ginger-ale	drinks	366	340	340	340	ml		0	0
sparkling-water	drinks	1000	330|1000	330|1000	330|1000	ml		0	0
vegetable-stock	jars and tins	946	500	500	500	g		0	0
cheddar	chilled	227|454	350|400	200	250|500	g		0	0
parmesan	chilled	142|227	100|200	100|150	100|200	g		0	0.08
gruyere	chilled	170	170|200	170|200	170|200	g		0	0
mozzarella	chilled	227	200|227	200	200	g		0	0
feta	chilled	170	150|200	150|200	150|200	g		0	0.20
goat-cheese	chilled	113	100|113|150	100|150	100|150	g		0	0
blue-cheese	chilled	142	100|150	100|150	100|150	g		0	0
cream-cheese	chilled	227	165|180|280	175|200|300	250	g		0	0
light-cream-cheese	chilled	227	180|227	180	180	g		0	0
mascarpone	chilled	227	250	250|500	250	g		0	0
ricotta	chilled	425	250	250	250|375|500	g		0	0
cottage-cheese	chilled	454|680	300	200	250|500	g		0	0
paneer	chilled	226	200	200	200	g		0	0
vegan-cheese	chilled	227	200|227	200	200	g		0	0
nutritional-yeast	jars and tins	142	100|125	100|125	100|125	g		0	0
bacon	chilled	340	200|340	200	200	g		0	0.65
ham	chilled	227	100|227	100	100	g		0	0
smoked-salmon	chilled	113	100|200	100|200	100|200	g		0	0
prepared-mustard	jars and tins	227	185|200	185|200	185|200	g		0	0
soy-sauce	jars and tins	349	177|295	177|295	177|295	ml		0	0
worcestershire-sauce	jars and tins	337	171|331	171|331	171|331	ml		0	0
pesto	jars and tins	184	190	190	190	g		0	0
xanthan-gum	baking aids	227	100|227	100	100	g		0	0
guar-gum	baking aids	227	100|227	100	100	g		0	0
locust-bean-gum	baking aids	100	100	100	100	g		0	0
psyllium-husk	baking aids	340	100|340	100	100	g		0	0
psyllium-powder	baking aids	340	100|340	100	100	g		0	0
gelatin-powder	baking aids	7|28	12	9	10	g		0	0
gelatin-leaf	baking aids	13	13|25	10|20	13|25	g		0	0
agar	baking aids	28	28|50|100	28|50|100	28|50|100	g		0	0
pectin-powder	baking aids	13	13|49	13|49	13|49	g		0	0
methylcellulose	baking aids	50	50|100	50|100	50|100	g		0	0
cmc-powder	baking aids	50	50|100	50|100	50|100	g		0	0
lecithin	baking aids	454	100|454	100	100	g		0	0
inulin	baking aids	454	250|454	250	250	g		0	0
glycerin	baking aids	47.9	47.9|151	47.9|151	47.9|151	ml		0	0
pea-protein	baking aids	500	500|1000	500|1000	500|1000	g		0	0
whey-protein	baking aids	907	500|907	500	500	g		0	0
marzipan	baking aids	198	250|500	200|300	250	g		0	0
almond-paste	baking aids	198		200		g		0	0
fondant	baking aids	680	250|500|1000	250|500|1000	250|500|1000	g		0	0
royal-icing-mix	baking aids	907	500	500	500	g		0	0
vanilla-buttercream	baking aids	454	400	400	400	g		0	0
chocolate-frosting	baking aids	454	400	400	400	g		0	0
marshmallows	chocolate	283	150|200	150|200	150|200	g		0	0
marshmallow-creme	baking aids	198				g		0	0
toffee-bits	chocolate	227				g		0	0
soft-caramels	chocolate	312	150	150	150	g		0	0
sugar-sprinkles	baking aids	85	50|100|180	50|100|180	50|100|180	g		0	0
whipped-topping	frozen	227				g		0	0
whipped-topping-mix	baking aids	36				g		0	0
instant-pudding-mix	baking aids	59	96	96	96	g		0	0
cream-stabiliser	baking aids			8		g		0	0
edible-glaze-neutral	baking aids	284	140	140	140	g		0	0
orange-extract	baking aids	49	31.5	31.5	31.5	ml		0	0
orange-oil	baking aids		12.8|25.5	12.8|25.5	12.8|25.5	ml		0	0
kewra-water	baking aids		100|200	100|200	100|200	ml		0	0
ube-extract	baking aids		26.3|63	26.3|63	26.3|63	ml		0	0
smoked-paprika	spices	40	40|100	40|100	40|100	g		0	0
dried-thyme	spices	14	14|20	14|20	14|20	g		0	0
dried-oregano	spices	10	10|20	10|20	10|20	g		0	0
dried-fenugreek-leaf	spices	25	25|100	25|100	25|100	g		0	0
parsley	produce	57	25|30	25|30	25|30	g		0	0.30
cilantro	produce	57	25|30	25|30	25|30	g		0	0.25
damsons	produce		400		400	g	12	1	0.14
gin	drinks	47.5|356|713	333|665	333|665	333|665	ml		0	0
limoncello	drinks	54|401|803	375|749	375|749	375|749	ml		0	0
marsala	drinks	191|765	191|765	255|765	191|765	ml		0	0
red-wine-vinegar	oils and spreads	354	354|505	354|505	354|505	ml		0	0
fruit-salt	household	5	5|100		5|100	g		0	0
liquid-whey	dairy and eggs					ml		0	0	plain-yogurt
wheat-biscuit-cereal	flour and sugar		215|430	215|430	215|430	g		0	0
cornflakes	flour and sugar	340|510	375|500	375|500	375|500	g		0	0
dry-breadcrumbs	flour and sugar	425	175	175	175	g		0	0
digestive-crumbs	flour and sugar	383	250|400	250	250	g		0	0
matzo-cake-meal	flour and sugar	340|454	340			g		0	0
cooked-rice	jars and tins		250	250	250	g		0	0
cooked-quinoa	jars and tins					g		0	0
puffed-rice	flour and sugar	255	170|375	170|375	170|375	g		0	0
canned-pears	jars and tins	411	400	400	400	g		0	0.42
mandarin-segments	jars and tins	312	298	312	310	g		0	0.42
grapefruit	produce	1pc	1pc|3pc	1pc	1pc	g	400	0	0.45
peanut-butter-chips	chocolate	283				g		0	0
honeycomb-candy	chocolate		100|150	100|150	100|150	g		0	0
prepared-custard	chilled		400|500	400|500	400|500	g		0	0`;
