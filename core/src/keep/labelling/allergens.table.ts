// Made from core/tables/allergens.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const ALLERGENS_TABLE = `region	our_code	label_word	status	ingredient_match	ingredient_not
UK	gluten	cereal with gluten: name it (wheat / rye / barley / oats)	listed
UK	crustacean	crustaceans	listed
UK	egg	egg	listed
UK	fish	fish	listed
UK	peanut	peanut	listed
UK	soy	soya	listed
UK	milk	milk	listed
UK	tree-nut	nut: name it (almond hazelnut walnut cashew pecan Brazil pistachio macadamia)	listed		pine|coconut|chestnut
UK	celery	celery	listed
UK	mustard	mustard	listed
UK	sesame	sesame	listed
UK	sulphite	sulphites	listed
UK	lupin	lupin	listed
UK	mollusc	molluscs	listed
EU	gluten	cereal with gluten: name it (wheat / rye / barley / oats)	listed
EU	crustacean	crustaceans	listed
EU	egg	egg	listed
EU	fish	fish	listed
EU	peanut	peanut	listed
EU	soy	soya	listed
EU	milk	milk	listed
EU	tree-nut	nut: name it	listed		pine|coconut|chestnut
EU	celery	celery	listed
EU	mustard	mustard	listed
EU	sesame	sesame	listed
EU	sulphite	sulphites	listed
EU	lupin	lupin	listed
EU	mollusc	molluscs	listed
US	gluten	wheat	listed		oat|rye|barley|buckwheat
US	crustacean	crustacean shellfish: name it	listed
US	egg	egg	listed
US	fish	fish: name it	listed
US	peanut	peanut	listed
US	soy	soy	listed
US	milk	milk	listed
US	tree-nut	tree nut: name it	listed		coconut|chestnut
US	sesame	sesame	listed
US	celery	celery	not-listed
US	mustard	mustard	not-listed
US	lupin	lupin	not-listed
US	mollusc	molluscs	not-listed
US	sulphite	sulfites	listed
CA	gluten	gluten source: name it (wheat triticale rye barley oats)	listed
CA	crustacean	crustaceans: name it	listed
CA	mollusc	molluscs: name it	listed
CA	egg	egg	listed
CA	fish	fish: name it	listed
CA	peanut	peanut	listed
CA	soy	soy	listed
CA	milk	milk	listed
CA	tree-nut	tree nut: name it (almond Brazil cashew hazelnut macadamia pecan pine nut pistachio walnut)	listed		coconut|chestnut
CA	sesame	sesame	listed
CA	mustard	mustard	listed
CA	sulphite	sulphites	listed
CA	celery	celery	not-listed
CA	lupin	lupin	not-listed
AU	gluten	wheat (and gluten); name other gluten cereals	listed
AU	crustacean	crustacean	listed
AU	mollusc	mollusc	listed
AU	egg	egg	listed
AU	fish	fish	listed
AU	peanut	peanut	listed
AU	soy	soy	listed
AU	milk	milk	listed
AU	tree-nut	nut by its name (almond Brazil cashew hazelnut macadamia pecan pine nut pistachio walnut)	listed		coconut|chestnut
AU	sesame	sesame	listed
AU	lupin	lupin	listed
AU	sulphite	sulphites	listed
AU	celery	celery	not-listed
AU	mustard	mustard	not-listed
NZ	gluten	wheat (and gluten); name other gluten cereals	listed
NZ	crustacean	crustacean	listed
NZ	mollusc	mollusc	listed
NZ	egg	egg	listed
NZ	fish	fish	listed
NZ	peanut	peanut	listed
NZ	soy	soy	listed
NZ	milk	milk	listed
NZ	tree-nut	nut by its name	listed		coconut|chestnut
NZ	sesame	sesame	listed
NZ	lupin	lupin	listed
NZ	sulphite	sulphites	listed
JP	gluten	wheat	listed		oat|rye|barley|buckwheat
JP	gluten	buckwheat	listed	buckwheat
JP	buckwheat	buckwheat	listed
JP	egg	egg	listed
JP	milk	milk	listed
JP	peanut	peanut	listed
JP	tree-nut	walnut	listed	walnut
JP	tree-nut	almond	recommended	almond
JP	tree-nut	cashew	recommended	cashew
JP	tree-nut	macadamia	recommended	macadamia
JP	soy	soybean	recommended
JP	sesame	sesame	recommended
IN	gluten	cereals containing gluten: name it	listed
IN	crustacean	crustacean	listed
IN	milk	milk	listed
IN	egg	egg	listed
IN	fish	fish	listed
IN	peanut	peanut	listed
IN	tree-nut	tree nut: name it	listed		coconut|chestnut
IN	soy	soybean	listed
IN	sulphite	sulphite	listed
IN	sesame	sesame	not-listed
IN	mustard	mustard	not-listed`;
