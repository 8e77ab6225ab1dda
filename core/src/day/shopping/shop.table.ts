// Made from core/tables/shop.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const SHOP_TABLE = `aisle	pack_us	pack_uk	pack_eu	pack_au	label_unit	piece_g	buy_early_days	waste_share	made_from
flour and sugar	907|2268|4536	500|1500	500|1000	1000|2000	g		0	0
flour and sugar	2268	1000|1500	1000	1000|5000	g		0	0
flour and sugar	907		1000	1000	g		0	0
flour and sugar	2267				g		0	0
flour and sugar	2268				g		0	0
flour and sugar		500|1500		1000|2000	g		0	0
flour and sugar	2268	1000|1500	1000	1000	g		0	0
flour and sugar		1000|1500	1000|1500	1000|1500	g		0	0
flour and sugar		1000|1500		1000|1500	g		0	0
flour and sugar	2267				g		0	0
flour and sugar	907|2267				g		0	0
flour and sugar	680|907				g		0	0
flour and sugar		1000|1500|2000	1000|1500|2000	1000|1500|2000	g		0	0
flour and sugar	4536	1000|1500|5000|10000	1000|1500|5000|10000	1000|1500|5000|10000	g		0	0
flour and sugar	227	250|500	250|500	250|500	g		0	0
flour and sugar	510	500|750	500|750	500|750	g		0	0
flour and sugar	340			340	g		0	0
flour and sugar	680	500|1000	500|1000	500|1000	g		0	0
flour and sugar		500|1000	500|1000	500|1000	g		0	0
flour and sugar	680	1000	1000	1000	g		0	0
flour and sugar	680	500|1000	500|1000	500|1000	g		0	0
flour and sugar	907	1000	1000	1000	g		0	0
flour and sugar	567	500|1000	500|1000	500|1000	g		0	0
flour and sugar	907		1000		g		0	0
flour and sugar	907	1000	1000	1000	g		0	0
flour and sugar	680	500	500	500	g		0	0
flour and sugar		1000|1500	1000|1500	1000|1500	g		0	0
flour and sugar	283	500	500	500	g		0	0
flour and sugar		300|500	300|500	300|500	g		0	0
flour and sugar	510|1190	500|1000	500	500|900	g		0	0
flour and sugar	510|1190	500|1000	500	500|900	g		0	0
flour and sugar	793	500	500	500	g		0	0
flour and sugar		500|750		500|750	g		0	0
flour and sugar	567	500	500	500	g		0	0	rolled-oats
flour and sugar	454	400|500	400|500	400|500	g		0	0
flour and sugar	907	450	450	450	g		0	0
flour and sugar	454	500|750|1000	500|750|1000	500|750|1000	g		0	0
flour and sugar	340	500	500	500	g		0	0
flour and sugar	623|1361	500|1000|1360	500|1000|1360	500|1000|1360	g		0	0
flour and sugar		500|1000	500|1000	500|1000	g		0	0
flour and sugar	680	500|1000	500|1000	500|1000	g		0	0
flour and sugar	680	500	500	500	g		0	0
flour and sugar	454	400	400	400	g		0	0
flour and sugar	623	500|1000	500|1000	500|1000	g		0	0
flour and sugar	652	500	500	500	g		0	0
flour and sugar		500|1000	500|1000	500|1000	g		0	0
flour and sugar	623	500	500	500	g		0	0
flour and sugar	567	500	500	500	g		0	0
flour and sugar	510	250	250	250	g		0	0
flour and sugar	510	500	500	500	g		0	0
flour and sugar	680|907	500	500	500	g		0	0
flour and sugar	680	500|1000	500|1000	500|1000	g		0	0
flour and sugar	680	500	500	500	g		0	0
flour and sugar	1000				g		0	0
nuts and dried fruit	454|907	100|150|200	100|200	200|400	g		0	0
nuts and dried fruit	454	200	200	200|400	g		0	0
nuts and dried fruit	227	100	100|200	200	g		0	0
flour and sugar	454	450|500	450|500	450|500	g		0	0
flour and sugar	454	500|1000	500|1000	500|1000	g		0	0
flour and sugar	454	400|500	400|500	400|500	g		0	0
flour and sugar		400|500	400|500	400|500	g		0	0
flour and sugar	340	184	184	184	g		0	0
flour and sugar	454|907	500			g		0	0
flour and sugar	340|680	500			g		0	0
flour and sugar		250|450	250|450	250|450	g		0	0
nuts and dried fruit	454	250	250	250	g		0	0
flour and sugar	454	250|500	250|500	250|500	g		0	0
flour and sugar		200|500	200|500	200|500	g		0	0
flour and sugar	454	200|500	400	300|500	g		0	0
flour and sugar	454	500	500	500	g		0	0
flour and sugar	623	250|500	250|500	250|500	g		0	0
flour and sugar	454	110|500	110|500	110|500	g		0	0
baking aids		300	37|111	350	g		0	0
baking aids	227	500	500	500	g		0	0
flour and sugar	1814	500|1000	1000	1000|2000	g		0	0
flour and sugar	454	500|1000	500|1000	500|1000	g		0	0
flour and sugar		500|1000		500|1000	g		0	0
flour and sugar	454|907	500|1000	250|500	500|1000	g		0	0
flour and sugar	454|907	500|1000	500	500|1000	g		0	0
flour and sugar	454|907	500|1000	500	500|1000	g		0	0
flour and sugar	454	500	500	500	g		0	0
flour and sugar	454	500	500	500	g		0	0
flour and sugar	680	500|1000	500|1000	500|1000	g		0	0
flour and sugar	680|907	500	500	500|1000	g		0	0
flour and sugar		500|1000	500|1000	500|1000	g		0	0
flour and sugar	454	500	500	500	g		0	0
flour and sugar	340				g		0	0
flour and sugar	340				g		0	0
baking aids	227	200|280	200|280	200|280	g		0	0
baking aids	227	100	100	100	g		0	0
baking aids	8	100	8|80		g		0	0
baking aids		1000	500|1000	500	g		0	0
baking aids	454	500|1000	500|1000	500|1000	g		0	0
flour and sugar		250|500	250|500	250|500	g		0	0
flour and sugar	340|454	300|500|1000	300|500|1000	300|500|1000	g		0	0
flour and sugar	454	250|500|1000	250|500|1000	250|500|1000	g		0	0
flour and sugar	340|454				g		0	0
flour and sugar	454	300	300	300	g		0	0
oils and spreads	340|454	340|454	250|500	400|500	g		0	0
flour and sugar	340		450	500	g		0	0
flour and sugar	340|454	340|454			g		0	0
flour and sugar		454		500	g		0	0
flour and sugar	325	454|907		500|850	g		0	0
flour and sugar	473|680				g		0	0
flour and sugar	473|680				g		0	0
baking aids	340	140|500|1000	140|500|1000	140|500|1000	g		0	0
oils and spreads	330|660	330	330	330	g		0	0
flour and sugar	680	250|330|680	250|330	250|330	g		0	0
flour and sugar	595	350|500	350|500	350|500	g		0	0
flour and sugar	340|454	340|454			g		0	0
oils and spreads	340	250|400	250|400	250|400	g		0	0
jars and tins	283	200|300	200|300	200|300	g		0	0
baking aids		500|1000	500|1000	500|1000	g		0	0
flour and sugar	340|454				g		0	0
flour and sugar		250|500	250|500	250|500	g		0	0	granulated-sugar
oils and spreads	340	210|260|340	210|260	210|260	g		0	0
flour and sugar	340	250|340	250	250	g		0	0
dairy and eggs	227|454	250	125|250	250|500	g		0	0
dairy and eggs	227|454	250|500	250	250|500	g		0	0
dairy and eggs	227	250	250	250	g		0	0
oils and spreads	369	250|500|1000	250|500|1000	250|500|1000	g		0	0
dairy and eggs					g		0	0.18	unsalted-butter
oils and spreads	454	250	250	250	g		0	0
oils and spreads	1360				g		0	0
dairy and eggs	454	250	250	250	g		0	0
oils and spreads		200|240		200|240	g		0	0
oils and spreads		200|240		200|240	g		0	0
dairy and eggs	454	250|500	250|500	250	g		0	0
dairy and eggs	425	450|500	500	500	g		0	0
dairy and eggs		250|500	250|500	250|500	g		0	0
dairy and eggs	113.4	200|250	200|250	200|250	g		0	0
oils and spreads	1306	920	460|920	690|1840	ml		0	0
oils and spreads	1306	920	920	690|1840	ml		0	0
oils and spreads	870	920	920	690	ml		0	0
oils and spreads	1088	920	920	920	ml		0	0
oils and spreads	650	458|915	458|915	458|915	ml		0	0
oils and spreads	460	230|460	230|460	230|460	ml		0	0
oils and spreads	457|913	457|913	457|913	457|685	ml		0	0
oils and spreads	457	228|457	228|457	228|457	ml		0	0
oils and spreads	397	300|500	250|450	300	g		0	0
oils and spreads	230	230	230	230	ml		0	0
oils and spreads	136	138|230	138|230	138|230	ml		0	0
oils and spreads		455|910	455|910	455|910	ml		0	0
jars and tins	425|850	400|440|800	400|440|800	400|440|800	g		0	0
oils and spreads	141	200	200	200	g		0	0
dairy and eggs		250|500		250|500	g		0	0
dairy and eggs	974|1950|3899	585|1170|2340	1030	1030|2060|3090	ml		0	0
dairy and eggs	977|1955|3910	587|1173|2347	1033	1033|2066	ml		0	0
dairy and eggs	978|1957|3914	1175|2349	1034	1034|2068	ml		0	0
dairy and eggs	979|1959|3917	588|1176|2352	1035	1035|2070	ml		0	0
dairy and eggs	1950	1030	1030	1030	ml		0	0
dairy and eggs	979	1035	1035	1035	ml		0	0
jars and tins	354	410	170|340	340|375	g		0	0
jars and tins	397	397	400	395	g		0	0
jars and tins	397	380|450	380|450	380|450	g		0	0
baking aids	198	300|500	300|500	300|500	g		0	0
baking aids	454	400|500|1000	400|500|1000	400|500|1000	g		0	0
drinks	227	227|300|500	500	300|500	g		0	0
baking aids	454	454|1000	1000	1000	g		0	0
dairy and eggs	236|471|941		199|498	299|597	ml		0	0
dairy and eggs		147|294|588	123	294	ml		0	0
dairy and eggs	468	149|297	198	297|594	ml		0	0
dairy and eggs	239|478	152|303	202	303	ml		0	0
dairy and eggs	482|965				ml		0	0
dairy and eggs		113|170|227		170	g		0	0
chilled		200|500	200|500	200|500	g		0	0
dairy and eggs	490|979	311	518	621	ml		0	0
dairy and eggs	487|974				ml		0	0
baking aids	340|454				g		0	0
dairy and eggs					g		0	0	whole-milk
dairy and eggs	170|907	150|500	150|500	170|500|1000	g		0	0
dairy and eggs	907	150|450	150|450	150|450	g		0	0
dairy and eggs	150|907	170|500	200|500|1000	170|500|1000	g		0	0
dairy and eggs	907	150|500	150|500	150|500	g		0	0
dairy and eggs	150	150|450	200|500	160	g		0	0
dairy and eggs	454	200	200	200	g		0	0
dairy and eggs	974	515|1030	515|1030	515|1030	ml		0	0
dairy and eggs	227|454	150|300	200	200|300	g		0	0
dairy and eggs	227|454	300	200	200|300	g		0	0
dairy and eggs	227	200|300	150|200	200	g		0	0
dairy and eggs	227	250	250|500		g		0	0
dairy and eggs	12pc|18pc	6pc|10pc|12pc	6pc|10pc	6pc|12pc	g	58	0	0.12
dairy and eggs	12pc|18pc	6pc|10pc|12pc	6pc|10pc	6pc|12pc	g	58	0	0.43	egg
dairy and eggs	12pc|18pc	6pc|10pc|12pc	6pc|10pc	6pc|12pc	g	58	0	0.69	egg
dairy and eggs	907	500	500	500	g		0	0
dairy and eggs	907	500	500	500	g		0	0
baking aids	227	40|100	40|100	40|100	g		0	0
baking aids	454	200	200	200	g		0	0
baking aids	113|227	100			g		0	0
dairy and eggs	6pc	6pc	6pc	6pc	g	80	0	0.13
dairy and eggs	12pc	12pc	12pc	12pc	g	11	0	0.15
baking aids					g		0	0	ground-flaxseed
baking aids					g		0	0	chia-seeds
baking aids	340	135|200	135|200	135|200	g		0	0
jars and tins					g		0	0.68	canned-chickpeas
chilled	340	300|349|400	300|349|400	300|349|400	g		0	0
chilled	396	280	280	280	g		0	0
drinks	974	1030	1030	1030	ml		0	0
drinks	955	1010	1010	1010	ml		0	0
drinks	974	1030	1030	1030	ml		0	0
drinks	974	1030	1030	1030	ml		0	0
drinks	955	1010	1010	1010	ml		0	0
drinks		1010	1010	1010	ml		0	0
drinks	1447	1020	1020	1020	ml		0	0
drinks	955	1010	1010	1010	ml		0	0
drinks	955	1010	1010	1010	ml		0	0
jars and tins	399	396	396	267|396	ml		0	0
jars and tins	403	400	400	400	ml		0	0
jars and tins	391	155|243|388	155|243|388	155|243|388	ml		0	0
jars and tins		200	200	200	g		0	0
jars and tins		150|300	150|300	150|300	g		0	0
jars and tins		210|320	210|320	210|320	g		0	0
chilled	473	250|270	250|270	250|270	ml		0	0
chilled	150	150|500	150|500	150|500	g		0	0
chilled	150	125|350	125|350	125|350	g		0	0
chilled					g		0	0	soy-milk
chilled	227	150|170	150|170	150|170	g		0	0
chilled		253	253	253	ml		0	0
baking aids	227|454	200	50	100|250	g		0	0
baking aids	227|283				g		0	0
baking aids	227|284				g		0	0
baking aids		100|170	15|150	125|200	g		0	0
baking aids	227		17|100	200	g		0	0



baking aids	142|227				g		0	0
baking aids	227	100	100	100	g		0	0
baking aids	50	50|100	15|50	50|100	g		0	0
baking aids	100	100	100	100	g		0	0
baking aids	100	100	100	100	g		0	0
baking aids	100	100	100	100	g		0	0
baking aids	7|113	7|56|125	7	7|280	g		0	0
baking aids	113	7|125	7|125	7|125	g		0	0
chilled	57		42		g		0	0
flour and sugar					g		0	0
oils and spreads	952	252|503	252|503	252|503	ml		0	0
oils and spreads	955	354|505	354|505	354|505	ml		0	0
oils and spreads	287|575	287|575		506	ml		0	0
oils and spreads	354	354|505	354|505	354|505	ml		0	0
oils and spreads	359	152	152	152	ml		0	0
oils and spreads	270	270|540	270|540	270|540	ml		0	0
produce	1pc|457	1pc|258	1pc|206	1pc|258	ml	100	0	0.55	lemon
produce	1pc|244	1pc|258	1pc|206	1pc|258	ml	67	0	0.55	lime
baking aids	43|85	150|180		115	g		0	0
baking aids	50	50|100	50|100	50|100	g		0	0
baking aids	50	50|100|250	50|100|250	50|100|250	g		0	0
baking aids	100	100	100	100	g		0	0
baking aids	100	100	100	100	g		0	0
baking aids	50	50|100	50|100	50|100	g		0	0
spices	50	50|100	50|100	50|100	g		0	0
jars and tins	227	100|200	100|200	100|200	g		0	0
spices	737	750	500	500|750	g		0	0
spices	454	250|500	250|500	250|500	g		0	0
spices	1360				g		0	0
spices	1360				g		0	0
spices	241	125|250	125|250	125|250	g		0	0
spices	500	350|500	350|500	350|500	g		0	0
spices	454	250|500	250|500	250|500	g		0	0
spices		350	350	350	g		0	0
spices		100|200	100|200	100|200	g		0	0
spices	40	40|100	40|100	40|100	g		0	0
spices	40	40|100	40|100	40|100	g		0	0
spices	40	40|100	40|100	40|100	g		0	0
spices	40	40|100	40|100	40|100	g		0	0
spices	40	40|100	40|100	40|100	g		0	0
spices	30	30|100	30|100	30|100	g		0	0
spices	30	30	30	30	g		0	0
spices		35|100		35|100	g		0	0
spices	57				g		0	0
spices	35	35	35	35	g		0	0
spices	50	50|100	50|100	50|100	g		0	0
spices	35	35	35	35	g		0	0
spices	30	30|50	30|50	30|50	g		0	0
spices	40	40	40	40	g		0	0
spices	40	40|100	40|100	40|100	g		0	0
spices	40	40|100	40|100	40|100	g		0	0
spices	40	40|100	40|100	40|100	g		0	0
spices	40	40|100	40|100	40|100	g		0	0
spices	40	40|100	40|100	40|100	g		0	0
spices	40	40|100	40|100	40|100	g		0	0
spices	40	40|100	40|100	40|100	g		0	0
spices	30	30|100	30|100	30|100	g		0	0
spices	40	40|100	40|100	40|100	g		0	0
spices	57|113	57|113		100	g		0	0
spices	50	50|100	50|100	50|100	g		0	0
spices	45	45|100	45|100	45|100	g		0	0
spices	0.4	0.4|1	0.4|1	0.4|1	g		0	0
spices	15	15|30	15|30	15|30	g		0	0
spices	14	14|30	14|30	14|30	g		0	0
spices	50	50|100	50|100	50|100	g		0	0
spices	50	50|100	50|100	50|100	g		0	0
produce	1pc	1pc	1pc	1pc	g	100	0	0.15
produce	1pc|6pc	5pc|6pc	1pc|5pc	1pc|6pc	g	180	4	0.35
produce	1pc	1pc	1pc	1pc	g	270	4	0.38
produce	1pc|1361	6pc	1000	1pc|1000	g	180	0	0.10
produce	1pc	1pc	1000	1pc|1000	g	250	0	0.28
produce	170|340	150|200	125|300	125|170	g		0	0.02
produce	170|340	150|200	125	125	g		0	0.02
produce	454|907	227|400	500	250|500	g	13	0	0.06
produce	170	150|170	150|170	150|170	g		0	0.02
produce	907	200|400	200|400	200|400	g	8	0	0.13
jars and tins	454	350	350|680	350	g	7	0	0.15
produce	340	300	300	300	g		0	0.03
produce	1pc	4pc	500|1000	1pc	g	170	3	0.12
jars and tins	411	411	480|820	410|820	g		0	0.40
produce	1pc	4pc	500|1000	1pc	g	155	3	0.09
produce	1pc	320	500	1pc	g	40	2	0.08
produce	1pc	400	500|1000	1pc	g	70	2	0.06
produce	1pc	4pc	1000	1pc	g	200	3	0.12
produce	1pc|1361	5pc	1000|2000	1pc|3000	g	180	0	0.27
produce	1pc|907	1pc|4pc	1pc|500	1pc	g	100	0	0
produce	1pc|454	1pc|5pc	1pc	1pc	g	67	0	0
produce	1pc	1pc|4pc	1pc|500	1pc	g	100	0	0.94	lemon
produce	1pc	5pc	1pc	1pc	g	180	0	0.93	orange
produce	1pc	1pc|5pc	1pc	1pc	g	67	0	0.94	lime
produce	1pc	1pc	1pc	1pc	g	330	4	0.39
produce	1pc	1pc	1pc	1pc	g	1400	2	0.45
jars and tins	227|567	432	432	432	g		0	0
produce		250|400	250|400	250|400	g	4	0	0.05
produce		150|300	150|300	150|300	g		0	0.05
produce		150	150	150	g		0	0.06
frozen	454|1361	350|500|1000	350|500|1000	350|500|1000	g		0	0
produce	907	500	500	500	g	5	0	0.04
produce		200	200	200	g	50	1	0.03
produce	1pc	6pc	1pc|500	1pc	g	90	3	0.20
produce	1pc	3pc	1pc	1pc	g	190	5	0.22
produce	1pc	3pc	1pc	1pc|170	g	40	2	0.55
produce	1pc|4pc	1pc|2pc	1pc|2pc	1pc	g	200	3	0.32
jars and tins	113|680	360	360|710	140|700	g		0	0
oils and spreads	340	340|480	480	480	g		0	0
jars and tins	425|822	425			g		0	0
jars and tins	425|850				g		0	0
jars and tins					g		0	0	dates
jars and tins	340	128|340	128	128	g		0	0	prunes
jars and tins	850	450	450	450	g		0	0
frozen					g		0	0.25	raspberries
jars and tins	397	200	200	200	g		0	0
oils and spreads	340|454	340|454	340|450	250|500	g		0	0
oils and spreads	340|454	340|454	340|450	250|500	g		0	0
oils and spreads	340|454	340|454	340|450	250|500	g		0	0
oils and spreads	340|454	340|454	340|450	250|500	g		0	0
oils and spreads	340	200|340	200	250	g		0	0
oils and spreads	312|411	320|411	320	320	g		0	0
jars and tins	595	400	370	400	g		0	0
jars and tins	385|567	385		385|800	g		0	0	cooking-apple
nuts and dried fruit	340|567	500	200|500	375|500	g		0	0
nuts and dried fruit	340|425	500	200	375|500	g		0	0
nuts and dried fruit	283	250|375|500	250|375|500	250|375|500	g		0	0
nuts and dried fruit		375|500|1000	375|500|1000	375|500|1000	g		0	0
nuts and dried fruit	227	200|250|500	200|250|500	200|250|500	g	8	0	0
nuts and dried fruit	340	200|350	200|350	200|350	g	24	0	0.08
nuts and dried fruit	170	250|500	250|500	250|500	g		0	0
nuts and dried fruit	170|340	75|170|250	75|170|250	75|170|250	g		0	0
nuts and dried fruit	340	250	250	250	g	9.5	0	0
nuts and dried fruit	227	200|250	200|250	200|250	g		0	0
nuts and dried fruit	142	75	75	75	g		0	0
nuts and dried fruit	142	75|100	75|100	75|100	g		0	0
nuts and dried fruit	142	75|250	75|250	75|250	g		0	0
nuts and dried fruit	170	100|250	100|250	100|250	g		0	0
nuts and dried fruit	170	150|250	150|250	150|250	g		0	0
nuts and dried fruit	34	10|20|35	10|20|35	10|20|35	g		0	0
nuts and dried fruit	34	10|20|34	10|20|34	10|20|34	g		0	0
nuts and dried fruit		100|150|200		100|150|200	g		0	0
nuts and dried fruit	227	100	100	100	g		0	0
nuts and dried fruit	227	100	100	100	g		0	0
nuts and dried fruit	227	100	100	100	g		0	0
nuts and dried fruit	454	100|200	100|200	100|200	g		0	0
jars and tins	283	225	225	225	g		0	0.45
nuts and dried fruit	113	100|125|200	100|125|200	100|125|200	g		0	0
jars and tins		280|350		280|350	g		0	0.40
nuts and dried fruit		100|200|500		100|200|500	g		0	0
nuts and dried fruit	227	100	100	100	g		0	0
nuts and dried fruit		50|100		50|100	g		0	0
jars and tins	411|822	411|822		410	g		0	0
produce	454|907	500|1000	1000	500|1000	g	75	0	0.17
produce	1pc	3pc|500	1pc|500	1pc	g	205	0	0.05
produce	1pc|227	250|300	500	1pc|250	g	110	0	0.10
produce	1pc|425	1000	1000	1pc	g	170	0	0.25
produce	1pc|2268	1000|2000	1000|2000	1000	g	190	0	0.20
produce	1pc	1pc	1pc	1pc	g	1000	0	0.40
produce	454	400|500	400|500	400|500	g	60	0	0.15
produce	454	500	500	500	g	140	0	0.18
produce	454	500	500	500	g	450	0	0.18
jars and tins	198|340	500	500	500	g	300	0	0.55
jars and tins	418	400|418	400|418	400|418	g		0	0
produce	1pc|1361	1000	500|1000	1pc|1000	g	125	0	0.12
produce	113	100	100	100	g	18	0	0.15
produce	14	15|25|30	15|25|30	15|25|30	g		0	0.05
produce	1pc	1pc|4pc	1pc|3pc	1pc	g	45	0	0.13
produce	142|283	200|500|900	200|500|900	200|500|900	g		0	0.15
produce	113	60|100	60|100	60|100	g	17	0	0.18
produce	1pc	1pc|3pc	1pc|500	1pc	g	145	0	0.18
jars and tins	241	190|280	190|280	190|280	g		0	0.45
produce	1pc|283	6pc|250	6pc|500	1pc	g	123	2	0.03
jars and tins	170	160|330	160|330	160|330	g		0	0.50
jars and tins	425	400	400	400	g		0	0.40
jars and tins	439	400	400	400	g		0	0.40
jars and tins	170	200	200	140	g		0	0
jars and tins	295	305	400	305	g		0	0
nuts and dried fruit	454	100|200	100|200	100|200	g		0	0
nuts and dried fruit	170|227	100|200	100|200	120|200	g		0	0
nuts and dried fruit	227	100	100	100	g		0	0
nuts and dried fruit	227|454	100|200	100|200	200|400	g		0	0
nuts and dried fruit	170|454	100|200	100	200	g		0	0
nuts and dried fruit	227	100|200	200	200	g		0	0
nuts and dried fruit	227	100	100	100	g		0	0
nuts and dried fruit	454	100|200	100|200	100|200	g		0	0
nuts and dried fruit	170	100|200	100|200	100|200	g		0	0
nuts and dried fruit	170	100|200	100|200	100|200	g		0	0
nuts and dried fruit	57|113	50|100	50|100	50|100	g		0	0
nuts and dried fruit	454	200	200	200	g		0	0
jars and tins	184	180|200	180|200	180|200	g		0	0
nuts and dried fruit	227	100|250|500	100|250|500	100|250|500	g		0	0
nuts and dried fruit	454	100|250	200	100|250	g		0	0
nuts and dried fruit	64	100|250	100|250	100|250	g		0	0
nuts and dried fruit	74	50|100|250	250	50|100|250	g		0	0
nuts and dried fruit	425	200	200	200	g		0	0
nuts and dried fruit	454	250|500	250|500	250|500	g		0	0
nuts and dried fruit	340	200|300	200|300	200|300	g		0	0
nuts and dried fruit	227	200	200	200	g		0	0
nuts and dried fruit		200|250	200|250	200|250	g		0	0
nuts and dried fruit	227	200|250	200	250|500	g		0	0
nuts and dried fruit	198|397				g		0	0
nuts and dried fruit	198	100|200	100|200	100|200	g		0	0
produce	1pc	1pc	1pc	1pc	g	700	0	0.45
oils and spreads	340|454	225	225	225	g		0	0
oils and spreads	340	170	170	170	g		0	0
oils and spreads	340	170	170	170	g		0	0
oils and spreads	454	170	170	170	g		0	0
oils and spreads	454	270|300	270|300	270|300	g		0	0
nuts and dried fruit		200|250	200|250	200|250	g		0	0
nuts and dried fruit		190|200	190|200	190|200	g		0	0
chocolate	227	125|250	125|250	190|250	g		0	0
chocolate	227	125|250	125|250	190|250	g		0	0
chocolate	227	125	125	125	g		0	0
drinks	283	250|500	250|500	250|500	g		0	0
chocolate	113	100	100	100	g		0	0
chocolate	100	100|200	100|200	180|200	g		0	0
chocolate	113|283	150|200	100|200	180|200	g		0	0
chocolate	340	100|150	75|100	250|290	g		0	0
chocolate	100|312	100|200	100|200	180|200	g		0	0
chocolate	113|312	100|150|200	100|200	180|200	g		0	0
chocolate	255	100	100	100	g		0	0
chocolate	227	150	150	150	g		0	0
chocolate	227	100	100	100	g		0	0
chocolate	227	200	200	200	g		0	0
oils and spreads	371	200|400	200|400	200|400	g		0	0
chocolate	85	50|100	50|100	50|100	g		0	0
chocolate	340	150	150	150	g		0	0
baking aids	52|104	33.4|53	30.8|88	44|88	ml		0	0
baking aids	61	20.8|39.5	20.8|39.5	20.8|39.5	ml		0	0
baking aids	118	50|65	50|65	50|65	g		0	0
spices	1pc|2pc	1pc|2pc	1pc|2pc	1pc|2pc	g	3	0	0.87
baking aids	27.3|54	34.6		45.5	ml		0	0
baking aids	49	31.5	31.5	31.5	ml		0	0
baking aids		12.8|25.5	12.8|25.5	12.8|25.5	ml		0	0
baking aids	49.6	31.9	31.9	31.9	ml		0	0
baking aids	55	35.3	35.3	35.3	ml		0	0
baking aids	54	35	35	35	ml		0	0
baking aids	54	35	35	35	ml		0	0
baking aids		31.5|63	31.5|63	31.5|63	ml		0	0
baking aids	300	100|190|250	100|190|250	100|190|250	ml		0	0
baking aids	300	100|190|250	100|190|250	100|190|250	ml		0	0
drinks	57	100|200	100|200	100|200	g		0	0
drinks	30	30|100	30|100	30|100	g		0	0
baking aids	30.6	10.2|38.8	10.2|38.8	10.2|38.8	ml		0	0
baking aids	20	20|25	20|25	20|25	g		0	0
spices		15|30	15|30	15|30	g		0	0
jars and tins	397	150|300	150|300	150|300	g		0	0
jars and tins		125|250	125|250	125|250	g		0	0
drinks	47.5|356|713	333|665	333|665	333|665	ml		0	0
drinks	47.5|356|713	333|665	333|665	333|665	ml		0	0
drinks	47.5|356|713	333|665	333|665	333|665	ml		0	0
drinks	47.5|356|713	333|665	333|665	333|665	ml		0	0
drinks	190	190|333	190|333	190|333	ml		0	0
drinks	52|390|780	364|728	364|728	364|728	ml		0	0
drinks	54|405|810	378|756	378|756	378|756	ml		0	0
drinks	56|424|847	395|791	395|791	395|791	ml		0	0
drinks	53|394|788	368|735	368|735	368|735	ml		0	0
drinks	788	756|540	756|540	756	ml		0	0
drinks	189|758	189|758	253|758	189|758	ml		0	0
drinks	191|765	191|765	255|765	191|765	ml		0	0
drinks	185|743	185|743	248|743	185|743	ml		0	0
drinks	185|743	185|743	248|743	185|743	ml		0	0
drinks	185|743	185|743	248|743	185|743	ml		0	0
drinks	359	333|444|505	333|444|505	333|444|505	ml		0	0
drinks	335	335|447|507	335|447|507	335|447|507	ml		0	0
drinks	333	333|505	333|505	333|505	ml		0	0
drinks					g		0	0
drinks					g		0	0
drinks					g		0	0
drinks					g		0	0
drinks	1978	261|1045	261|1045	261|1045	ml		0	0
drinks	1978	261|1045	261|1045	261|1045	ml		0	0
drinks	340				g		0	0
drinks	1429	263|1050	263|1050	263|1050	ml		0	0
drinks	1988	1050	1050	1050	ml		0	0
drinks	497	263|1050	263|1050	263|1050	ml		0	0
drinks	1388	510|1020	510|1020	510|1020	ml		0	0
drinks	510	337|1020	337|1020	337|1020	ml		0	0
drinks	369	343|2080	343|2080	343|2080	ml		0	0
drinks	369	343|2080	343|2080	343|2080	ml		0	0
drinks	366	340	340	340	ml		0	0
drinks	1000	330|1000	330|1000	330|1000	ml		0	0
jars and tins	946	500	500	500	g		0	0
chilled	227|454	350|400	200	250|500	g		0	0
chilled	142|227	100|200	100|150	100|200	g		0	0.08
chilled	170	170|200	170|200	170|200	g		0	0
chilled	227	200|227	200	200	g		0	0
chilled	170	150|200	150|200	150|200	g		0	0.20
chilled	225	225|250	225|250	180	g		0	0.02
chilled	113	100|113|150	100|150	100|150	g		0	0
chilled	142	100|150	100|150	100|150	g		0	0
chilled	227	165|180|280	175|200|300	250	g		0	0
chilled	227	180|227	180	180	g		0	0
chilled	227	250	250|500	250	g		0	0
chilled	425	250	250	250|375|500	g		0	0
chilled	454|680	300	200	250|500	g		0	0
chilled	226	200	200	200	g		0	0
chilled	227	200|227	200	200	g		0	0
jars and tins	142	100|125	100|125	100|125	g		0	0
chilled	340	200|340	200	200	g		0	0.65
chilled	227	100|227	100	100	g		0	0
chilled	113	100|200	100|200	100|200	g		0	0
jars and tins	227	185|200	185|200	185|200	g		0	0
jars and tins	349	177|295	177|295	177|295	ml		0	0
jars and tins	337	171|331	171|331	171|331	ml		0	0
jars and tins	184	190	190	190	g		0	0
baking aids	227	100|227	100	100	g		0	0
baking aids	227	100|227	100	100	g		0	0
baking aids	100	100	100	100	g		0	0
baking aids	340	100|340	100	100	g		0	0
baking aids	340	100|340	100	100	g		0	0
baking aids	7|28	12	9	10	g		0	0
baking aids	13	13|25	10|20	13|25	g		0	0
baking aids	28	28|50|100	28|50|100	28|50|100	g		0	0
baking aids	13	13|49	13|49	13|49	g		0	0
baking aids	50	50|100	50|100	50|100	g		0	0
baking aids	50	50|100	50|100	50|100	g		0	0
baking aids	454	100|454	100	100	g		0	0
baking aids	454	250|454	250	250	g		0	0
baking aids	47.9	47.9|151	47.9|151	47.9|151	ml		0	0
baking aids	500	500|1000	500|1000	500|1000	g		0	0
baking aids	907	500|907	500	500	g		0	0
baking aids	198	250|500	200|300	250	g		0	0
baking aids	198		200		g		0	0
baking aids	680	250|500|1000	250|500|1000	250|500|1000	g		0	0
baking aids	907	500	500	500	g		0	0
baking aids	454	400	400	400	g		0	0
baking aids	454	400	400	400	g		0	0
chocolate	283	150|200	150|200	150|200	g		0	0
baking aids	198				g		0	0
chocolate	227				g		0	0
chocolate	312	150	150	150	g		0	0
baking aids	85	50|100|180	50|100|180	50|100|180	g		0	0
frozen	227				g		0	0
baking aids	36				g		0	0
baking aids	59	96	96	96	g		0	0
baking aids			8		g		0	0
baking aids	284	140	140	140	g		0	0
baking aids	49	31.5	31.5	31.5	ml		0	0
baking aids		12.8|25.5	12.8|25.5	12.8|25.5	ml		0	0
baking aids		100|200	100|200	100|200	ml		0	0
baking aids		26.3|63	26.3|63	26.3|63	ml		0	0
spices	40	40|100	40|100	40|100	g		0	0
spices	14	14|20	14|20	14|20	g		0	0
spices	10	10|20	10|20	10|20	g		0	0
spices	25	25|100	25|100	25|100	g		0	0
produce	57	25|30	25|30	25|30	g		0	0.30
produce	57	25|30	25|30	25|30	g		0	0.25
produce		400		400	g	12	1	0.14
drinks	47.5|356|713	333|665	333|665	333|665	ml		0	0
drinks	54|401|803	375|749	375|749	375|749	ml		0	0
drinks	191|765	191|765	255|765	191|765	ml		0	0
oils and spreads	354	354|505	354|505	354|505	ml		0	0
household	5	5|100		5|100	g		0	0
dairy and eggs					ml		0	0	plain-yogurt
flour and sugar		215|430	215|430	215|430	g		0	0
flour and sugar	340|510	375|500	375|500	375|500	g		0	0
flour and sugar	425	175	175	175	g		0	0
flour and sugar	383	250|400	250	250	g		0	0
flour and sugar	340|454	340			g		0	0
jars and tins		250	250	250	g		0	0
jars and tins					g		0	0
flour and sugar	255	170|375	170|375	170|375	g		0	0
jars and tins	411	400	400	400	g		0	0.42
jars and tins	312	298	312	310	g		0	0.42
produce	1pc	1pc|3pc	1pc	1pc	g	400	0	0.45
chocolate	283				g		0	0
chocolate		100|150	100|150	100|150	g		0	0
chilled		400|500	400|500	400|500	g		0	0

`;
