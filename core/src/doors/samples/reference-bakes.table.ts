// Made from core/tables/reference/bakes.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const REFERENCE_BAKES_TABLE = `id	name	style	shape	dimensions	mass_g_per_pan	pans	material	mode	celsius	schedule	cover	low_min	high_min	family	overrides
T01	loaf 9x5 quick 1.1kg	quick	loaf	l=23 w=13 h=7	1100	1	alu-light	conventional	175			55	65	qb1
T02	loaf 8.5x4.5 900g	quick	loaf	l=21.5 w=11.5 h=7	900	1	alu-light	conventional	175			50	60	qb1
T03	4 mini loaves 240g	quick	loaf	l=14.5 w=8 h=5	240	4	alu-light	conventional	175			30	37	qb1
T04	quick bread 8x8 900g	quick	square	l=20 w=20 depth=5	900	1	alu-light	conventional	175			32	40	qb1
T05	quick bread muffins 175	quick	muffin	h=3.2 dTop=7 dBottom=5 n=12	816	1	alu-light	conventional	175			20	25	qb1
T06	ring 10in quick bread 1.6kg	quick	ring	d=25 depth=9 tube=7	1600	1	alu-light	conventional	175			50	60	qb1
T07	2x9in layers 700g	layer	round	d=23 depth=5	700	2	alu-light	conventional	175			28	35	lc1
T08	2x8in layers 650g	layer	round	d=20 depth=5	650	2	alu-light	conventional	175			30	37	lc1
T09	9x13 layer batter 1.4kg	layer	rect	l=33 w=23 depth=5	1400	1	alu-light	conventional	175			33	40	lc1
T10	8x8 layer 700g	layer	square	l=20 w=20 depth=5	700	1	alu-light	conventional	175			30	37	lc1
T11	cupcakes 12x55g	layer	muffin	h=3.2 dTop=7 dBottom=5 n=12	660	1	alu-light	conventional	175			18	22	lc1
T12	10in round 950g	layer	round	d=25 depth=5	950	1	alu-light	conventional	175			30	38	lc1
T13	6in round 330g x2	layer	round	d=15 depth=5	330	2	alu-light	conventional	175			25	32	lc1
T14	9in deep springform 1.3kg	layer	round	d=23 depth=7	1300	1	alu-light	conventional	175			45	55	lc1
T15	half sheet oil cake 1.5kg	oilcake	rect	l=46 w=33 depth=2.5	1500	1	alu-light	conventional	175			18	23	oc1
T16	9x13 oil cake 1.6kg	oilcake	rect	l=33 w=23 depth=5	1600	1	alu-light	conventional	175			34	42	oc1
T17	2x9 oil cake 800g	oilcake	round	d=23 depth=5	800	2	alu-light	conventional	175			30	36	oc1
T18	jelly roll sponge 10x15	sponge	rect	l=38 w=25 depth=2.5	550	1	alu-light	conventional	190			11	14	sp1
T19	fluted ring 1.7kg 168C	bundt	ring	d=25 depth=9 tube=7	1700	1	alu-light	conventional	168			60	72	bt1
T20	fluted ring half batch 6-cup	bundt	ring	d=20 depth=8 tube=5.5	850	1	alu-light	conventional	168			40	50	bt1
T21	10in tube pound 1.9kg 163	pound	ring	d=25 depth=10 tube=7 fluted=false	1900	1	alu-light	conventional	163			72	88	pd1
T22	pound 9x5 1.2kg 163	pound	loaf	l=23 w=13 h=7	1200	1	alu-light	conventional	163			65	80	pd1
T23	pound 8.5x4.5 900g 163	pound	loaf	l=21.5 w=11.5 h=7	900	1	alu-light	conventional	163			58	70	pd1
T24	muffins 12x68g 195	muffin	muffin	h=3.2 dTop=7 dBottom=5 n=12	816	1	alu-light	conventional	195			17	22	mf1
T25	jumbo muffins 6x150 190	muffin	muffin	h=4.5 dTop=9 dBottom=7 n=6	900	1	alu-light	conventional	190			25	30	mf1
T26	mini muffins 24x20 190	muffin	muffin	h=2.1 dTop=4.8 dBottom=3.5 n=24	480	1	alu-light	conventional	190			10	13	mf1
T27	half batch muffins 6x68	muffin	muffin	h=3.2 dTop=7 dBottom=5 n=6	408	1	alu-light	conventional	195			16	21	mf1
T28	muffins hot start 218->175	muffin	muffin	h=3.2 dTop=7 dBottom=5 n=12	900	1	alu-light	conventional	218	0:218 5:175		18	23	mf1
T29	biscuits 5.5cm 220	biscuit	disc	d=5.5 n=10	520	1	alu-light	conventional	220			12	15	bi1
T30	scone wedges 8 of 18cm 205	scone	wedge	d=18 n=8	800	1	alu-light	conventional	205			16	20	sc1
T31	scones round 6cm 65g 220	scone	disc	d=6 n=8	520	1	alu-light	conventional	220			12	15	sc1
T32	soda bread 780g 195	soda	dome		780	1	alu-light	conventional	195			40	50	sb1
T33	soda bread 400g 200	soda	dome		400	1	alu-light	conventional	200			28	36	sb1
T34	fruit cake 20cm 2.2kg 150	fruit	round	d=20 depth=8	2200	1	alu-light	conventional	150			140	180	fc1
T35	fruit cake 15cm 1.1kg 150	fruit	round	d=15 depth=8	1100	1	alu-light	conventional	150			105	135	fc1
T36	loaf 9x5 glass 163	quick	loaf	l=23 w=13 h=7	1100	1	glass	conventional	163			55	67	qb1
T37	2x9 dark 163	layer	round	d=23 depth=5	700	2	dark	conventional	163			28	35	lc1
T38	2x9 fan 155	layer	round	d=23 depth=5	700	2	alu-light	fan	155			28	35	lc1
T39	loaf 9x5 fan 155	quick	loaf	l=23 w=13 h=7	1100	1	alu-light	fan	155			55	65	qb1
T40	muffins fan 175	muffin	muffin	h=3.2 dTop=7 dBottom=5 n=12	816	1	alu-light	fan	175			17	22	mf1
T41	9x13 glass oil cake 163	oilcake	rect	l=33 w=23 depth=5	1600	1	glass	conventional	163			34	43	oc1
T42	skillet cornbread cast iron 205	quick	round	d=25 depth=5	1000	1	castiron	conventional	205			20	26	cb1	water=0.4 sugar=0.06
N01	banana loaf 9x5 1.0kg	quick	loaf	l=23 w=13 h=7	1000	1	alu-light	conventional	175			53	65	qb2
N02	banana loaf 9x5 1.0kg cool	quick	loaf	l=23 w=13 h=7	1000	1	alu-light	conventional	163			62	76	qb2
N03	pumpkin loaf 9x5 1.2kg	quick	loaf	l=23 w=13 h=7	1200	1	alu-light	conventional	175			58	72	qb2
N04	two loaves 8.5x4.5 800g	quick	loaf	l=21.5 w=11.5 h=7	800	2	alu-light	conventional	175			48	60	qb2
N05	eight tiny loaves 130g	quick	loaf	l=10 w=6 h=4	130	8	alu-light	conventional	175			21	28	qb2
N06	four mini loaves 280g	quick	loaf	l=14.5 w=8 h=5	280	4	alu-light	conventional	175			33	42	qb2
N07	1lb tin 450g 180	quick	loaf	l=16 w=9 h=6.5	450	1	alu-light	conventional	180			36	46	qb3
N08	2lb tin 850g fan 160	quick	loaf	l=21.5 w=11.5 h=7	850	1	alu-light	fan	160			48	60	qb3
N09	2lb tin 850g 180	quick	loaf	l=21.5 w=11.5 h=7	850	1	alu-light	conventional	180			47	60	qb3
N10	half batch in 8.5x4.5 500g	quick	loaf	l=21.5 w=11.5 h=7	500	1	alu-light	conventional	175			35	45	qb3
N11	ginger loaf 9x5 1.1kg 163	quick	loaf	l=23 w=13 h=7	1100	1	alu-light	conventional	163			60	75	qb3	sugar=0.27
N12	loaf 9x5 dark 163	quick	loaf	l=23 w=13 h=7	1050	1	dark	conventional	163			54	67	qb2
N13	loaf 9x5 foil from 40	quick	loaf	l=23 w=13 h=7	1100	1	alu-light	conventional	175		foil:40-999	57	70	qb2
N14	loaf glass 8.5x4.5 163	quick	loaf	l=21.5 w=11.5 h=7	900	1	glass	conventional	163			52	65	qb2
N15	loaf ceramic 9x5 175	quick	loaf	l=23 w=13 h=7	1050	1	ceramic	conventional	175			55	70	qb2
N16	quick bread 9x13 1.6kg	quick	rect	l=33 w=23 depth=5	1600	1	alu-light	conventional	175			32	42	qb2
N17	quick bread jumbo 6x150	quick	muffin	h=4.5 dTop=9 dBottom=7 n=6	900	1	alu-light	conventional	175			26	33	qb2
N18	quick bread mini 24x22	quick	muffin	h=2.1 dTop=4.8 dBottom=3.5 n=24	528	1	alu-light	conventional	175			12	16	qb2
N19	loaf cold batter 6C	quick	loaf	l=23 w=13 h=7	1050	1	alu-light	conventional	175			60	72	qb2	T0=6
N20	quick bread square 23cm 1.1kg	quick	square	l=23 w=23 depth=5	1100	1	alu-light	conventional	175			33	43	qb3
N21	corn bread 20cm square 200	quick	square	l=20 w=20 depth=5	800	1	alu-light	conventional	200			22	29	cb1	water=0.4 sugar=0.07
N22	corn bread 9x13 190	quick	rect	l=33 w=23 depth=5	1600	1	alu-light	conventional	190			27	36	cb1	water=0.4 sugar=0.07
N23	corn muffins 205	quick	muffin	h=3.2 dTop=7 dBottom=5 n=12	780	1	alu-light	conventional	205			13	18	cb1	water=0.4 sugar=0.07
N24	corn bread loaf 175	quick	loaf	l=23 w=13 h=7	1000	1	alu-light	conventional	175			45	58	cb1	water=0.4 sugar=0.07
N25	corn bread 23cm round 205	quick	round	d=23 depth=5	800	1	alu-light	conventional	205			20	27	cb1	water=0.4 sugar=0.07
N26	three 20cm layers 450g	layer	round	d=20 depth=5	450	3	alu-light	conventional	175			22	29	lc2
N27	three 23cm layers 560g	layer	round	d=23 depth=5	560	3	alu-light	conventional	175			23	31	lc2
N28	single 23cm 500g	layer	round	d=23 depth=5	500	1	alu-light	conventional	175			23	31	lc2
N29	23cm 900g	layer	round	d=23 depth=5	900	1	alu-light	conventional	175			32	41	lc2
N30	9x13 layer 1.4kg 163	layer	rect	l=33 w=23 depth=5	1400	1	alu-light	conventional	163			37	48	lc2
N31	9x13 layer 1.1kg	layer	rect	l=33 w=23 depth=5	1100	1	alu-light	conventional	175			27	35	lc2
N32	28x38 pan 2.0kg	layer	rect	l=38 w=28 depth=5	2000	1	alu-light	conventional	175			32	42	lc2
N33	half sheet layer 2.0kg	layer	rect	l=46 w=33 depth=2.5	2000	1	alu-light	conventional	175			20	28	lc2
N34	quarter sheet layer 850g	layer	rect	l=33 w=23 depth=2.5	850	1	alu-light	conventional	175			18	25	lc2
N35	23cm square 950g	layer	square	l=23 w=23 depth=5	950	1	alu-light	conventional	175			31	40	lc2
N36	20cm square 600g	layer	square	l=20 w=20 depth=5	600	1	alu-light	conventional	175			28	36	lc2
N37	two 23cm cold batter	layer	round	d=23 depth=5	700	2	alu-light	conventional	175			30	38	lc2	T0=8
N38	24 cupcakes two trays	layer	muffin	h=3.2 dTop=7 dBottom=5 n=24	1150	1	alu-light	conventional	175			18	23	lc4
N39	mini cupcakes 24x15	layer	muffin	h=2.1 dTop=4.8 dBottom=3.5 n=24	360	1	alu-light	conventional	175			10	14	lc4
N40	jumbo cupcakes 6x130	layer	muffin	h=4.5 dTop=9 dBottom=7 n=6	780	1	alu-light	conventional	175			24	31	lc4
N41	cupcakes fan 160	layer	muffin	h=3.2 dTop=7 dBottom=5 n=12	660	1	alu-light	fan	160			17	22	lc4
N42	four 10cm rounds 150g	layer	round	d=10 depth=5	150	4	alu-light	conventional	175			20	27	lc4
N43	cupcakes 6x55 half batch	layer	muffin	h=3.2 dTop=7 dBottom=5 n=6	330	1	alu-light	conventional	175			17	22	lc4
N44	15cm round 400g	layer	round	d=15 depth=5	400	1	alu-light	conventional	175			28	37	lc4
N45	sandwich 2x20cm 430g 180	layer	round	d=20 depth=4	430	2	alu-light	conventional	180			20	26	lc5
N46	sandwich 2x20cm 430g fan 160	layer	round	d=20 depth=4	430	2	alu-light	fan	160			20	26	lc5
N47	sandwich 2x18cm 300g 180	layer	round	d=18 depth=4	300	2	alu-light	conventional	180			18	25	lc5
N48	drizzle loaf 2lb 720g 180	layer	loaf	l=21.5 w=11.5 h=7	720	1	alu-light	conventional	180			42	54	lc5
N49	drizzle loaf 2lb 720g fan 160	layer	loaf	l=21.5 w=11.5 h=7	720	1	alu-light	fan	160			42	54	lc5
N50	traybake 30x20 1.0kg 180	layer	rect	l=30 w=20 depth=4	1000	1	alu-light	conventional	180			28	38	lc5
N51	20cm deep 850g 170	layer	round	d=20 depth=7.5	850	1	alu-light	conventional	170			40	52	lc5
N52	tier 20x7.5cm 1.2kg 163	layer	round	d=20 depth=7.5	1200	1	alu-light	conventional	163			56	68	lc3
N53	tier 25x7.5cm 1.9kg 163	layer	round	d=25 depth=7.5	1900	1	alu-light	conventional	163			66	82	lc3
N54	tier 15x7.5cm 600g 163	layer	round	d=15 depth=7.5	600	1	alu-light	conventional	163			42	54	lc3
N55	tier 25x5cm 1.15kg 163	layer	round	d=25 depth=5	1150	1	alu-light	conventional	163			38	49	lc3
N56	tier 30x5cm 1.75kg 163	layer	round	d=30 depth=5	1750	1	alu-light	conventional	163			40	53	lc3
N57	tier 15x5cm 380g 163	layer	round	d=15 depth=5	380	1	alu-light	conventional	163			30	40	lc3
N58	tier 20cm square 7.5 deep 1.5kg 163	layer	square	l=20 w=20 depth=7.5	1500	1	alu-light	conventional	163			58	74	lc3
N59	20cm square glass 163	layer	square	l=20 w=20 depth=5	700	1	glass	conventional	163			32	42	lc2
N60	2x20 dark 163	layer	round	d=20 depth=5	650	2	dark	conventional	163			29	37	lc2
N61	upside-down skillet 25cm 175	layer	round	d=25 depth=5	1100	1	castiron	conventional	175			38	50	lc5
N62	carrot 9x13 1.9kg	oilcake	rect	l=33 w=23 depth=5	1900	1	alu-light	conventional	175			38	49	oc2
N63	carrot 2x23 950g	oilcake	round	d=23 depth=5	950	2	alu-light	conventional	175			33	42	oc2
N64	carrot 3x20 600g	oilcake	round	d=20 depth=5	600	3	alu-light	conventional	175			28	36	oc2
N65	carrot cupcakes	oilcake	muffin	h=3.2 dTop=7 dBottom=5 n=12	720	1	alu-light	conventional	175			19	25	oc2
N66	carrot loaf 9x5 1.0kg	oilcake	loaf	l=23 w=13 h=7	1000	1	alu-light	conventional	175			52	66	oc2
N67	carrot ring 1.8kg	oilcake	ring	d=25 depth=9 tube=7	1800	1	alu-light	conventional	175			50	63	oc2
N68	carrot 20cm deep 1.2kg fan 160	oilcake	round	d=20 depth=7.5	1200	1	alu-light	fan	160			55	70	oc2
N69	sheet cake 46x33 1.8kg 190	oilcake	rect	l=46 w=33 depth=2.5	1800	1	alu-light	conventional	190			16	22	oc3
N70	sheet 38x25 1.1kg 175	oilcake	rect	l=38 w=25 depth=2.5	1100	1	alu-light	conventional	175			18	25	oc3
N71	square 20cm 700g	oilcake	square	l=20 w=20 depth=5	700	1	alu-light	conventional	175			28	37	oc3
N72	chocolate cupcakes	oilcake	muffin	h=3.2 dTop=7 dBottom=5 n=12	660	1	alu-light	conventional	175			18	22	oc3
N73	chocolate ring 1.7kg	oilcake	ring	d=25 depth=9 tube=7	1700	1	alu-light	conventional	175			45	58	oc3
N74	springform 23cm 1.2kg	oilcake	round	d=23 depth=7	1200	1	alu-light	conventional	175			42	55	oc3
N75	2x20 oil 750g dark 165	oilcake	round	d=20 depth=5	750	2	dark	conventional	165			32	41	oc3
N76	chocolate 15cm 3x300g	oilcake	round	d=15 depth=5	300	3	alu-light	conventional	175			24	32	oc3
N77	roll 38x25 450g 200	sponge	rect	l=38 w=25 depth=2.5	450	1	alu-light	conventional	200			9	12.5	sp1
N78	genoise 2x20 330g	sponge	round	d=20 depth=5	330	2	alu-light	conventional	175			21	28	sp1
N79	genoise 23cm 600g	sponge	round	d=23 depth=5	600	1	alu-light	conventional	175			26	34	sp1
N80	sponge half sheet 900g 190	sponge	rect	l=46 w=33 depth=2.5	900	1	alu-light	conventional	190			10	14	sp1
N81	chiffon tube 900g 163	sponge	ring	d=25 depth=10 tube=7 fluted=false	900	1	alu-light	conventional	163			46	60	sp1	rho0=400 rhoF=200
N82	pound 8.5x4.5 1.0kg 175	pound	loaf	l=21.5 w=11.5 h=7	1000	1	alu-light	conventional	175			54	68	pd1
N83	pound ring 2.0kg 163	pound	ring	d=25 depth=9 tube=7	2000	1	alu-light	conventional	163			68	84	pd1
N84	mini pound 4x220g 163	pound	loaf	l=14.5 w=8 h=5	220	4	alu-light	conventional	163			35	46	pd1
N85	pound 9x5 dark 155	pound	loaf	l=23 w=13 h=7	1200	1	dark	conventional	155			65	80	pd1
N86	madeira 18cm deep 1.0kg 160	pound	round	d=18 depth=7.5	1000	1	alu-light	conventional	160			62	80	pd2
N87	madeira 20cm square 1.6kg 160	pound	square	l=20 w=20 depth=7.5	1600	1	alu-light	conventional	160			70	90	pd2
N88	madeira 2lb tin 800g 160	pound	loaf	l=21.5 w=11.5 h=7	800	1	alu-light	conventional	160			52	68	pd2
N89	madeira 15cm deep 650g 160	pound	round	d=15 depth=7.5	650	1	alu-light	conventional	160			52	68	pd2
N90	madeira 25cm deep 2.2kg 160	pound	round	d=25 depth=7.5	2200	1	alu-light	conventional	160			78	100	pd2
N91	ring 12cup 1.8kg 175	bundt	ring	d=25 depth=9 tube=7	1800	1	alu-light	conventional	175			50	63	bt2
N92	ring 10cup 1.4kg 175	bundt	ring	d=24 depth=8.5 tube=7	1400	1	alu-light	conventional	175			42	54	bt2
N93	six small rings 180g 175	bundt	ring	d=10 depth=5 tube=2.5	180	6	alu-light	conventional	175			20	27	bt2
N94	ring dark 1.7kg 163	bundt	ring	d=25 depth=9 tube=7	1700	1	dark	conventional	163			50	64	bt2
N95	ring fan 155 1.7kg	bundt	ring	d=25 depth=9 tube=7	1700	1	alu-light	fan	155			54	68	bt1
N96	muffins 12x80 190	muffin	muffin	h=3.2 dTop=7 dBottom=5 n=12	960	1	alu-light	conventional	190			19	24.5	mf2
N97	muffins 12x68 205	muffin	muffin	h=3.2 dTop=7 dBottom=5 n=12	816	1	alu-light	conventional	205			15	20	mf2
N98	tall muffins 12x100 218-190	muffin	muffin	h=3.8 dTop=7.2 dBottom=5 n=12	1200	1	alu-light	conventional	218	0:218 5:190		20	27	mf2
N99	muffins mini 24x22 175	muffin	muffin	h=2.1 dTop=4.8 dBottom=3.5 n=24	528	1	alu-light	conventional	175			11	15	mf2
N100	jumbo 6x170 175	muffin	muffin	h=4.5 dTop=9 dBottom=7 n=6	1020	1	alu-light	conventional	175			27	35	mf2
N101	muffins cold batter 195	muffin	muffin	h=3.2 dTop=7 dBottom=5 n=12	816	1	alu-light	conventional	195			18.5	24	mf2	T0=5
N102	muffins dark 182	muffin	muffin	h=3.2 dTop=7 dBottom=5 n=12	816	1	dark	conventional	182			17	22	mf2
N103	muffins silicone 190	muffin	muffin	h=3.2 dTop=7 dBottom=5 n=12	816	1	silicone	conventional	190			19	26	mf2
N104	muffins 12x90 fan 175	muffin	muffin	h=3.2 dTop=7 dBottom=5 n=12	1080	1	alu-light	fan	175			20	26	mf3
N105	muffins 6x90 fan 175	muffin	muffin	h=3.2 dTop=7 dBottom=5 n=6	540	1	alu-light	fan	175			19	25	mf3
N106	muffins 24x68 two trays 195	muffin	muffin	h=3.2 dTop=7 dBottom=5 n=24	1632	1	alu-light	conventional	195			18	24	mf3
N107	muffin batter in 8.5x4.5 900g 180	muffin	loaf	l=21.5 w=11.5 h=7	900	1	alu-light	conventional	180			46	60	mf3
N108	biscuits 6.5cm 75g 218	biscuit	disc	d=6.5 n=8	600	1	alu-light	conventional	218			13	18	bi1
N109	biscuits 5cm 35g 230	biscuit	disc	d=5 n=16	560	1	alu-light	conventional	230			10	13	bi1
N110	large biscuits 120g 220	biscuit	disc	d=8 n=6	720	1	alu-light	conventional	220			16	22	bi1
N111	biscuits 55g 200	biscuit	disc	d=5.8 n=10	550	1	alu-light	conventional	200			15	20	bi2
N112	biscuits 55g 190	biscuit	disc	d=5.8 n=10	550	1	alu-light	conventional	190			16	22	bi2
N113	biscuits cold 4C 220	biscuit	disc	d=6 n=8	520	1	alu-light	conventional	220			13	17	bi2	T0=4
N114	tiny biscuits 20g 220	biscuit	disc	d=4 n=20	400	1	alu-light	conventional	220			8.5	12	bi2
N115	pan biscuits skillet 25cm 800g 220	biscuit	round	d=25 depth=5	800	1	castiron	conventional	220			17	24	bi2
N116	drop biscuits 60g fan 200	biscuit	disc	d=6 n=10	600	1	alu-light	fan	200			12	16	bi2
N117	wedges 8 of 20cm 900g 200	scone	wedge	d=20 n=8	900	1	alu-light	conventional	200			18	24	sc2
N118	wedges 8 of 18cm 800g 190	scone	wedge	d=18 n=8	800	1	alu-light	conventional	190			19	25	sc2
N119	wedges 6 of 18cm 850g 200	scone	wedge	d=18 n=6	850	1	alu-light	conventional	200			19	26	sc2
N120	wedges 8 cold 205	scone	wedge	d=18 n=8	800	1	alu-light	conventional	205			17	23	sc2	T0=4
N121	wedges fan 190	scone	wedge	d=18 n=8	800	1	alu-light	fan	190			16	21	sc2
N122	round scones 6cm 65g fan 200	scone	disc	d=6 n=8	520	1	alu-light	fan	200			12	15.5	sc1
N123	round scones 5cm 45g 220	scone	disc	d=5 n=12	540	1	alu-light	conventional	220			10	14	sc1
N124	mini wedges 16 of 2x13cm	scone	wedge	d=13 n=8	340	2	alu-light	conventional	205			12.5	17	sc2
N125	large round scones 8cm 110g 210	scone	disc	d=8 n=6	660	1	alu-light	conventional	210			15	20	sc1
N126	soda 900g 200	soda	dome		900	1	alu-light	conventional	200			40	52	sb2
N127	soda 780g 220-200	soda	dome		780	1	alu-light	conventional	220	0:220 10:200		36	46	sb2
N128	soda 500g 200	soda	dome		500	1	alu-light	conventional	200			31	40	sb2
N129	soda 1200g 190	soda	dome		1200	1	alu-light	conventional	190			50	65	sb2
N130	four small soda 200g 205	soda	dome		200	4	alu-light	conventional	205			21	28	sb2
N131	soda 780g fan 180	soda	dome		780	1	alu-light	fan	180			38	48	sb2
N132	soda tin 9x5 950g 190	soda	loaf	l=23 w=13 h=7	950	1	alu-light	conventional	190			46	60	sb1
N133	soda skillet round 900g 200	soda	dome		900	1	castiron	conventional	200			38	50	sb1
N134	soda covered 900g 220	soda	dome		900	1	castiron	conventional	220		lid:0-30	40	52	sb3
N135	soda covered 780g 230	soda	dome		780	1	castiron	conventional	230		lid:0-25	36	48	sb3
N136	soda covered 500g 220	soda	dome		500	1	castiron	conventional	220		lid:0-20	30	41	sb3
N137	fruit 18cm 1.5kg 150	fruit	round	d=18 depth=8	1500	1	alu-light	conventional	150			115	155	fc1
N138	fruit 23cm 3.2kg 150	fruit	round	d=23 depth=8	3200	1	alu-light	conventional	150			175	225	fc1
N139	fruit 20cm 2.2kg 140	fruit	round	d=20 depth=8	2200	1	alu-light	conventional	140			155	210	fc1
N140	fruit 20cm square 2.7kg 150	fruit	square	l=20 w=20 depth=8	2700	1	alu-light	conventional	150			155	205	fc1
N141	fruit loaf 9x5 1.3kg 150	fruit	loaf	l=23 w=13 h=7	1300	1	alu-light	conventional	150			85	115	fc2
N142	fruit muffins 12x75 150	fruit	muffin	h=3.2 dTop=7 dBottom=5 n=12	900	1	alu-light	conventional	150			32	45	fc2
N143	fruit 20cm 2.2kg fan 130	fruit	round	d=20 depth=8	2200	1	alu-light	fan	130			145	195	fc2
N144	fruit 20cm 2.2kg foil from 80	fruit	round	d=20 depth=8	2200	1	alu-light	conventional	150		foil:80-999	145	190	fc2
N145	light fruit 20cm 1.5kg 160	fruit	round	d=20 depth=8	1500	1	alu-light	conventional	160			85	112	fc3	water=0.27 rhoF=850
N146	light fruit 2lb tin 1.0kg 160	fruit	loaf	l=21.5 w=11.5 h=7	1000	1	alu-light	conventional	160			62	85	fc3	water=0.27 rhoF=850
N147	light fruit 15cm 800g 160	fruit	round	d=15 depth=8	800	1	alu-light	conventional	160			68	92	fc3	water=0.27 rhoF=850
N148	fruit 20cm 2.2kg staged 160-140	fruit	round	d=20 depth=8	2200	1	alu-light	conventional	160	0:160 60:140		145	190	fc2
N149	yogurt loaf 8.5x4.5 900g	oilcake	loaf	l=21.5 w=11.5 h=7	900	1	alu-light	conventional	175			48	60	oc2`;
