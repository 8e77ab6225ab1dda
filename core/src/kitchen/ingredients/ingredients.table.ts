// Made from core/tables/ingredients.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const INGREDIENTS_TABLE = `id	name_us	name_uk	aliases	category	water_g	fat_g	protein_g	starch_g	sugars_g	fibre_g	alcohol_g	sodium_mg	acid_meq_per_g	ph	g_per_ml_spooned	g_per_ml_scooped	g_per_ml_sifted	g_per_ml_packed	pieces	allergens	vegan	pack_g
all-purpose-flour	all-purpose flour	plain flour	ap flour|apf|maida|cream flour|plain white flour|all purpose flour|white flour|refined wheat flour|wheat flour|flour|t55 flour|flour t55|type 55 flour|type 550 flour|flour type 550|type 405 flour|flour type 405|00 flour|flour 00|type 00 flour|flour type 00|tipo 00 flour|flour tipo 00|t65 flour|flour t65	flour	11.9	1.0	10.3	73.1	0.3	2.7	0	2	0.01	6.1	0.53	0.61	0.49			gluten	1	500|1000|1500|2267
bread-flour	bread flour	strong white flour	strong flour|strong white bread flour|strong plain flour|bakers flour|baker's flour|high-protein flour|hard flour	flour	12.5	1.5	12.5	70.0	0.4	2.5	0	2	0.01	6.1	0.55	0.62	0.50			gluten	1	1000|1500|2267
cake-flour	cake flour	soft cake flour	sponge flour|soft flour|extra-fine sponge flour|low-protein flour|chlorinated cake flour	flour	12.5	0.9	8.2	75.8	0.3	1.7	0	2	0.03	4.8	0.48	0.55	0.42			gluten	1	907|1000
pastry-flour	pastry flour	soft pastry flour	soft wheat pastry flour|biscuit flour|t45 flour|flour t45|type 45 flour	flour	12.2	1.0	9.0	74.5	0.3	2.3	0	2	0.01	6.0	0.49	0.57	0.44			gluten	1	1000|2267
self-rising-flour	self-rising flour	US self-rising flour (with salt)	self rising flour|southern self-rising flour	flour	10.8	1.0	9.6	71.2	0.3	2.7	0	1190	0	7.0	0.52	0.59	0.47			gluten	1	907|2267
self-raising-flour	self-raising flour (UK, no added salt)	self-raising flour	sr flour|s.r. flour|self raising flour|srf|self raising	flour	12.8	1.2	9.5	70.6	0.4	2.9	0	360	0	6.9	0.53	0.60	0.48			gluten	1	500|1000|1500
whole-wheat-flour	whole wheat flour	wholemeal flour	wholewheat flour|whole-wheat flour|plain wholemeal flour|whole meal flour|wholemeal plain flour	whole-grain flour	11.0	2.5	13.2	60.5	0.4	10.7	0	2	0.025	6.2	0.51	0.58	0.46			gluten	1	1000|1500|2267
strong-wholemeal-flour	whole wheat bread flour	strong wholemeal flour	strong wholemeal bread flour|wholemeal bread flour	whole-grain flour	11.5	2.2	14.0	59.0	1.0	10.2	0	3	0.025	6.2	0.51	0.58	0.46			gluten	1	1000|1500
self-raising-wholemeal-flour	self-rising whole wheat flour	self-raising wholemeal flour	wholemeal self-raising flour|wholemeal self raising flour|wholemeal SR flour|SR wholemeal flour|brown self-raising flour	whole-grain flour	11.0	2.3	11.8	59.6	0.5	9.6	0	380	0.015	6.8	0.51	0.58	0.46			gluten	1	1000|1500
white-whole-wheat-flour	white whole wheat flour	white wholemeal flour	white wholewheat flour	whole-grain flour	10.9	2.2	12.8	60.9	0.5	10.8	0	2	0.025	6.2	0.48	0.57	0.44			gluten	1	2267
whole-wheat-pastry-flour	whole wheat pastry flour	fine wholemeal flour (soft wheat)	wholemeal pastry flour|soft wholemeal flour	whole-grain flour	11.5	1.9	10.0	64.2	0.6	10.2	0	2	0.02	6.2	0.45	0.53	0.41			gluten	1	907|2267
graham-flour	graham flour	coarse-ground wholemeal (graham) flour	graham	whole-grain flour	11.0	2.3	12.5	61.2	0.5	10.9	0	2	0.02	6.3	0.50	0.56				gluten	1	680|907
coarse-wholemeal-flour	Irish-style coarse whole wheat flour	coarse wholemeal flour	extra coarse wholemeal|coarse wholemeal|stoneground coarse wholemeal|wheaten meal|irish wholemeal|brown soda bread flour|stoneground wholemeal flour	whole-grain flour	12.5	2.3	11.5	59.5	1.0	11.2	0	3	0.02	6.3	0.51	0.57				gluten	1	1000|1500|2000
atta-flour	atta flour	chapati flour	atta|chapatti flour|chakki atta|gehun ka atta|roti flour|durum wholemeal flour	whole-grain flour	10.5	1.9	11.8	62.4	1.0	10.8	0	4	0.022	6.2	0.52	0.60	0.47			gluten	1	1000|1500|5000|10000
wheat-bran	wheat bran	wheat bran	bran|unprocessed bran|miller's bran|coarse bran	whole-grain flour	9.9	4.3	15.6	21.3	0.4	42.8	0	2	0.05	6.4	0.25	0.27				gluten	1	250|500
bran-cereal	shredded bran cereal	bran strands cereal	bran cereal|all-bran type cereal|bran breakfast cereal|bran sticks	whole-grain flour	3.0	3.5	13.5	30.0	17.5	27.5	0	380	0.02	6.2	0.26					gluten	1	500|750
wheat-germ	wheat germ	wheatgerm	raw wheat germ|toasted wheat germ	whole-grain flour	8.5	9.7	24.0	26.5	12.5	14.0	0	10	0.04	6.3	0.42	0.46				gluten	1	250|340|500
semolina	semolina	semolina	sooji|suji|rava|rawa|fine semolina|farina	flour	12.5	1.1	12.0	69.5	0.5	3.9	0	2	0.01	6.2	0.70	0.75				gluten	1	500|1000
durum-flour	durum flour	fine semolina flour	semola|semola rimacinata|twice-milled durum	flour	12.5	1.4	12.5	68.5	0.9	3.5	0	3	0.01	6.2	0.60	0.68				gluten	1	500|1000
white-spelt-flour	white spelt flour	white spelt flour	spelt flour|white spelt|refined spelt flour|dinkel flour	flour	12.0	1.4	12.0	69.0	1.0	3.8	0	2	0.012	6.2	0.47	0.55	0.42			gluten	1	500|1000
whole-spelt-flour	whole spelt flour	wholemeal spelt flour	wholegrain spelt flour|whole grain spelt flour	whole-grain flour	11.0	2.4	14.0	60.0	1.2	9.9	0	3	0.025	6.3	0.46	0.54				gluten	1	500|1000
einkorn-flour	einkorn flour	einkorn flour	all-purpose einkorn flour	whole-grain flour	11.5	2.2	13.5	63.5	1.5	6.5	0	3	0.02	6.2	0.45	0.52				gluten	1	907|1000
khorasan-flour	khorasan wheat flour	khorasan wheat flour	khorasan flour	whole-grain flour	11.0	2.1	14.5	59.5	1.9	9.6	0	5	0.02	6.2	0.52	0.59				gluten	1	500|1000
light-rye-flour	light rye flour	light rye flour	white rye flour|pale rye flour	flour	11.5	1.3	9.8	68.0	0.9	8.0	0	2	0.015	6.3	0.44	0.52	0.40			gluten	1	907|1000
dark-rye-flour	dark rye flour	wholemeal rye flour	rye flour|rye|whole rye flour|pumpernickel flour|rye meal	whole-grain flour	11.0	2.2	12.0	56.0	1.6	15.5	0	2	0.03	6.4	0.48	0.55				gluten	1	907|1000
barley-flour	barley flour	barley flour	jau flour|barley meal|bere meal	whole-grain flour	11.5	1.8	10.5	63.8	0.8	10.4	0	4	0.02	6.2	0.50	0.58				gluten	1	500|680
malted-grain-flour	malted multigrain flour	malted grain brown flour	malthouse flour|malted flour|malted grain flour|malted bread flour|malted brown flour|country grain flour|malted wheat flakes flour	whole-grain flour	12.0	2.0	13.0	61.0	2.5	8.0	0	5	0.02	6.1	0.53	0.60				gluten	1	1000|1500
vital-wheat-gluten	vital wheat gluten	wheat gluten powder	gluten flour|vital gluten|bread improver gluten	flour	8.2	1.9	75.2	13.2	0	0.6	0	29	0	6.2	0.55	0.60				gluten	1	283|500
wheat-starch	wheat starch	wheat starch	wheaten cornflour|wheaten starch	starch	12.0	0.2	0.3	86.5	0.1	0.7	0	5	0	6.0	0.51	0.57	0.44			gluten	1	300|500
rolled-oats	old-fashioned rolled oats	jumbo rolled oats	rolled oats|oats|old fashioned oats|jumbo oats|whole rolled oats|large flake oats	whole-grain flour	9.5	6.9	13.2	56.5	1.0	10.6	0	4	0.015	6.2	0.40					gluten	1	500|1000|1190
quick-oats	quick-cooking oats	porridge oats	quick oats|porridge oats (rolled)|one-minute oats|instant oats|rolled porridge oats	whole-grain flour	9.5	6.9	13.0	56.8	1.0	10.4	0	4	0.015	6.2	0.38	0.42				gluten	1	500|1000|1190
steel-cut-oats	steel-cut oats	pinhead oatmeal	pinhead oats|irish oats|coarse oatmeal|steel cut oats	whole-grain flour	9.5	6.9	13.2	56.5	1.0	10.6	0	4	0.01	6.3	0.74					gluten	1	500|793
medium-oatmeal	medium oatmeal	medium oatmeal	oatmeal|fine oatmeal|scottish oatmeal	whole-grain flour	9.5	7.5	12.5	57.5	1.0	9.7	0	4	0.015	6.2	0.60	0.65				gluten	1	500|750
oat-flour	oat flour	oat flour	ground oats|oats flour|milled oats	whole-grain flour	8.6	9.1	14.7	57.5	0.8	6.8	0	10	0.02	6.2	0.40	0.50	0.36			gluten	1	500|567
oat-bran	oat bran	oat bran	oatbran	whole-grain flour	6.6	7.0	17.3	49.4	1.5	15.4	0	4	0.02	6.2	0.40	0.45				gluten	1	400|500
gluten-free-rolled-oats	gluten-free rolled oats	gluten-free oats	gf oats|gluten free oats|gluten free rolled oats|purity protocol oats	gluten-free flour	9.5	6.9	13.2	56.5	1.0	10.6	0	4	0.015	6.2	0.40						1	450|907
muesli	unsweetened muesli	unsweetened muesli	muesli|plain muesli|no-added-sugar muesli|swiss-style muesli	whole-grain flour	9.0	7.5	10.5	47.5	15.0	8.3	0	20	0.03	5.8	0.42					gluten|tree-nut|sulphite	1	500|750|1000
granola	granola	granola	toasted oat clusters|crunchy oat cereal	whole-grain flour	4.5	18.0	10.0	38.0	20.0	7.5	0	120	0.01	6.2	0.46					gluten|tree-nut	1	340|500
gluten-free-flour-blend	gluten-free all-purpose flour blend	gluten-free plain flour	gf flour|gluten free flour|gf plain flour|gf all-purpose flour|1-to-1 gluten-free flour|gluten free plain flour|gluten-free flour	gluten-free flour	11.0	1.2	5.5	77.5	0.6	3.2	0	10	0	6.4	0.58	0.65	0.52				1	500|1000|1360
gluten-free-self-raising-flour	gluten-free self-rising flour	gluten-free self-raising flour	gf self raising flour|gluten free self raising flour|gf sr flour	gluten-free flour	11.0	1.0	4.5	76.6	0.5	2.9	0	560	0	7.0	0.57	0.64					1	500|1000
white-rice-flour	white rice flour	rice flour	ground rice|chawal ka atta|fine rice flour	gluten-free flour	11.9	1.4	6.0	77.7	0.1	2.4	0	1	0	6.4	0.65	0.70	0.58				1	500|1000
brown-rice-flour	brown rice flour	wholegrain rice flour	wholemeal rice flour	gluten-free flour	11.9	2.8	7.2	71.3	0.7	4.6	0	8	0.01	6.4	0.62	0.68					1	500|680
glutinous-rice-flour	sweet rice flour	glutinous rice flour	mochiko|sticky rice flour|sweet white rice flour	gluten-free flour	11.5	0.8	6.2	79.8	0.1	1.0	0	3	0	6.4	0.60	0.66					1	400|454
sorghum-flour	sorghum flour	sorghum flour	jowar flour|juwar flour|jowar atta|sweet sorghum flour	gluten-free flour	10.3	3.3	8.4	68.0	2.0	6.6	0	3	0.015	6.2	0.52	0.58					1	500|623|1000
millet-flour	millet flour	millet flour	bajra flour|pearl millet flour|bajra atta|bajri flour	gluten-free flour	9.0	4.3	10.8	69.4	1.7	3.5	0	4	0.015	6.3	0.50	0.56					1	500|652
finger-millet-flour	finger millet flour	finger millet flour	ragi flour|ragi|nachni flour|nachni	gluten-free flour	10.9	1.9	7.2	66.3	0.5	11.2	0	5	0.015	6.3	0.52	0.58					1	500|1000
buckwheat-flour	buckwheat flour	buckwheat flour	kuttu flour|kuttu ka atta|sarrasin flour	gluten-free flour	11.2	3.1	12.6	60.6	2.6	8.0	0	11	0.02	6.4	0.51	0.57					1	500|623
teff-flour	teff flour	teff flour	tef flour	gluten-free flour	9.5	2.8	12.2	64.3	1.8	7.4	0	12	0.02	6.2	0.63	0.69					1	500|567
quinoa-flour	quinoa flour	quinoa flour		gluten-free flour	10.0	6.1	14.1	58.2	2.6	6.6	0	5	0.02	6.3	0.47	0.53					1	250|510
amaranth-flour	amaranth flour	amaranth flour	rajgira flour|rajgira|ramdana flour	gluten-free flour	11.0	6.5	13.6	57.8	1.7	6.7	0	4	0.02	6.4	0.51	0.57					1	500|510
cornmeal	yellow cornmeal	medium cornmeal	cornmeal|corn meal|maize meal|makki ka atta|white cornmeal|makai flour|fine polenta	gluten-free flour	11.0	2.5	8.1	69.6	0.7	7.0	0	6	0.01	6.2	0.59	0.66					1	500|680|907
polenta	coarse cornmeal	polenta	corn grits|coarse polenta|quick-cook polenta|maize grits	gluten-free flour	11.5	1.5	8.0	74.5	0.6	3.4	0	2	0.01	6.2	0.68						1	500|680|1000
maize-flour	fine corn flour	maize flour	yellow corn flour|fine maize flour|finely ground cornmeal|harina de maiz	gluten-free flour	10.9	3.9	6.9	68.8	0.6	7.3	0	5	0.01	6.2	0.50	0.55	0.45				1	500|680
masa-harina	masa harina	masa harina	nixtamalised maize flour|nixtamalized corn flour|instant corn masa flour|tortilla flour	gluten-free flour	9.0	3.7	8.5	70.3	0.7	6.4	0	5	0	7.0	0.48	0.55					1	1000|2000
almond-flour	blanched almond flour	ground almonds	almond flour|fine almond flour|blanched ground almonds|badam powder	gluten-free flour	4.5	50.5	21.4	3.0	5.5	11.5	0	5	0	6.5	0.41	0.47	0.38			tree-nut	1	100|200|500|907
almond-meal	natural almond meal	unblanched ground almonds	almond meal|skin-on almond flour	gluten-free flour	4.4	49.9	21.2	3.2	4.4	12.5	0	1	0	6.3	0.42	0.48				tree-nut	1	200|454
hazelnut-meal	hazelnut flour	ground hazelnuts	hazelnut meal|filbert meal	gluten-free flour	5.3	60.8	15.0	1.5	4.3	9.7	0	0	0	6.3	0.40	0.46				tree-nut	1	100|200|454
coconut-flour	coconut flour	coconut flour		gluten-free flour	5.0	13.0	18.0	12.0	9.0	37.5	0	60	0.02	6.0	0.47	0.54					1	450|500
chickpea-flour	chickpea flour	gram flour	besan|garbanzo flour|garbanzo bean flour|bengal gram flour|channa flour	gluten-free flour	9.5	6.5	22.0	46.0	3.5	10.0	0	60	0.03	6.4	0.42	0.48	0.36				1	500|1000
soy-flour	full-fat soy flour	soya flour	soy flour|soya bean flour|full fat soya flour	gluten-free flour	5.2	20.7	37.8	10.3	7.5	12.0	0	13	0.03	6.6	0.36	0.42				soy	1	400|500
lupin-flour	lupin flour	lupin flour	lupin bean flour|sweet lupin flour	gluten-free flour	8.0	9.0	38.0	3.0	4.0	34.5	0	15	0.03	6.0	0.40	0.46				lupin	1	400|500
peanut-flour	defatted peanut flour	peanut flour	powdered peanut butter|peanut powder	gluten-free flour	5.0	12.0	48.0	9.0	8.0	13.0	0	20	0.02	6.5	0.40	0.46				peanut	1	184|340
cassava-flour	cassava flour	cassava flour	yuca flour|manioc flour	gluten-free flour	10.0	0.5	1.5	79.0	2.5	5.0	0	10	0.01	5.8	0.55	0.62					1	454|907
potato-flour	potato flour	potato flour (whole potato)	whole potato flour|dried potato flour	gluten-free flour	6.5	0.3	6.9	73.6	3.5	5.9	0	55	0.02	5.8	0.68						1	340|680
green-banana-flour	green banana flour	green banana flour	banana flour|plantain flour	gluten-free flour	8.0	0.6	3.5	73.0	4.0	8.0	0	5	0.03	5.4	0.55	0.61					1	250|450
tigernut-flour	tigernut flour	tiger nut flour	chufa flour	gluten-free flour	6.0	23.0	5.0	27.0	19.0	18.0	0	20	0.01	6.2	0.45	0.52					1	250|454
chestnut-flour	chestnut flour	chestnut flour	sweet chestnut flour	gluten-free flour	9.5	3.9	6.1	40.0	25.0	12.5	0	10	0.01	6.0	0.42	0.48				tree-nut	1	250|500
water-chestnut-flour	water chestnut flour	water chestnut flour	singhara flour|singhara atta	gluten-free flour	10.5	0.5	4.5	76.5	2.5	3.5	0	20	0.01	6.2	0.55	0.61					1	200|500
cornstarch	cornstarch	cornflour	corn starch|maize starch|maize cornflour|corn flour (starch)	starch	11.0	0.1	0.3	87.3	0	0.9	0	9	0	5.5	0.51	0.57	0.46		tablespoon=8		1	200|250|454|500
tapioca-starch	tapioca starch	tapioca flour	tapioca|cassava starch|tapioca flour/starch|manioc starch	starch	11.0	0.1	0.2	87.5	0.1	0.9	0	1	0	5.8	0.51	0.57					1	454|500
potato-starch	potato starch	potato starch	farina (potato)|potato starch flour	starch	15.0	0.1	0.2	84.0	0	0.4	0	10	0	6.8	0.68	0.74					1	250|500|623
arrowroot	arrowroot starch	arrowroot	arrowroot flour|arrowroot powder|ararot	starch	11.4	0.1	0.3	84.4	0	3.4	0	2	0	6.2	0.54	0.60					1	110|454|500
custard-powder	vanilla custard powder	custard powder	instant vanilla custard mix (cook type)|eggless custard powder	starch	10.0	0.3	0.5	87.5	0.2	0.7	0	320	0	6.0	0.60				tablespoon=9		1	100|250|300|500
pregelatinised-starch	instant (pregelatinized) starch	pregelatinised starch	instant food starch|modified corn starch|pregel starch	starch	7.0	0.1	0.3	91.5	0.2	0.5	0	100	0	5.8	0.55						1	227|500
granulated-sugar	granulated sugar	granulated sugar	sugar|cinnamon sugar|white sugar|cheeni|table sugar|regular sugar|granulated	sugar	0.1	0	0	0	99.8	0	0	1	0	6.8	0.845				teaspoon=4.2|cube=4		1	500|1000|1814
superfine-sugar	superfine sugar	caster sugar	castor sugar|baker's sugar|bar sugar|fruit sugar|white caster sugar|berry sugar|caster|castor	sugar	0.1	0	0	0	99.8	0	0	1	0	6.8	0.87						1	500|1000
golden-caster-sugar	golden superfine sugar	golden caster sugar	unrefined caster sugar|golden castor sugar|golden granulated sugar|golden caster	sugar	0.3	0	0	0	99.4	0	0	8	0.002	6.4	0.87						1	500|1000
powdered-sugar	confectioners' sugar	icing sugar	powdered sugar|confectioners sugar|10x sugar|powder sugar|icing sugar mixture|fondant icing powder|powd sugar|pwd sugar	sugar	0.3	0	0	2.9	96.7	0	0	2	0	6.6	0.51	0.56	0.43		tablespoon=7.5		1	500|907|1000
light-brown-sugar	light brown sugar	light brown soft sugar	brown sugar|soft light brown sugar|golden brown sugar|light brown soft|soft brown sugar	sugar	1.5	0	0.1	0	97.2	0	0	25	0.006	6.0	0.66			0.93	tablespoon packed=13.8		1	500|907|1000
dark-brown-sugar	dark brown sugar	dark brown soft sugar	soft dark brown sugar|dark soft brown sugar	sugar	2.2	0	0.2	0	96.0	0	0	35	0.01	5.7	0.67			0.94	tablespoon packed=13.9		1	500|907|1000
light-muscovado-sugar	light muscovado sugar	light muscovado sugar	light musc|muscovado|muscovado sugar|light unrefined brown sugar|light muscovado	sugar	2.0	0	0.2	0	95.8	0	0	30	0.012	5.8	0.65			0.93			1	500
dark-muscovado-sugar	dark muscovado sugar	dark muscovado sugar	dark musc|molasses sugar|barbados sugar|black muscovado|dark muscovado	sugar	3.0	0	0.4	0	92.8	0	0	50	0.02	5.6	0.66			0.95			1	500
demerara-sugar	demerara sugar	demerara sugar	demerara	sugar	0.4	0	0	0	99.2	0	0	6	0.002	6.4	0.88						1	500|1000
turbinado-sugar	turbinado sugar	raw cane sugar	turbinado|raw sugar|coarse raw sugar	sugar	0.2	0	0	0	99.5	0	0	3	0.002	6.4	0.86						1	500|907
jaggery	jaggery	jaggery	gur|gud|panela|piloncillo|rapadura|jaggery powder|vellam	sugar	4.0	0.1	0.5	0	92.6	0	0	40	0.015	5.8	0.75			0.90			1	500|1000
coconut-sugar	coconut sugar	coconut sugar	coconut palm sugar|palm sugar|coco sugar	sugar	2.0	0.3	1.0	0	93.0	1.0	0	90	0.01	5.8	0.66			0.80			1	454|500
date-sugar	date sugar	date sugar	ground dried dates	sugar	4.5	0.4	2.5	0	79.0	10.0	0	5	0.03	5.6	0.60						1	250|340
maple-sugar	maple sugar	maple sugar		sugar	3.0	0.2	0.1	0	95.3	0	0	11	0	6.8	0.72						1	200|340
pearl-sugar	pearl sugar	nibbed sugar	sugar nibs|nib sugar|hail sugar	sugar	0.1	0	0	0	99.8	0	0	1	0	6.8	0.72						1	200|280
sanding-sugar	coarse sanding sugar	coarse decorating sugar	sanding sugar|sparkling sugar|decorating sugar|coarse white sugar|crystal sugar	sugar	0.1	0	0	0	99.7	0	0	1	0	6.8	0.88						1	100|227
vanilla-sugar	vanilla sugar	vanilla sugar	vanillin sugar	sugar	0.3	0	0	0	99.4	0	0	1	0	6.6	0.85				sachet=8		1	8|100
jam-sugar	gelling sugar	jam sugar	preserving sugar with pectin	sugar	0.4	0	0	0	98.3	0.8	0	20	0.06	3.3	0.85						1	1000
dextrose	dextrose powder	glucose powder	dextrose|glucose (powdered)|corn sugar|dextrose monohydrate	sugar	9.0	0	0	0	91.0	0	0	2	0	6.0	0.62						1	500|1000
fructose	crystalline fructose	fruit sugar (fructose)	fructose|fructose powder|levulose	sugar	0.1	0	0	0	99.9	0	0	0	0	6.0	0.85						1	250|500
erythritol	granulated erythritol	erythritol	erythritol sweetener	sugar	0.2	0	0	0	0	0	0	0	0	6.5	0.85						1	300|500|1000
xylitol	xylitol	xylitol	birch sugar	sugar	0.2	0	0	0	0	0	0	0	0	6.5	0.80						1	250|500|1000
allulose	allulose	allulose	psicose|d-psicose	sugar	0.5	0	0	0	0	0	0	0	0	6.0	0.78						1	340|454
stevia-erythritol-blend	stevia-erythritol blend	stevia and erythritol baking blend	stevia baking blend|monk fruit erythritol blend|monk fruit sweetener|stevia sweetener	sugar	0.3	0	0	0	0	0	0	0	0	6.5	0.82						1	300|454
honey	honey	honey	clear honey|runny honey|shahad|set honey|raw honey|liquid honey	syrup	17.1	0	0.3	0	82.1	0.2	0	4	0.03	3.9	1.42				teaspoon=7|tablespoon=21		0	227|340|454
molasses	molasses (unsulphured, mild)	light molasses	molasses|fancy molasses|baking molasses|unsulphured molasses|unsulfured molasses|dark molasses|cooking molasses	syrup	21.9	0.1	0	0	71.0	0	0	37	0.075	5.4	1.425				tablespoon=21		1	340|355|454
blackstrap-molasses	blackstrap molasses	blackstrap molasses	blackstrap	syrup	22.0	0.1	1.0	0	60.5	0	0	90	0.1	5.3	1.43				tablespoon=21		1	340|454
black-treacle	dark treacle	black treacle	treacle|dark cane treacle	syrup	23.0	0	1.2	0	67.0	0	0	180	0.06	5.3	1.43				tablespoon=21	sulphite	1	454|680
golden-syrup	golden syrup	golden syrup	light treacle|refiners' syrup|cane syrup|refiners syrup	syrup	17.5	0	0.3	0	80.5	0	0	270	0.008	5.4	1.43				tablespoon=21		1	325|454|907
light-corn-syrup	light corn syrup	light corn syrup	corn syrup|white corn syrup	syrup	22.8	0.2	0	0	76.8	0	0	62	0	4.8	1.40				tablespoon=20		1	473|680
dark-corn-syrup	dark corn syrup	dark corn syrup		syrup	22.8	0	0	0	76.5	0	0	155	0.003	4.8	1.40				tablespoon=20		1	473|680
glucose-syrup	glucose syrup	liquid glucose	confectioners' glucose|liquid glucose syrup	syrup	18.5	0	0	0	81.3	0	0	40	0	5.0	1.43				tablespoon=21		1	140|500|1000
maple-syrup	maple syrup	maple syrup	pure maple syrup|maple	syrup	32.4	0.1	0	0	66.9	0	0	12	0.002	6.7	1.33				tablespoon=20		1	250|330|473
agave-nectar	agave nectar	agave syrup	agave	syrup	23.0	0.4	0.1	0	76.0	0.2	0	4	0.005	4.5	1.38				tablespoon=20		1	250|330|680
brown-rice-syrup	brown rice syrup	rice malt syrup	rice syrup	syrup	20.0	0.2	0.5	0	78.8	0.2	0	60	0.004	5.5	1.40				tablespoon=20		1	350|500
barley-malt-extract	barley malt syrup	malt extract	barley malt extract|malt syrup|liquid malt extract	syrup	20.5	0	5.5	0	71.5	0	0	40	0.07	5.2	1.42				tablespoon=21	gluten	1	340|454
date-syrup	date syrup	date syrup	silan|date molasses|date honey|khajoor syrup	syrup	25.0	0.1	1.2	0	70.5	0.8	0	20	0.045	4.5	1.38				tablespoon=20		1	250|400
pomegranate-molasses	pomegranate molasses	pomegranate molasses	pomegranate syrup|anardana syrup	syrup	28.0	0.1	0.8	0	62.0	0.5	0	20	0.94	2.3	1.36				tablespoon=20		1	200|300
invert-sugar-syrup	invert sugar syrup	invert sugar syrup	invert syrup	syrup	22.0	0	0	0	77.8	0	0	20	0.002	4.8	1.40				tablespoon=20		1	500|1000
sorghum-syrup	sorghum syrup	sorghum syrup	sorghum molasses|sweet sorghum syrup	syrup	22.9	0	0	0	73.5	0	0	8	0.05	5.3	1.40				tablespoon=20		1	340|454
simple-syrup	simple syrup (1:1)	sugar syrup (1:1)	simple syrup|sugar syrup|stock syrup	syrup	50.0	0	0	0	50.0	0	0	1	0	6.5	1.23				tablespoon=18		1	250|500
caramel-sauce	caramel sauce	caramel sauce	salted caramel sauce|butterscotch sauce|toffee sauce|salted caramel	syrup	22.0	13.5	1.8	0	60.8	0	0	300	0	6.3	1.30				tablespoon=20	milk	0	210|260|340
coconut-nectar	coconut nectar	coconut blossom syrup	coconut syrup	syrup	23.5	0.2	1.0	0	73.0	0	0	100	0.02	5.2	1.35				tablespoon=20		1	250|340
unsalted-butter	unsalted butter	unsalted butter	butter|sweet butter|sweet cream butter|makhan|baking butter	fat	16.2	81.1	0.9	0	0.7	0	0	11	0.002	6.5	0.96				stick=113.4|half stick=56.7|tablespoon=14.2|pat=5	milk	0	113.4|227|250|454|500
salted-butter	salted butter	salted butter	lightly salted butter|slightly salted butter	fat	15.9	80.8	0.9	0	0.1	0	0	620	0.002	6.5	0.96				stick=113.4|tablespoon=14.2	milk	0	113.4|250|454|500
cultured-butter	European-style cultured butter	cultured butter (lactic)	european butter|lactic butter|82% butter|european-style butter	fat	15.5	82.5	0.8	0	0.5	0	0	10	0.005	4.8	0.96				tablespoon=14.2	milk	0	227|250
ghee	ghee	ghee	clarified butter|desi ghee|anhydrous butterfat|butter oil	fat	0.3	99.5	0.1	0	0	0	0	2	0		0.91				tablespoon=13	milk	0	250|500|1000
brown-butter	browned butter	brown butter	beurre noisette|burnt butter	fat	1.0	97.5	1.0	0	0.2	0	0	13	0.001	6.4	0.91				tablespoon=13.3	milk	0	227
vegetable-shortening	vegetable shortening	white vegetable fat	shortening|vegetable fat|baking shortening|vanaspati|white cooking fat	fat	0.1	99.8	0	0	0	0	0	0	0		0.81			0.87	tablespoon=12		1	250|454|1360
high-ratio-shortening	high-ratio shortening	high-ratio (emulsified) shortening	emulsified shortening|icing shortening	fat	0.2	99.6	0	0	0	0	0	0	0		0.80				tablespoon=12		1	1360
lard	lard	lard	pork fat|pork lard|leaf lard	fat	0.3	99.5	0	0	0	0	0	2	0		0.87				tablespoon=12.8		0	250|454
beef-suet	shredded beef suet	beef suet	suet|shredded suet	fat	1.5	86.7	0.6	10.5	0.1	0.4	0	15	0		0.50					gluten	0	200|240
vegetable-suet	shredded vegetable suet	vegetable suet	vegetarian suet	fat	1.5	75.0	1.5	20.0	0.3	1.2	0	10	0		0.50					gluten	1	200|240
baking-margarine	stick margarine	baking block margarine	margarine|oleo|oleomargarine|block margarine|hard margarine|stick margarine (80% fat)|baking block|marg	fat	17.5	80.0	0.2	0	0.4	0	0	650	0	5.5	0.96				stick=113.4|tablespoon=14.2	milk	0	250|454|500
baking-spread	soft baking spread	baking spread	soft margarine|tub margarine|soft spread|sunflower spread|buttery spread	fat	29.0	69.0	0.2	0	0.3	0	0	450	0	5.0	0.93				tablespoon=14	milk	0	250|450|500|1000
light-spread	reduced-fat spread	light spread	low-fat spread|reduced fat spread|light margarine	fat	58.0	39.5	0.3	0	0.3	0.2	0	440	0	5.0	0.95				tablespoon=14	milk	0	250|500
vegan-butter-block	vegan butter stick	vegan baking block	vegan butter|plant butter|plant-based butter|dairy-free baking block|dairy-free butter	fat	19.5	78.5	0.2	0	0.2	0	0	450	0	5.3	0.95				stick=113.4|tablespoon=14		1	113.4|200|250
canola-oil	canola oil	rapeseed oil	cold-pressed rapeseed oil|canola	fat	0	100	0	0	0	0	0	0	0		0.92				tablespoon=13.6		1	500|1000
vegetable-oil	vegetable oil	vegetable oil	oil|cooking oil|neutral oil|soybean oil|flavourless oil	fat	0	100	0	0	0	0	0	0	0		0.92				tablespoon=13.6		1	1000|1420
sunflower-oil	sunflower oil	sunflower oil	sunflower seed oil	fat	0	100	0	0	0	0	0	0	0		0.92				tablespoon=13.6		1	1000
corn-oil	corn oil	corn oil	maize oil	fat	0	100	0	0	0	0	0	0	0		0.92				tablespoon=13.6		1	1000
peanut-oil	peanut oil	groundnut oil	arachis oil	fat	0	100	0	0	0	0	0	0	0		0.915				tablespoon=13.5	peanut	1	500|1000
grapeseed-oil	grapeseed oil	grapeseed oil	grape seed oil	fat	0	100	0	0	0	0	0	0	0		0.92				tablespoon=13.6		1	250|500
olive-oil	olive oil	olive oil	extra virgin olive oil|evoo|light olive oil	fat	0	100	0	0	0	0	0	0	0		0.913				tablespoon=13.5		1	500|1000
avocado-oil	avocado oil	avocado oil		fat	0	100	0	0	0	0	0	0	0		0.913				tablespoon=13.5		1	250|500
coconut-oil	coconut oil	coconut oil	virgin coconut oil|refined coconut oil|solid coconut oil|nariyal oil	fat	0.1	99.8	0	0	0	0	0	0	0		0.92				tablespoon=13.6		1	300|500|1000
walnut-oil	walnut oil	walnut oil		fat	0	100	0	0	0	0	0	0	0		0.92				tablespoon=13.6	tree-nut	1	250
sesame-oil	sesame oil	sesame oil	gingelly oil|til oil|toasted sesame oil	fat	0	100	0	0	0	0	0	0	0		0.92				tablespoon=13.6	sesame	1	150|250
mustard-oil	mustard oil	mustard oil	sarson ka tel	fat	0	100	0	0	0	0	0	0	0		0.91				tablespoon=13.5	mustard	1	500|1000
mayonnaise	mayonnaise	mayonnaise	mayo|full-fat mayonnaise	fat	21.0	74.9	1.0	0.2	0.6	0	0	635	0.05	3.9	0.93				tablespoon=13.8	egg|mustard	0	400|440|800
cooking-spray	oil cooking spray	oil cooking spray	cooking spray|cake spray|baking spray|non-stick spray|cake release spray|pan spray	fat	0	96.0	0	2.0	0	0	0	0	0		0.90				one-second spray=0.8	soy	1	141|200
dripping	beef tallow	beef dripping	tallow|dripping|beef fat	fat	0.5	99.2	0.1	0	0	0	0	5	0		0.87				tablespoon=12.9		0	250|500
whole-milk	whole milk	whole milk	milk|full-fat milk|full cream milk|doodh|full fat milk|fresh milk	dairy	87.8	3.4	3.3	0	4.8	0	0	43	0.003	6.7	1.03				tablespoon=15.3	milk	0	568|1136|2000|2272
semi-skimmed-milk	2% reduced-fat milk	semi-skimmed milk	semi skimmed milk|semi skimmed|semi-skimmed|2% milk|reduced-fat milk|low-fat milk (2%)	dairy	89.0	1.9	3.4	0	4.8	0	0	45	0.003	6.7	1.033				tablespoon=15.3	milk	0	568|1136|2272
low-fat-milk	1% low-fat milk	1% fat milk	one percent milk|low-fat milk|low fat milk|toned milk	dairy	89.8	1.0	3.4	0	4.9	0	0	44	0.003	6.7	1.034				tablespoon=15.3	milk	0	1136|2272
skim-milk	skim milk	skimmed milk	nonfat milk|fat-free milk|skimmed cow's milk|non-fat milk	dairy	90.7	0.2	3.4	0	4.9	0	0	44	0.003	6.7	1.035				tablespoon=15.3	milk	0	568|1136|2272
lactose-free-milk	lactose-free milk	lactose-free milk	lactofree-type milk|lactose free milk	dairy	88.0	3.4	3.3	0	4.6	0	0	42	0.003	6.7	1.03					milk	0	1000
goat-milk	goat milk	goat's milk	goats milk|bakri ka doodh	dairy	87.2	4.0	3.4	0	4.4	0	0	48	0.003	6.6	1.035					milk	0	1000
evaporated-milk	evaporated milk	evaporated milk	unsweetened condensed milk|evap milk|tinned evaporated milk	dairy	73.5	7.9	7.3	0	9.8	0	0	110	0.008	6.4	1.065				tablespoon=15.8	milk	0	170|354|410
sweetened-condensed-milk	sweetened condensed milk	condensed milk	condensed milk (sweetened)|sweetened milk|tinned condensed milk	dairy	26.9	8.5	7.9	0	54.9	0	0	125	0.008	6.4	1.29				tablespoon=19	milk	0	397|400
dulce-de-leche	dulce de leche	dulce de leche	tinned caramel (milk)|milk caramel|caramel (tinned)	dairy	27.0	7.5	7.0	0	56.5	0	0	125	0.01	6.2	1.30				tablespoon=19	milk	0	380|397|450
skim-milk-powder	nonfat dry milk	skimmed milk powder	dried skimmed milk|nonfat milk powder|skim milk powder|dried milk|milk powder|dry milk	dairy	3.2	0.8	36.2	0	52.0	0	0	535	0.03	6.6	0.50				tablespoon=7.5	milk	0	198|300|500
whole-milk-powder	whole milk powder	whole milk powder	full cream milk powder|full-fat milk powder|dried whole milk	dairy	2.5	26.7	26.3	0	38.4	0	0	371	0.025	6.6	0.54				tablespoon=8	milk	0	400|500|1000
malted-milk-powder	malted milk powder	malted milk powder	malt powder (with milk)|plain malted milk drink powder	dairy	2.5	8.0	11.5	20.0	52.0	1.5	0	400	0	7.0	0.55				tablespoon=8	gluten|milk	0	227|300|500
whey-powder	sweet whey powder	whey powder	dried whey	dairy	3.2	1.1	12.9	0	74.5	0	0	1080	0.04	6.0	0.60					milk	0	454|1000
heavy-cream	heavy cream	heavy cream (36% fat)	heavy whipping cream|whipping cream 36%|36% cream|thickened cream	dairy	57.7	36.1	2.8	0	2.9	0	0	27	0.002	6.6	0.995				tablespoon=14.9	milk	0	237|473|300
double-cream	double cream (48% fat)	double cream	48% cream|pure cream|extra thick double cream|dairy cream (48%)	dairy	47.0	48.0	1.6	0	2.6	0	0	22	0.002	6.6	0.98				tablespoon=15	milk	0	150|300|600
whipping-cream	UK-style whipping cream (38% fat)	whipping cream	whipping cream (38-40%)|fresh cream for whipping	dairy	56.0	38.0	2.2	0	3.0	0	0	25	0.002	6.6	0.99				tablespoon=15	milk	0	250|300|473
single-cream	light cream	single cream	pouring cream|table cream|coffee cream|fresh cream (25% fat)	dairy	74.5	19.0	3.0	0	3.1	0	0	35	0.002	6.6	1.01				tablespoon=15	milk	0	150|300
half-and-half	half-and-half	half cream (12% fat)	half and half|half & half|half cream	dairy	80.2	11.5	3.1	0	4.3	0	0	50	0.002	6.6	1.02				tablespoon=15	milk	0	473|946
clotted-cream	clotted cream	clotted cream	devonshire cream	dairy	32.2	63.5	1.6	0	2.3	0	0	18	0.002	6.5	0.95				tablespoon=15	milk	0	113|170|227
khoya	khoya (reduced milk solids)	khoya	mawa|khoa|khoya mawa	dairy	31.0	26.0	17.5	0	21.5	0	0	200	0.015	6.4	1.00					milk	0	200|500
buttermilk	cultured buttermilk	buttermilk	cultured low-fat buttermilk|irish buttermilk|chaas|chaach|mattha|low-fat buttermilk	cultured dairy	89.3	1.1	3.4	0	4.5	0	0	105	0.1	4.5	1.035				tablespoon=15.3	milk	0	284|473|500|946
whole-buttermilk	whole milk buttermilk	full-fat buttermilk	whole buttermilk	cultured dairy	87.4	3.3	3.3	0	4.3	0	0	105	0.1	4.5	1.03				tablespoon=15.3	milk	0	473|946
buttermilk-powder	dried buttermilk powder	buttermilk powder	dry buttermilk|cultured buttermilk powder|dried buttermilk	cultured dairy	3.0	5.8	34.3	0	43.9	0	0	517	0.5	4.8	0.51				tablespoon=7.5	milk	0	340|454
soured-milk	milk soured with lemon juice or vinegar	soured milk	sour milk|clabbered milk substitute|homemade buttermilk	cultured dairy	88.1	3.2	3.1	0	4.5	0	0	41	0.055	5.3	1.03					milk	0	240
plain-yogurt	plain whole-milk yogurt	natural yogurt	plain yogurt|yogurt|yoghurt|curd|dahi|natural yoghurt|plain yoghurt|whole milk yogurt	cultured dairy	87.2	3.3	3.9	0	4.2	0	0	50	0.11	4.3	1.035				tablespoon=15.3	milk	0	150|170|500|907
low-fat-yogurt	low-fat plain yogurt	low-fat natural yogurt	low fat yogurt|low-fat yoghurt|nonfat yogurt|fat-free natural yogurt	cultured dairy	85.9	1.2	5.1	0	5.6	0	0	70	0.115	4.3	1.035				tablespoon=15.3	milk	0	150|450|907
greek-yogurt	whole-milk Greek yogurt (strained)	Greek yogurt	greek yoghurt|strained yogurt|thick yogurt|hung curd|chakka|greek-style yogurt	cultured dairy	79.5	7.5	7.3	0	3.8	0	0	40	0.115	4.3	1.03				tablespoon=15.5	milk	0	150|450|500|907
nonfat-greek-yogurt	nonfat Greek yogurt	fat-free Greek yogurt	0% greek yogurt|fat-free greek yoghurt|nonfat greek yoghurt	cultured dairy	84.5	0.4	10.2	0	3.3	0	0	36	0.12	4.2	1.04				tablespoon=15.5	milk	0	150|500|907
skyr	skyr	skyr	icelandic-style yogurt	cultured dairy	83.7	0.2	11.0	0	3.4	0	0	40	0.12	4.2	1.04					milk	0	150|450
labneh	labneh	labneh	yogurt cheese|labne	cultured dairy	72.0	12.0	9.0	0	4.3	0	0	300	0.135	4.2	1.03					milk	0	200|454
kefir	kefir	kefir	milk kefir	cultured dairy	88.0	3.2	3.4	0	3.8	0	0.05	45	0.1	4.4	1.03					milk	0	500|1000
sour-cream	sour cream	soured cream	dairy sour cream|smetana	cultured dairy	71.9	19.5	2.6	0	3.5	0	0	45	0.083	4.5	0.97				tablespoon=14.5|cup=230	milk	0	150|300|454
light-sour-cream	reduced-fat sour cream	half-fat soured cream	light sour cream|low-fat sour cream	cultured dairy	78.5	10.5	4.0	0	5.2	0	0	70	0.083	4.5	1.00					milk	0	300|454
creme-fraiche	crème fraîche	crème fraîche	creme fraiche|full-fat creme fraiche	cultured dairy	60.2	33.0	2.3	0	2.6	0	0	25	0.067	4.6	0.98				tablespoon=15	milk	0	200|227|300
quark	quark	quark	fat-free quark|curd cheese|fromage frais|quarg	cultured dairy	82.5	0.3	12.0	0	3.6	0	0	40	0.09	4.6	1.03					milk	0	250|500
egg	whole egg	whole egg (hen)	eggs|whole eggs|hen's egg|large egg|medium egg|anda|egg	egg	76.0	9.5	12.5	0	0.4	0	0	142	0	7.5	1.03				US large=50|US medium=44|US extra large=56|US jumbo=63|UK small=43|UK medium=51|UK large=59|UK very large=67	egg	0	300|354|600|708
egg-white	egg white	egg white	egg whites|whites|albumen	egg	87.6	0.2	10.9	0	0.7	0	0	166	-0.02	8.8	1.035				US large=33|UK medium=33|UK large=39	egg	0	500
egg-yolk	egg yolk	egg yolk	egg yolks|yolk|yolks	egg	52.3	26.5	15.9	0	0.6	0	0	48	0.02	6.1	1.03				US large=18|UK medium=17|UK large=20	egg	0	300
pasteurised-egg-white	pasteurized liquid egg whites	pasteurised liquid egg white	carton egg whites|liquid egg white|liquid egg whites	egg	87.5	0.2	10.6	0	0.8	0	0	170	-0.01	8.5	1.035				one white=33	egg	0	500|907
liquid-whole-egg	pasteurized liquid whole egg	pasteurised liquid whole egg	liquid egg|carton whole egg	egg	76.5	9.2	12.2	0	0.6	0	0	140	0	7.4	1.03				one egg=50	egg	0	500|907
dried-egg-white	dried egg white powder	dried egg white powder	dried egg white|dried egg whites|egg white powder|albumen powder|powdered egg white	egg	7.0	0.1	81.5	0	5.0	0	0	1250	-0.05	7.2	0.45				tablespoon=6.6	egg	0	40|100|227
dried-whole-egg	dried whole egg powder	dried whole egg powder	dried egg|dried eggs|dried whole egg|egg powder|powdered egg|whole egg powder	egg	3.1	42.0	48.0	0	1.5	0	0	530	-0.02	8.0	0.37				tablespoon=5.5	egg	0	200|454
meringue-powder	meringue powder	meringue powder	instant meringue mix	egg	3.0	0.2	20.0	8.0	62.5	1.0	0	400	0.15	5.0	0.60				tablespoon=9	egg	0	113|227
duck-egg	duck egg	duck egg	duck eggs	egg	70.8	13.8	12.8	0	0.9	0	0	146	0	7.4	1.03				one=70	egg	0	420
quail-egg	quail egg	quail egg	quail eggs	egg	74.4	11.1	13.0	0	0.4	0	0	141	0	7.5	1.03				one=9	egg	0	108|120
flax-egg	flax egg (1 part ground flaxseed, 3 parts water)	flax egg	linseed egg|flaxseed egg|vegan flax egg	egg substitute	76.5	10.5	4.6	0.1	0.4	6.8	0	10	0	6.3	1.03				one=52		1	52
chia-egg	chia egg (1 part chia, 3 parts water)	chia egg	chia seed egg	egg substitute	78.5	7.0	3.8	0.6	0.2	8.5	0	4	0	6.3	1.03				one=56		1	56
egg-replacer-powder	egg replacer powder	egg replacer powder	vegan egg replacer|egg replacement powder	egg substitute	9.0	0.2	0.3	81.0	0.5	2.5	0	650	0	7.0	0.62				one egg=4.5		1	135|200|340
aquafaba	aquafaba	aquafaba	chickpea water|chickpea brine|chickpea can liquid	egg substitute	94.0	0.2	1.2	1.6	0.6	0.9	0	160	0.003	6.2	1.01				one egg=45|one egg white=30|from one can=130		1	130
silken-tofu	silken tofu	silken tofu	soft tofu|silken bean curd	egg substitute	88.5	2.7	5.5	0.5	1.3	0.2	0	10	0.01	6.0	1.04				one egg=60	soy	1	300|349|400
firm-tofu	firm tofu	firm tofu	tofu|bean curd	egg substitute	74.0	8.0	14.0	0.5	0.7	1.3	0	12	0	6.6	1.02					soy	1	280|396
soy-milk	unsweetened soy milk	unsweetened soya drink	soy milk|soya milk|soymilk|soya drink	plant milk	92.0	1.8	3.3	0.1	0.8	0.6	0	40	0.003	7.0	1.03					soy	1	946|1000
almond-milk	unsweetened almond milk	unsweetened almond drink	almond milk|almond drink|badam milk	plant milk	97.0	1.1	0.5	0	0.1	0.3	0	60	0	7.2	1.01					tree-nut	1	946|1000
oat-milk	oat milk	oat drink	oat milk (barista)|barista oat milk	plant milk	90.4	1.5	1.0	2.5	3.3	0.8	0	45	0.002	6.9	1.03					gluten	1	946|1000
rice-milk	rice milk	rice drink		plant milk	88.5	1.0	0.2	3.2	6.0	0.2	0	40	0	6.8	1.03						1	946|1000
cashew-milk	unsweetened cashew milk	unsweetened cashew drink	cashew milk|cashew drink	plant milk	96.5	1.5	0.5	0.4	0.3	0.2	0	50	0	7.0	1.01					tree-nut	1	946|1000
hazelnut-milk	unsweetened hazelnut milk	unsweetened hazelnut drink	hazelnut milk|hazelnut drink	plant milk	95.8	1.8	0.5	0.1	0.5	0.4	0	45	0	7.0	1.01					tree-nut	1	1000
pea-milk	unsweetened pea milk	unsweetened pea drink	pea milk|pea protein milk	plant milk	93.3	2.0	3.2	0.1	0.1	0.3	0	50	0	7.3	1.02						1	1000|1419
hemp-milk	unsweetened hemp milk	unsweetened hemp drink	hemp milk	plant milk	95.5	2.8	0.9	0	0.1	0.2	0	50	0	7.0	1.01						1	946|1000
coconut-milk-drink	coconut milk beverage (carton)	coconut drink (carton)	carton coconut milk|coconut milk drink|coconut drink	plant milk	95.2	1.2	0.2	0.8	1.7	0.1	0	35	0	6.9	1.01						1	946|1000
coconut-milk	canned coconut milk (full fat)	tinned coconut milk	coconut milk|full-fat coconut milk|tinned coconut milk (full fat)|nariyal ka doodh	plant milk	75.5	18.0	1.6	0.7	1.9	0.5	0	25	0.003	6.1	0.99				can=400		1	160|400
light-coconut-milk	canned light coconut milk	tinned reduced-fat coconut milk	light coconut milk|lite coconut milk|reduced-fat coconut milk	plant milk	90.3	6.5	0.7	0.4	1.0	0.2	0	20	0.002	6.2	1.00				can=400		1	400
coconut-cream	coconut cream	coconut cream	canned coconut cream|tinned coconut cream|thick coconut milk	plant milk	69.0	23.5	2.2	0.8	2.1	0.6	0	25	0.003	6.0	0.97				can=400		1	160|250|400
creamed-coconut	creamed coconut block	creamed coconut	coconut block|solid coconut cream	plant milk	2.0	68.5	6.0	1.0	6.0	13.0	0	35	0.01	6.0	1.00						1	200
coconut-milk-powder	coconut milk powder	coconut milk powder	coconut powder|powdered coconut milk	plant milk	2.0	60.0	7.0	18.0	7.0	3.0	0	150	0.01	6.3	0.45					milk	0	150|300
condensed-coconut-milk	sweetened condensed coconut milk	condensed coconut milk	vegan condensed milk	plant milk	30.0	9.5	1.0	1.0	57.0	0.3	0	30	0	6.2	1.27						1	210|320
plant-double-cream	plant-based heavy cream	plant-based double cream	vegan cream|vegan double cream|plant cream|vegan whipping cream|dairy-free cream	plant milk	64.0	31.0	0.7	1.0	1.9	0.3	0	60	0	6.8	1.00						1	250|270
soy-yogurt	plain soy yogurt	plain soya yogurt alternative	soy yogurt|soya yogurt|soya yoghurt|vegan yogurt|dairy-free yogurt	plant milk	89.0	2.3	4.0	0.2	2.1	1.0	0	60	0.067	4.5	1.03					soy	1	150|500
coconut-yogurt	plain coconut yogurt	plain coconut yogurt alternative	coconut yogurt|coconut yoghurt	plant milk	76.0	16.0	1.3	2.5	2.3	0.6	0	25	0.055	4.4	1.02						1	125|350
vegan-buttermilk	soy milk soured with vinegar	vegan buttermilk (soya milk and vinegar)	plant buttermilk|vegan buttermilk|dairy-free buttermilk	plant milk	91.8	1.7	3.1	0.1	0.8	0.6	0	38	0.055	5.2	1.03					soy	1	240
vegan-cream-cheese	vegan cream cheese	vegan soft cheese	dairy-free cream cheese|plant-based cream cheese|plant soft cheese	plant milk	60.5	24.0	2.5	7.0	1.5	2.2	0	370	0.04	4.7	0.98						1	150|170|227
oat-cream	oat cooking cream	oat cream alternative	oat cream|oat cooking cream (13% fat)	plant milk	79.0	13.0	1.0	2.0	3.2	0.8	0	50	0	6.5	1.01					gluten	1	250
baking-soda	baking soda	bicarbonate of soda	bicarb|bicarb soda|bread soda|sodium bicarbonate|cooking soda|meetha soda|soda bicarb|bicarbonate	leavener	0.2	0	0	0	0	0	0	27360	-11.9	8.3	0.985				teaspoon=4.85|pinch=0.3		1	113|200|454
baking-powder	double-acting baking powder	baking powder (phosphate/aluminium double-acting)	double acting baking powder|sas baking powder|baking powder	leavener	5.0	0	0.1	28.0	0	0.1	0	10600	0	7.0	0.933				teaspoon=4.6|pinch=0.3		1	170|227|284
aluminium-free-baking-powder	aluminum-free baking powder	aluminium-free baking powder (monocalcium phosphate)	aluminum free baking powder|aluminium free baking powder|phosphate baking powder	leavener	5.0	0	0.1	33.0	0	0.1	0	9500	0	7.0	0.933				teaspoon=4.6		1	227|284
uk-baking-powder	UK-type baking powder (pyrophosphate, rice or corn base)	UK-type baking powder	british baking powder|uk baking powder|pyrophosphate baking powder	leavener	5.0	0	0.3	36.0	0	0.2	0	11800	0	7.1	0.90				teaspoon=4.4		1	100|170|200
tartrate-baking-powder	cream of tartar baking powder (single-acting)	cream of tartar baking powder	wine-stone baking powder	leavener	3.0	0	0.1	22.0	0	0.1	0	6700	0	7.0	0.90				teaspoon=4.4		1	100|227
single-acting-baking-powder	single-acting baking powder (all phosphate)	single-acting baking powder (monocalcium phosphate)	single acting baking powder|single-acting baking powder|all-phosphate baking powder|monocalcium phosphate baking powder	leavener	5.0	0	0.1	34.0	0	0.1	0	7390	0	7.0	0.872				teaspoon=4.3		1	150|227
homemade-baking-powder-by-weight	homemade baking powder, 2:1:1 by weight	home-made baking powder, 2:1:1 by weight	home-made baking powder by weight|homemade baking powder by weight|weighed homemade baking powder	leavener	3.5	0	0.1	22.0	0	0.1	0	6840	0	7.0	0.852				teaspoon=4.2		1
homemade-baking-powder-by-spoon	homemade baking powder, 2:1:1 by spoon	home-made baking powder, 2:1:1 by spoon	homemade baking powder|home-made baking powder|home made baking powder|homemade baking powder by volume	leavener	2.4	0	0.1	15.6	0	0.1	0	9660	0	7.6	0.70				teaspoon=3.45		1
low-sodium-baking-powder	sodium-free baking powder	low-sodium baking powder	potassium baking powder|sodium free baking powder	leavener	4.0	0	0.1	31.0	0	0.1	0	90	0	7.0	0.93				teaspoon=4.6		1	142|227
potassium-bicarbonate	potassium bicarbonate	potassium bicarbonate	sodium-free baking soda|potassium hydrogen carbonate	leavener	0.2	0	0	0	0	0	0	5	-9.99	8.3	1.00				teaspoon=4.9		1	100|227
bakers-ammonia	baker's ammonia	baker's ammonia	ammonium bicarbonate|hartshorn|salt of hartshorn|ammonium carbonate (baking)|bakers ammonia	leavener	0.5	0	0	0	0	0	0	0	0	7.8	0.80				teaspoon=3.9		1	50|100
monocalcium-phosphate	monocalcium phosphate	monocalcium phosphate	mcp|mcpm|calcium acid phosphate	leavener	7.0	0	0	0	0	0	0	0	9.5	3.0	0.95						1	100
sapp	sodium acid pyrophosphate	sodium acid pyrophosphate	disodium pyrophosphate|disodium diphosphate|sapp 28	leavener	0.5	0	0	0	0	0	0	20700	8.6	4.2	1.00						1	100
glucono-delta-lactone	glucono delta-lactone	glucono delta-lactone	gdl|gluconolactone	leavener	0.5	0	0	0	0	0	0	0	5.6	2.6	0.80						1	100
instant-yeast	instant yeast	fast-action dried yeast	easy-blend yeast|quick yeast|fast acting yeast|instant dried yeast|bread machine yeast	leavener	5.0	6.0	45.0	10.0	4.0	23.0	0	50	0	6.2	0.64				sachet=7|teaspoon=3.15		1	7|56|113|125
active-dry-yeast	active dry yeast	dried active yeast	dry yeast|traditional dried yeast|active dried yeast	leavener	7.0	5.5	42.5	13.0	4.0	21.0	0	51	0	6.2	0.64				sachet=7|teaspoon=3.1		1	7|113|125
fresh-yeast	fresh yeast	fresh yeast	compressed yeast|cake yeast|baker's yeast	leavener	69.0	1.9	12.5	6.5	0.5	7.5	0	30	0	6.0	1.10				US cake=17		1	17|42|50
sourdough-discard	sourdough discard (100% hydration)	sourdough discard	sourdough starter|sour starter|discard	leavener	54.5	0.5	5.3	35.0	1.2	1.6	0.4	1	0.1	3.8	0.95					gluten	1	100
white-vinegar	white distilled vinegar (5%)	white vinegar (5%)	white vinegar|distilled vinegar|distilled white vinegar|spirit vinegar|vinegar|sirka	acid	94.9	0	0	0	0.1	0	0	2	0.833	2.5	1.006				tablespoon=14.9|teaspoon=5		1	250|500|946
cider-vinegar	apple cider vinegar	cider vinegar	acv|apple vinegar	acid	93.9	0	0	0	0.5	0	0.1	5	0.833	3.0	1.010				tablespoon=14.9|teaspoon=5		1	350|500|946
malt-vinegar	malt vinegar	malt vinegar	brown vinegar	acid	93.8	0	0.2	0	0.6	0	0	10	0.833	2.8	1.012				tablespoon=15	gluten	1	284|568
white-wine-vinegar	white wine vinegar	white wine vinegar	wine vinegar|champagne vinegar	acid	93.2	0	0.1	0	0.3	0	0	8	1.0	2.8	1.010				tablespoon=14.9	sulphite	1	350|500
rice-vinegar	rice vinegar (unseasoned)	rice vinegar	rice wine vinegar	acid	95.0	0	0.1	0	0.6	0	0	10	0.7	2.9	1.010				tablespoon=14.9		1	150|355
balsamic-vinegar	balsamic vinegar	balsamic vinegar	balsamic	acid	76.5	0	0.5	0	16.0	0	0	23	1.0	2.9	1.08				tablespoon=16	sulphite	1	250|500
lemon-juice	lemon juice	lemon juice	fresh lemon juice|nimbu juice|juice of lemon|bottled lemon juice|lemon j	acid	91.5	0.2	0.4	0	2.5	0.3	0	1	0.81	2.4	1.03				tablespoon=15.2|juice of one lemon=45		1	125|250|500
lime-juice	lime juice	lime juice	fresh lime juice|juice of lime	acid	91.7	0.1	0.4	0	1.7	0.4	0	2	0.78	2.4	1.03				tablespoon=15.2|juice of one lime=30		1	125|250
cream-of-tartar	cream of tartar	cream of tartar	potassium bitartrate|tartar cream|potassium hydrogen tartrate|cream of tarter	acid	1.7	0	0	0	0	0.2	0	52	5.31	3.6	0.69				teaspoon=3.4		1	40|100|113
tartaric-acid	tartaric acid	tartaric acid		acid	0.2	0	0	0	0	0	0	0	13.3	1.8	0.95				teaspoon=4.7		1	50|100
citric-acid	citric acid	citric acid	sour salt|nimbu sat|nimbu ka sat|nimbu phool|lemon salt	acid	0.2	0	0	0	0	0	0	0	15.6	1.8	0.90				teaspoon=4.4		1	50|100|250
malic-acid	malic acid	malic acid	apple acid	acid	0.2	0	0	0	0	0	0	0	14.9	2.2	0.85				teaspoon=4.2		1	100
lactic-acid	lactic acid solution (80%)	lactic acid solution (80%)	lactic acid|food-grade lactic acid	acid	20.0	0	0	0	0	0	0	0	8.9	1.0	1.20				teaspoon=5.9		1	100
ascorbic-acid	ascorbic acid	ascorbic acid (vitamin C powder)	vitamin c powder|vitamin c	acid	0.2	0	0	0	0	0	0	0	5.68	2.5	0.95						1	50|100
amchur	dried mango powder	amchur	amchoor|green mango powder	acid	8.0	0.8	2.8	28.0	28.0	13.0	0	45	2.0	2.8	0.45				teaspoon=2.3		1	50|100
tamarind-paste	tamarind paste	tamarind paste	tamarind|imli|imli paste|tamarind concentrate	acid	60.0	0.2	1.2	1.5	22.0	2.0	0	30	1.3	2.7	1.20				tablespoon=17.5		1	100|200|227
table-salt	table salt	table salt	salt|iodised salt|iodized salt|fine salt|cooking salt|namak	salt	0.2	0	0	0	0	0	0	38760	0	7.0	1.217				teaspoon=6|pinch=0.35		1	500|737|750
fine-sea-salt	fine sea salt	fine sea salt	sea salt|fine grain sea salt	salt	0.5	0	0	0	0	0	0	38500	0	7.0	1.13				teaspoon=5.6|pinch=0.3		1	250|500
kosher-salt	coarse kosher salt (light flake)	coarse kosher salt (light flake)	kosher salt|light flake kosher salt|coarse kosher salt	salt	0.3	0	0	0	0	0	0	39000	0	7.0	0.61				teaspoon=3|pinch=0.2		1	1360
kosher-salt-dense	coarse kosher salt (rolled, dense)	coarse kosher salt (rolled, dense)	dense kosher salt|rolled kosher salt	salt	0.3	0	0	0	0	0	0	39000	0	7.0	0.97				teaspoon=4.8|pinch=0.3		1	1360
flaky-sea-salt	flaky sea salt	sea salt flakes	flaky salt|flaked sea salt|finishing salt|flake salt	salt	1.5	0	0	0	0	0	0	38000	0	7.0	0.45				teaspoon=2.2|pinch=0.2		1	125|250
coarse-sea-salt	coarse sea salt	coarse sea salt	rock salt|coarse salt|sendha namak	salt	1.0	0	0	0	0	0	0	38300	0	7.0	1.05				teaspoon=5.2		1	350|500
pink-salt	pink rock salt (fine)	pink salt (fine)	pink salt|himalayan salt|himalayan pink salt	salt	0.3	0	0	0	0	0	0	38000	0	7.0	1.15				teaspoon=5.7		1	250|500
reduced-sodium-salt	reduced-sodium salt	reduced-sodium salt	low-sodium salt|potassium salt blend	salt	0.3	0	0	0	0	0	0	13500	0	7.0	1.15				teaspoon=5.7		1	350
black-salt	Indian black salt	kala namak	black salt|indian black salt (sulphurous)	salt	0.6	0	0	0	0	0	0	37000	0	7.5	1.15				teaspoon=5.7|pinch=0.3		1	100|200
ground-cinnamon	ground cinnamon	ground cinnamon	cin|cinnamon|dalchini powder|dalchini|cassia|ground cassia|cinnamon powder	spice	10.6	1.2	4.0	25.3	2.2	53.1	0	10	0.03	5.9	0.53				teaspoon=2.6|stick=4		1	40|100
ground-nutmeg	ground nutmeg	ground nutmeg	nutmeg|jaiphal|grated nutmeg	spice	6.2	36.3	5.8	25.6	2.8	20.8	0	16	0.01	6.0	0.45				teaspoon=2.2|whole=5		1	40|100
ground-ginger	ground ginger	ground ginger	ginger powder|powdered ginger|saunth|sonth|dried ginger	spice	9.9	4.2	9.0	54.1	3.4	14.1	0	27	0.02	6.0	0.37				teaspoon=1.8		1	40|100
ground-cloves	ground cloves	ground cloves	cloves|clove|laung	spice	9.9	13.0	6.0	29.2	2.4	33.9	0	277	0.03	5.6	0.43				teaspoon=2.1|whole clove=0.09		1	40|100
ground-allspice	ground allspice	ground allspice	allspice|pimento (spice)|jamaica pepper|allspice berries	spice	8.5	8.7	6.1	50.5	0	21.6	0	77	0.03	5.5	0.39				teaspoon=1.9		1	40|100
ground-cardamom	ground cardamom	ground cardamom	cardamom|elaichi|elaichi powder|green cardamom|cardamom pods	spice	8.3	6.7	10.8	40.5	0	28.0	0	18	0.02	6.0	0.41				teaspoon=2|pod=0.3|seeds of one pod=0.15		1	30|100
ground-mace	ground mace	ground mace	mace|javitri	spice	8.2	32.4	6.7	30.3	0	20.2	0	80	0.01	6.0	0.34				teaspoon=1.7		1	30
mixed-spice	mixed spice (sweet baking spice)	mixed spice	pudding spice|sweet mixed spice	spice	9.5	6.5	6.0	36.0	2.5	35.0	0	50	0.03	5.8	0.45				teaspoon=2.2		1	35|100
pumpkin-pie-spice	pumpkin pie spice	pumpkin spice	pumpkin pie spice mix|pumpkin spice mix	spice	8.5	8.0	5.8	48.0	6.5	17.5	0	52	0.03	5.8	0.35				teaspoon=1.7		1	40|57
gingerbread-spice	gingerbread spice mix	gingerbread spice	lebkuchen spice|speculaas spice	spice	9.5	5.5	6.0	39.0	2.5	33.0	0	45	0.03	5.8	0.45				teaspoon=2.2		1	35
chai-masala	chai spice mix	chai masala	chai spice|tea masala	spice	9.5	7.0	8.5	42.0	2.0	26.0	0	35	0.02	6.0	0.40				teaspoon=2		1	50|100
five-spice	Chinese five-spice powder	Chinese five-spice	five spice|five-spice powder|chinese five spice	spice	9.5	9.0	11.0	37.0	3.0	25.0	0	30	0.02	6.0	0.38				teaspoon=1.9		1	35
star-anise	ground star anise	ground star anise	star anise|chakri phool|star aniseed	spice	9.5	9.0	12.0	31.0	4.0	29.0	0	16	0.02	6.0	0.43				teaspoon=2.1|star=1.5		1	30|50
anise-seed	anise seed	aniseed	anise|aniseeds|choti saunf	spice	9.5	15.9	17.6	31.4	4.0	14.6	0	16	0.02	6.0	0.43				teaspoon=2.1		1	40
fennel-seed	fennel seed	fennel seeds	fennel|saunf	spice	8.8	14.9	15.8	10.5	2.0	39.8	0	88	0.02	6.0	0.41				teaspoon=2		1	40|100
caraway-seed	caraway seed	caraway seeds	caraway|shahi jeera	spice	9.9	14.6	19.8	11.3	0.6	38.0	0	17	0.02	6.0	0.43				teaspoon=2.1		1	40|100
cumin	ground cumin	ground cumin	jeera|jeera powder|cumin seeds|cumin	spice	8.1	22.3	17.8	31.5	2.3	10.5	0	168	0.02	6.0	0.43				teaspoon=2.1		1	40|100
ground-coriander	ground coriander	ground coriander	coriander seed|dhania powder|dhania|coriander powder	spice	8.9	17.8	12.4	11.1	2.0	41.9	0	35	0.02	6.0	0.35				teaspoon=1.7		1	40|100
turmeric	ground turmeric	ground turmeric	haldi|turmeric	spice	12.9	3.3	9.7	41.2	3.2	22.7	0	27	0.02	6.2	0.60				teaspoon=3		1	40|100
black-pepper	ground black pepper	ground black pepper	black pepper|pepper|kali mirch|cracked black pepper	spice	12.5	3.3	10.4	38.1	0.6	25.3	0	20	0.01	6.2	0.47				teaspoon=2.3		1	40|100
cayenne	cayenne pepper	cayenne pepper	cayenne|chilli powder (pure)|ground chilli|lal mirch powder|red chilli powder	spice	8.0	17.3	12.0	19.1	10.3	27.2	0	30	0.05	5.2	0.37				teaspoon=1.8		1	40|100
chilli-flakes	red pepper flakes	chilli flakes	crushed red pepper|dried chilli flakes|crushed chillies|chili flakes	spice	8.5	16.5	12.0	19.3	10.0	27.5	0	40	0.04	5.3	0.36				teaspoon=1.8		1	30|100
paprika	paprika	paprika	sweet paprika	spice	11.2	12.9	14.1	8.7	10.3	34.9	0	68	0.06	5.0	0.46				teaspoon=2.3		1	40|100
mustard-powder	mustard powder	mustard powder	dry mustard|english mustard powder|ground mustard|sarson powder	spice	5.3	36.2	26.1	8.0	6.8	12.2	0	13	0.02	5.8	0.42				teaspoon=2.1	mustard	1	57|113
ajwain	carom seeds	ajwain	ajwain seeds|bishop's weed seed|carom|ajmo	spice	8.0	20.0	17.0	23.0	1.5	22.0	0	60	0.02	6.0	0.43				teaspoon=2.1		1	50|100
nigella-seed	nigella seed	nigella seeds	kalonji|nigella|black onion seed|black cumin seed	spice	6.5	35.0	20.0	20.0	2.0	11.0	0	80	0.02	6.0	0.52				teaspoon=2.6		1	45|100
saffron	saffron	saffron	kesar|saffron threads|zafran	spice	11.9	5.9	11.4	55.0	6.0	3.9	0	148	0.04	5.8	0.14				pinch=0.03|teaspoon=0.7		1	0.4|1
dried-rosemary	dried rosemary	dried rosemary	rosemary|chopped rosemary	spice	9.3	15.2	4.9	19.5	2.0	42.6	0	50	0.02	5.9	0.24				teaspoon=1.2		1	15|30
dried-mixed-herbs	Italian seasoning	dried mixed herbs	mixed herbs|italian herbs	spice	9.0	6.5	10.0	20.5	3.5	41.5	0	40	0.02	5.8	0.20				teaspoon=1		1	14|30
garlic-powder	garlic powder	garlic granules	dried garlic|lasan powder|garlic granules	spice	6.5	0.7	16.6	61.3	2.4	9.0	0	60	0.02	6.0	0.63				teaspoon=3.1		1	50|100
onion-powder	onion powder	onion granules	dried onion powder	spice	5.4	1.0	10.4	57.5	6.6	15.2	0	73	0.06	5.3	0.49				teaspoon=2.4		1	50|100
fresh-ginger	fresh ginger (grated)	fresh root ginger	ginger|root ginger|ginger root|adrak|fresh ginger	spice	79.0	0.8	1.8	13.9	1.7	2.0	0	13	0.02	6.0	0.85				inch piece=12|tablespoon grated=12.5		1	100|200
banana	banana (ripe)	banana	bananas|ripe banana|mashed banana|overripe banana|kela	fresh fruit	75.0	0.3	1.1	3.0	14.5	2.6	0	1	0.05	4.9	0.95				small=90|medium=118|large=136|mashed cup=225|sliced cup=150		1	118|500|1000
plantain	plantain (ripe)	plantain	plantains|ripe plantain|ripe plantains|mashed plantain	fresh fruit	65.3	0.4	1.3	15.0	14.0	2.3	0	4	0.05	5.0	0.95				small=120|medium=165|large=220|mashed cup=200		1	165|660
apple	apple (dessert, with skin)	eating apple	apples|dessert apple|seb|red apple|eating apples|green apple	fresh fruit	85.6	0.2	0.3	0.1	10.4	2.4	0	1	0.06	3.6	0.50				medium=180|chopped cup=125|grated cup=115|peeled and cored medium=140		1	180|1000
cooking-apple	tart baking apple	cooking apple	baking apple|sharp apple|cooking apples|sour cooking apple|bramley apple|bramley|tart apple	fresh fruit	86.5	0.1	0.3	0.1	8.5	2.2	0	1	0.18	3.1	0.50				large=250|chopped cup=125|peeled and cored large=180		1	250|1000
blueberries	blueberries	blueberries	blueberry|fresh blueberries|frozen blueberries|huckleberries|huckleberry|bilberries|bilberry	fresh fruit	84.2	0.3	0.7	0.1	10.0	2.4	0	1	0.09	3.3	0.63				cup=148|handful=40		1	125|150|340
raspberries	raspberries	raspberries	raspberry|fresh raspberries|frozen raspberries	fresh fruit	85.8	0.7	1.2	0	4.4	6.5	0	1	0.26	3.3	0.52				cup=123|one=4		1	125|150|170
strawberries	strawberries	strawberries	strawberry|fresh strawberries	fresh fruit	91.0	0.3	0.7	0	4.9	2.0	0	1	0.14	3.4	0.64				medium=12|sliced cup=166|halved cup=152		1	227|400|454
blackberries	blackberries	blackberries	blackberry|brambles|fresh blackberries	fresh fruit	88.2	0.5	1.4	0	4.9	4.3	0	1	0.15	3.6	0.61				cup=144|one=5		1	150|170
sweet-cherries	sweet cherries	sweet cherries	cherries|cherry|fresh cherries|pitted cherries	fresh fruit	82.3	0.2	1.1	0	12.8	2.1	0	0	0.09	3.9	0.65				one pitted=7|pitted cup=154		1	200|400
sour-cherries	sour cherries	sour cherries	tart cherries|morello cherries|sour cherry|morellos	fresh fruit	86.1	0.3	1.0	0	8.5	1.6	0	3	0.25	3.3	0.65				one pitted=6|pitted cup=155		1	350|454
cranberries	cranberries (fresh or frozen)	cranberries	cranberry|fresh cranberries|frozen cranberries	fresh fruit	87.3	0.1	0.5	0	4.3	3.6	0	2	0.36	2.5	0.42				cup=100|chopped cup=110		1	300|340
peach	peach	peach	peaches|aadu	fresh fruit	88.9	0.3	0.9	0	8.4	1.5	0	0	0.09	3.7	0.65				medium=150|sliced cup=154		1	150|500
canned-peaches	canned peaches in juice (drained)	tinned peaches in juice (drained)	canned peaches|tinned peaches|peach slices	fresh fruit	87.5	0.1	0.6	0	10.0	1.3	0	4	0.06	3.9	0.90				half=98|can drained=250		1	400|411
nectarine	nectarine	nectarine	nectarines	fresh fruit	87.6	0.3	1.1	0	7.9	1.7	0	0	0.09	3.8	0.61				medium=142|sliced cup=143		1	142|500
apricot	apricot	apricot	apricots|fresh apricot|khubani (fresh)	fresh fruit	86.4	0.4	1.4	0	9.2	2.0	0	1	0.18	3.5	0.65				one=35|halved cup=155		1	250|400
plum	plum	plum	plums|aloo bukhara (fresh)	fresh fruit	87.2	0.3	0.7	0	9.9	1.4	0	0	0.16	3.4	0.70				one=66|sliced cup=165		1	400|500
pear	pear	pear	pears|nashpati	fresh fruit	84.0	0.1	0.4	0	9.8	3.1	0	1	0.04	3.9	0.59				medium=178|sliced cup=140		1	178|550
orange	orange (flesh)	orange	oranges|santra|navel orange	fresh fruit	86.8	0.1	0.9	0	9.4	2.2	0	0	0.14	3.6	0.76				medium=131|zest of one=12|juice of one=80|whole medium with peel=180		1	180|1000
lemon	whole lemon	lemon	lemons|nimbu	fresh fruit	87.4	0.3	1.2	0	3.0	4.5	0	3	0.5	2.5	0.90				medium=100|zest of one=6|juice of one=45		1	100|400
lime	whole lime	lime	limes	fresh fruit	88.8	0.2	0.7	0	1.7	2.8	0	2	0.5	2.4	0.90				medium=67|zest of one=4|juice of one=30		1	67|300
lemon-zest	lemon zest	lemon zest	grated lemon rind|lemon rind|lemon peel (fresh)	fresh fruit	81.6	0.3	1.5	0.5	4.2	10.6	0	6	0.03	5.0	0.40				zest of one=6|teaspoon=2|tablespoon=6		1	6
orange-zest	orange zest	orange zest	grated orange rind|orange rind|orange peel (fresh)	fresh fruit	72.5	0.2	1.5	3.5	10.5	10.6	0	3	0.03	5.0	0.40				zest of one=12|teaspoon=2|tablespoon=6		1	12
lime-zest	lime zest	lime zest	grated lime rind|lime rind	fresh fruit	80.5	0.3	1.5	0.5	4.5	10.8	0	6	0.03	4.8	0.40				zest of one=4|teaspoon=2		1	4
mango	mango (fresh, flesh)	mango	mangoes|mangos|aam	fresh fruit	83.5	0.4	0.8	0.3	13.2	1.6	0	1	0.06	4.1	0.70				flesh of one=200|diced cup=165		1	200|330
pineapple	pineapple (fresh)	pineapple	fresh pineapple|ananas	fresh fruit	86.0	0.1	0.5	0	9.9	1.4	0	1	0.11	3.5	0.70				diced cup=165|ring=84		1	900
crushed-pineapple	canned crushed pineapple in juice	tinned crushed pineapple in juice	crushed pineapple|canned pineapple|tinned pineapple|tinned crushed pineapple	fresh fruit	83.5	0.1	0.4	0	14.4	0.8	0	1	0.09	3.5	1.05				can=432|drained cup=180|cup=249		1	227|432|567
gooseberries	gooseberries	gooseberries	gooseberry	fresh fruit	87.9	0.5	0.9	0	5.5	3.5	0	1	0.3	3.0	0.63				cup=150		1	250|400
blackcurrants	blackcurrants	blackcurrants	blackcurrant|black currants (fresh)	fresh fruit	82.0	0.4	1.3	0	7.0	5.0	0	2	0.52	3.0	0.47				cup=112		1	150|300
redcurrants	red currants	redcurrants	redcurrant|red currant	fresh fruit	84.0	0.2	1.4	0	7.0	4.3	0	1	0.37	3.0	0.47				cup=112		1	150
mixed-berries	frozen mixed berries	frozen mixed berries	mixed berries|summer fruits|frozen summer fruits|frozen berries	fresh fruit	87.5	0.4	0.9	0	6.0	3.6	0	1	0.19	3.3	0.59				cup=140		1	350|500|1000
grapes	seedless grapes	seedless grapes	grape|angoor|red grapes|green grapes	fresh fruit	80.5	0.2	0.7	0	15.5	0.9	0	2	0.07	3.6	0.64				one=5|cup=151		1	500
fresh-fig	fresh fig	fresh fig	figs (fresh)|fresh figs|anjeer (fresh)	fresh fruit	79.1	0.3	0.8	0	16.3	2.9	0	1	0.03	4.9	0.65				medium=50		1	200
kiwifruit	kiwifruit	kiwi fruit	kiwi|kiwis|kiwifruits	fresh fruit	83.1	0.5	1.1	0.3	9.0	3.0	0	3	0.19	3.3	0.75				medium=69|sliced cup=180		1	69|500
persimmon-pulp	persimmon pulp	persimmon pulp	persimmon|sharon fruit|kaki	fresh fruit	80.3	0.2	0.6	0	14.5	3.6	0	1	0.02	5.6	1.03				pulp of one=150		1	150
passion-fruit-pulp	passion fruit pulp	passion fruit pulp	passion fruit|passionfruit|passionfruit pulp	fresh fruit	74.5	0.5	2.2	0	10.5	8.0	0	28	0.47	2.9	1.03				pulp of one=18|tablespoon=15.5		1	18|170
avocado	avocado	avocado	avocados|avocado pear|mashed avocado	fresh fruit	73.2	14.7	2.0	0.1	0.7	6.7	0	7	0.02	6.4	0.95				medium flesh=136|mashed cup=230		1	150|200
applesauce	unsweetened applesauce	unsweetened apple purée	applesauce|apple sauce|apple puree|stewed apple (smooth)|unsweetened apple puree	fruit puree	88.2	0.1	0.2	0	9.4	1.2	0	2	0.05	3.6	1.03				tablespoon=15.3|cup=244|snack pot=113		1	113|360|680
apple-butter	apple butter	apple butter (concentrated spread)	apple spread	fruit puree	56.5	0.3	0.4	0	40.0	1.5	0	10	0.09	3.5	1.19				tablespoon=17		1	340|480
pumpkin-puree	canned pumpkin puree	tinned pumpkin purée	pumpkin puree|canned pumpkin|tinned pumpkin|solid pack pumpkin|pumpkin	fruit puree	90.0	0.3	1.1	1.3	3.3	2.9	0	5	0.015	5.1	1.03				cup=245|can=425		1	411|425
pumpkin-pie-filling	pumpkin pie filling (sweetened, spiced)	sweetened pumpkin pie filling	pumpkin pie mix	fruit puree	71.5	0.2	1.1	1.5	16.0	8.0	0	208	0.015	5.2	1.10				can=850		1	425|850
date-puree	date paste	date purée	date puree|soaked date puree|dates blended	fruit puree	44.0	0.3	1.6	0	47.5	5.0	0	2	0.015	5.5	1.20				tablespoon=18		1	200|250
prune-puree	prune puree	prune purée	prune butter|lekvar	fruit puree	52.0	0.3	1.5	3.0	32.0	5.5	0	3	0.15	3.8	1.15				tablespoon=17		1	128|340
mango-pulp	canned sweetened mango pulp	tinned mango pulp (sweetened)	mango pulp|mango puree|alphonso pulp|kesar mango pulp|aam ras	fruit puree	76.5	0.2	0.6	0.2	20.5	1.0	0	5	0.075	3.9	1.07				can=850		1	450|850
raspberry-puree	raspberry puree (sieved)	raspberry purée	raspberry coulis|raspberry puree	fruit puree	87.0	0.4	1.2	0	7.0	2.2	0	2	0.26	3.2	1.04				tablespoon=15.5		1	250|500
cranberry-sauce	whole-berry cranberry sauce	cranberry sauce	cranberry jelly sauce|whole berry cranberry sauce	fruit puree	59.0	0.2	0.6	0.3	37.0	1.4	0	7	0.15	2.6	1.17				tablespoon=17|can=397		1	200|397
strawberry-jam	strawberry jam	strawberry jam	jam|strawberry preserves|strawberry jelly	fruit puree	33.0	0.1	0.4	0	64.5	0.9	0	15	0.09	3.2	1.35				tablespoon=20		1	340|454
raspberry-jam	raspberry jam	raspberry jam	seedless raspberry jam|raspberry preserves	fruit puree	33.0	0.2	0.5	0	63.5	1.5	0	15	0.12	3.1	1.35				tablespoon=20		1	340|454
apricot-jam	apricot jam	apricot jam	apricot preserves|apricot glaze	fruit puree	34.0	0.1	0.5	0	63.0	1.1	0	20	0.1	3.3	1.35				tablespoon=20	sulphite	1	340|454
orange-marmalade	orange marmalade	orange marmalade	marmalade	fruit puree	33.0	0.1	0.3	0	64.6	0.7	0	30	0.09	3.2	1.35				tablespoon=20		1	340|454
redcurrant-jelly	red currant jelly	redcurrant jelly	currant jelly	fruit puree	33.5	0.1	0.2	0	64.5	0.3	0	15	0.14	3.0	1.33				tablespoon=20		1	200|340
lemon-curd	lemon curd	lemon curd	lemon cheese|lime curd|orange curd|passion fruit curd|grapefruit curd|fruit curd	fruit puree	36.0	11.5	2.5	1.5	47.0	0.2	0	70	0.16	3.5	1.17				tablespoon=18	milk|egg	0	312|320|411
cherry-pie-filling	cherry pie filling	cherry pie filling	tinned cherry pie filling|black cherry pie filling	fruit puree	71.5	0.1	0.4	4.0	22.5	0.6	0	15	0.06	3.5	1.10				can=595		1	400|595
fruit-compote-apple	stewed apple (chunky, sweetened)	stewed apple	apple compote|apple pie filling|tinned apple filling	fruit puree	80.0	0.1	0.2	0.8	16.9	1.3	0	5	0.06	3.4	1.03				can=385		1	385|567
raisins	raisins	raisins	raisin|kishmish (dark)|seedless raisins|thompson raisins	dried fruit	15.4	0.3	3.1	2.0	68.0	5.0	0	18	0.2	3.9	0.61				cup=145|packed cup=165|tablespoon=9		1	250|375|500
golden-raisins	golden raisins	sultanas	sultana|kishmish|sultana raisins|white raisins	dried fruit	15.0	0.3	3.0	2.0	69.4	4.4	0	20	0.2	3.9	0.61				cup=145|tablespoon=9	sulphite	1	250|375|500
currants	dried currants	currants	zante currants|corinth raisins|vostizza currants	dried fruit	17.5	0.3	3.2	1.5	67.5	5.3	0	12	0.2	3.8	0.60				cup=142|tablespoon=9		1	250|375|500
mixed-dried-fruit	mixed dried vine fruit with peel	mixed dried fruit	dried mixed fruit|mixed fruit|cake fruit|luxury mixed fruit	dried fruit	16.5	0.4	2.6	1.5	68.5	5.0	0	40	0.16	3.9	0.62				cup=147	sulphite	1	375|500|1000
dates	dates (dried, pitted)	dried pitted dates	date|khajoor|khajur|chopped dates|deglet noor dates|stoned dates|block dates	dried fruit	20.5	0.4	2.5	2.0	63.4	8.0	0	2	0.02	5.6	0.62				one=8|chopped cup=147		1	200|250|500
medjool-dates	Medjool dates (pitted)	Medjool dates	medjool|medjool date	dried fruit	21.3	0.2	1.8	2.0	66.5	6.7	0	1	0.02	5.8	0.65				one=22		1	200|350
dried-apricots	dried apricots (sulphured)	dried apricots	dried apricot|ready-to-eat apricots|khubani|khumani	dried fruit	30.9	0.5	3.4	0.3	53.4	7.3	0	10	0.19	4.0	0.55				one=7|chopped cup=130	sulphite	1	250|500
dried-cranberries	sweetened dried cranberries	sweetened dried cranberries	dried cranberries|dried cranberry|sweetened cranberries	dried fruit	15.8	1.1	0.2	0	72.6	5.3	0	5	0.25	3.0	0.51				cup=120|tablespoon=8		1	75|170|250
prunes	prunes (pitted)	prunes	prune|dried plums|pitted prunes|aloo bukhara	dried fruit	30.9	0.4	2.2	5.1	38.1	7.1	0	2	0.24	3.9	0.73				one=9.5|cup=174		1	250|340
dried-figs	dried figs	dried figs	figs|fig|anjeer|dried fig	dried fruit	30.0	0.9	3.3	4.5	48.0	9.8	0	10	0.08	4.7	0.63				one=14|chopped cup=149	sulphite	1	200|250
dried-cherries	dried sour cherries (sweetened)	dried sour cherries	dried cherries|dried tart cherries	dried fruit	16.0	0.7	1.3	1.0	72.0	2.5	0	13	0.22	3.5	0.60				cup=140		1	75|142
dried-blueberries	dried blueberries (sweetened)	dried blueberries	dried blueberry	dried fruit	14.5	2.5	2.5	0.5	67.5	7.5	0	3	0.12	3.5	0.60				cup=140		1	75|100
dried-apple	dried apple rings	dried apple	dried apples|apple rings|dried apple rings	dried fruit	31.8	0.3	0.9	0.2	57.2	8.7	0	87	0.15	3.8	0.36				ring=6.4|cup=86	sulphite	1	75|250
dried-mango	dried mango (sweetened)	dried mango	dried mangoes	dried fruit	16.6	1.2	2.5	6.5	66.3	2.4	0	160	0.25	3.5	0.50				slice=12	sulphite	1	100|250
banana-chips	banana chips (fried)	banana chips	dried banana chips	dried fruit	4.3	33.6	2.3	15.4	35.0	7.7	0	6	0.02	5.5	0.30						1	150|250
freeze-dried-raspberries	freeze-dried raspberries	freeze-dried raspberries	freeze dried raspberry|raspberry powder|freeze dried raspberries	dried fruit	3.0	3.5	7.5	0.5	38.0	33.0	0	15	1.65	3.2	0.13				tablespoon crushed=2.5		1	10|20|35
freeze-dried-strawberries	freeze-dried strawberries	freeze-dried strawberries	freeze dried strawberries|strawberry powder|freeze dried strawberry	dried fruit	3.0	2.5	7.0	0.5	58.5	17.0	0	10	1.1	3.4	0.10				cup=25		1	10|20|34
candied-mixed-peel	candied mixed citrus peel	mixed peel	candied peel|cut mixed peel|chopped mixed peel|mixed candied peel	candied fruit	19.0	0.3	0.3	0.3	74.5	4.5	0	190	0.02	4.2	0.72				tablespoon=11|cup=170	sulphite	1	100|150|200
candied-orange-peel	candied orange peel	candied orange peel	crystallised orange peel|orange peel (candied)|orangeat	candied fruit	17.5	0.3	0.4	0.5	75.5	4.7	0	100	0.02	4.3	0.72					sulphite	1	100|227
candied-lemon-peel	candied lemon peel	candied lemon peel	crystallised lemon peel	candied fruit	17.5	0.3	0.3	0.5	75.5	4.8	0	100	0.025	4.1	0.72					sulphite	1	100|227
candied-citron	candied citron	candied citron	cedro|citron peel	candied fruit	18.0	0.3	0.2	0.5	76.5	3.5	0	290	0.02	4.3	0.72					sulphite	1	100|227
glace-cherries	candied cherries	glacé cherries	glace cherries|glace cherry|candied cherry|glacé cherry	candied fruit	22.0	0.1	0.3	0	75.5	1.0	0	60	0.04	3.9	0.85				one=5|cup=200	sulphite	1	100|200|454
maraschino-cherries	maraschino cherries (drained)	maraschino cherries (cocktail)	cocktail cherries|maraschino cherry	candied fruit	57.0	0.2	0.2	0	39.0	3.0	0	4	0.04	3.7	0.75				one=5	sulphite	1	225|283
crystallised-ginger	crystallized ginger	crystallised ginger	candied ginger|crystallized ginger (chopped)|ginger murabba (dry)	candied fruit	15.0	0.2	0.3	2.0	79.0	2.2	0	40	0.005	5.8	0.72				piece=8|tablespoon=10		1	100|125|200
stem-ginger	preserved ginger in syrup	stem ginger in syrup	stem ginger|preserved stem ginger|ginger in syrup	candied fruit	30.0	0.2	0.2	1.5	65.5	1.5	0	30	0.005	5.5	1.20				ball=18		1	280|350
tutti-frutti	candied papaya dice	tutti frutti (candied papaya)	tutti frutti|tutti-frutti dice|tooty fruity|candied papaya	candied fruit	20.0	0.2	0.3	0.3	76.3	1.7	0	150	0.03	4.2	0.75					sulphite	1	100|200|500
glace-pineapple	candied pineapple	glacé pineapple	glace pineapple	candied fruit	19.0	0.2	0.3	0	78.0	1.3	0	50	0.05	3.9	0.75				ring=40	sulphite	1	100|227
angelica	candied angelica	candied angelica	angelica	candied fruit	18.0	0.1	0.2	0.3	79.0	1.6	0	50	0.005	5.0	0.75				stick=8	sulphite	1	50|100
mincemeat	mincemeat (sweet fruit)	mincemeat	fruit mincemeat|christmas mincemeat|sweet mincemeat	candied fruit	29.0	4.5	0.8	0.8	61.0	1.8	0.3	60	0.1	3.8	1.20				tablespoon=18	sulphite	1	411|822
carrot	carrot (grated)	carrot	carrots|grated carrot|gajar|shredded carrot	vegetable	88.3	0.2	0.9	1.4	4.7	2.8	0	69	0.01	6.1	0.46			0.58	medium=61|grated cup=110		1	500|1000
zucchini	zucchini	courgette	zucchinis|courgettes|grated zucchini|grated courgette	vegetable	94.8	0.3	1.2	0.1	2.5	1.0	0	8	0.01	6.0	0.52			0.65	medium=196|grated cup=124		1	196|500
beet	cooked beet	cooked beetroot	beet puree|beetroot puree|pureed beetroot|beets|beetroot|beets (cooked)|chukandar	vegetable	87.1	0.2	1.7	0	8.0	2.0	0	77	0.01	5.9	0.72				one small=50|pureed cup=245		1	250|300
sweet-potato-puree	cooked mashed sweet potato	mashed sweet potato	sweet potato|sweet potato puree|kumara|shakarkandi|sweet potatoes	vegetable	76.5	0.2	1.9	10.5	6.5	3.1	0	36	0.015	5.6	1.06				medium raw=130|mashed cup=255		1	425|500
mashed-potato	cooked mashed potato (plain)	mashed potato (plain)	potato|potatoes|mashed potatoes|aloo|boiled potato	vegetable	77.5	0.1	1.9	17.2	0.9	1.6	0	5	0.01	5.9	0.89				medium raw=170|mashed cup=210		1	170|1000
butternut-squash-puree	cooked mashed winter squash	butternut squash purée	butternut squash|butternut|winter squash|fresh pumpkin (cooked)|kaddu	vegetable	87.8	0.1	0.9	5.5	2.2	2.6	0	4	0.01	5.8	1.02				mashed cup=240		1	400|1000
rhubarb	rhubarb	rhubarb	rhubarb stalks|pie plant	vegetable	93.6	0.2	0.9	0	1.1	1.8	0	4	0.24	3.2	0.52				stalk=51|diced cup=122		1	400|500
parsnip	parsnip (grated)	parsnip	parsnips	vegetable	79.5	0.3	1.2	7.5	4.8	4.9	0	10	0.01	6.2	0.50				medium=120|grated cup=120		1	500
rutabaga	rutabaga	swede	rutabagas|swedes|cooked swede|mashed swede|neeps|yellow turnip	vegetable	89.6	0.2	1.0	1.4	5.0	2.0	0	12	0.01	6.0	0.50				medium=450|grated cup=140|mashed cup=240		1	500
sweetcorn	corn kernels	sweetcorn	sweet corn|corn kernels (frozen)|canned corn|makai|tinned sweetcorn	vegetable	76.0	1.3	3.2	12.5	4.5	2.0	0	15	0	7.0	0.70				cup=165|can drained=165		1	198|340|500
creamed-corn	canned cream-style corn	tinned creamed corn	creamed corn|cream-style corn|creamed sweetcorn	vegetable	78.7	0.4	1.7	11.3	5.5	1.2	0	261	0	6.5	1.08				can=418|cup=256		1	400|418
onion	onion	onion	onions|chopped onion|pyaz|brown onion	vegetable	89.1	0.1	1.1	0	6.0	1.9	0	4	0.02	5.5	0.65				medium=110|chopped cup=160		1	110|1000
scallion	green onion	spring onion	scallions|spring onions|green onions|salad onion	vegetable	89.8	0.2	1.8	0.5	3.2	2.6	0	16	0.01	6.0	0.42				one=15|chopped cup=100		1	100
chives	fresh chives	chives	chopped chives	vegetable	88.5	0.7	3.1	0.5	1.5	3.0	0	20	0.005	6.1	0.20				tablespoon chopped=3		1	15|25|30
garlic	garlic	garlic	garlic clove|garlic cloves|lahsun	vegetable	64.3	0.6	7.9	14.7	1.6	4.1	0	17	0.03	6.0	0.57				clove=4|bulb=45		1	45|50
spinach	spinach	spinach	fresh spinach|baby spinach|palak	vegetable	91.8	0.4	2.9	0.1	0.4	2.2	0	79	0	6.3	0.13				cup=30|frozen block drained=90		1	200|500|900
jalapeno	jalapeño pepper	green chilli (mild)	jalapeno|jalapenos|green chilli|green chillies|hari mirch|fresh chilli	vegetable	91.0	0.4	1.0	0.1	4.1	2.5	0	3	0.015	5.5	0.40				one=14		1	60|100
bell-pepper	red bell pepper	red pepper	bell peppers|sweet pepper|capsicum|shimla mirch|red capsicum	vegetable	92.2	0.3	1.0	0.1	4.2	1.7	0	4	0.02	5.1	0.63				medium=119|chopped cup=149		1	119|480
sun-dried-tomatoes	sun-dried tomatoes in oil (drained)	sun-dried tomatoes in oil	sun-dried tomatoes|sundried tomatoes|sun dried tomatoes	vegetable	53.8	14.1	5.1	2.0	12.0	5.8	0	900	0.25	4.0	0.46				piece=3|cup=110	sulphite	1	190|280
tomato	tomatoes	tomatoes	tomato|fresh tomatoes|cherry tomatoes|plum tomatoes	vegetable	94.5	0.2	0.9	0.1	2.6	1.2	0	5	0.06	4.3	0.76				cherry=17|small=91|medium=123|large=182|cup=180		1	123|250|500
olives	pitted olives (drained)	pitted olives	olive|black olives|green olives	vegetable	77.0	14.0	1.0	0.3	0.2	3.3	0	1400	0.03	4.2	0.57				one=4		1	160|330
black-beans	canned black beans (drained)	tinned black beans (drained)	black beans|tinned black beans|canned black beans	vegetable	69.0	0.5	7.5	13.0	0.4	7.8	0	200	0.005	6.2	0.73				can drained=240		1	400|425
canned-chickpeas	canned chickpeas (drained)	tinned chickpeas (drained)	chickpeas|garbanzo beans|chickpea|tinned chickpeas|kabuli chana (cooked)	vegetable	66.5	2.6	7.2	14.8	0.6	6.6	0	220	0.005	6.3	0.70				can drained=240		1	400|425
tomato-puree	tomato paste	tomato purée (concentrated)	tomato puree|double concentrated tomato puree|tomato concentrate	vegetable	73.5	0.5	4.3	0.2	12.2	4.1	0	60	0.35	4.2	1.10				tablespoon=16		1	140|170|200
tomato-soup	condensed tomato soup	condensed tomato soup	tomato soup (condensed)	vegetable	81.0	0.5	1.5	5.0	8.5	1.2	0	560	0.05	4.4	1.05				can=305	gluten	1	295|305
almonds	whole almonds	whole almonds	almond|almonds|badam|blanched almonds|natural almonds	nut/seed	4.4	49.9	21.2	0.7	4.4	12.5	0	1	0	6.3	0.60				one=1.2|cup=143	tree-nut	1	100|200|454
flaked-almonds	sliced almonds	flaked almonds	almond flakes|sliced almond|toasted flaked almonds	nut/seed	4.5	50.0	21.1	1.0	4.5	12.0	0	1	0	6.3	0.39				cup=92|tablespoon=6	tree-nut	1	100|200|454
slivered-almonds	slivered almonds	slivered almonds	almond slivers|nibbed almonds|chopped almonds	nut/seed	4.5	50.6	21.4	1.0	4.6	11.0	0	5	0	6.3	0.46				cup=108	tree-nut	1	100|227
walnuts	walnuts	walnuts	walnut|akhrot|walnut halves|chopped walnuts|walnut pieces	nut/seed	4.1	65.2	15.2	0.1	2.6	6.7	0	2	0	5.8	0.50				half=2|halves cup=100|chopped cup=117	tree-nut	1	100|200|454
pecans	pecans	pecans	pecan|pecan nuts|pecan halves|chopped pecans	nut/seed	3.5	72.0	9.2	0.5	4.0	9.6	0	0	0	6.0	0.46				half=1.4|halves cup=99|chopped cup=109	tree-nut	1	100|200|454
hazelnuts	hazelnuts	hazelnuts	hazelnut|filberts|cobnuts|chopped hazelnuts	nut/seed	5.3	60.8	15.0	0.5	4.3	9.7	0	0	0	6.3	0.57				one=1.4|whole cup=135|chopped cup=115	tree-nut	1	100|200|454
pistachios	shelled pistachios	shelled pistachios	pistachio|pistachios|pista|slivered pistachios	nut/seed	4.4	45.3	20.2	1.7	7.7	10.6	0	1	0	6.3	0.52				one=0.7|cup=123	tree-nut	1	100|227
cashews	cashews	cashews	cashew|cashew nuts|kaju	nut/seed	5.2	43.9	18.2	22.0	5.9	3.3	0	12	0	6.3	0.55				one=1.6|cup=130	tree-nut	1	100|200|454
macadamias	macadamia nuts	macadamia nuts	macadamias|macadamia	nut/seed	1.4	75.8	7.9	1.1	4.6	8.6	0	5	0	6.3	0.57				one=2.6|cup=134	tree-nut	1	100|200
brazil-nuts	Brazil nuts	Brazil nuts	brazil nut|brazils	nut/seed	3.4	67.1	14.3	0.3	2.3	7.5	0	3	0	6.3	0.60				one=5|cup=133	tree-nut	1	100|200
pine-nuts	pine nuts	pine nuts	pine kernels|pignoli|chilgoza	nut/seed	2.3	68.4	13.7	1.4	3.6	3.7	0	2	0	6.3	0.57				tablespoon=8.5|cup=135	tree-nut	1	50|100
peanuts	peanuts (unsalted, roasted)	peanuts (unsalted)	peanut|groundnuts|monkey nuts|moongphali|unsalted peanuts	nut/seed	1.8	49.7	24.4	8.3	4.9	8.4	0	6	0	6.3	0.62				cup=146	peanut	1	200|454
cooked-chestnuts	cooked peeled chestnuts	cooked chestnuts (vacuum packed)	chestnuts|chestnut|vacuum packed chestnuts	nut/seed	50.0	2.3	2.7	27.0	10.8	5.1	0	5	0.01	6.2	0.60				one=8|cup=143	tree-nut	1	180|200
sunflower-seeds	sunflower seeds	sunflower seeds	sunflower kernels|hulled sunflower seeds	nut/seed	4.7	51.5	20.8	8.8	2.6	8.6	0	9	0	6.3	0.58				tablespoon=8.5|cup=140		1	100|250|500
pumpkin-seeds	pumpkin seeds (hulled)	pumpkin seeds	pepitas|pumpkin seed|pumpkin seed kernels	nut/seed	5.2	49.1	30.2	3.3	1.4	6.0	0	7	0	6.3	0.55				tablespoon=8|cup=129		1	100|250|454
sesame-seeds	sesame seeds	sesame seeds	sesame|til|white sesame seeds|black sesame seeds|gingelly seeds	nut/seed	4.7	49.7	17.7	11.3	0.3	11.8	0	11	0	6.3	0.61				tablespoon=9|cup=144	sesame	1	100|250
poppy-seeds	poppy seeds	poppy seeds	poppy seed|poppy|khus khus|khas khas|blue poppy seeds	nut/seed	6.0	41.6	18.0	5.7	3.0	19.5	0	26	0	6.3	0.60				tablespoon=8.8|teaspoon=2.9		1	50|100|250
ground-flaxseed	ground flaxseed	ground linseed	flaxseed meal|flax|flax meal|ground flax|milled linseed|milled flaxseed|alsi powder	nut/seed	7.0	42.2	18.3	0.1	1.6	27.3	0	30	0	6.3	0.47	0.52			tablespoon=7		1	200|425
flaxseed	whole flaxseed	linseed	flax seeds|linseeds|golden flaxseed|alsi|whole linseed	nut/seed	7.0	42.2	18.3	0.1	1.6	27.3	0	30	0	6.3	0.70				tablespoon=10.3		1	250|500
chia-seeds	chia seeds	chia seeds	chia|black chia seeds	nut/seed	5.8	30.7	16.5	7.0	0.7	34.4	0	16	0	6.3	0.69				tablespoon=10.5		1	200|300
hemp-seeds	hulled hemp seeds	shelled hemp seeds	hemp hearts|hemp seeds|hemp seed	nut/seed	5.0	48.8	31.6	2.2	1.5	4.0	0	5	0	6.3	0.68				tablespoon=10		1	200|227
mixed-seeds	mixed seeds	mixed seeds	seed mix|four-seed mix|omega seed mix	nut/seed	5.2	47.0	22.5	5.5	1.8	12.5	0	12	0	6.3	0.58				tablespoon=8.5	sesame	1	200|250
desiccated-coconut	unsweetened fine dried coconut	desiccated coconut	dessicated coconut|dried coconut|fine coconut|coconut powder (dry)|nariyal bura|unsweetened shredded coconut	nut/seed	3.0	62.0	6.3	1.0	6.5	14.5	0	35	0	6.2	0.34				tablespoon=5|cup=80	sulphite	1	200|250|500
sweetened-shredded-coconut	sweetened shredded coconut	sweetened shredded coconut	sweetened coconut|sweetened flaked coconut	nut/seed	15.6	29.0	2.9	1.5	40.5	8.0	0	262	0	6.2	0.36			0.45	cup=85|packed cup=107	sulphite	1	198|397
coconut-flakes	unsweetened coconut flakes	coconut flakes	coconut chips|toasted coconut flakes|large flake coconut	nut/seed	3.0	62.5	6.6	1.0	7.0	14.0	0	35	0	6.2	0.20				cup=50		1	100|200
fresh-coconut	fresh grated coconut	fresh grated coconut	grated coconut|coconut|fresh coconut|nariyal|frozen grated coconut	nut/seed	47.0	33.5	3.3	0	6.2	9.0	0	20	0	6.2	0.34			0.42	cup=80|one coconut=400		1	400|454
peanut-butter	smooth peanut butter	smooth peanut butter	peanut butter|pb|crunchy peanut butter|natural peanut butter	nut/seed	1.3	50.5	23.5	5.5	8.5	5.5	0	380	0	6.2	1.09				tablespoon=16|cup=258	peanut	1	225|340|454
almond-butter	almond butter	almond butter	smooth almond butter	nut/seed	1.6	55.5	21.0	1.0	4.4	10.3	0	5	0	6.4	1.06				tablespoon=16	tree-nut	1	170|340
cashew-butter	cashew butter	cashew butter		nut/seed	2.5	50.0	18.0	19.0	5.5	2.5	0	15	0	6.4	1.08				tablespoon=16	tree-nut	1	170|340
sunflower-seed-butter	sunflower seed butter	sunflower seed butter	sunflower butter|seed butter	nut/seed	1.0	55.2	17.3	8.0	9.0	5.7	0	330	0	6.3	1.08				tablespoon=16		1	170|454
tahini	tahini	tahini	sesame paste|tahina|light tahini	nut/seed	2.5	55.0	20.0	7.5	0.5	10.0	0	40	0	6.2	1.01				tablespoon=15	sesame	1	270|300|454
hazelnut-praline-paste	hazelnut praline paste	hazelnut praline paste	praline paste|hazelnut paste	nut/seed	1.5	36.0	8.5	0.5	47.0	5.0	0	5	0	6.3	1.15				tablespoon=17	tree-nut	1	200|250
pistachio-paste	pistachio paste	pistachio paste	pistachio butter|pista paste	nut/seed	2.0	48.5	20.5	1.5	10.0	10.0	0	5	0	6.3	1.08				tablespoon=16	tree-nut	1	190|200
natural-cocoa	natural unsweetened cocoa powder	natural cocoa powder	cocoa|cocoa powder|unsweetened cocoa|natural cocoa|cacao powder|baking cocoa	chocolate/cocoa	3.0	13.7	19.6	16.0	1.8	33.0	0	21	0.28	5.5	0.385	0.43	0.34		tablespoon=5.5|cup=91		1	125|227|250
dutch-cocoa	Dutch-process cocoa powder	Dutch-processed cocoa powder	dutch cocoa|alkalised cocoa|dutch process cocoa|alkalized cocoa|dutched cocoa|dark cocoa|european cocoa	chocolate/cocoa	3.5	13.1	18.5	15.0	1.0	33.0	0	30	-0.06	7.7	0.37	0.42	0.33		tablespoon=5.5|cup=88		1	125|227|250
black-cocoa	black cocoa powder	black cocoa powder	black cocoa|super-dark cocoa|ebony cocoa	chocolate/cocoa	4.0	11.0	20.0	14.5	0.8	32.5	0	50	-0.12	8.1	0.37	0.42	0.33		tablespoon=5.5		1	125|227
drinking-chocolate	sweetened hot chocolate mix	drinking chocolate powder	drinking chocolate|hot chocolate powder|hot chocolate mix	chocolate/cocoa	1.5	4.5	5.5	5.5	74.5	6.0	0	150	0.03	6.4	0.60				tablespoon=9		1	250|500
unsweetened-chocolate	unsweetened baking chocolate	100% cocoa chocolate	unsweetened chocolate|baking chocolate|chocolate liquor|cocoa mass|bitter chocolate	chocolate/cocoa	1.3	52.3	13.5	10.0	0.9	16.6	0	24	0.12	5.6	0.72				square=28.35|chopped cup=170		1	100|113
dark-chocolate-70	dark chocolate (70% cocoa)	dark chocolate (70%)	dark chocolate|70% chocolate|70% dark chocolate|extra bitter chocolate	chocolate/cocoa	1.4	42.6	7.8	5.8	28.5	11.0	0	20	0.06	5.7	0.72				square=10|chopped cup=170	soy	1	100|200
bittersweet-chocolate	bittersweet chocolate (60% cocoa)	dark chocolate (55-60%)	bittersweet chocolate|60% chocolate|bittersweet chips	chocolate/cocoa	1.2	37.0	6.0	5.0	40.0	8.5	0	15	0.05	5.7	0.72				square=10|chopped cup=170	soy	1	113|200|283
semisweet-chocolate-chips	semisweet chocolate chips	plain (dark) chocolate chips	chocolate chips|semi-sweet chocolate chips|semisweet chocolate|dark chocolate chips|choc chips|chocolate morsels|plain chocolate	chocolate/cocoa	0.9	30.0	4.4	4.0	54.5	5.9	0	11	0.03	5.8	0.72				cup=170|tablespoon=10.6	soy|milk	0	100|340
milk-chocolate	milk chocolate	milk chocolate	milk chocolate chips|milk choc	chocolate/cocoa	1.5	30.5	7.5	1.5	54.5	2.5	0	79	0	6.5	0.72				square=6|chopped cup=170	milk|soy	0	100|200|326
white-chocolate	white chocolate	white chocolate	white chocolate chips|white chocolate chunks	chocolate/cocoa	1.3	32.1	5.9	0	59.0	0.2	0	90	0	6.6	0.72				square=6|chopped cup=170	milk|soy	0	100|200|312
vegan-chocolate-chips	dairy-free dark chocolate chips	dairy-free chocolate chips	vegan chocolate chips|vegan choc chips|vegan chocolate	chocolate/cocoa	1.0	30.5	4.5	4.5	51.5	6.5	0	5	0.04	5.8	0.72				cup=170		1	100|255
cocoa-nibs	cacao nibs	cocoa nibs	cacao nib|cocoa nib	chocolate/cocoa	4.0	45.0	13.5	8.0	1.0	23.0	0	10	0.12	5.5	0.50				tablespoon=7.5		1	150|227
cocoa-butter	cocoa butter	cocoa butter	cacao butter	chocolate/cocoa	0	100	0	0	0	0	0	0	0		0.90						1	100|227
carob-powder	carob powder	carob powder	carob flour|carob	chocolate/cocoa	3.6	0.7	4.6	6.0	45.0	36.5	0	35	0.05	5.0	0.43	0.49			tablespoon=6.5		1	200|227
chocolate-hazelnut-spread	chocolate hazelnut spread	chocolate hazelnut spread	hazelnut chocolate spread|choc hazelnut spread	chocolate/cocoa	1.5	31.0	6.0	1.5	55.5	3.0	0	40	0.01	6.0	1.25				tablespoon=18.5	milk|tree-nut|soy	0	200|371|400
chocolate-sprinkles	chocolate sprinkles	chocolate vermicelli	chocolate strands|chocolate jimmies|hagelslag	chocolate/cocoa	1.5	13.0	3.5	3.5	74.0	3.5	0	20	0.02	6.0	0.75				tablespoon=11	soy	1	50|100
compound-coating	compound chocolate coating	cake covering (chocolate flavour)	melting wafers|cake covering|compound coating|compound chocolate|confectionery coating|chocolate flavour cake covering	chocolate/cocoa	1.0	32.0	3.0	1.5	58.0	2.0	0	60	0	6.5	0.72					milk|soy	0	150|340
vanilla-extract	vanilla extract	vanilla extract	vanilla|pure vanilla extract	flavouring	52.6	0.1	0.1	0	12.6	0	34.4	9	0.01	4.7	0.88				teaspoon=4.3|tablespoon=13		1	38|59|118
vanilla-essence	imitation vanilla	vanilla essence	vanilla flavouring|imitation vanilla extract|vanilla flavoring	flavouring	70.0	0	0	0	14.0	0	0	3	0	5.5	1.04				teaspoon=5		1	20|38|59
vanilla-paste	vanilla bean paste	vanilla bean paste	vanilla paste	flavouring	34.0	0.1	0.2	0	60.0	0.8	4.0	10	0.005	5.0	1.25				teaspoon=6		1	50|65|118
vanilla-bean	vanilla bean	vanilla pod	vanilla beans|vanilla pods|vanilla seeds	flavouring	30.0	8.0	4.5	5.0	15.0	30.0	0	20	0.05	5.3	0.60				one=3|seeds of one=0.4		1	3|6
almond-extract	almond extract	almond extract	almond essence|pure almond extract|almond flavouring	flavouring	55.0	1.0	0	0	0.5	0	43.0	2	0	5.5	0.91				teaspoon=4.5		1	38|59
lemon-extract	lemon extract	lemon extract	lemon essence	flavouring	16.0	4.5	0	0	0.3	0	79.0	1	0	5.5	0.83				teaspoon=4.1		1	38|59
lemon-oil	lemon oil (food grade)	lemon oil (food grade)	citrus oil|lemon oil	flavouring	0	100	0	0	0	0	0	0	0		0.85				drop=0.03|teaspoon=4.2		1	15|30
peppermint-extract	peppermint extract	peppermint extract	peppermint essence|mint extract|peppermint flavouring	flavouring	19.0	3.0	0	0	0.3	0	77.5	1	0	6.0	0.84				teaspoon=4.1		1	38|59
maple-extract	maple extract	maple flavouring	maple flavor|maple essence	flavouring	60.0	0	0	0	8.0	0	31.0	10	0	5.5	0.93				teaspoon=4.6		1	38|59
rum-extract	rum extract	rum flavouring	rum essence|rum flavor	flavouring	58.0	0	0	0	5.0	0	35.5	5	0	5.5	0.92				teaspoon=4.5		1	38|59
coconut-extract	coconut extract	coconut flavouring	coconut essence|coconut flavor	flavouring	55.0	0.5	0	0	3.0	0	40.0	5	0	5.5	0.92				teaspoon=4.5		1	38|59
pandan-extract	pandan extract	pandan extract	pandan essence|pandan paste	flavouring	75.0	0.1	0.1	0	8.0	0.3	0	50	0	6.2	1.05				teaspoon=5		1	30|60
rose-water	rose water	rose water	rosewater|gulab jal	flavouring	99.7	0	0	0	0	0	0	5	0	5.8	1.00				teaspoon=5		1	100|190|250
orange-blossom-water	orange blossom water	orange blossom water	orange flower water	flavouring	99.7	0	0	0	0	0	0	5	0	5.8	1.00				teaspoon=5		1	100|190|250
espresso-powder	instant espresso powder	instant espresso powder	instant coffee|instant coffee powder|instant coffee granules|coffee powder|espresso powder	flavouring	3.1	0.5	12.2	30.0	6.0	20.0	0	37	0.4	5.0	0.35				teaspoon=1.8|tablespoon=5.3		1	57|100|200
matcha	matcha	matcha	green tea powder|matcha powder	flavouring	4.0	5.0	29.0	7.0	1.5	38.0	0	6	0.1	5.8	0.40		0.33		teaspoon=2		1	30|100
liquid-food-colouring	liquid food coloring	liquid food colouring	food coloring|food colouring|food dye|food colour	flavouring	92.0	0	0	0	0	0	0	250	0	5.5	1.02				drop=0.05|teaspoon=5		1	10|38
gel-food-colouring	gel food coloring	gel food colouring	gel colour|paste food colouring|gel color	flavouring	30.0	0	0	1.5	35.0	0	0	300	0	5.5	1.25				drop=0.05|teaspoon=6		1	20|25
dried-lavender	culinary dried lavender	culinary lavender	lavender|lavender buds|lavender flowers	flavouring	9.0	3.5	8.0	20.0	2.0	49.0	0	20	0.02	5.8	0.12				teaspoon=0.6|tablespoon=1.8		1	15|30
miso	white miso	white miso	miso|miso paste|shiro miso	flavouring	43.0	6.0	12.8	12.0	10.0	4.5	0.5	3900	0.08	5.1	1.15				tablespoon=17	soy|gluten	1	150|300
yeast-extract	yeast extract spread	yeast extract	yeast spread|savoury yeast spread	flavouring	29.0	0.1	39.0	15.0	1.6	3.5	0	4200	0.1	5.2	1.25				teaspoon=6	gluten|celery	1	125|250
dark-rum	dark rum (40% ABV)	dark rum	rum|spiced rum|white rum|gold rum	alcohol	66.2	0	0	0	0.4	0	33.4	1	0	4.6	0.95				tablespoon=14		1	350|700|750
brandy	brandy (40% ABV)	brandy	cognac|apple brandy	alcohol	66.2	0	0	0	0.4	0	33.4	1	0.002	4.2	0.95				tablespoon=14		1	350|700|750
whiskey	whiskey or bourbon (40% ABV)	whisky	whiskey|bourbon|scotch|irish whiskey|rye whiskey	alcohol	66.4	0	0	0	0.1	0	33.4	1	0.002	4.2	0.95				tablespoon=14		1	350|700|750
vodka	vodka (40% ABV)	vodka		alcohol	66.6	0	0	0	0	0	33.4	1	0	6.8	0.95				tablespoon=14		1	350|700|750
kirsch	kirsch (cherry spirit)	kirsch	kirschwasser	alcohol	66.4	0	0	0	0.1	0	33.4	1	0.002	4.3	0.95				tablespoon=14		1	200|350
orange-liqueur	orange liqueur (40% ABV)	orange liqueur	triple sec|curacao|citrus liqueur	alcohol	45.0	0.1	0	0	24.5	0	30.3	3	0.002	4.5	1.04				tablespoon=15.5		1	200|350|700
almond-liqueur	almond liqueur (28% ABV)	almond liqueur	amaretto	alcohol	48.0	0.1	0	0	31.0	0	20.8	5	0	5.0	1.08				tablespoon=16		1	350|700
coffee-liqueur	coffee liqueur (20% ABV)	coffee liqueur		alcohol	44.0	0.2	0.1	0.5	40.0	0	14.5	8	0.01	5.0	1.13				tablespoon=17		1	350|700
cream-liqueur	Irish-style cream liqueur (17% ABV)	Irish cream liqueur	irish cream|cream liqueur	alcohol	47.5	13.0	3.0	0	22.5	0	13.0	90	0	6.6	1.05				tablespoon=15.5	milk	0	350|700
egg-liqueur	egg liqueur (17% ABV)	egg liqueur	advocaat|egg cream liqueur|eggnog liqueur	alcohol	46.0	6.0	4.0	0	28.0	0	13.5	40	0	6.2	1.08				tablespoon=16	egg	0	500|700
sherry	sherry (sweet or medium)	sherry	cream sherry|dry sherry|cooking sherry	alcohol	76.5	0	0.2	0	9.0	0	13.8	10	0.06	3.4	1.01				tablespoon=15	sulphite	1	375|700
port	port	port	ruby port|tawny port	alcohol	71.5	0	0.1	0	11.0	0	15.9	8	0.055	3.6	1.02				tablespoon=15	sulphite	1	375|750
red-wine	red wine	red wine	dry red wine	alcohol	86.5	0	0.1	0	0.6	0	10.6	5	0.08	3.6	0.99				tablespoon=14.7	sulphite	1	187|750
white-wine	white wine	white wine	dry white wine	alcohol	87.0	0	0.1	0	1.0	0	10.3	5	0.087	3.2	0.99				tablespoon=14.7	sulphite	1	187|750
sparkling-wine	sparkling white wine	sparkling wine	champagne|prosecco|cava	alcohol	87.5	0	0.2	0	1.3	0	9.6	5	0.087	3.1	0.99				tablespoon=14.7	sulphite	1	200|750
lager	lager or ale	lager beer	lager|beer|ale|pale ale	alcohol	92.3	0	0.4	2.6	0.3	0	3.9	4	0.018	4.3	1.01				can=355|UK can=440	gluten	1	330|355|440|500
stout	stout	stout	porter|dry stout|milk stout	alcohol	92.0	0	0.4	2.5	0.8	0	3.5	8	0.025	4.2	1.015				can=440	gluten	1	330|440|500
hard-cider	hard cider	cider	dry cider|scrumpy|alcoholic cider	alcohol	91.5	0	0	0	3.0	0	4.3	4	0.067	3.6	1.01					sulphite	1	330|500
water	water	water	tap water|cold water|warm water|boiling water|ice water|hot water|pani	liquid	100	0	0	0	0	0	0	3	0	7.4	1.00				tablespoon=14.8|ice cube=25		1	1000
brewed-coffee	brewed coffee	brewed coffee	coffee|black coffee|filter coffee|strong coffee|cold coffee	liquid	99.3	0	0.1	0	0	0	0	2	0.008	5.1	1.00				tablespoon=14.8		1	240
espresso	brewed espresso	espresso	espresso shot|espresso coffee	liquid	97.8	0.2	0.1	0	0	0	0	14	0.03	5.3	1.01				single shot=30|double shot=60		1	30
black-tea	brewed black tea	black tea	tea|cold tea|earl grey tea|chai (black)|strong tea	liquid	99.6	0	0	0	0	0	0	3	0.003	5.0	1.00				tablespoon=14.8|tea bag=2		1	240
orange-juice	orange juice	orange juice	fresh orange juice|oj|carton orange juice	liquid	88.4	0.2	0.7	0	9.0	0.2	0	1	0.125	3.7	1.045				tablespoon=15.5|juice of one=80		1	250|1000
apple-juice	apple juice	apple juice	cloudy apple juice|sweet cider|apple cider (non-alcoholic)	liquid	88.2	0.1	0.1	0	10.6	0.1	0	4	0.067	3.5	1.045				tablespoon=15.5		1	250|1000
boiled-cider	boiled cider (apple juice concentrate)	concentrated apple juice	boiled cider|apple syrup|apple molasses	liquid	30.5	0.3	0.4	0	64.5	0.3	0	20	0.42	3.4	1.33				tablespoon=20		1	250|340
pineapple-juice	pineapple juice	pineapple juice		liquid	86.4	0.1	0.4	0	11.5	0.2	0	2	0.11	3.5	1.05				tablespoon=15.6		1	250|1000
cranberry-juice	cranberry juice cocktail	cranberry juice drink	cranberry juice	liquid	87.0	0.1	0	0	12.0	0.1	0	2	0.08	2.6	1.05						1	1000
pomegranate-juice	pomegranate juice	pomegranate juice	anar juice	liquid	86.0	0.3	0.2	0	12.3	0.1	0	9	0.16	3.2	1.05						1	250|1000
tomato-juice	tomato juice	tomato juice	passata	liquid	94.0	0.2	0.8	0	3.1	0.5	0	200	0.06	4.2	1.02						1	500|1000
coconut-water	coconut water	coconut water	nariyal pani	liquid	94.9	0.2	0.4	0	3.7	0.2	0	60	0.008	5.2	1.02						1	330|1000
lemonade	lemon-lime soda	lemonade (fizzy)	lemon lime soda|clear lemonade|fizzy lemonade|lemon soda	liquid	89.5	0	0	0	10.3	0	0	9	0.02	3.2	1.04				can=355		1	330|355|2000
cola	cola	cola	cola soft drink	liquid	89.3	0	0	0	10.6	0	0	4	0.012	2.5	1.04				can=355		1	330|355|2000
ginger-ale	ginger ale or ginger beer	ginger beer	ginger ale	liquid	91.0	0	0	0	8.8	0	0	7	0.015	3.0	1.03				can=355		1	330|355
sparkling-water	sparkling water	sparkling water	soda water|club soda|seltzer|carbonated water|fizzy water	liquid	100	0	0	0	0	0	0	10	0	5.0	1.00				can=355		1	330|1000
vegetable-stock	vegetable stock (made up)	vegetable stock (made up)	vegetable broth|stock|veg stock|vegetable stock	liquid	97.8	0.2	0.2	0.2	0.4	0.1	0	300	0	6.0	1.01					celery	1	500|946
cheddar	cheddar cheese	cheddar cheese	cheddar|ched|sharp ched|mature cheddar|sharp cheddar|grated cheddar|cheese|grated cheese|hard cheese|mature cheese	cheese/savoury	36.7	33.8	24.5	0	0.5	0	0	650	0.05	5.3	0.42			0.51	grated cup=100|slice=28	milk	0	200|227|400
parmesan	Parmesan-style hard cheese (grated)	Parmesan-style hard cheese	parmesan|parmesan cheese|grana|hard italian cheese	cheese/savoury	29.2	28.5	35.5	0	0.5	0	0	1200	0.05	5.3	0.42				tablespoon=6|grated cup=100	milk	0	100|200
gruyere	Gruyère cheese	Gruyère	gruyere|swiss cheese|emmental|emmenthal	cheese/savoury	34.0	32.0	28.5	0	0.4	0	0	600	0.04	5.6	0.45				grated cup=108	milk	0	170|200
mozzarella	low-moisture mozzarella	mozzarella (grated)	mozzarella|pizza cheese|grated mozzarella|mozzarella cheese	cheese/savoury	48.5	22.0	24.0	0.5	1.2	0	0	580	0.04	5.3	0.47				grated cup=112	milk	0	200|227
feta	feta cheese	feta	feta cheese|salad cheese	cheese/savoury	55.5	22.0	15.5	0	1.0	0	0	1100	0.12	4.5	0.63				crumbled cup=150	milk	0	150|200
halloumi	halloumi	halloumi	halloumi cheese|grilling cheese|hellim	cheese/savoury	47.0	25.0	22.0	0	1.8	0	0	1050	0.05	6.2	0.46				grated cup=110|block=225	milk	0	225|250
goat-cheese	soft goat cheese	soft goat's cheese	goat cheese|goats cheese|chevre	cheese/savoury	60.8	21.1	15.5	0	0.5	0	0	420	0.08	4.6	0.95					milk	0	100|113|150
blue-cheese	blue cheese	blue cheese	stilton|gorgonzola|danish blue	cheese/savoury	41.5	29.5	21.8	0	0.5	0	0	1100	0.04	5.8	0.57				crumbled cup=135	milk	0	100|150
cream-cheese	full-fat cream cheese	full-fat soft cheese	cream cheese|crm cheese|soft cheese|brick cream cheese|soft white cheese	cheese/savoury	53.5	34.0	6.0	0.5	3.5	0	0	320	0.06	4.7	0.98				brick=227|tablespoon=14.5	milk	0	180|227|280
light-cream-cheese	reduced-fat cream cheese	light soft cheese	light cream cheese|low-fat cream cheese|neufchatel	cheese/savoury	66.0	17.5	8.0	0.5	5.2	0	0	380	0.06	4.7	1.00				brick=227	milk	0	180|227
mascarpone	mascarpone	mascarpone	mascarpone cheese	cheese/savoury	49.0	43.5	4.0	0	3.0	0	0	45	0.02	6.0	0.97				tablespoon=14.5	milk	0	227|250|500
ricotta	whole-milk ricotta	ricotta	ricotta cheese	cheese/savoury	73.5	11.5	9.0	0.5	3.6	0	0	100	0.02	5.9	1.04				cup=246|tablespoon=15.5	milk	0	250|425
cottage-cheese	cottage cheese	cottage cheese	low-fat cottage cheese	cheese/savoury	79.8	4.3	11.1	0	3.4	0	0	330	0.05	4.9	0.95				cup=225	milk	0	227|300|454
paneer	paneer	paneer	indian cottage cheese|chenna|chhena	cheese/savoury	53.5	24.0	18.5	0	1.8	0	0	20	0.03	5.6	0.60				cubed cup=140	milk	0	200|226
vegan-cheese	vegan cheddar-style block	vegan cheddar alternative	vegan cheese|dairy-free cheese|plant-based cheese	cheese/savoury	49.0	23.0	0.5	20.0	0.5	3.0	0	800	0.02	5.0	0.45				grated cup=105		1	200|227
nutritional-yeast	nutritional yeast flakes	nutritional yeast flakes	nutritional yeast|nooch	cheese/savoury	5.0	4.5	50.0	12.5	1.0	20.0	0	40	0.05	5.8	0.25				tablespoon=3.7		1	100|125
bacon	cooked crumbled bacon	cooked crumbled bacon	bacon|streaky bacon|bacon bits|back bacon|pancetta	cheese/savoury	18.0	40.0	35.0	0	0.5	0	0	2000	0.03	5.8	0.40				cooked slice=8|crumbled cup=95		0	200|340
ham	cooked ham	cooked ham	ham|chopped ham|diced ham|boiled ham|smoked ham|baked ham|ham off the bone	cheese/savoury	73.0	4.5	18.0	0.5	0.8	0	0	1050	0.03	6.0	0.59				slice=28|diced cup=140		0	100|227
smoked-salmon	smoked salmon	smoked salmon	cold smoked salmon	cheese/savoury	65.0	10.0	22.5	0	0.5	0	0	1050	0.03	6.0	0.60				slice=20	fish	0	100|200
prepared-mustard	Dijon-style mustard	Dijon-style mustard	mustard|dijon mustard|wholegrain mustard|english mustard|prepared mustard	cheese/savoury	70.0	10.0	7.0	1.0	2.0	3.5	0	2200	0.2	3.6	1.05				teaspoon=5.2|tablespoon=15.5	mustard|sulphite	1	185|200
soy-sauce	soy sauce	soy sauce	soya sauce|light soy sauce|tamari	cheese/savoury	69.0	0.1	8.1	2.5	2.4	0.5	1.7	5500	0.1	4.8	1.18				tablespoon=17.5	soy|gluten	1	150|250
worcestershire-sauce	Worcestershire sauce	Worcester sauce	worcestershire|worcester	cheese/savoury	71.0	0.1	1.0	1.0	20.0	0.2	0	1250	0.35	3.4	1.14				teaspoon=5.6	fish|gluten	0	150|290
pesto	basil pesto	green pesto	pesto|basil pesto sauce	cheese/savoury	37.0	46.0	5.0	2.0	3.0	2.5	0	900	0.04	4.6	1.00				tablespoon=15	milk|tree-nut	0	190
xanthan-gum	xanthan gum	xanthan gum	xanthan	thickener/gum	9.0	0	2.5	0	0	77.0	0	3500	0	7.0	0.60				teaspoon=2.9		1	100|227
guar-gum	guar gum	guar gum	guar	thickener/gum	10.0	0.7	4.5	0	0	83.5	0	60	0	6.3	0.60				teaspoon=3		1	100|227
locust-bean-gum	locust bean gum	locust bean gum	carob bean gum	thickener/gum	11.0	0.8	5.5	0	0	81.0	0	30	0	6.0	0.60				teaspoon=2.9		1	100
psyllium-husk	whole psyllium husk	whole psyllium husk	psyllium|psyllium husks|isabgol|ispaghula husk	thickener/gum	8.0	0.6	2.0	1.5	0.3	85.0	0	60	0	6.3	0.28				tablespoon=4.5|teaspoon=1.5		1	100|340
psyllium-powder	psyllium husk powder	psyllium husk powder	psyllium powder|powdered psyllium|ground psyllium husk	thickener/gum	8.0	0.6	2.0	1.5	0.3	85.0	0	60	0	6.3	0.60				tablespoon=9|teaspoon=3		1	100|340
gelatin-powder	unflavored gelatin powder	gelatine powder	gelatin|gelatine|powdered gelatine	thickener/gum	11.5	0.1	86.0	0	0	0	0	196	0.01	5.5	0.63				teaspoon=3.1|envelope=7|sachet=12		0	7|12|28
gelatin-leaf	leaf gelatin (silver grade)	leaf gelatine	gelatine leaves|sheet gelatin|gelatin sheets|leaf gelatin	thickener/gum	12.0	0.1	85.5	0	0	0	0	200	0.01	5.5	0.30				small leaf=1.7|large leaf=2.5		0	13|25
agar	agar powder	agar agar powder	agar|agar agar|agar-agar|china grass|kanten	thickener/gum	11.0	0.2	2.0	0	0	83.0	0	100	0	7.0	0.45				teaspoon=2.2		1	28|50|100
pectin-powder	powdered fruit pectin	pectin powder	pectin|fruit pectin	thickener/gum	8.0	0.3	0.3	0	46.0	41.0	0	200	0.5	3.3	0.65				sachet=8|box=49		1	13|49
methylcellulose	methylcellulose	methylcellulose	methyl cellulose	thickener/gum	5.0	0	0	0	0	93.5	0	500	0	6.5	0.40				teaspoon=2		1	50|100
cmc-powder	CMC powder	CMC (cellulose gum) powder	carboxymethylcellulose|cmc|cellulose gum|gum paste powder	thickener/gum	7.0	0	0	0	0	70.0	0	8000	0	7.2	0.60				teaspoon=3		1	50|100
lecithin	sunflower lecithin	sunflower lecithin	lecithin|lecithin granules|soy lecithin	thickener/gum	1.0	90.0	0	0	8.0	0	0	20	0		0.50				tablespoon=7.5		1	100|454
inulin	inulin powder	inulin powder	inulin|chicory root fibre|chicory fiber	thickener/gum	5.0	0	0	0	8.0	86.8	0	20	0	6.0	0.50				tablespoon=7.5		1	250|454
glycerin	food-grade glycerin	glycerine	glycerol|glycerin|vegetable glycerine	thickener/gum	0.5	0	0	0	0	0	0	0	0	6.5	1.26				teaspoon=6.2		1	38|120
pea-protein	pea protein powder	pea protein powder	pea protein|pea protein isolate	thickener/gum	6.0	7.5	80.0	0.5	0.3	2.0	0	900	0	7.2	0.40				tablespoon=6		1	500|1000
whey-protein	whey protein powder (unflavored)	whey protein powder	whey protein|protein powder|whey protein concentrate	thickener/gum	5.0	7.0	78.0	0	6.5	0	0	200	0.03	6.3	0.35				scoop=30|tablespoon=5.5	milk|soy	0	500|907
marzipan	marzipan	marzipan	marchpane|white marzipan|golden marzipan	frosting base	9.5	14.0	5.8	1.0	65.5	3.0	0	15	0	6.3	1.28					tree-nut	1	250|454|500
almond-paste	almond paste	almond paste (50% almonds)	raw marzipan paste	frosting base	14.0	27.0	9.5	2.0	40.0	5.5	0	10	0	6.3	1.15				tube=198	tree-nut	1	198|227
fondant	ready-to-roll fondant	ready-to-roll icing	fondant|sugarpaste|sugar paste|rolled fondant|ready to roll icing|roll-out icing|fondant icing	frosting base	7.0	3.5	0.1	0.5	87.5	0.3	0	15	0	5.8	1.35						1	250|500|680|1000
royal-icing-mix	royal icing mix	royal icing sugar	instant royal icing|royal icing powder|royal icing	frosting base	0.8	0	1.8	0.5	96.0	0.1	0	30	0	6.5	0.60					egg	0	500|907
vanilla-buttercream	ready-made vanilla buttercream	ready-made vanilla buttercream	vanilla frosting|buttercream|canned frosting|tub frosting|buttercream icing|ready-made frosting	frosting base	12.0	19.0	0.1	0.5	67.0	0	0	150	0.005	5.5	0.95				tub=400|tablespoon=14	milk|soy	0	400|454
chocolate-frosting	ready-made chocolate frosting	ready-made chocolate fudge icing	chocolate icing|chocolate fudge icing|chocolate frosting	frosting base	16.0	18.0	1.2	2.0	59.0	1.5	0	190	0.01	5.8	1.00				tub=400|tablespoon=14.5	milk|soy	0	400|454
marshmallows	marshmallows	marshmallows	marshmallow|mini marshmallows	frosting base	16.4	0.2	1.8	9.0	72.0	0.1	0	80	0	6.0	0.21				regular=7.2|mini cup=50		0	150|200|283
marshmallow-creme	marshmallow creme	marshmallow spread	marshmallow cream	frosting base	19.5	0.2	1.1	5.0	73.8	0.1	0	50	0	6.0	0.45				tablespoon=7|jar=198	egg	0	198|213
toffee-bits	toffee bits	toffee pieces	butterscotch chips|english toffee bits|toffee chips|butterscotch pieces	frosting base	1.0	31.0	1.5	0.5	64.5	0.2	0	380	0	6.3	0.68				cup=160	milk|soy	0	150|227
soft-caramels	soft caramels	soft caramel toffees	caramels|caramel candies|chewy toffees|toffees	frosting base	8.5	8.1	4.6	3.0	73.8	0	0	245	0	6.2	0.75				one=8	milk	0	150|312
sugar-sprinkles	rainbow sprinkles	hundreds and thousands	sprinkles|nonpareils|jimmies|sugar strands	frosting base	1.5	3.0	0.2	8.0	86.5	0.3	0	10	0	6.0	0.80				tablespoon=12		1	50|100|180
whipped-topping	frozen whipped topping	frozen whipped topping	whipped topping|non-dairy whipped topping	frosting base	50.5	25.0	1.3	2.0	20.5	0	0	25	0	6.2	0.32				tablespoon=4.7|tub=227	milk	0	227
whipped-topping-mix	dry whipped topping mix	dessert topping mix	whip topping powder|dessert topping powder	frosting base	2.0	39.5	5.0	6.0	46.0	0	0	120	0	6.5	0.45				sachet=36	milk	0	36|74
instant-pudding-mix	instant vanilla pudding mix	instant whip dessert mix	instant pudding|instant vanilla pudding|vanilla pudding mix|pudding mix	frosting base	3.0	0.5	0.1	19.5	70.5	0.5	0	1400	0	7.0	0.80				box=96		1	59|96
cream-stabiliser	whipped cream stabilizer	cream stiffener	whipped cream stabiliser|whip stabiliser	frosting base	4.0	0	0	49.0	46.0	0.3	0	20	0	6.0	0.60				sachet=8		1	8|32
edible-glaze-neutral	neutral mirror glaze	neutral cake glaze	quick-gel glaze|clear glaze|mirror glaze|piping gel	frosting base	34.0	0.1	0.1	3.0	61.0	0.8	0	60	0.03	3.6	1.25				tablespoon=18.5		1	140|284
orange-extract	orange extract	orange extract	orange essence|pure orange extract	flavouring	16.0	4.5	0	0	0.3	0	79.0	1	0	5.5	0.83				teaspoon=4.1		1	38|59
orange-oil	orange oil (food grade)	orange oil (food grade)	orange oil|sweet orange oil	flavouring	0	100	0	0	0	0	0	0	0		0.85				drop=0.03|teaspoon=4.2		1	15|30
kewra-water	kewra water	kewra water	kewda water|screwpine water|pandanus flower water	flavouring	99.7	0	0	0	0	0	0	5	0	5.8	1.00				teaspoon=5		1	100|200
ube-extract	ube extract	ube extract	purple yam extract|ube flavouring	flavouring	72.0	0.1	0.1	0	8.0	0.3	0	50	0	6.0	1.05				teaspoon=5		1	25|60
smoked-paprika	smoked paprika	smoked paprika	pimenton|pimentón	spice	10.5	13.0	14.5	8.7	10.3	35.0	0	68	0.06	5.0	0.46				teaspoon=2.3		1	40|100
dried-thyme	dried thyme	dried thyme	thyme	spice	7.8	7.4	9.1	25.2	1.7	37.0	0	55	0.02	5.8	0.20				teaspoon=1		1	14|20
dried-oregano	dried oregano	dried oregano	oregano	spice	9.9	4.3	9.0	22.3	4.1	42.5	0	25	0.02	5.8	0.20				teaspoon=1		1	10|20
dried-fenugreek-leaf	dried fenugreek leaves	dried fenugreek leaves	kasuri methi|kasoori methi|methi leaves	spice	8.0	5.0	22.0	17.0	2.0	36.0	0	80	0.02	6.0	0.07				tablespoon=1		1	25|100
parsley	fresh parsley	parsley	flat-leaf parsley|chopped parsley|fresh parsley leaves	vegetable	87.7	0.8	3.0	0.2	0.9	3.3	0	56	0.005	6.0	0.25				tablespoon chopped=3.8		1	25|30
cilantro	fresh cilantro	fresh coriander	cilantro|coriander leaves|coriander leaf|hara dhania	vegetable	92.2	0.5	2.1	0.1	0.9	2.8	0	46	0.005	6.1	0.20				tablespoon chopped=3		1	25|30
damsons	damsons	damsons	damson|damson plums	fresh fruit	84.0	0	0.6	0	9.6	2.2	0	2	0.3	3.2	0.68				one stoned=10		1	400
gin	gin (40% ABV)	gin	dry gin	alcohol	66.6	0	0	0	0	0	33.4	1	0	6.5	0.95				tablespoon=14		1	350|700
limoncello	lemon liqueur (28% ABV)	lemon liqueur	limoncello	alcohol	49.5	0.1	0	0	29.5	0	20.7	1	0.01	4.8	1.07				tablespoon=16		1	350|500
marsala	Marsala or Madeira wine	Marsala	madeira|madeira wine|marsala wine	alcohol	73.0	0	0.1	0	11.5	0	14.6	8	0.067	3.4	1.02				tablespoon=15	sulphite	1	375|750
red-wine-vinegar	red wine vinegar	red wine vinegar		acid	93.2	0	0.1	0	0.3	0	0	8	1.0	2.8	1.010				tablespoon=14.9	sulphite	1	350|500
fruit-salt	effervescent fruit salt	effervescent fruit salt	fruit salt|fruit salt powder	leavener	1.0	0	0	0	0	0	0	17000	-0.5	7.2	0.95				teaspoon=4.7|sachet=5		1	5|100
liquid-whey	fresh whey (from paneer or strained yogurt)	whey	liquid whey|paneer water|whey water	dairy	93.5	0.2	0.8	0	4.6	0	0	45	0.045	4.7	1.02					milk	0	500
wheat-biscuit-cereal	whole wheat biscuit cereal	wheat biscuit cereal	wheat biscuits (cereal)|breakfast wheat biscuits	whole-grain flour	5.5	2.0	12.0	64.5	4.4	10.0	0	110	0.015	6.2	0.20				one=19	gluten	1	215|430
cornflakes	corn flakes cereal	cornflakes	corn flakes	whole-grain flour	3.5	0.8	7.0	76.0	8.0	3.0	0	500	0	6.0	0.12				cup=28	gluten	1	375|500
dry-breadcrumbs	plain dry breadcrumbs	dried breadcrumbs	breadcrumbs|dry bread crumbs|bread crumbs|panko	flour	6.5	4.0	12.5	66.0	5.5	4.0	0	600	0.03	5.6	0.46				cup=108	gluten	1	175|425
digestive-crumbs	graham cracker crumbs	digestive biscuit crumbs	graham crumbs|digestive biscuits|graham crackers|crushed digestives|sweetmeal biscuit crumbs	flour	3.0	16.0	7.0	46.5	21.5	3.7	0	500	-0.01	7.3	0.42			0.51	one digestive=15|one graham sheet=15|cup=100	gluten	1	250|400
matzo-cake-meal	matzo cake meal	matzo meal (fine)	matzo meal|matzah meal|matza meal	flour	6.0	1.3	10.5	78.0	0.8	2.8	0	2	0.01	6.1	0.52	0.58			cup=123	gluten	1	340|454
cooked-rice	cooked white rice	cooked white rice	cooked rice|boiled rice|leftover rice	gluten-free flour	69.0	0.3	2.7	27.3	0.1	0.4	0	2	0	6.5	0.67				cup=158		1	250
cooked-quinoa	cooked quinoa	cooked quinoa	quinoa|boiled quinoa	gluten-free flour	71.6	1.9	4.4	17.6	0.9	2.8	0	7	0	6.5	0.78				cup=185		1	250
puffed-rice	puffed rice cereal	puffed rice	crisped rice cereal|rice crisps|murmura	gluten-free flour	4.0	0.7	6.5	84.5	2.5	1.3	0	20	0	6.2	0.07				cup=16		1	170|375
canned-pears	canned pears in juice (drained)	tinned pears in juice (drained)	tinned pears|canned pears	fresh fruit	86.5	0.1	0.3	0	10.5	1.8	0	4	0.03	4.0	0.90				half=76|can drained=230		1	400|411
mandarin-segments	canned mandarin segments (drained)	tinned mandarin segments (drained)	mandarin oranges|tinned mandarins|mandarins|clementine|clementines	fresh fruit	88.5	0.1	0.7	0	9.2	0.8	0	5	0.09	3.7	0.80				can drained=175		1	298|312
grapefruit	grapefruit (flesh)	grapefruit	grapefruits|pink grapefruit	fresh fruit	89.5	0.1	0.7	0	7.0	1.4	0	0	0.2	3.2	0.80				half=123|juice of one=190|zest of one=16		1	250
peanut-butter-chips	peanut butter chips	peanut butter chips	peanut butter morsels	nut/seed	1.5	29.5	18.0	4.0	42.5	2.0	0	220	0	6.3	0.70				cup=165	peanut|milk|soy	0	283
honeycomb-candy	honeycomb candy	honeycomb (cinder toffee)	cinder toffee|sponge toffee|hokey pokey	frosting base	1.5	0.5	0.1	0	96.5	0	0	350	-0.1	8.2	0.45				piece=10		1	100|150
prepared-custard	prepared vanilla custard	ready-made custard	custard|fresh custard|tinned custard|creme anglaise	frosting base	75.5	4.5	2.9	4.0	12.0	0.1	0	50	0	6.6	1.06					milk|egg	0	400|500
leek	leek	leek	leeks|baby leeks|sliced leek	vegetable	83.0	0.3	1.5	8.4	3.9	1.8	0	20	0.015	6.0	0.38				medium=150|small=90|large=220|sliced cup=89		1	200|500
fresh-thyme	fresh thyme	fresh thyme	thyme leaves|fresh thyme leaves|lemon thyme	spice	65.1	1.7	5.6	8.7	1.7	14.0	0	9	0.01	6.0	0.16				teaspoon=0.8|sprig=1		1	20|30`;
