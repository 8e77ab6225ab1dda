// Made from core/tables/materials.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const MATERIALS_TABLE = `id	safe_max_c	caution
aluminium	300	Bare aluminium pits with acid batters left standing (buttermilk, rhubarb); warps on a hob
aluminium_anod	260	Check rim early; no dishwasher
cast_aluminium	260	Often non-stick coated: see nonstick limit. Grease every flute
tinplate	230	Tin melts at 232 C: never preheat empty, not under grill. Rusts; line for acid fruit
aluminised_steel	290	Edges may run dark at corners
steel_dark	230	Coating limit 230 unless the maker says more; no metal knife; do not heat empty
nonstick	230	Fumes above 260 harmful to people and lethal to caged birds; no grill; no aerosol spray (gums)
ceramic_coat	250	Release fades with use; light oil
glass	260	Thermal shock: no fridge/freezer to oven, no cold liquid or wet cloth on hot glass, no grill or hob; preheat oven fully first
ceramic	250	Thermal shock; unglazed base can crack; check lead-free glaze on antique ware
cast_iron	300	Handle stays hot; preheat with fat; acid strips seasoning
enamel_iron	260	Knob may be limited to 200; do not heat empty
stainless	300	Line well; sticks
silicone	230	Food-grade platinum type only; many are rated 220-230; no flame, grill or knife; discard if it smells or whitens when pinched
paper_case	220	Scorches on sheet edges above 220; keep off elements
paper	220	Follow maker limit; set on a tray; batter must not soak the base
parchment	215	Rated 215-220 by most makers: browns and embers above; keep clear of elements; waxed paper is NOT parchment
greaseproof	180	Wax melts and smokes: do not use as an oven liner exposed to heat
foil_tray	300	Always on a sheet; acid or salty batter can pit foil in storage
insulated	230	Never immerse; not for scones needing base heat
stone	300	Thermal shock if wetted; blocks air if too large
carbon_steel	300	Season; dry at once; acid strips patina
copper_tinned	225	Tin lining melts at 232 C; never bare copper with acid batter
terracotta	250	Put into a cold oven; only food-safe ware
wood_frame	160	Dry untreated wood only; keep below 160`;
