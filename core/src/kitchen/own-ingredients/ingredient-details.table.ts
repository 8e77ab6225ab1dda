// Made from core/tables/ingredients.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const INGREDIENT_DETAILS_TABLE = `ash_g	other_g	energy_kcal	acid_note	caution
0.5	0	355	native acidity pH 6.1 to 7, about 0.010 meq/g (estimate)	raw flour is not ready to eat: bake before tasting. UK plain flour is fortified and often 9.5-10% protein
0.55	0	361	native acidity pH 6.1 to 7, about 0.010 meq/g (estimate)	raw flour is not ready to eat
0.4	0	362	chlorinated flour pH 4.8 to 7, about 0.03 meq/g (estimate). UK unbleached: use 0.01	raw flour is not ready to eat. Chlorine-bleached flour is not sold in the UK/EU
0.45	0	356	native acidity pH 6.0 to 7, about 0.010 meq/g (estimate)	raw flour is not ready to eat
3.4	0.9	352	leavening acid and soda balanced, net 0. About 1.25-1.5 tsp baking powder and 1/4 tsp salt per cup	contains leavening and salt
1.9	0.6	349	leavening acid and soda balanced, net 0. Equal to about 5 g baking powder per 100 g	contains leavening, no added salt
1.6	0	342	bran phytate/phosphate buffer, pH 6.2 to 7, about 0.025 meq/g (estimate)	raw flour is not ready to eat
1.6	0	341	bran phytate/phosphate buffer, about 0.025 meq/g (estimate)	raw flour is not ready to eat
3.6	0.6	329	leavening balanced, remainder from bran buffer about 0.015 meq/g (estimate)	contains leavening
1.6	0	340	bran buffer, about 0.025 meq/g (estimate)	raw flour is not ready to eat
1.5	0	340	bran buffer, about 0.02 meq/g (estimate)	raw flour is not ready to eat
1.6	0	341	bran buffer, about 0.02 meq/g (estimate)	raw flour is not ready to eat
1.6	0	331	bran buffer, coarse particles react slowly, about 0.02 meq/g (estimate)	raw flour is not ready to eat
1.4	0	340	bran buffer, about 0.022 meq/g (estimate)	raw flour is not ready to eat
5.8	0	270	phytate/phosphate buffer, about 0.05 meq/g (estimate)
5.0	0	334	bran buffer diluted by sugar, about 0.02 meq/g (estimate)	some types contain milk or vitamin D from lanolin: check label
4.3	0	367	phosphate/protein buffer, about 0.04 meq/g (estimate)	turns rancid: refrigerate
0.7	0	346	native acidity, about 0.010 meq/g (estimate)
0.8	0	348	native acidity, about 0.010 meq/g (estimate)
0.8	0	348	native acidity, about 0.012 meq/g (estimate)	spelt is wheat: not suitable for coeliacs
1.7	0	341	bran buffer, about 0.025 meq/g (estimate)	spelt is wheat: not suitable for coeliacs
1.4	0	347	bran buffer, about 0.02 meq/g (estimate)	einkorn is wheat
1.6	0	342	bran buffer, about 0.02 meq/g (estimate)	khorasan is wheat
0.7	0	347	native acidity, about 0.015 meq/g (estimate)
1.8	0	336	bran buffer, about 0.03 meq/g (estimate)
1.3	0	337	bran buffer, about 0.02 meq/g (estimate)
1.3	0	340	bran and malt, about 0.02 meq/g (estimate)
1.0	0	370	negligible
0.2	0	350	negligible	contains traces of gluten unless specially washed
1.8	0	379	native acidity, slow to release, about 0.015 meq/g (estimate)	oats usually carry wheat/barley traces
1.8	0	379	native acidity, about 0.015 meq/g (estimate)	oats usually carry wheat/barley traces
1.8	0	379	coarse, slow to release, about 0.010 meq/g (estimate)	oats usually carry wheat/barley traces
1.8	0	380	native acidity, about 0.015 meq/g (estimate)	oats usually carry wheat/barley traces
2.0	0	390	native acidity, about 0.02 meq/g (estimate)	oats usually carry wheat/barley traces
2.9	0	355	native acidity, about 0.02 meq/g (estimate)	oats usually carry wheat/barley traces
1.8	0	379	native acidity, about 0.015 meq/g (estimate)	contains avenin, which a few coeliacs cannot tolerate. Not labelled gluten-free in Australia/New Zealand
2.0	0.2	378	dried fruit acidity, about 0.03 meq/g (estimate)	check label for nuts, milk and sulphites
1.8	0.2	449	negligible to 0.01 meq/g (estimate)	check label: honey, milk, nuts and seeds vary
0.6	0.3	352	negligible	blends differ: check whether xanthan gum is already included
2.9	0.6	340	leavening balanced, net 0	contains leavening, often xanthan gum
0.6	0	358	negligible
1.5	0	359	bran buffer, about 0.01 meq/g (estimate)
0.4	0	360	negligible. Contains no gluten despite the name
1.3	0.1	359	native acidity, about 0.015 meq/g (estimate)
1.4	0	382	native acidity, about 0.015 meq/g (estimate)	turns bitter: keep cool
2.0	0	335	native acidity, about 0.015 meq/g (estimate)
1.9	0	347	native acidity, about 0.02 meq/g (estimate)	buckwheat can be an allergen in its own right
2.0	0	353	native acidity, about 0.02 meq/g (estimate)
2.4	0	368	native acidity, about 0.02 meq/g (estimate)	bitter saponins if the grain was not rinsed
2.9	0	365	native acidity, about 0.02 meq/g (estimate)
1.0	0	350	native acidity, about 0.01 meq/g (estimate)	check for wheat traces if baking for coeliacs
0.5	0	352	native acidity, about 0.01 meq/g (estimate)
1.5	0	355	native acidity, about 0.01 meq/g (estimate)	not the same as UK cornflour, which is starch
1.5	0	364	lime-treated, close to neutral
3.0	0.6	597	negligible	tree nut
3.0	1.0	590	negligible	tree nut
2.3	1.0	650	negligible	tree nut
5.0	0.5	350	native acidity, about 0.02 meq/g (estimate)	very absorbent. Coconut is not a tree nut in UK/EU law but some people react
2.8	0	364	protein/phosphate buffer, about 0.03 meq/g (estimate)	raw batter is bitter and should not be eaten uncooked
4.5	2.0	440	protein/phosphate buffer, about 0.03 meq/g (estimate)
3.2	0.3	330	protein buffer, about 0.03 meq/g (estimate)	cross-reacts with peanut allergy
4.5	0.5	395	protein buffer, about 0.02 meq/g (estimate)
1.5	0	345	native acidity, about 0.01 meq/g (estimate). Fermented types are sourer
3.1	0.2	352	native acidity, about 0.02 meq/g (estimate)	not potato starch
2.6	0.5	345	0.2% malic = 0.030 meq/g
1.9	0.1	443	negligible to 0.01 meq/g (estimate)	a tuber, not a nut
2.4	0.6	368	negligible to 0.01 meq/g (estimate)	sweet chestnut is not on every tree-nut list: treat as one
2.0	0	345	negligible to 0.01 meq/g (estimate)
0.1	0	357	negligible	UK, Irish, Indian and Australian cornflour. Some Australian cornflour is wheat starch: read the pack
0.2	0	354	negligible
0.3	0	340	negligible	not potato flour
0.3	0	348	negligible
0.8	0	356	negligible	uncooked cornflour base, coloured and flavoured
0.4	0	370	negligible
0.05	0	400	negligible	US cane sugar may be refined with bone char
0.05	0	400	negligible
0.2	0	398	trace molasses, about 0.002 meq/g
0.05	0	396	negligible	3% cornflour or tricalcium phosphate as anti-caking agent. Australian pure icing sugar has none
0.5	0.5	388	about 4-8% molasses x 0.075 meq/g = 0.006 meq/g
0.8	0.6	384	about 10-12% molasses x 0.085 meq/g = 0.010 meq/g
1.0	0.8	385	molasses fraction, about 0.012 meq/g (estimate)
2.0	1.5	376	molasses fraction about 20-25%, 0.02 meq/g (estimate)
0.3	0.1	397	trace molasses, about 0.002 meq/g
0.2	0.1	399	trace molasses, about 0.002 meq/g
2.0	0.8	374	cane juice solids, about 0.015 meq/g (estimate). Often limed: may be nearer 0
2.3	0.4	381	about 0.01 meq/g (estimate)
2.2	1.4	350	0.2% malic = 0.030 meq/g	does not dissolve
0.9	0.4	383	negligible
0.05	0	400	negligible
0.05	0	400	negligible	coloured types may contain carmine or shellac
0.05	0.2	398	negligible
0.1	0.4	396	0.4% citric = 0.062 meq/g	contains pectin and citric acid
0	0	364	negligible
0	0	400	negligible	browns faster than table sugar
0	99.8	0	negligible. Counted in other_g, 0 kcal/g	large amounts may cause digestive upset, recrystallises on cooling
0	99.8	240	negligible. Polyol in other_g, 2.4 kcal/g	poisonous to dogs. Laxative in quantity
0	99.5	40	negligible. Counted in other_g, 0.4 kcal/g	browns fast. Not authorised in the UK/EU
0	99.7	0	negligible	strength varies by pack: some are 1:1 with sugar, some 2:1
0.2	0.1	330	free acidity 20-40 meq/kg = 0.03 meq/g	honey: not for infants under 12 months
4.4	2.6	290	aconitic and other cane acids titrate about 0.075 meq/g (grades 0.05-0.11)	sulphured grades contain sulphites
10.5	5.9	262	aconitic and other cane acids about 0.10 meq/g (estimate)	bitter: not a straight swap
6.0	2.8	275	blend of molasses and refiners' syrup, about 0.06 meq/g (estimate)	some brands declare sulphites
0.8	0.6	325	partly inverted cane syrup, about 0.008 meq/g (estimate)
0.2	0	307	negligible (below 0.003 meq/g)
0.5	0.2	306	trace refiners' syrup, about 0.003 meq/g
0.1	0.1	325	negligible	may be wheat-derived (fully processed, exempt from gluten labelling in the UK/EU)
0.5	0.1	265	malic acid trace, about 0.002 meq/g
0.1	0.1	308	about 0.005 meq/g (estimate)
0.2	0.1	317	about 0.004 meq/g (estimate)
1.2	1.3	310	0.63% lactic = 0.070 meq/g	contains barley gluten
1.6	0.8	290	0.3% malic = 0.045 meq/g
1.6	7.0	275	6.0% citric = 0.937 meq/g
0.1	0.1	311	trace acid left from inversion, about 0.002 meq/g
2.0	1.2	295	aconitic and malic acids, about 0.05 meq/g (estimate)
0	0	200	negligible
1.4	0.3	372	negligible
1.6	0.6	300	about 0.02 meq/g (estimate)
0.1	0.2	735	serum lactic acid about 0.002 meq/g (sweet cream)	UK/EU and Irish butter is 82% fat, US 80% minimum
1.9	0.2	731	serum lactic acid about 0.002 meq/g	salt 1.2-2%: reduce added salt
0.1	0.3	748	serum lactic acid spread over 100 g butter, about 0.005 meq/g
0.1	0	896	negligible	traces of milk protein
0.2	0.1	882	negligible to 0.001 meq/g	100 g unsalted butter gives about 80-83 g
0	0	890	negligible	may contain soya oil. Older vanaspati may hold trans fat
0	0.2	890	negligible	may contain soya oil
0	0	895	negligible	pork: not halal, kosher or vegetarian
0.1	0	826	negligible	packet suet is dusted with wheat flour
0.2	0	764	negligible	often dusted with wheat flour: gluten-free types use rice flour
1.8	0.1	719	negligible	many types contain whey: vegan ones are labelled
1.3	0.2	624	negligible	choose 65% fat or more for cakes. May contain milk
1.5	0.2	358	negligible	too wet for creaming or frosting
1.4	0.2	709	negligible	check label for soya, nuts
0	0	897	negligible
0	0	890	negligible	US vegetable oil is usually soya, UK rapeseed. Highly refined soya oil is exempt from allergen labelling
0	0	895	negligible
0	0	895	negligible
0	0	890	negligible	cold-pressed types carry peanut protein
0	0	890	negligible
0	0	890	negligible
0	0	890	negligible
0	0	892	negligible	melts at 24-25 C. Coconut is not a tree nut in UK/EU law but some people react
0	0	890	negligible	tree nut
0	0	890	negligible	sesame
0	0	890	negligible	high in erucic acid: sold for external use only in the US, UK and EU
1.8	0.3	680	0.3% acetic = 0.050 meq/g
0	2.0	880	negligible	flammable aerosol. Baking sprays with flour contain gluten
0.1	0	893	negligible	beef: not vegetarian
0.7	0.15	63	fresh milk pH 6.7 to 7, about 0.003 meq/g
0.75	0.15	50	fresh milk pH 6.7 to 7, about 0.003 meq/g
0.75	0.15	43	fresh milk pH 6.7 to 7, about 0.003 meq/g
0.75	0.15	35	fresh milk pH 6.7 to 7, about 0.003 meq/g
0.7	0.15	62	about 0.003 meq/g	still contains milk protein
0.8	0.2	68	about 0.003 meq/g
1.6	0.2	138	concentrated milk buffer, about 0.008 meq/g
1.8	0	325	concentrated milk buffer, about 0.008 meq/g
1.8	0.2	320	concentrated milk buffer, about 0.01 meq/g
7.9	0	360	milk buffer, 10x fresh milk, about 0.03 meq/g	instant crystals are lighter, about 0.29 g/ml
6.1	0	496	milk buffer, about 0.025 meq/g
3.2	1.3	411	close to neutral, contains added bicarbonate	contains barley and wheat gluten
8.3	0	353	about 0.04 meq/g (estimate)
0.5	0	348	serum of milk pH 6.6 to 7, about 0.002 meq/g	Australian thickened cream contains gelatine
0.4	0.1	449	about 0.002 meq/g	overwhips quickly
0.5	0.2	363	about 0.002 meq/g	UK whipping cream is 35-40% fat, US light whipping cream 30-36%
0.6	0	195	about 0.002 meq/g	does not whip
0.7	0.1	131	about 0.002 meq/g
0.4	0	586	about 0.002 meq/g
3.6	0.4	393	concentrated milk buffer, about 0.015 meq/g
0.85	0.9	43	0.90% lactic = 0.100 meq/g
0.8	0.9	63	0.90% lactic = 0.100 meq/g
7.9	5.2	392	5.0% lactic x 0.9 recovery: about 0.5 meq/g for cultured powder. Sweet-cream powder: use 0.05	some packs are dried sweet-cream buttermilk with little acid
0.7	0.35	60	15 ml 5% vinegar (12.4 meq) made up to 1 US cup milk = 0.055 meq/g	only about half as sour as buttermilk
0.8	1.0	63	1.0% lactic = 0.111 meq/g	set curd varies widely in sourness
1.1	1.1	58	1.05% lactic = 0.117 meq/g
0.8	1.0	115	1.05% lactic = 0.117 meq/g
0.7	1.1	60	1.1% lactic = 0.122 meq/g
0.7	1.1	62	1.1% lactic = 0.122 meq/g
1.4	1.3	165	1.2% lactic = 0.133 meq/g
0.75	0.9	60	0.90% lactic = 0.100 meq/g
0.7	0.8	203	0.75% lactic = 0.083 meq/g	UK soured cream is about 18% fat
0.9	0.8	134	0.75% lactic = 0.083 meq/g
0.5	0.6	320	0.6% lactic = 0.067 meq/g
0.8	0.8	65	0.8% lactic = 0.089 meq/g
1.05	0.4	143	white alkalinity and yolk acidity cancel, net 0	use pasteurised or code-marked eggs where not fully cooked. Weights are without shell
0.6	0.1	49	carbonate/protein alkalinity pH 8.8 to 7, about -0.02 meq/g (fresh -0.01)	raw white: use pasteurised in uncooked icing
1.7	3.0	308	pH 6.1 to 7, phosphoprotein buffer about 0.02 meq/g (estimate)
0.7	0.2	49	about -0.01 meq/g (estimate)	whips slower than fresh
1.1	0.4	136	net 0
5.6	0.6	348	close to neutral after drying, about -0.05 meq/g (estimate)	4 g plus 28 ml water for one white
4.0	1.6	580	carbon dioxide lost on drying, about -0.02 meq/g (estimate)	13 g plus 37 ml water for one large egg
2.0	3.0	370	added cream of tartar/citric, about 0.15 meq/g (estimate)
1.1	0.5	181	net 0	cook thoroughly
1.1	0	155	net 0
0.9	0	130	negligible	rest 10 minutes before use
1.1	0	97	negligible	rest 15 minutes before use
5.0	1.2	332	usually carries a small balanced leavening, net 0	starch and gum base, read the pack for egg white in some types
0.8	0.6	17	about 0.003 meq/g (estimate)	prefer unsalted cans for meringue
0.8	0.5	56	about 0.01 meq/g (some types set with gluconolactone)	soya
1.2	0.3	137	negligible	soya
0.7	0.6	33	close to neutral, about 0.003 meq/g	soya
0.5	0.3	13	negligible (buffer salts added)	tree nut
0.5	0	44	about 0.002 meq/g	oats: choose one labelled gluten-free for coeliacs
0.4	0.5	48	negligible	not for children under 5 in the UK (arsenic advice)
0.4	0.2	19	negligible	tree nut
0.5	0.4	22	negligible	tree nut
0.7	0.3	33	negligible (phosphate buffered)	pea protein can affect people with peanut allergy
0.4	0.1	30	negligible
0.3	0.5	22	negligible	not canned coconut milk
0.7	0.8	180	about 0.003 meq/g	some carry sulphite: check label
0.4	0.4	67	about 0.002 meq/g
0.9	0.9	233	about 0.003 meq/g	not sweetened cream of coconut
2.1	1.4	695	about 0.01 meq/g (estimate)	dissolve in hot water
1.8	1.2	674	about 0.01 meq/g (estimate)	most types contain milk protein: vegan ones are labelled
0.6	0.6	325	negligible
0.5	0.6	297	negligible	check label for soya, lentil or broad bean protein
0.7	0.7	50	0.6% lactic = 0.067 meq/g	soya
0.6	0.7	170	0.5% lactic = 0.056 meq/g
0.7	0.95	33	15 ml 5% vinegar (12.4 meq) made up to 1 US cup soya milk = 0.055 meq/g	soya
1.7	0.6	264	0.36% lactic = 0.040 meq/g	check label for nuts or soya. Softer than dairy in frosting
0.5	0.5	144	negligible	oats: choose one labelled gluten-free for coeliacs
99.8	0	0	NaHCO3: 1000/84.007 = 11.90 meq/g base	excess tastes soapy
66.0	0.8	114	acid salts and about 30% soda balanced, net 0	contains starch. Keep dry, check date
61.0	0.8	134	phosphate and about 28% soda balanced, net 0	mostly reacts when wetted: bake promptly
57.7	0.8	147	pyrophosphate and about 28% soda balanced, net 0	some packs use wheat flour as the base: check for gluten
29.0	45.8	205	2 parts cream of tartar (5.31) to 1 part soda (11.90) nearly balance, net 0	acts at once when wetted
60.5	0.3	138	phosphate and 27% soda balanced, net 0	most of its gas comes in the bowl: bake promptly
43.4	30.7	181	2 g cream of tartar (5.31) to 1 g soda (11.90): nearly balanced, net 0	acts at once when wetted: bake promptly
52.6	28.8	149	spoons leave about two fifths of the soda unmet; counted part by part, net 0	spoons leave soda over: weigh it
64.0	0.8	126	potassium bicarbonate and phosphate balanced, net 0	high potassium: check with a doctor in kidney disease
99.8	0	0	KHCO3: 1000/100.115 = 9.99 meq/g base	high potassium: check with a doctor in kidney disease
0	99.5	0	NH4HCO3 boils off as NH3, CO2 and water: no lasting base counted (12.6 meq/g before heating)	only for thin, dry bakes: ammonia stays in thick moist cakes. Do not eat raw
93.0	0	0	neutralising value 80: 0.80 x 11.90 = 9.5 meq/g	fast acting
99.5	0	0	neutralising value 72: 0.72 x 11.90 = 8.6 meq/g	slow acting, can taste metallic
0	99.5	298	C6H10O6 178.14 g/mol: 5.61 meq/g, released slowly
6.0	1.0	336	negligible
6.0	1.0	330	negligible	dissolve in warm water first
1.9	0.2	109	negligible	keeps about 2 weeks chilled
0.3	1.1	172	0.9% lactic (with acetic) = 0.100 meq/g	stirred down
0.02	5.0	18	5.0% acetic = 0.833 meq/g	UK/Irish strengths run 5-6%, some Australian and Asian 4%
0.2	5.2	21	5.0% acetic = 0.833 meq/g	some contain sulphites: check label
0.2	5.1	22	5.0% acetic = 0.833 meq/g	made from barley
0.2	6.2	22	6.0% acetic = 0.999 meq/g	contains sulphites
0.1	4.2	18	4.2% acetic = 0.699 meq/g	seasoned types contain sugar and salt
0.6	6.4	88	6.0% acetic = 0.999 meq/g	contains sulphites
0.3	5.2	22	5.2% citric = 0.812 meq/g	bottled juice may contain sulphites
0.3	5.2	25	5.0% citric = 0.781 meq/g	bottled juice may contain sulphites
36.8	61.3	184	KHC4H4O6 188.18 g/mol, one acid H = 5.31 meq/g	very high in potassium: use culinary amounts only
0	99.8	298	C4H6O6 150.09 g/mol, two acid H = 13.33 meq/g	irritant as dry powder
0	99.8	298	anhydrous 192.12 g/mol, three acid H = 15.6 meq/g (about 14 to pH 7). Monohydrate 14.3	irritant as dry powder
0	99.8	298	134.09 g/mol, two acid H = 14.9 meq/g	irritant as dry powder
0	80.0	240	80% lactic = 8.88 meq/g	corrosive undiluted
0	99.8	298	176.12 g/mol, one acid H below pH 7 = 5.68 meq/g
5.0	14.0	310	13% citric = 2.03 meq/g
1.8	10.5	135	9.8% tartaric = 1.306 meq/g	strength varies widely between pulp and concentrate
99.8	0	0	negligible
99.5	0	0	negligible
99.7	0	0	negligible	about half the weight of table salt by spoon
99.7	0	0	negligible	about 1.6 times the light flake type by spoon
98.5	0	0	negligible	for finishing: crush before measuring into batter
99.0	0	0	negligible	will not dissolve evenly in low-moisture doughs
99.7	0	0	negligible	usually not iodised
99.7	0	0	negligible	about two thirds potassium chloride: check with a doctor in kidney disease
99.4	0	0	negligible	sulphurous egg flavour
3.6	0	247	about 0.03 meq/g (estimate)	cassia is high in coumarin: slows yeast
2.3	0	505	about 0.01 meq/g (estimate)	toxic in tablespoon amounts
5.2	0	335	about 0.02 meq/g (estimate)
5.6	0	335	about 0.03 meq/g (estimate)
4.6	0	347	about 0.03 meq/g (estimate)
5.8	0	322	about 0.02 meq/g (estimate)
2.2	0	480	about 0.01 meq/g (estimate)
4.4	0	307	about 0.03 meq/g (estimate)
4.2	1.0	349	about 0.03 meq/g (estimate)
4.5	0	306	about 0.03 meq/g (estimate)
5.0	0	317	about 0.02 meq/g (estimate)
5.5	0	335	about 0.02 meq/g (estimate)
5.5	0	327	about 0.02 meq/g (estimate)	use only Chinese star anise
7.0	0	384	about 0.02 meq/g (estimate)
8.2	0	326	about 0.02 meq/g (estimate)
5.9	0	334	about 0.02 meq/g (estimate)
7.6	0	440	about 0.02 meq/g (estimate)
6.0	0	345	about 0.02 meq/g (estimate)
7.1	0	292	about 0.02 meq/g (estimate). Turns red in alkaline batter	stains
4.5	5.0	282	negligible to 0.01 meq/g (estimate)
6.0	0	370	about 0.05 meq/g (estimate)
6.2	0	370	about 0.04 meq/g (estimate)
7.7	0	318	about 0.06 meq/g (estimate)
4.3	1.1	533	about 0.02 meq/g (estimate)	mustard. Some packs contain wheat flour
8.5	0	385	about 0.02 meq/g (estimate)
4.5	1.0	510	about 0.02 meq/g (estimate)
5.4	0.5	350	about 0.04 meq/g (estimate)
6.5	0	331	about 0.02 meq/g (estimate)	use three times the amount if fresh
9.0	0	278	about 0.02 meq/g (estimate)
3.5	0	345	about 0.02 meq/g (estimate)
4.0	0	337	about 0.06 meq/g (estimate)
0.8	0	80	about 0.02 meq/g (estimate). Raw juice contains protease
0.8	2.7	89	0.33% malic = 0.049 meq/g	overripe fruit is sweeter and wetter
1.1	0.6	122	about 0.05 meq/g (estimate)	starchier than banana
0.2	0.8	52	0.4% malic = 0.060 meq/g
0.2	1.4	43	1.2% malic = 0.179 meq/g
0.2	1.5	55	0.6% citric = 0.094 meq/g. Whole berries: only leaked juice reacts	skins turn blue-green where soda is in excess
0.5	1.7	45	1.7% citric = 0.265 meq/g
0.4	0.9	32	0.9% citric = 0.141 meq/g
0.4	1.2	42	1.0% malic = 0.149 meq/g
0.5	0.9	63	0.6% malic = 0.089 meq/g	remove stones
0.4	2.1	48	1.7% malic = 0.254 meq/g	remove stones
0.15	3.5	37	2.3% citric = 0.359 meq/g
0.4	0.6	41	0.6% malic = 0.089 meq/g
0.3	0.4	44	0.4% malic = 0.060 meq/g
0.5	0.9	44	0.6% malic = 0.089 meq/g
0.75	0.9	48	1.2% malic = 0.179 meq/g
0.4	0.7	46	1.1% malic = 0.164 meq/g	remove stones
0.3	2.3	52	0.27% malic = 0.040 meq/g
0.4	0.2	47	0.9% citric = 0.141 meq/g
0.4	3.5	35	flesh 5% x 0.64 of fruit: 3.2% citric = 0.500 meq/g	choose unwaxed for zest
0.3	4.8	30	3.2% citric = 0.500 meq/g
0.6	0.7	49	little juice, about 0.03 meq/g (estimate)	choose unwaxed fruit
0.8	0.6	85	little juice, about 0.03 meq/g (estimate)	choose unwaxed fruit
0.7	1.0	50	little juice, about 0.03 meq/g (estimate)	choose unwaxed fruit
0.4	0	60	0.4% citric = 0.062 meq/g
0.2	1.5	49	0.7% citric = 0.109 meq/g	raw fruit stops gelatine setting
0.4	0.5	60	0.6% citric = 0.094 meq/g
0.4	2.0	40	1.9% citric = 0.297 meq/g
0.8	3.5	51	3.3% citric = 0.515 meq/g
0.65	2.4	48	2.4% citric = 0.375 meq/g
0.4	1.4	42	1.2% citric = 0.187 meq/g
0.5	1.5	69	0.5% tartaric = 0.067 meq/g	halve for young children
0.7	0.2	74	0.2% citric = 0.031 meq/g
0.6	2.0	57	1.2% citric = 0.187 meq/g	raw fruit stops gelatine setting and curdles dairy
0.3	0.5	70	0.13% malic = 0.019 meq/g	astringent types must be jelly-soft
0.8	3.5	78	3.0% citric = 0.468 meq/g
1.6	1.0	161	about 0.02 meq/g (estimate)
0.2	0.7	42	0.33% malic = 0.049 meq/g	sweetened types carry about 7 g extra sugar per 100 g
0.4	0.9	170	0.6% malic = 0.089 meq/g	contains no butter
0.8	0.4	32	0.10% malic = 0.015 meq/g	not pie filling. Home-made is wetter: drain
1.0	0.7	95	0.10% malic = 0.015 meq/g	already sweetened
1.2	0.4	215	0.1% malic = 0.015 meq/g	equal weights of dates and water
1.6	4.2	170	1.0% malic = 0.149 meq/g	laxative in quantity
0.3	0.7	90	0.48% citric = 0.075 meq/g
0.4	1.8	43	1.7% citric = 0.265 meq/g
0.1	1.4	158	0.95% citric = 0.148 meq/g
0.2	0.9	262	0.6% citric = 0.094 meq/g
0.2	1.1	262	0.77% citric = 0.120 meq/g
0.3	1.0	258	0.64% citric = 0.100 meq/g	often made with sulphited fruit
0.2	0.9	262	0.6% citric = 0.094 meq/g
0.2	1.3	262	0.9% citric = 0.141 meq/g
0.4	1.2	315	1.0% citric = 0.156 meq/g
0.3	0.6	112	0.4% malic = 0.060 meq/g
0.2	0.6	74	0.4% malic = 0.060 meq/g
1.8	4.4	310	1.5% tartaric = 0.200 meq/g. Whole fruit: little reaches the batter	poisonous to dogs
1.8	4.1	310	1.5% tartaric = 0.200 meq/g. Whole fruit: little reaches the batter	US golden raisins are sulphited, UK sultanas usually oiled only. Poisonous to dogs
1.9	2.8	302	1.5% tartaric = 0.200 meq/g. Whole fruit: little reaches the batter	poisonous to dogs
1.6	3.5	300	1.2% tartaric = 0.160 meq/g. Whole fruit: little reaches the batter	peel and cherries often contain sulphites. Poisonous to dogs
1.9	1.3	284	0.13% malic = 0.019 meq/g	check for stones
1.7	0	280	0.13% malic = 0.019 meq/g	remove stones
2.6	1.6	245	1.3% malic = 0.194 meq/g	unsulphured brown fruit has none
0.2	4.8	312	1.6% citric = 0.250 meq/g
2.6	13.6	219	1.6% malic = 0.239 meq/g	sorbitol: laxative in quantity
1.9	1.6	255	0.5% citric = 0.078 meq/g	some are sulphited
0.7	5.8	325	1.5% malic = 0.224 meq/g
0.8	4.2	325	0.8% citric = 0.125 meq/g
1.1	0.8	252	1.0% malic = 0.149 meq/g	usually sulphited
1.2	3.3	318	1.6% citric = 0.250 meq/g	often sulphited
1.4	0	519	about 0.02 meq/g (estimate)	often honey-dipped: check if vegan
3.3	11.2	308	10.6% citric = 1.655 meq/g
4.3	7.2	345	7.0% citric = 1.093 meq/g
0.7	0.4	310	preserved with a little citric acid: 0.13% citric = 0.020 meq/g	contains sulphites
0.6	0.5	316	0.13% citric = 0.020 meq/g	contains sulphites
0.6	0.5	316	0.16% citric = 0.025 meq/g	contains sulphites
0.9	0.3	317	0.13% citric = 0.020 meq/g	contains sulphites
0.4	0.7	306	0.26% citric = 0.041 meq/g	contains sulphites. Rinse and dry before use. Colour may be carmine (not vegan): check label
0.2	0.5	170	0.26% citric = 0.041 meq/g	contains sulphites
0.6	0.7	332	about 0.005 meq/g (estimate)	some are sulphited: check label
0.4	0.5	275	about 0.005 meq/g (estimate)	syrup is 1.33 g/ml
0.5	0.7	310	0.2% citric = 0.031 meq/g	contains sulphites and colours
0.4	0.7	316	0.32% citric = 0.050 meq/g	contains sulphites
0.4	0.4	321	about 0.005 meq/g (estimate)	contains sulphites
0.8	1.0	296	0.64% citric = 0.100 meq/g	suet may be beef, or dusted with wheat flour: check label
1.0	0.6	38	about 0.01 meq/g (estimate)
0.6	0.1	19	about 0.01 meq/g (estimate)	very bitter fruit: discard. Squeeze out water
1.1	0	45	about 0.01 meq/g (estimate). Pigment browns in alkaline batter	not pickled
1.2	0.1	82	0.1% malic = 0.015 meq/g
0.8	0	82	about 0.01 meq/g (estimate)
0.8	0.1	40	about 0.01 meq/g (estimate)	drain before use
0.8	1.6	18	1.6% malic (with oxalic) = 0.239 meq/g	leaves are poisonous
1.0	0.8	65	about 0.01 meq/g (estimate)
0.8	0	37	about 0.01 meq/g (estimate)
0.6	0	92	negligible
1.1	0	80	negligible	some contain wheat or milk: check label
0.4	1.2	36	0.13% citric = 0.020 meq/g	poisonous to dogs and cats
0.8	1.0	31	about 0.01 meq/g (estimate)
1.6	1.0	33	about 0.005 meq/g (estimate)
1.5	4.5	105	about 0.03 meq/g (estimate). Fructan counted as starch	poisonous to dogs and cats
1.7	0.5	22	negligible	squeeze dry after wilting
0.5	0.4	30	0.1% citric = 0.016 meq/g	pickled types are sour and salty
0.4	0.3	27	0.13% citric = 0.020 meq/g
4.5	2.0	213	1.6% citric = 0.250 meq/g	often sulphited
0.5	0	18	0.4% citric = 0.062 meq/g	seeds are wet
3.8	0.4	139	0.27% lactic = 0.030 meq/g	check for stones
1.3	0.4	105	about 0.005 meq/g (estimate)	rinse
1.3	0.4	127	about 0.005 meq/g (estimate)	keep the liquid for aquafaba
2.9	2.5	82	2.2% citric = 0.344 meq/g	US tomato puree is thinner
2.0	0.4	70	0.32% citric = 0.050 meq/g	thickened with wheat flour, some contain milk
3.0	3.9	590	negligible	tree nut. Whole nuts: choking risk under 5
3.0	3.9	590	negligible	tree nut
2.9	4.0	595	negligible	tree nut
1.8	4.3	670	negligible	tree nut
1.5	0	705	negligible	tree nut
2.3	2.1	640	negligible	tree nut
3.0	7.1	560	negligible	tree nut
2.5	0	575	negligible	tree nut
1.1	0	740	negligible	tree nut. Poisonous to dogs
3.4	1.7	683	negligible	tree nut
2.6	4.3	690	negligible	treated as a tree nut in US labelling, not in UK/EU law
2.5	0	600	negligible	peanut
1.5	0.6	190	negligible to 0.01 meq/g (estimate)	treat as a tree nut
3.0	0	600	negligible. Chlorogenic acid can turn green with soda
4.8	0	592	negligible
4.5	0	587	negligible	sesame
6.4	0	525	negligible	can affect drug tests
3.7	0	515	negligible
3.7	0	515	negligible
4.8	0	446	negligible. Often confused with sabja (basil seed)
6.1	0.8	590	negligible
4.0	1.5	572	negligible	usually contains sesame
1.9	4.8	645	negligible	sometimes sulphited: check label. Coconut is not a tree nut in UK/EU law but some people react
1.6	1.0	465	negligible	sometimes sulphited: check label
1.9	4.0	650	negligible	sometimes sulphited: check label
1.0	0	354	negligible
3.3	1.9	600	negligible	peanut
3.1	3.1	625	negligible	tree nut
2.5	0	625	negligible	tree nut
3.5	0.3	645	negligible. Turns green where soda is in excess
4.5	0	630	negligible	sesame
1.3	0.2	558	negligible	tree nut
2.8	4.5	590	negligible	tree nut. Some types are sweetened or contain milk
5.8	7.1	330	acetic, citric, lactic and polyphenol acids titrate 0.20-0.33, taken 0.28 meq/g to pH 7	UK supermarket cocoa is often alkalised: read the label. Poisonous to dogs
8.5	7.4	320	residual potassium carbonate, pH 7.7 to 7, about -0.06 meq/g (range 0 to -0.15)	poisonous to dogs
10.5	6.7	310	heavily alkalised, pH 8.1 to 7, about -0.12 meq/g (estimate)	blend with other cocoa. Poisonous to dogs
2.0	0.5	393	cocoa fraction 20%, part alkalised: about 0.03 meq/g (estimate)	some types contain milk
3.2	2.2	600	47% cocoa solids x 0.26 = 0.12 meq/g	poisonous to dogs
2.3	0.6	580	28% cocoa solids x 0.22 = 0.06 meq/g	may contain milk. Poisonous to dogs
1.8	0.5	548	24% cocoa solids x 0.21 = 0.05 meq/g	may contain milk. Poisonous to dogs
1.3	0.2	533	17% cocoa solids x 0.18 = 0.03 meq/g	most types carry traces of or added milk fat. Poisonous to dogs
1.8	0.2	536	negligible	poisonous to dogs
1.4	0.1	545	negligible	scorches easily
1.3	0.2	529	18% cocoa solids x 0.2 = 0.04 meq/g	check for shared lines with milk. Poisonous to dogs
3.0	2.5	550	45% cocoa solids x 0.27 = 0.12 meq/g	poisonous to dogs
0	0	890	negligible	density is for melted fat
2.3	1.3	300	about 0.05 meq/g (estimate)	not cocoa: contains no theobromine
1.4	0.1	538	cocoa fraction 7%, about 0.01 meq/g	tree nut
0.8	0.2	450	cocoa fraction, about 0.02 meq/g (estimate)	may contain milk, shellac glaze: check label
0.9	1.6	544	negligible	not chocolate: sets without tempering
0.3	0	288	trace acids, about 0.01 meq/g	contains alcohol
0.1	15.9	104	negligible (propylene glycol or glycerol in other_g)
0.2	0.7	272	about 0.005 meq/g (estimate)	may contain alcohol
4.0	3.5	250	about 0.05 meq/g (estimate)
0.1	0.4	312	negligible	contains alcohol. Usually from apricot kernel or synthetic: check label for tree nut
0	0.2	595	negligible	contains alcohol: flammable
0	0	890	negligible	use drops: concentrated
0	0.2	571	negligible	contains alcohol. Peppermint oil is about ten times stronger
0.2	0.8	250	negligible	contains alcohol
0.1	1.4	270	negligible	contains alcohol
0.1	1.4	300	negligible	contains alcohol
0.5	16.0	90	negligible	colours strongly
0.05	0.2	1	negligible	use culinary grade. Strength varies
0.05	0.2	1	negligible	strength varies
8.8	19.4	250	chlorogenic, quinic, citric acids about 0.4 meq/g to pH 7 (estimate)	contains caffeine
7.0	8.5	297	about 0.1 meq/g (estimate). Browns in alkaline batter	contains caffeine
0.8	7.2	10	negligible (propylene glycol in other_g)	check for carmine (not vegan) and hyperactivity warnings
1.5	32.0	240	negligible (glycerol in other_g)	check for carmine (not vegan)
7.5	1.0	250	about 0.02 meq/g (estimate)	use culinary grade only
11.0	0.6	206	0.7% lactic = 0.078 meq/g	soya. Often barley-based: rice miso may be gluten-free
11.8	0	235	about 0.10 meq/g (estimate)	often contains barley and celery: check label
0	0	235	trace, below 0.002 meq/g	contains alcohol
0	0	235	trace volatile acids, about 0.002 meq/g	contains alcohol
0	0.1	234	trace volatile acids, about 0.002 meq/g	contains alcohol. Distilled from grain, exempt from gluten labelling
0	0	234	negligible	contains alcohol
0	0.1	234	trace volatile acids, about 0.002 meq/g	contains alcohol
0.1	0	312	trace, about 0.002 meq/g	contains alcohol
0.1	0	270	negligible	contains alcohol. Check label for tree nut
0.3	0.4	270	coffee acids, about 0.01 meq/g	contains alcohol and caffeine
0.6	0.4	310	negligible	contains alcohol
0.6	1.9	275	negligible	contains alcohol
0.3	0.4	135	0.45% tartaric = 0.060 meq/g	contains alcohol and sulphites
0.3	0.5	157	0.42% tartaric = 0.056 meq/g	contains alcohol and sulphites
0.3	1.7	80	0.6% tartaric = 0.080 meq/g	contains alcohol and sulphites. May be fined with egg, milk or fish products
0.2	1.1	78	0.65% tartaric = 0.087 meq/g	contains alcohol and sulphites. May be fined with egg, milk or fish products
0.2	1.0	74	0.65% tartaric = 0.087 meq/g (carbonic acid not counted)	contains alcohol and sulphites
0.2	0.2	42	0.16% lactic = 0.018 meq/g	contains alcohol and barley gluten
0.3	0.4	39	0.225% lactic = 0.025 meq/g	contains alcohol and barley gluten. Milk stout contains lactose
0.3	0.6	44	0.45% malic = 0.067 meq/g	contains alcohol and sulphites
0	0	0	hard water about -0.004 meq/ml at most, taken as 0
0.1	0.4	1	titrates about 0.008 meq/g to pH 7	contains caffeine
0.4	1.5	6	titrates about 0.03 meq/g to pH 7 (estimate)	contains caffeine
0.1	0.3	1	about 0.003 meq/g	contains caffeine. For fruit loaf soaking
0.4	0.9	45	0.8% citric = 0.125 meq/g
0.2	0.5	46	0.45% malic = 0.067 meq/g
1.2	2.8	270	2.8% malic = 0.418 meq/g
0.4	0.9	53	0.7% citric = 0.109 meq/g
0.1	0.7	50	0.5% citric = 0.078 meq/g
0.4	1.0	54	1.0% citric = 0.156 meq/g
0.9	0.5	18	0.4% citric = 0.062 meq/g
0.5	0.1	19	0.05% malic = 0.007 meq/g
0.05	0.15	41	0.13% citric = 0.020 meq/g (carbonic acid not counted)	UK types may be low in sugar: check label
0.05	0.05	42	phosphoric acid 0.055%: about 0.012 meq/g to pH 7 (carbonic acid not counted)	contains caffeine
0.05	0.15	36	0.1% citric = 0.016 meq/g (carbonic acid not counted)
0.02	0	0	carbonic acid gasses off, taken as 0	club soda contains bicarbonate
0.9	0.2	6	negligible	celery. Some cubes contain wheat
3.7	1.0	410	lactic about 1%, buffered: about 0.05 meq/g to pH 7, slow release (estimate)	animal rennet unless labelled vegetarian
5.6	0.7	405	about 0.05 meq/g, slow release (estimate)	animal rennet
4.0	1.1	410	about 0.04 meq/g, slow release (estimate)	animal rennet
3.0	0.8	300	about 0.04 meq/g, slow release (estimate)
4.6	1.4	270	1.1% lactic = 0.122 meq/g
4.0	0.2	321	about 0.05 meq/g (estimate)
1.6	0.8	260	0.72% lactic = 0.080 meq/g
5.0	1.7	360	about 0.04 meq/g, slow release (estimate)
1.3	0.9	345	0.55% lactic = 0.061 meq/g	UK tub cheese is softer than US brick: drain for frosting
1.7	0.9	214	0.55% lactic = 0.061 meq/g	too soft for most frostings
0.7	0.2	420	0.13% citric = 0.020 meq/g
1.2	0.3	160	0.13% citric = 0.020 meq/g
1.4	0.4	98	0.45% lactic = 0.050 meq/g
1.7	0.4	300	0.27% lactic = 0.030 meq/g
3.0	1.0	298	0.18% lactic = 0.020 meq/g	check label for nuts and soya
6.5	0.5	335	about 0.05 meq/g (estimate)
5.9	0.6	505	about 0.03 meq/g (estimate)	pork
3.2	0	118	about 0.03 meq/g (estimate)	pork
2.9	0	182	about 0.03 meq/g (estimate)	pregnant women in the UK are advised to eat it cooked
6.0	1.2	140	1.2% acetic = 0.200 meq/g	mustard
15.5	0.9	66	0.9% lactic = 0.100 meq/g	soya and wheat: tamari is usually wheat-free
4.5	2.2	92	2.1% acetic = 0.350 meq/g	contains anchovy, UK types contain barley malt vinegar
3.3	1.2	460	0.36% lactic = 0.040 meq/g	usually cashew or pine nut
10.5	1.0	165	negligible	do not inhale the powder
0.9	0.4	190	negligible
1.0	0.7	190	negligible
2.3	0.3	190	negligible	take with plenty of water
2.3	0.3	190	negligible	some types turn purple
1.4	1.0	345	about 0.01 meq/g (estimate)	pork or beef
1.4	1.0	343	about 0.01 meq/g (estimate)	pork or beef
3.3	0.5	176	negligible	must be boiled. Flakes are about a third as strong by volume
1.5	2.9	275	carboxyl groups and added citric acid, about 0.5 meq/g (estimate)	blends differ in sugar and acid
1.5	0	187	negligible
22.5	0.5	140	negligible
0	1.0	800	negligible (phospholipid counted as fat)	soy lecithin contains soya
0.1	0	204	negligible	gas-forming in quantity
0	99.5	425	negligible. Counted in other_g at 4.3 kcal/g	not for children under 8 in frozen drinks (UK advice on slushes)
4.0	0	395	close to neutral	pea protein can affect people with peanut allergy
3.2	0.3	400	about 0.03 meq/g (estimate)	contains soya lecithin in most types
0.8	0.4	420	negligible	tree nut. Home-made may contain raw egg
1.6	0.4	465	negligible	tree nut
0.1	1.0	385	negligible	some types contain gelatine or milk: check label
0.3	0.5	394	negligible	contains dried egg white
0.6	0.8	440	preservative acid, about 0.005 meq/g
1.2	1.1	415	cocoa fraction, about 0.01 meq/g (estimate)
0.3	0.2	330	negligible	gelatine: pork or beef. Vegan types exist. Choking risk for young children
0.3	0	322	negligible
1.1	0.2	545	negligible	may contain tree nuts
1.8	0.2	398	negligible
0.1	0.4	405	negligible	may contain shellac, beeswax or carmine (not vegan): check label
0.2	0.5	320	negligible	contains milk protein in most types
1.0	0.5	583	negligible
5.4	0.5	375	phosphate set, close to neutral	some types contain milk
0.3	0.4	381	negligible
0.4	0.6	260	0.2% citric = 0.031 meq/g	some contain gelatine: check label
0	0.2	595	negligible	contains alcohol: flammable
0	0	890	negligible	use drops: concentrated
0.05	0.2	1	negligible	use sparingly
0.5	19.0	90	negligible	colours strongly
7.7	0	321	about 0.06 meq/g (estimate)
11.7	0	285	about 0.02 meq/g (estimate)	use three times the amount if fresh
7.9	0	265	about 0.02 meq/g (estimate)
10.0	0	285	about 0.02 meq/g (estimate)	legume: can affect people with peanut allergy
2.2	1.9	32	about 0.005 meq/g (estimate)
1.4	0	22	about 0.005 meq/g (estimate)
0.5	2.5	45	2.0% malic = 0.298 meq/g	remove stones
0	0	234	negligible	contains alcohol
0	0.2	263	about 0.01 meq/g (estimate)	contains alcohol
0.3	0.5	148	0.5% tartaric = 0.067 meq/g	contains alcohol and sulphites
0.2	6.2	22	6.0% acetic = 0.999 meq/g	contains sulphites
56.0	43.0	130	about 46% soda, 10% sodium carbonate, 44% citric acid: 6.9 acid less 7.4 base = -0.5 meq/g (estimate)	sold as an antacid: a medicine in some countries. Acts at once: add last
0.6	0.4	24	0.4% lactic = 0.044 meq/g	sourness varies with how it was curdled
1.7	0	362	bran buffer, about 0.015 meq/g (estimate)
2.0	0	378	negligible	usually contains barley malt
2.3	0	383	about 0.03 meq/g (estimate)	may contain milk, soya, egg: check label
2.0	0	458	slight soda residue, about -0.01 meq/g (estimate)	some contain milk: check label
0.6	0	378	native acidity, about 0.01 meq/g (estimate)
0.2	0	127	negligible	cool quickly and chill
0.8	0	117	negligible
0.7	0	382	negligible	many crisped rice cereals contain barley malt: check for gluten
0.2	0.6	47	0.2% malic = 0.030 meq/g
0.3	0.4	42	0.6% citric = 0.094 meq/g
0.3	1.4	37	1.3% citric = 0.203 meq/g	interacts with some medicines
2.0	0.5	528	negligible	peanut
1.2	0.2	390	soda residue about 1%: about -0.1 meq/g (estimate)	absorbs moisture quickly. Some contain honey
0.7	0.3	117	negligible	tinned types are egg-free
1.05	0	61	about 0.015 meq/g (estimate)
3.2	0	107	about 0.01 meq/g (estimate)	use a third of the amount if dried`;
