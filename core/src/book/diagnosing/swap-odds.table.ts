// Made from core/tables/book/swap-odds.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const SWAP_ODDS_TABLE = `swap	cause	log_odds
natural>dutch cocoa	cocoa_swap	1
buttermilk>milk	soda_excess	0.7
less sugar	sugar_low	0.7
butter>puree	fat_low	0.7
egg>flax	egg_low	0.7
egg>aquafaba	egg_low	0.7
wheat>gluten-free	no_binder	1
wheat>wholegrain	liquid_low	0.7
wet vegetable	liquid_high	0.7
butter>oil	undercreamed	0.7
milk>plant milk	soda_excess	0.2`;
