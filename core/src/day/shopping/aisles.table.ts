// Made from core/tables/aisles.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const AISLES_TABLE = `order	aisle
1	produce
2	dairy and eggs
3	chilled
4	flour and sugar
5	baking aids
6	oils and spreads
7	nuts and dried fruit
8	jars and tins
9	spices
10	chocolate
11	frozen
12	drinks
13	household`;
