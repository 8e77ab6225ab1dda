// Made from core/tables/pans.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const PANS_TABLE = `id	name	shape	top_l_cm	top_w_cm	bottom_l_cm	bottom_w_cm	depth_cm	tube_d_cm	cups_per_pan	material	typical_fill_fraction	aliases	shape_factor
round_6x2	6 x 2 in round	round	15.2		15.2		5.1		1	aluminium	0.55	15 cm round|6 inch round|15x5 round	1
round_6x3	6 x 3 in round, deep	round	15.2		15.2		7.6		1	aluminium	0.6	15 cm deep round|6 inch deep tin	1
round_7x2	7 x 2 in round	round	17.8		17.8		5.1		1	aluminium	0.55	18 cm sandwich tin deep|7 inch round	1
round_8x15	8 x 1.5 in round	round	20.3		19.3		3.8		1	tinplate	0.55	20 cm sandwich tin|8 inch sandwich tin|20x4 round|8x1.5 round	1
round_8x2	8 x 2 in round, sloped home pan	round	20.3		18.4		4.8		1	aluminium	0.55	8 inch round|20 cm round|8x2 round|20x5 round	1
round_8x2s	8 x 2 in round, straight sides	round	20.3		20.3		5.1		1	aluminium	0.55	8x2 professional round|20 cm straight round	1
round_8x3	8 x 3 in round, deep	round	20.3		20.3		7.3		1	aluminium	0.6	20 cm deep round|8 inch deep tin|20x7.5 round	1
round_9x15	9 x 1.5 in round	round	22.9		21.6		3.8		1	tinplate	0.55	23 cm sandwich tin|9 inch layer pan|9x1.5 round	1
round_9x2	9 x 2 in round, sloped home pan	round	22.9		21.3		5.0		1	aluminium	0.55	9 inch round|23 cm round|9x2 round|23x5 round	1
round_9x2s	9 x 2 in round, straight sides	round	22.9		22.9		5.1		1	aluminium	0.55	9x2 professional round|23 cm straight round	1
round_9x3	9 x 3 in round, deep	round	22.9		22.9		7.2		1	aluminium	0.6	23 cm deep round|9 inch deep tin|23x7.5 round	1
round_10x2	10 x 2 in round	round	25.4		25.4		5.1		1	aluminium	0.55	10 inch round|25 cm round|10x2 round	1
round_10x3	10 x 3 in round, deep	round	25.4		25.4		7.3		1	aluminium	0.6	25 cm deep round|10 inch deep tin	1
round_12x3	12 x 3 in round, deep	round	30.5		30.5		7.3		1	aluminium	0.55	30 cm deep round|12 inch deep tin	1
deep_round_15	15 cm deep round tin	round	15		15		7.5		1	tinplate	0.75	6 inch deep fruit cake tin	1
deep_round_18	18 cm deep round tin	round	18		18		7.5		1	tinplate	0.75	7 inch deep fruit cake tin|18 cm deep round	1
deep_round_20	20 cm deep round tin	round	20		20		7.5		1	tinplate	0.75	8 inch deep fruit cake tin|20 cm deep cake tin	1
deep_round_23	23 cm deep round tin	round	23		23		7.5		1	tinplate	0.75	9 inch deep fruit cake tin|23 cm deep cake tin	1
deep_round_25	25 cm deep round tin	round	25		25		7.5		1	tinplate	0.75	10 inch deep fruit cake tin	1
skillet_8	8 in cast-iron skillet	round	20.3		17.0		4.4		1	cast_iron	0.6	20 cm skillet|8 inch frying pan	1
skillet_10	10 in cast-iron skillet	round	25.7		22.0		4.9		1	cast_iron	0.6	26 cm skillet|10 inch frying pan	1
skillet_12	12 in cast-iron skillet	round	30.0		26.0		5.2		1	cast_iron	0.6	30 cm skillet	1
pie_9	9 in pie dish	round	22.9		18.4		3.0		1	glass	0.7	23 cm pie plate|9x1.25 pie	1
pie_95_deep	9.5 in deep pie dish	round	24.1		19.0		5.1		1	ceramic	0.7	24 cm deep pie dish	1
square_6	6 x 6 x 2 in square	square	15.2	15.2	14.6	14.6	5.0		1	aluminium	0.55	15 cm square	1
square_7	7 x 7 x 2 in square	square	17.8	17.8	17.2	17.2	5.0		1	aluminium	0.55	18 cm square	1
square_8x15	8 x 8 x 1.5 in square	square	20.3	20.3	19.2	19.2	3.8		1	aluminium	0.55	20 cm shallow square	1
square_8x2	8 x 8 x 2 in square	square	20.3	20.3	19.2	19.2	4.85		1	aluminium	0.55	8x8|8 inch square|20 cm square|brownie tin	1
square_8x2g	8 x 8 in glass dish	square	20.3	20.3	18.8	18.8	5.0		1	glass	0.55	8 inch glass dish|2 quart square dish	0.98
square_9x2	9 x 9 x 2 in square	square	22.9	22.9	21.7	21.7	4.85		1	aluminium	0.55	9x9|9 inch square|23 cm square	1
square_10x2	10 x 10 x 2 in square	square	25.4	25.4	24.4	24.4	4.85		1	aluminium	0.55	25 cm square	1
deep_sq_18	18 cm deep square tin	square	18	18	18	18	7.5		1	tinplate	0.75	7 inch deep square	1
deep_sq_20	20 cm deep square tin	square	20	20	20	20	7.5		1	tinplate	0.75	8 inch deep square	1
deep_sq_23	23 cm deep square tin	square	23	23	23	23	7.5		1	tinplate	0.75	9 inch deep square	1
rect_7x11	11 x 7 x 2 in rectangular	rectangular	27.9	17.8	26.7	16.6	4.85		1	aluminium	0.55	28x18 tin|11x7|7x11	1
rect_traybake_uk	30 x 20 cm traybake tin	rectangular	30	20	29.4	19.4	4.0		1	tinplate	0.6	12x8 traybake|30x20x4|traybake tin|lamington tin|lamington pan	1
rect_traybake_s	27 x 18 cm brownie tin	rectangular	27	18	26.4	17.4	3.2		1	tinplate	0.65	brownie tray|27x18	1
rect_9x13	13 x 9 x 2 in, sloped home pan	rectangular	33.0	22.9	31.4	21.2	4.8		1	aluminium	0.55	9x13|13x9|33x23|23x33 tin	1
rect_9x13s	13 x 9 x 2 in, straight sides	rectangular	33.0	22.9	33.0	22.9	5.1		1	aluminium	0.55	9x13 professional|33x23 straight	1
rect_9x13g	13 x 9 in glass dish	rectangular	33.0	22.9	31.0	20.9	5.0		1	glass	0.55	3 quart glass dish	0.98
rect_12x18x2	18 x 12 x 2 in half-sheet cake pan	rectangular	45.7	30.5	45.7	30.5	5.1		1	aluminium	0.5	half sheet cake	1
sheet_jelly	15 x 10 x 1 in jelly roll pan	sheet	38.1	25.4	37.5	24.8	2.5		1	aluminium	0.6	10x15|swiss roll tin large|38x25	1
sheet_swiss_uk	33 x 23 cm Swiss roll tin	sheet	33	23	32.2	22.2	2.0		1	tinplate	0.7	swiss roll tin|13x9 swiss roll	1
sheet_quarter	quarter sheet 13 x 9.5 x 1 in	sheet	31.0	22.2	29.2	20.4	2.5		1	aluminium	0.55	9x13 sheet|quarter sheet pan|33x24 sheet	1
sheet_half	half sheet 18 x 13 x 1 in	sheet	43.8	31.1	41.9	29.2	2.5		1	aluminium	0.55	half sheet pan|13x18 sheet|46x33 sheet	1
sheet_full	full sheet 26 x 18 x 1 in	sheet	63.5	43.2	61.8	41.5	2.5		1	aluminium	0.55	full sheet pan	1
loaf_8x4	8.5 x 4.5 x 2.5 in loaf	loaf	21.6	11.4	19.7	9.8	6.35		1	aluminium	0.65	8.5x4.5 loaf|8x4 loaf|22x11 loaf|medium loaf pan|1 pound loaf pan US	1
loaf_9x5	9 x 5 x 2.75 in loaf	loaf	22.9	12.7	21.3	11.2	7.0		1	aluminium	0.62	9x5 loaf|23x13 loaf|9x5x3 loaf	1
loaf_9x5g	9 x 5 in glass loaf dish	loaf	22.9	12.7	20.6	10.6	7.2		1	glass	0.62	glass loaf dish 1.5 qt	1
loaf_9x4_lidded	9 x 4 x 4 in lidded loaf	loaf	22.9	10.2	22.5	9.9	10.0		1	aluminised_steel	0.6	9x4x4 lidded tin|23x10 loaf	1
loaf_10x5	10 x 5 x 3 in loaf	loaf	25.4	12.7	23.6	11.2	7.3		1	aluminium	0.62	25x13 loaf	1
loaf_12x4	12 x 4.5 x 3 in loaf	loaf	30.5	11.4	29.2	10.2	7.3		1	aluminium	0.62	30x11 loaf|long loaf tin	1
loaf_7x3	7.5 x 3.75 x 2.25 in loaf	loaf	19.0	9.5	17.6	8.1	5.9		1	aluminium	0.65	small loaf pan	1
loaf_uk_1lb	1 lb (450 g) loaf tin	loaf	16.5	10.2	14.3	8.2	6.5		1	tinplate	0.65	1 lb loaf tin|450 g tin|16x10 loaf	1
loaf_uk_2lb	2 lb (900 g) loaf tin	loaf	23.0	13.0	21.0	11.0	7.0		1	tinplate	0.62	2 lb loaf tin|900 g tin|23x13 loaf tin	1
loaf_uk_2lb_narrow	2 lb loaf tin, narrow (21 x 11 cm)	loaf	21.5	11.5	19.5	9.5	6.5		1	tinplate	0.65	900 g narrow tin|21x11 loaf	1
loaf_uk_3lb	3 lb loaf tin	loaf	27.0	13.5	25.0	11.5	8.0		1	tinplate	0.6	3 lb loaf tin|1.3 kg tin	1
loaf_cake_25	25 x 11 cm box loaf tin	loaf	25	11	23.5	9.5	7.5		1	steel_dark	0.62	continental loaf tin|konigskuchen tin 25	1
loaf_cake_30	30 x 11 cm box loaf tin	loaf	30	11	28.5	9.5	7.5		1	steel_dark	0.62	continental loaf tin 30	1
miniloaf_8	mini loaf pan, 8 cavities	mini-loaf	9.8	6.4	8.8	5.4	3.6		8	steel_dark	0.65	8 mini loaf|petite loaf pan	0.98
miniloaf_single	5.75 x 3 x 2.1 in mini loaf	mini-loaf	14.6	7.6	13.4	6.4	5.3		1	aluminium	0.65	mini loaf tin|15x8 loaf|5.5x3 loaf	1
miniloaf_4	mini loaf pan, 4 cavities	mini-loaf	14.6	7.6	13.4	6.4	5.3		4	steel_dark	0.65	4 mini loaf tin	1
friand_12	friand / oval mini pan, 12	mini-loaf	8.0	5.5	7.0	4.5	3.0		12	steel_dark	0.75	friand tin	0.83
muffin_12	standard muffin pan, 12	muffin	7.3		5.4		3.4		12	aluminium	0.72	12 hole muffin tin|cupcake pan|muffin tin|regular muffin	1
muffin_6	standard muffin pan, 6	muffin	7.3		5.4		3.4		6	aluminium	0.72	6 hole muffin tin	1
muffin_12_eu	deep muffin tin 12, UK/EU	muffin	7.2		5.0		3.5		12	steel_dark	0.72	12 hole deep muffin tray	1
bun_12_uk	12-hole shallow bun tin	muffin	6.7		4.5		2.0		12	tinplate	0.7	fairy cake tin|patty pan|bun tin|jam tart tin	1
muffin_mini_24	mini muffin pan, 24	muffin	4.9		3.6		2.1		24	aluminium	0.75	24 hole mini muffin tin	1
muffin_mini_12	mini muffin pan, 12	muffin	4.9		3.6		2.1		12	aluminium	0.75	12 hole mini muffin tin	1
muffin_jumbo_6	jumbo muffin pan, 6	muffin	9.2		7.0		4.4		6	steel_dark	0.7	6 hole jumbo|texas muffin pan	1
muffin_top_6	muffin-top pan, 6	muffin	10.0		9.0		1.5		6	steel_dark	0.9	muffin top tin	1
tulip_cup	free-standing tulip / cafe muffin cup	muffin	8.0		5.0		6.0		1	paper	0.65	tulip case|cafe muffin case	1
doughnut_6	doughnut tin, 6	muffin	7.4		6.6		2.5		6	steel_dark	0.7	doughnut pan|donut pan|doughnut tray	1
madeleine_12	madeleine tin, 12	muffin	6.6		5.0		1.9		12	steel_dark	0.8	madeleine pan|madeleine tray	1
popover_6	popover pan, 6	muffin	7.0		5.0		6.3		6	steel_dark	0.55	popover tin	1
tube_10x4	10 x 4 in tube (angel) pan	tube	24.8		21.6		10.0	7.6	1	aluminium	0.6	angel food pan|10 inch tube pan|25 cm tube	1
tube_10x3	10 x 3 in tube pan	tube	25.4		23.2		7.4	7.5	1	aluminium	0.6	shallow tube pan	1
tube_9x35	9 x 3.5 in tube pan	tube	22.9		20.3		8.4	6.8	1	aluminium	0.6	9 inch tube pan|23 cm tube	1
tube_7x3	7 x 3 in tube pan	tube	17.5		15.5		8.0	5.5	1	aluminium	0.6	17 cm chiffon tin	1
fluted_10	10 in fluted ring, 12 cup	fluted	25.0		20.0		9.0	8.0	1	cast_aluminium	0.65	12 cup fluted|12 cup bundt|25 cm fluted ring|gugelhupf large	0.91
fluted_10c	10 in fluted ring, 10 cup	fluted	24.0		19.5		8.2	7.8	1	cast_aluminium	0.65	10 cup fluted|10 cup bundt|24 cm fluted ring	0.91
fluted_8	8 in fluted ring, 6 cup	fluted	20.3		16.2		7.2	6.8	1	cast_aluminium	0.65	6 cup fluted|6 cup bundt|20 cm fluted ring	0.91
fluted_mini_6	mini fluted ring pan, 6	fluted	10.2		8.2		5.0	2.6	6	cast_aluminium	0.65	6 mini fluted	0.91
gugel_22	22 cm gugelhupf	fluted	21.5		15.0		11.0	5.5	1	steel_dark	0.6	kugelhopf|22 cm gugelhupf	0.91
savarin_23	23 cm ring mould	ring	23		21		5.5	12.5	1	tinplate	0.6	savarin tin|ring mould 9 inch	0.95
spring_7	7 x 2.5 in springform	springform	17.7		17.7		6.4		1	steel_dark	0.6	18 cm springform	1
spring_8	8 x 2.75 in springform	springform	20.0		20.0		6.8		1	steel_dark	0.6	20 cm springform|8 inch springform	1
spring_9x25	9 x 2.5 in springform	springform	22.4		22.4		6.2		1	steel_dark	0.6	9x2.5 springform	1
spring_9x3	9 x 3 in springform	springform	22.4		22.4		7.2		1	steel_dark	0.6	23 cm springform|9 inch springform|9x3 springform	1
spring_24	24 cm springform	springform	24		24		6.8		1	steel_dark	0.6	24 cm springform	1
spring_26	26 cm springform	springform	26		26		6.8		1	steel_dark	0.55	26 cm springform|10 inch springform	1
pudding_1pt	1 pint pudding basin	pudding	13.0		7.5		7.2		1	ceramic	0.75	600 ml basin|1 pint basin	1
pudding_2pt	2 pint pudding basin	pudding	16.3		9.5		9.0		1	ceramic	0.75	1.2 litre basin|2 pint basin	1
pudding_3pt	3 pint pudding basin	pudding	19.0		10.8		9.9		1	ceramic	0.75	1.7 litre basin|3 pint basin	1
ramekin_9	9 cm ramekin	pudding	8.6		8.2		4.3		1	ceramic	0.7	ramekin 3.5 inch|240 ml ramekin	1
mug_300	mug (microwave or oven safe)	pudding	8.2		7.8		6.5		1	ceramic	0.45	mug cake cup	1
can_400	clean 400 g food can	pudding	7.3		7.3		10.6		1	tinplate	0.6	brown bread can|15 oz can	1
wedge_scone_8	wedge scone pan, 8	free							8	steel_dark		scone pan	1
free_round_20	free-form round, 20 cm on sheet	free	20		20		4.0		1	aluminium		soda bread round|cake of soda bread|farl	1
free_wedge_18	free-form scone disc, 18 cm	free	18		18		2.5		1	aluminium		scone round|wedge scones	1
free_cut_6	cut rounds 6 cm on sheet, 12	free	6		6		2.2		12	aluminium		scones|cut biscuits	1
free_drop_12	drop mounds on sheet, 12	free	6.5		6.5		2.0		12	aluminium		drop biscuits	1
free_slab	slab for square scones, 20 x 15 cm	free	20	15	20	15	2.5		1	aluminium		scone slab	1
griddle_28	griddle 28 cm (farls, pancakes)	free	28		28		1.5		1	cast_iron		girdle|bakestone	1
dutch_oven_24	24 cm lidded casserole (soda bread)	round	24		21.5		10.5		1	cast_iron	0.35	bastible|dutch oven 5 qt	1`;
