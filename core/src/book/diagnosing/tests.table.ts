// Made from core/tables/book/tests.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const TESTS_TABLE = `test	known_by	minutes	yes	yes_if_other
fizz	weak-fizz	2	leavener_old=0.9	0.07
oven-thermometer	oven-error	25	oven_hot=0.85|fan_unadjusted=0.2	0.2
oven-thermometer-cool	oven-error	25	oven_cool=0.85	0.2
core	core	2	underbaked=0.9|liquid_high=0.2	0.1
skewer	core	1	underbaked=0.75|liquid_high=0.35|door_opened=0.2	0.12
cup	flour-cup	2	flour_heavy=0.9	0.15
protein	flour-protein	1	strong_flour=0.9	0.2
mixing	mixing	1	overmixed=0.85|undermixed=0.02	0.25
streaks	dry-streaks	1	undermixed=0.8	0.06
wait	waiting	1	batter_waited=0.9	0.12
door	door-opened	1	door_opened=0.95	0.15
fan	fan-not-lowered	1	fan_unadjusted=0.95|skin_early=0.3	0.1
shelf	top-shelf	1	skin_early=0.75	0.15
pan-colour	pan-heat	1	dark_pan=0.95	0.25
pan-pale	pan-heat	1	pale_pan=0.95	0.08
fill	filling	1	overfilled=0.95	0.2
preheat	preheating	1	not_preheated=0.9	0.15
side	side-difference	8	oven_uneven=0.85	0.2
level	unlevelled	1	uneven_dough=0.8	0.2
scale-divide	divided-by-eye	1	uneven_division=0.95	0.5
egg-warm	egg-temperature	1	cold_ingredients=0.9	0.25
egg-adds	egg-additions	1	eggs_fast=0.9	0.3
butter	butter-temperature	1	butter_warm=0.85	0.12
density	batter-density	2	undercreamed=0.8	0.15
sieve	soda-unsieved	1	soda_unsieved=0.9	0.25
cocoa	alkalised-cocoa-with-soda	1	cocoa_swap=0.95	0.25
strip	crumb-ph	3	soda_excess=0.85|alkaline_pigment=0.5|cocoa_swap=0.6|soda_unsieved=0.3	0.08
powder-kind	aluminium-powder	1	alum_powder=0.95	0.45
weigh-liquid		1	liquid_high=0.6|batter_thin=0.4	0.15
half-batch-liquid		60	liquid_high=0.8|batter_thin=0.7|underbaked=0.3	0.15
half-batch-gas		60	leavener_high=0.85|altitude=0.6	0.15
lined	unlined	1	pan_unlined=0.85	0.12
in-pan	minutes-in-pan	1	cooled_in_pan=0.95	0.25
out-early	minutes-in-pan	1	unmould_early=0.9	0.12
wrap	wrapped-at	1	wrapped_warm=0.9	0.15
humid	humidity	1	humid_store=0.85	0.25
twist	cutter-twisted	1	cutter_twist=0.85	0.2
thick	thickness	1	dough_thin=0.9	0.2
scraps	rerolled	1	scrap_reroll=0.9	0.1
gap	gap	1	spaced_wide=0.9	0.35
fruit	fruit-piece	1	fruit_heavy=0.85	0.25
cake-temp	cake-temperature	1	cake_warm=0.92	0.12
room	room-temperature	1	room_hot=0.9	0.15
frost-ratio	frosting-sugar	1	frosting_ratio=0.85	0.2
frost-warmth	frosting-gap	1	frosting_temp_gap=0.9	0.2
frost-pour	frosting-liquid-fast	1	frosting_liquid_fast=0.9	0.15
frost-beat	frosting-beating	1	frosting_overbeaten=0.85	0.25
sift	sugar-unsifted	1	frosting_sugar_coarse=0.85	0.3
sugar-more		1	sugar_high=0.7	0.08
sugar-less		1	sugar_low=0.85	0.12
fat-more		1	fat_high=0.6	0.15
fat-less		1	fat_low=0.8	0.06
egg-weight		2	egg_high=0.8|egg_low=0.8|liquid_high=0.3	0.2
stiff		1	liquid_low=0.8|flour_heavy=0.75|fat_low=0.2	0.12
after-clean	time	1	overbaked=0.85	0.12
binder	binder	1	no_binder=0.9	0.5
fill-low	filling	1	underfilled=0.95	0.15
forgot		1	leavener_low=0.7	0.06
light-batter	batter-density	2	overcreamed=0.8	0.1
sour	spare-acid	1	acid_spare=0.75	0.08
sugar-grain	coarse-sugar	1	sugar_undissolved=0.9	0.2`;
