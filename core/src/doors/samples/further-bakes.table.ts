// Made from core/tables/reference/further_bakes.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const FURTHER_BAKES_TABLE = `id	name	style	shape	dimensions	mass_g_per_pan	pans	material	mode	celsius	schedule	cover	low_min	high_min	family	overrides
W01	fruit puree loaf 9x5 1.15kg	quick	loaf	l=23 w=13 h=7	1150	1	alu-light	conventional	177			58	70	wq
W02	loaf 8.5x4.5 900g	quick	loaf	l=21.5 w=11.5 h=7	900	1	alu-light	conventional	177			48	60	wq
W03	two vegetable loaves 8.5x4.5 850g 163	quick	loaf	l=21.5 w=11.5 h=7	850	2	alu-light	conventional	163			53	66	wq
W04	squash loaf 9x5 1.25kg	quick	loaf	l=23 w=13 h=7	1250	1	alu-light	conventional	177			60	72	wq
W05	six small loaves 200g	quick	loaf	l=14.5 w=8 h=5	200	6	alu-light	conventional	177			26	34	wq
W06	crumbed square 23cm 1.0kg	quick	square	l=23 w=23 depth=5	1000	1	alu-light	conventional	177			34	43	wq
W07	crumbed 9x13 1.7kg	quick	rect	l=33 w=23 depth=5	1700	1	alu-light	conventional	177			36	46	wq
W08	loaf dark 9x5 1.1kg	quick	loaf	l=23 w=13 h=7	1100	1	dark	conventional	177			48	60	wq
W09	corn bread 20cm square 205	quick	square	l=20 w=20 depth=5	800	1	alu-light	conventional	205			20	25	wc	water=0.41 sugar=0.08
W10	corn muffins 205	quick	muffin	h=3.2 dTop=7 dBottom=5 n=12	780	1	alu-light	conventional	205			13	17	wc	water=0.41 sugar=0.08
W11	corn bread 9x13 200	quick	rect	l=33 w=23 depth=5	1600	1	alu-light	conventional	200			24	31	wc	water=0.41 sugar=0.08
W12	muffins 12x75 190	muffin	muffin	h=3.2 dTop=7 dBottom=5 n=12	900	1	alu-light	conventional	190			18	23	wm
W13	muffins 12x75 205	muffin	muffin	h=3.2 dTop=7 dBottom=5 n=12	900	1	alu-light	conventional	205			16	20	wm
W14	muffins 12x95 hot start	muffin	muffin	h=3.5 dTop=7 dBottom=5 n=12	1140	1	alu-light	conventional	218	0:218 5:177		20	25	wm
W15	muffins 12x70 177	muffin	muffin	h=3.2 dTop=7 dBottom=5 n=12	840	1	alu-light	conventional	177			20	25	wm
W16	mini muffins 24x20	muffin	muffin	h=2.1 dTop=4.8 dBottom=3.5 n=24	480	1	alu-light	conventional	177			10	14	wm
W17	jumbo muffins 6x160 190	muffin	muffin	h=4.5 dTop=9 dBottom=7 n=6	960	1	alu-light	conventional	190			25	30	wm
W18	soda round 850g hot start	soda	dome		850	1	alu-light	conventional	220	0:220 15:200		35	45	ws
W19	soda round 850g 190	soda	dome		850	1	alu-light	conventional	190			43	54	ws
W20	soda tin 9x5 1.0kg 190	soda	loaf	l=23 w=13 h=7	1000	1	alu-light	conventional	190			45	57	ws
W21	small soda 350g 200	soda	dome		350	2	alu-light	conventional	200			26	34	ws
W22	2x20cm layers 600g	layer	round	d=20 depth=5	600	2	alu-light	conventional	177			27	33	wl
W23	2x23cm layers 650g	layer	round	d=23 depth=5	650	2	alu-light	conventional	177			25	32	wl
W24	3x20cm layers 430g	layer	round	d=20 depth=5	430	3	alu-light	conventional	177			21	27	wl
W25	9x13 layer 1.5kg	layer	rect	l=33 w=23 depth=5	1500	1	alu-light	conventional	177			31	39	wl
W26	24 cupcakes 50g	layer	muffin	h=3.2 dTop=7 dBottom=5 n=24	1200	1	alu-light	conventional	177			17	21	wl
W27	half sheet layer 1.9kg	layer	rect	l=46 w=33 depth=2.5	1900	1	alu-light	conventional	177			19	25	wl
W28	deep 20cm 1.1kg 163	layer	round	d=20 depth=7.5	1100	1	alu-light	conventional	163			50	62	wl
W29	deep 15cm 600g 163	layer	round	d=15 depth=7.5	600	1	alu-light	conventional	163			40	50	wl
W30	sandwich 2x20cm 400g 180	layer	round	d=20 depth=4	400	2	alu-light	conventional	180			20	25	wv
W31	sandwich 2x20cm 400g fan 160	layer	round	d=20 depth=4	400	2	alu-light	fan	160			20	25	wv
W32	loaf cake 2lb 750g 180	layer	loaf	l=21.5 w=11.5 h=7	750	1	alu-light	conventional	180			43	53	wv
W33	traybake 30x20 900g 180	layer	rect	l=30 w=20 depth=4	900	1	alu-light	conventional	180			25	34	wv
W34	fairy cakes 12x35g 190	layer	muffin	h=2.5 dTop=6.5 dBottom=4.5 n=12	420	1	alu-light	conventional	190			13	17	wv
W35	root vegetable 2x23 1.0kg	oilcake	round	d=23 depth=5	1000	2	alu-light	conventional	177			32	41	wo
W36	root vegetable 9x13 2.0kg	oilcake	rect	l=33 w=23 depth=5	2000	1	alu-light	conventional	177			38	49	wo
W37	cocoa oil 9x13 1.6kg	oilcake	rect	l=33 w=23 depth=5	1600	1	alu-light	conventional	177			32	39	wo
W38	cocoa oil 2x23 850g	oilcake	round	d=23 depth=5	850	2	alu-light	conventional	177			29	36	wo
W39	cocoa cupcakes 24x55	oilcake	muffin	h=3.2 dTop=7 dBottom=5 n=24	1320	1	alu-light	conventional	177			18	22	wo
W40	sheet 46x33 1.9kg 177	oilcake	rect	l=46 w=33 depth=2.5	1900	1	alu-light	conventional	177			19	24	wo
W41	treacle square 23cm 1.1kg	oilcake	square	l=23 w=23 depth=5	1100	1	alu-light	conventional	177			33	42	wo
W42	fluted ring 1.7kg 177	bundt	ring	d=25 depth=9 tube=7	1700	1	alu-light	conventional	177			45	57	wb
W43	fluted ring 1.8kg 163	bundt	ring	d=25 depth=9 tube=7	1800	1	alu-light	conventional	163			57	70	wb
W44	fluted 6-cup 850g 177	bundt	ring	d=20 depth=7.5 tube=6	850	1	alu-light	conventional	177			33	43	wb
W45	pound loaf 1.1kg 163	pound	loaf	l=23 w=13 h=7	1100	1	alu-light	conventional	163			63	76	wp
W46	pound loaf 900g 177	pound	loaf	l=21.5 w=11.5 h=7	900	1	alu-light	conventional	177			50	62	wp
W47	pound tube 1.9kg 163	pound	ring	d=25 depth=10 tube=7 fluted=false	1900	1	alu-light	conventional	163			74	90	wp
W48	plain deep 18cm 950g 160	pound	round	d=18 depth=7.5	950	1	alu-light	conventional	160			60	75	wp
W49	rich fruit 20cm 2.3kg 140	fruit	round	d=20 depth=8	2300	1	alu-light	conventional	140			180	230	wf
W50	rich fruit 15cm 1.0kg 140	fruit	round	d=15 depth=8	1000	1	alu-light	conventional	140			110	145	wf
W51	light fruit 20cm 1.6kg 160	fruit	round	d=20 depth=8	1600	1	alu-light	conventional	160			88	115	wf	water=0.27 rhoF=850
W52	boiled fruit 18cm 1.3kg 150	fruit	round	d=18 depth=7.5	1300	1	alu-light	conventional	150			80	110	wf	water=0.29 rhoF=850
W53	scones 5cm 10x55g 220	scone	disc	d=5 n=10	550	1	alu-light	conventional	220			11	14	wsc
W54	scones 6cm 8x65g fan 200	scone	disc	d=6 n=8	520	1	alu-light	fan	200			12	15	wsc
W55	wedges 8 of 20cm 950g 205	scone	wedge	d=20 n=8	950	1	alu-light	conventional	205			18	24	wsc
W56	wedges 8 of 18cm 750g 218	scone	wedge	d=18 n=8	750	1	alu-light	conventional	218			14	18	wsc
W57	biscuits 6cm 60g 230	biscuit	disc	d=6 n=10	600	1	alu-light	conventional	230			11	14	wbi
W58	biscuits 6cm 65g 218	biscuit	disc	d=6 n=10	650	1	alu-light	conventional	218			12	16	wbi
W59	drop biscuits 60g 230	biscuit	disc	d=6 n=12	720	1	alu-light	conventional	230			11	15	wbi
W60	genoise 23cm 600g 177	sponge	round	d=23 depth=5	600	1	alu-light	conventional	177			25	32	wg
W61	sponge sheet 38x25 480g 190	sponge	rect	l=38 w=25 depth=2.5	480	1	alu-light	conventional	190			10	13	wg`;
