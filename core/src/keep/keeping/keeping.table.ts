// Made from core/tables/keeping.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const KEEPING_TABLE = `id	product_type	room_days	fridge_days	freezer_months	wrap	why	caution
cake_butter_plain	butter or pound cake, unfrosted	4	7	3	film or airtight tin once below 30 C	sugar and fat hold water; firms in the fridge as butter sets	Serve at room temperature; cold butter cake tastes dry
cake_oil_plain	oil cake, unfrosted	4	7	3	film or airtight tin	oil stays liquid so it eats soft from cold	Low-sugar versions mould sooner
cake_high_ratio	high-ratio layers, unfrosted	4	6	3	film each layer	high sugar lowers water activity
cake_sandwich_jam	sandwich cake with jam only	3	5	2	tin	jam is preserved; crumb stales from day 2
cake_buttercream	cake with plain butter and sugar frosting	3	7	2	dome or box	sugar over 65 percent of frosting protects it	Keep under 22 C; frosting with added milk or cream: fridge after 1 day
cake_dairy_frost	cake with whipped cream, custard or fresh dairy filling	0	2	1	covered, 4 C or below	perishable dairy, high water activity	No more than 2 h out (1 h above 32 C); custard fillings weep after freezing
cake_cream_cheese	cream-cheese frosted cake	0	5	2	covered box, 4 C or below	soft cheese frosting: not shelf stable unless tested	No more than 2 h out in total; serve within 30-60 min of the fridge
cake_meringue_frost	cake with cooked-meringue buttercream	1	5	2	box	egg white cooked to 71 C with sugar and butter	Raw-white meringue: use pasteurised whites and keep cold
cake_ganache	cake with dark chocolate ganache	2	7	2	box	water activity about 0.80-0.87 when rich in chocolate	Thin (1:1 or looser) ganache: fridge
cake_fondant	sugar-paste covered cake	4	0	0	box, not airtight	sugar paste seals crumb	Fridge makes it sweat and run; perishable filling overrides: then fridge
cake_fresh_fruit	cake topped or filled with fresh cut fruit	0	2	0	covered, 4 C or below	cut fruit is perishable and bleeds	2 h rule
cake_chocolate	chocolate cake, unfrosted	4	7	3	film	cocoa and sugar hold water
cake_vegetable	carrot, courgette or parsnip cake, unfrosted	3	7	3	film or tin	wet crumb: sticky top, moulds sooner than butter cake	In warm humid rooms 2 days then fridge
cake_vegan	vegan cake	3	6	3	film	no egg: stales a little faster
cupcakes_plain	cupcakes, unfrosted	2	5	3	airtight when fully cold	small: more surface, dries fast	Warm in a sealed box: wet cases peel
tray_bake	tray bake or snack cake	4	7	3	tin	quality limit: staling and drying	Fresh fruit on top: 2 days, then fridge
fruit_cake_light	light fruit cake	10	21	6	parchment then foil in a tin	dried fruit sugar and lower water activity
fruit_cake_dark_unfed	rich dark fruit cake, not fed	30	60	12	parchment then foil, tin, below 18 C	water activity about 0.75-0.82	Look for mould under the paper weekly
fruit_cake_dark_fed	rich dark fruit cake, fed with spirit	90	180	12	parchment then foil, tin, below 18 C; feed 15 ml spirit per kg every 7-14 days	alcohol and low water activity check mould	Contains alcohol; over-feeding makes it soggy; foil must not touch the cake
fruit_cake_iced	dark fruit cake, marzipan and royal icing	60	0	0	box, cool dry room	sealed by sugar; fridge moisture stains icing	Raw egg white icing: use pasteurised white
gingerbread	sticky gingerbread cake	7	14	3	parchment and foil	syrups hold water; better after 2 days
quick_loaf	plain quick loaf	3	7	3	film when below 30 C	quality limit: staling and drying
fruit_puree_loaf	banana, pumpkin or apple loaf	3	7	3	film; a paper towel in the box takes condensation	wet crumb near water activity 0.93: moulds first at day 4	In warm humid rooms 2 days
muffins_plain	muffins without fresh fruit	2	5	3	airtight with paper towel	moderate sugar stales in a day	Rewarm 150 C 6 min
muffins_fresh_fruit	muffins with fresh fruit	1	4	3	box lined with paper towel, lid ajar 2 h	berries wet the crumb and mould early	Freeze the day they are baked
muffins_bran	bran or whole-grain muffins	3	6	3	airtight	bran holds water	Whole-grain fats go rancid in long freezing
muffins_savoury	muffins or scones with cheese, ham or bacon	0	3	2	covered, 4 C or below	moist savoury fillings are perishable	2 h rule; hard cheese only: 1 day at room is customary
scones	plain or dried-fruit scones	1	2	3	cloth while warm, then bag	lean: stales in hours; fridge speeds staling	Freeze the day baked; rewarm 170 C 6 min
scones_fresh_fruit	scones with fresh fruit	1	2	2	box with paper towel	quality limit: staling and drying
biscuits_us	American flaky or drop biscuits	1	2	3	bag	lean: stales in hours	Rewarm 175 C 6 min
wedge_scones	cream wedge scones	2	3	3	airtight	richer so a little longer	Glaze goes wet in the freezer
soda_bread	plain white soda bread	2	3	3	cloth day 1, then bag	no fat or sugar: best the same day	Slice before freezing; toast from frozen
soda_bread_brown	brown soda bread	3	5	3	cloth then bag	bran holds water
soda_bread_cheese	soda bread with cheese or meat	0	3	2	covered, 4 C or below	perishable inclusions	2 h rule
corn_bread	corn bread	2	5	3	film	cornmeal dries and crumbles	With cheese or fresh corn: fridge after the day
griddle_farls	oat or soda farls	1	2	3	cloth then bag	quality limit: staling and drying	Fry or toast on day 2
pancakes	pancakes, baked	0	3	2	parchment between, bag	moist egg and milk, thin	2 h rule; reheat to steaming
gluten_free_loaf	gluten-free loaf or cake	2	4	3	film at once when cold	starch retrogrades fast: fridge makes it crumbly	Slice and freeze on the day
discard_cake	sourdough-discard cake	4	7	3	film	acid delays mould a little
raw_scones_frozen	raw shaped scones or biscuits, frozen	0	1	1.5	freeze open on a tray, then airtight bag	double-acting or slow powder keeps; single-acting and soda-only do not	Bake from frozen at the same heat, 3-5 min longer; wash hands: raw flour and egg
raw_batter_double	raw cake or muffin batter, double-acting powder	0	1	0	covered surface, 4 C or below	bench gas is lost: expect 5-15 percent less volume	Raw flour and egg: never taste; use within 24 h; no freezing advised
raw_batter_single	raw batter, tartrate powder or soda	0	0	0	do not store: bake within 3-15 min	gas is released while mixing	Re-leavening guesses fail; discard if over 2 h above 5 C
raw_bran_batter	raw bran muffin batter, double-acting powder	0	2	0	covered, 4 C or below	bran hydrates and batter thickens	Old practice of weeks in the fridge is unsafe with egg
raw_fruit_cake_mix	raw dark fruit cake mix, no powder	0	1	0	covered, 4 C or below	no gas to lose	Bring to 18 C before baking; raw egg
dry_mix	home-made dry mix with powder, no fat	90	90	6	airtight jar with date	moisture starts the powder	Mix with cut-in butter: fridge 14 days, freezer 3 months`;
