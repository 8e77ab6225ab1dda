// Made from core/tables/safety.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const SAFETY_TABLE = `perishable	filling_role	contains	may	infant_ok	infant_reason	alcohol_kind	choking	toxic_note
0	not_raw	wheat		2	raw flour
0	not_raw	wheat		2	raw flour
0	not_raw	wheat		2	raw flour
0	not_raw	wheat		2	raw flour
0	not_raw	wheat		2	added salt
0	not_raw	wheat		2	raw flour
0	not_raw	wheat		2	raw flour
0	not_raw	wheat		2	raw flour
0	not_raw	wheat		2	raw flour
0	not_raw	wheat		2	raw flour
0	not_raw	wheat		2	raw flour
0	not_raw	wheat		2	raw flour
0	not_raw	wheat		2	raw flour
0	not_raw	wheat		2	raw flour
0	not_raw	wheat	soy|mustard	2	raw flour
0	room	wheat|barley	milk	1
1	not_raw	wheat	soy|mustard	2	raw flour
0	not_raw	wheat	soy|mustard	2	raw flour
0	not_raw	wheat	soy|mustard	2	raw flour
0	not_raw	wheat|spelt		2	raw flour
0	not_raw	wheat|spelt		2	raw flour
0	not_raw	wheat	soy|mustard	2	raw flour
0	not_raw	wheat	soy|mustard	2	raw flour
0	not_raw	rye	wheat	2	raw flour
0	not_raw	rye	wheat	2	raw flour
0	not_raw	barley	wheat	2	raw flour
0	not_raw	wheat|barley	rye|oats	2	raw flour
0	not_raw	wheat	sulphite	2	raw flour
0	room	wheat	sulphite	1
0	room	oats	wheat|barley	1
0	room	oats	wheat|barley	1
0	not_raw	oats	wheat|barley	2	raw flour
0	not_raw	oats	wheat|barley	2	raw flour
0	not_raw	oats	wheat|barley	2	raw flour
0	room	oats	wheat|barley	1
0	room	oats		1
0	room	oats|wheat|hazelnut|almond|sulphite|barley|rye|spelt|walnut|cashew|brazil|pecan	milk|coconut|sesame|peanut|soy	0	whole nuts		nut piece
0	room	oats|almond|wheat|barley|hazelnut|walnut|pecan|cashew	milk|coconut|sesame|peanut|soy|sulphite	0	honey		nut piece
0	not_raw		milk|soy|lupin|almond|buckwheat	2	raw flour
0	not_raw		milk|soy|lupin|almond|buckwheat	2	raw flour
0	not_raw			2	raw flour
0	not_raw			2	raw flour			rice arsenic: not a main food for small children
0	not_raw			2	raw flour
0	not_raw		wheat|soy	2	raw flour
0	not_raw		wheat|soy	2	raw flour
0	not_raw		wheat|soy	2	raw flour
0	not_raw	buckwheat	wheat	2	raw flour
0	not_raw		wheat|soy	2	raw flour
0	not_raw		wheat|soy	2	raw flour			unrinsed grain holds saponins
0	not_raw		wheat|soy	2	raw flour
0	not_raw		wheat	2	raw flour
0	not_raw		wheat	2	raw flour
0	not_raw		wheat	2	raw flour
0	not_raw			2	raw flour
0	room	almond	hazelnut|cashew|pistachio|walnut|peanut	1
0	room	almond	hazelnut|cashew|pistachio|walnut|peanut	1
0	room	hazelnut	almond|peanut	1
0	room	coconut		1
0	not_raw		wheat|soy	2	raw flour			legume flour: cook fully
0	not_raw	soy	wheat	2	raw flour			legume flour: cook fully
0	not_raw	lupin	wheat	2	raw flour			cross-reacts with peanut allergy. Use sweet lupin only: bitter lupin is poisonous
0	room	peanut	almond|hazelnut|soy	1
0	not_raw			2	raw flour			use processed flour only: raw bitter cassava is cyanogenic
0	not_raw		sulphite	2	raw flour
0	not_raw			2	raw flour
0	room		almond|hazelnut	1
0	not_raw	chestnut	almond|hazelnut	2	raw flour			sweet chestnut only: horse chestnut is poisonous
0	not_raw			2	raw flour
0	room		wheat	1
0	room			1
0	room		sulphite	1
0	room			1
0	not_raw		milk|wheat	1
0	room			1
0	room			1
0	room			1
0	room			1
0	room		wheat	1
0	room			1
0	room			1
0	room			1
0	room			1
0	room			1
0	room			1
0	room		sulphite	1
0	room		coconut	1
0	room			1
0	room			1
0	room			1			hard piece
0	room			1			hard piece
0	room			1
0	room			1
0	room		sulphite	1
0	room			1
0	room			0	sweetener
0	room			0	sweetener			poisonous to dogs
0	room			0	sweetener
0	room			0	sweetener
0	room			0	honey
0	room		sulphite	1
0	room		sulphite	1
0	room	sulphite		1
0	room			1
0	room		sulphite	1
0	room		sulphite	1
0	room		wheat|sulphite	1
1	room			1
0	room			1
0	room		barley	1				rice arsenic: not a main food for small children
0	room	barley	wheat	1
1	room			1
0	room			1
0	room			1
0	room			1
1	cold			1
1	cold	milk	soy	1
1	room		coconut	1
2	room	milk		1
2	room	milk		2	added salt
2	room	milk		1
0	room	milk		1
1	room	milk		1
0	room		soy	1
0	room		soy	1
1	room			1
0	not_raw	wheat	sulphite	1
0	not_raw	wheat	sulphite	1
2	room	milk	soy	1
2	room	milk	soy	1
2	cold	milk	soy	1
2	room		soy|almond|cashew|coconut|oats	1
0	room			1
0	room		soy	1
0	room			1
0	room			1
0	room	peanut		1
0	room			1
0	room			1
0	room			1
0	room	coconut		1
1	room	walnut		1
0	room	sesame		1
0	room	mustard		0	not a food for infants			high in erucic acid: external use only in some countries
1	cold2h	egg|mustard	soy|milk|celery	2	raw egg
0	room	soy	wheat	1
1	room			1
2	cold2h	milk		1
2	cold2h	milk		1
2	cold2h	milk		1
2	cold2h	milk		1
2	cold2h	milk		1
2	cold2h	milk		1
1	cold2h	milk		1
1	cold	milk		1
1	cold	milk	soy	1
0	room	milk	soy	1
0	room	milk	soy	1
0	room	wheat|barley|milk	soy	1
0	room	milk		1
2	cold2h	milk	gelatine	1
2	cold2h	milk		1
2	cold2h	milk		1
2	cold2h	milk		1
2	cold2h	milk		1
2	cold2h	milk		2	unpasteurised
2	cold2h	milk		1
2	cold2h	milk		1
2	cold2h	milk		1
0	room	milk		1
2	cold2h	milk		1
2	cold2h	milk		1
2	cold2h	milk	gelatine	1
2	cold2h	milk		1
2	cold2h	milk		1
2	cold2h	milk		1
2	cold2h	milk		1
2	cold2h	milk		1		trace
2	cold2h	milk	gelatine	1
2	cold2h	milk	gelatine	1
2	cold2h	milk		1
2	cold2h	milk		1
3	not_raw	egg		2	raw egg
3	not_raw	egg		2	raw egg
3	not_raw	egg		2	raw egg
2	cold2h	egg		1
2	cold2h	egg		1
0	room	egg		1
0	not_raw	egg	milk	2	raw egg
0	room	egg	milk	1
3	not_raw	egg		2	raw egg
3	not_raw	egg		2	raw egg
2	cold2h			1				cyanogenic in large raw amounts: about 15 g a day raw is a common ceiling, baking lowers it
2	cold2h			1
0	room		egg|milk|soy|wheat	1
1	cold2h			1
2	cold2h	soy		1
2	cold2h	soy		1
1	cold2h	soy		1
1	cold2h	almond	soy	1
1	cold2h	oats	wheat|barley	1
1	cold2h		soy	0	arsenic			rice arsenic: not a main food for small children
1	cold2h	cashew	soy	1
1	cold2h	hazelnut	soy	1
1	cold2h			1				legume: can affect people with peanut allergy
1	cold2h		soy	1
1	cold2h	coconut	soy|almond	1
1	cold2h	coconut	sulphite	1
1	cold2h	coconut	sulphite	1
1	cold2h	coconut	sulphite	1
0	room	coconut		1
0	room	milk|coconut	sulphite	1
1	cold	coconut		1
1	cold2h		soy|oats|coconut|almond|lupin	1
2	cold2h	soy		1
2	cold2h	coconut	soy|almond	1
2	cold2h	soy		1
2	cold2h		soy|almond|cashew|coconut|oats	1
1	cold2h	oats	wheat|barley	1
0	room			1				tablespoon doses can cause alkalosis
0	room			1
0	room			1
0	room		wheat	1
0	room		wheat	1
0	room		wheat	1
0	room		wheat	1
0	room		wheat	1
0	room			1				high potassium: kidney disease
0	room			1				high potassium: kidney disease
0	not_raw			0	not a food for infants			ammonia must bake off: never taste raw dough made with it
0	not_raw			1
0	not_raw			1
0	room			1
1	not_raw			1
1	not_raw			1
2	not_raw			1
2	not_raw	wheat	rye|spelt	1
0	room			1
0	room		sulphite	1
0	room	barley	sulphite	1
0	room	sulphite		1
0	room		sulphite	1
0	room	sulphite		1
1	room		sulphite	1
1	room		sulphite	1
0	room			1				high potassium: kidney disease
0	room			1				concentrated acid: keep off eyes and skin
0	room			1				concentrated acid: keep off eyes and skin
0	room			1				concentrated acid: keep off eyes and skin
0	room			0	not a food for infants			concentrated acid: keep off eyes and skin
0	room			1
0	room			1
1	room		sulphite	1
0	room			0	added salt
0	room			0	added salt
0	room			0	added salt
0	room			0	added salt
0	room			0	added salt
0	room			0	added salt		hard piece
0	room			0	added salt
0	room			0	added salt			high potassium: kidney disease
0	room			0	added salt
0	room			1				cassia holds coumarin: prefer Ceylon for daily use and for small children
0	room			1				5 g or more (about 2 tsp) can poison, a pinch to 1/2 tsp per cake is usual
0	room			1
0	room			1
0	room			1
0	room			1
0	room			1				same oils as nutmeg: keep to culinary pinches
0	room		mustard|celery	1
0	room		mustard|celery	1
0	room		mustard|celery	1
0	room		mustard|celery	1
0	room		mustard|celery	1
0	room			1				use Chinese star anise only: Japanese star anise is poisonous
0	room			1
0	room			1
0	room			1
0	room		mustard|peanut	1
0	room		mustard|peanut	1
0	room			1
0	room			1
0	room			1
0	room			1
0	room			1
0	room	mustard	wheat	1
0	room			1
0	room			1
0	room			1
0	room			1
0	room		celery|mustard	1
0	room		mustard|celery	1				poisonous to dogs and cats
0	room		mustard|celery	1				poisonous to dogs and cats
1	cold			1
1	cold2h			1
1	cold2h			1
1	cold2h			1			hard when raw	pips are mildly cyanogenic: core before blending
1	cold2h			1			hard when raw	pips are mildly cyanogenic: core before blending
2	cold			1			round
2	cold			1
2	cold			1
2	cold			1
2	cold			1			round	kernel inside the stone is cyanogenic: do not crush or infuse stones for food
2	cold			1			round	kernel inside the stone is cyanogenic: do not crush or infuse stones for food
2	cold			1			round
1	cold2h			1			stone	kernel inside the stone is cyanogenic: do not crush or infuse stones for food
1	cold2h			1
1	cold2h			1			stone	kernel inside the stone is cyanogenic: do not crush or infuse stones for food
1	cold2h			1			stone	kernel inside the stone holds cyanogenic amygdalin: discard stones, do not eat kernels
1	cold2h			1			stone	kernel inside the stone is cyanogenic: do not crush or infuse stones for food
1	cold2h			1				pips are mildly cyanogenic: core before blending
1	cold			1
1	cold			1
1	cold			1
1	cold			1
1	cold			1
1	cold			1
1	cold2h			1
1	cold2h			1
1	cold2h			1
2	cold			1			round
2	cold			1
2	cold			1
2	cold			1
2	cold			2	choking		round	poisonous to dogs
1	cold2h			1
1	cold2h			1
1	cold2h			1				unripe astringent fruit can form stomach masses
1	cold2h			1
1	cold2h			1
1	cold			1
1	room			1
1	cold2h			1
1	cold2h			1
1	cold			1
1	cold		sulphite	1
1	cold2h		sulphite	1
2	cold			1
1	cold		sulphite	1
1	room		sulphite	1
1	room		sulphite	1
1	room	sulphite		1
1	room		sulphite	1
1	room		sulphite	1
1	cold	milk|egg	sulphite	1
1	cold		sulphite	1
1	cold			1
0	room		sulphite	1			chewy piece	poisonous to dogs
0	room	sulphite		1			chewy piece	poisonous to dogs
0	room		sulphite	1			chewy piece	poisonous to dogs
0	room	sulphite	almond|hazelnut	1				poisonous to dogs
0	room		sulphite	1			chewy piece
0	room		sulphite	1			chewy piece
0	room	sulphite		1			chewy piece
0	room		sulphite	1			chewy piece
0	room		sulphite	1			chewy piece
0	room	sulphite		1			chewy piece
0	room		sulphite	1			chewy piece
0	room		sulphite	1			chewy piece
0	room	sulphite		1			chewy piece
0	room	sulphite		1			chewy piece
0	room	coconut	sulphite	0	honey		hard piece
0	room			1
0	room			1
0	room	sulphite		1
0	room	sulphite		1
0	room	sulphite		1
0	room	sulphite		1
1	room	sulphite		1			round
1	room	sulphite		1			round
0	room		sulphite	1			chewy piece
1	room		sulphite	1
0	room	sulphite		1
0	room	sulphite		1
0	room	sulphite		1
1	room	sulphite	wheat|almond	1		spirit (by label)		poisonous to dogs
1	cold2h			1			hard when raw
1	cold2h			1				bitter fruit holds cucurbitacins: spit out and discard
2	cold2h			1
2	cold2h			1
2	cold2h		sulphite	1				discard green or sprouting potatoes (solanine)
2	cold2h			1				bitter fruit holds cucurbitacins: spit out and discard
1	not_raw			1				use stalks only: leaves are poisonous (oxalic acid and more)
1	cold2h			1			hard when raw
1	cold2h			1			hard when raw
1	cold2h			1			round
1	cold2h		wheat|milk	1
1	cold2h			1				poisonous to dogs and cats
2	cold2h			1				poisonous to dogs and cats
2	cold2h			1				poisonous to dogs and cats
1	cold2h			1				garlic in oil at room temperature is a botulism risk
2	cold2h			1
1	cold2h			1
1	cold2h			1
1	cold2h	sulphite		0	added salt
1	cold2h			1			round
1	cold2h		sulphite	0	added salt		round
1	cold2h		sulphite	1				tinned beans are cooked: dry beans must be boiled hard
1	cold2h		sulphite	1			round
1	cold2h			1
1	cold2h	wheat	milk|celery	0	added salt
0	room	almond	hazelnut|cashew|pistachio|walnut|peanut	0	whole nuts		whole nut	sweet almonds only. Bitter almonds release cyanide when raw: a few can harm a child
0	room	almond	hazelnut|cashew|pistachio|walnut|peanut	1
0	room	almond	hazelnut|cashew|pistachio|walnut|peanut	0	whole nuts		nut piece
1	room	walnut	almond|peanut	0	whole nuts		whole nut
1	room	pecan	almond|peanut	0	whole nuts		whole nut
0	room	hazelnut	almond|peanut	0	whole nuts		whole nut
0	room	pistachio	almond|peanut	0	whole nuts		whole nut
0	room	cashew	almond|peanut	0	whole nuts		whole nut
0	room	macadamia	almond|peanut	0	whole nuts		whole nut	poisonous to dogs
0	room	brazil	almond|peanut	0	whole nuts		whole nut
1	room	pine_nut	almond|peanut	0	whole nuts		nut piece
0	room	peanut	almond|hazelnut|cashew|sesame	0	whole nuts		whole nut
0	room	chestnut		0	whole nuts		nut piece	sweet chestnut only: horse chestnut is poisonous
0	room		sesame|peanut	1			hard piece
0	room		sesame|peanut	1			hard piece
0	room	sesame	peanut|almond	1
0	room		sesame|peanut	1				unwashed seed can carry opium alkaloids: use culinary grade
1	room		sesame|peanut	1				cyanogenic in large raw amounts: about 15 g a day raw is a common ceiling, baking lowers it
0	room		sesame|peanut	1				cyanogenic in large raw amounts: about 15 g a day raw is a common ceiling, baking lowers it
0	room		sesame|peanut	1
1	room		sesame|peanut	1
0	room	sesame	peanut|almond	1			hard piece
0	room	sulphite|coconut		1
0	room	sulphite|coconut		1
0	room	coconut	sulphite	1			hard piece
2	cold2h	coconut		1			hard piece
1	room	peanut	almond|hazelnut|cashew|sesame	1			thick paste
1	room	almond	hazelnut|cashew|pistachio|walnut|peanut	1			thick paste
1	room	cashew	almond|peanut	1			thick paste
1	room		sesame|peanut	1			thick paste
1	room	sesame	peanut|almond	1
1	room	hazelnut	almond|milk|soy|peanut	1
1	room	pistachio	almond|milk|soy|cashew	1
0	room		milk	1				theobromine: poisonous to dogs
0	room		milk	1				theobromine: poisonous to dogs
0	room		milk	1				theobromine: poisonous to dogs
0	room		milk|soy	1
0	room		milk|soy|almond|hazelnut	1				theobromine: poisonous to dogs
0	room	soy	milk|almond|hazelnut|peanut|wheat	1				theobromine: poisonous to dogs
0	room	soy	milk|almond|hazelnut|peanut|wheat	1				theobromine: poisonous to dogs
0	room	soy|milk	almond|hazelnut|peanut|wheat	1			hard piece	theobromine: poisonous to dogs
0	room	milk|soy	almond|hazelnut|peanut|wheat	1				theobromine: poisonous to dogs
0	room	milk|soy	almond|hazelnut|peanut|wheat	1
0	room		soy|milk|almond|hazelnut	1			hard piece	theobromine: poisonous to dogs
0	room		almond|hazelnut|milk	0	choking		hard piece	theobromine: poisonous to dogs
0	room			1
0	room			1
0	room	milk|hazelnut|soy	almond|peanut	1
0	room	soy	milk|wheat	1			hard piece
0	room	milk|soy	coconut|wheat|almond|hazelnut	1
0	room			2	alcohol	extract
0	room			1		extract (by label)
0	room			2	alcohol	extract (by label)
0	room			1
0	room		almond	2	alcohol	extract		concentrated benzaldehyde: measure in drops or by the teaspoon, never drink. Home-made from bitter almonds or apricot kernels is unsafe
0	room			2	alcohol	extract
0	room			1				concentrated oil: drops only, never neat
0	room			2	alcohol	extract		not near infants: menthol
0	room			2	alcohol	extract
0	room			2	alcohol	extract
0	room		coconut	2	alcohol	extract
0	room			2	alcohol	extract (by label)
0	room			1				culinary grade only
0	room			1
0	room			0	caffeine
0	room			0	caffeine
0	room		sulphite	1
0	room		sulphite	1
0	room			1				culinary grade only
1	room	soy|barley|wheat		0	added salt
0	room	barley|celery	wheat|rye|oats	0	added salt
0	room			0	alcohol	spirit
0	room			0	alcohol	spirit
0	room			0	alcohol	spirit
0	room			0	alcohol	spirit
0	room			0	alcohol	spirit
0	room			0	alcohol	liqueur
0	room		almond	0	alcohol	liqueur		may be flavoured with apricot kernel
0	room			0	alcohol	liqueur
1	cold	milk	soy	0	alcohol	cream liqueur
1	cold	egg	milk	0	alcohol	egg liqueur
1	room	sulphite	egg|milk|fish	0	alcohol	fortified wine
1	room	sulphite	egg|milk|fish	0	alcohol	fortified wine
1	room	sulphite	egg|milk|fish	0	alcohol	wine
1	room	sulphite	egg|milk|fish	0	alcohol	wine
1	room	sulphite	egg|milk|fish	0	alcohol	sparkling wine
1	room	barley	wheat|sulphite|fish	0	alcohol	beer
1	room	barley	wheat|oats|milk|sulphite|fish	0	alcohol	beer
1	room	sulphite	fish|gelatine	0	alcohol	cider
0	room			1
1	room			0	caffeine
1	room			0	caffeine
1	room			0	caffeine
1	cold		gelatine	1
1	cold		gelatine	2	unpasteurised
1	room			1
1	cold			1
1	cold			1
1	cold			1
1	cold		celery	1
1	cold	coconut		1
1	room			1
1	room			0	caffeine
1	room			1
0	room			1
1	cold2h	celery	wheat|barley|milk|soy|mustard	0	added salt
2	cold2h	milk		2	added salt
2	cold	milk	egg	2	added salt
2	cold2h	milk		2	unpasteurised
2	cold2h	milk		1
2	cold2h	milk		0	added salt
2	cold2h	milk		0	added salt
2	cold2h	milk		2	unpasteurised
2	cold2h	milk		0	added salt
2	cold2h	milk		1
2	cold2h	milk		1
2	cold2h	milk		1
2	cold2h	milk		1
2	cold2h	milk		1
2	cold2h	milk		1
2	cold2h		soy|cashew|almond|coconut|lupin	2	added salt
0	room		barley	1
2	cold2h		celery|sulphite	0	added salt
2	cold2h		celery|milk|soy|wheat|mustard	0	added salt
3	cold2h	fish		0	added salt
1	room	mustard|sulphite	wheat	0	added salt
1	room	soy|wheat		0	added salt
1	room	fish|barley|wheat	soy|sulphite	0	added salt
1	cold2h	milk|cashew	pine_nut|walnut|almond|egg|peanut	0	added salt
0	room			1				fine dust: do not inhale, swells
0	room			1				fine dust: do not inhale, swells
0	room			1				fine dust: do not inhale, swells
0	room			1			swells, needs plenty of water
0	room			1			swells, needs plenty of water	fine dust: do not inhale, swells
0	cold	gelatine	fish	1
0	cold	gelatine	fish	1
0	cold			1
0	room			1
0	room			1
0	room			1
0	room		soy	1
0	room			1
0	room			1				not for young children in iced drinks
0	room		soy|milk	1				legume: can affect people with peanut allergy
0	room	milk|soy		1
1	room	almond	egg|peanut	2	raw egg			cheap versions use apricot kernels (persipan), which must be debittered
1	room	almond	egg	1				cheap versions use apricot kernels (persipan), which must be debittered
1	room		gelatine|milk|soy|sulphite	1
0	room	egg	milk	1
1	room	milk|soy	wheat|egg	1
1	room	milk|soy	wheat|egg	1
0	room	gelatine	egg|sulphite	0	choking		round and sticky
0	room	egg		1			thick paste
0	room	milk|soy	almond|peanut	0	choking		hard piece
0	room	milk	soy	0	choking		round and sticky
0	room		soy|wheat|milk	1			hard piece
2	cold2h	milk	soy|coconut	1
0	cold2h	milk	soy|gelatine|coconut	1
0	cold2h		milk|soy|wheat	1
0	room		wheat|milk	1
1	room		gelatine|sulphite	1
0	room			2	alcohol	extract
0	room			1				concentrated oil: drops only, never neat
0	room			1
0	room			2	alcohol	extract (by label)
0	room			1
0	room			1
0	room			1
0	room			1				legume: can affect people with peanut allergy
2	cold2h			1
2	cold2h			1
1	cold2h			1			stone	kernel inside the stone is cyanogenic: do not crush or infuse stones for food
0	room			0	alcohol	spirit
0	room			0	alcohol	liqueur
1	room	sulphite	egg|milk|fish	0	alcohol	fortified wine
0	room	sulphite		1
0	room			0	not a food for infants			sold as a medicine: follow pack limits
2	cold2h	milk		2	unpasteurised
0	room	wheat|barley	milk|soy	1
0	room	barley	milk|soy	1
0	room	wheat	rye|barley|milk|egg|soy|sesame	1
0	room	wheat	oats|barley|milk|soy	1
0	room	wheat	egg	1
2	cold2h			1				cool within 1 h and chill: spores survive cooking
2	cold2h			1
0	room		barley	1
1	cold2h			1
1	cold2h			1
1	cold			1				interacts with some medicines
0	room	peanut|milk|soy	almond	1			hard piece
0	room		milk|soy	0	honey		hard piece
2	cold2h	milk|egg	soy	1
1	not_raw			1
1	room			1`;
