// Made from core/tables/reference/allergen_decisions.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const ALLERGEN_DECISIONS_TABLE = `id	column	older	decided	kind
gluten-free-rolled-oats	allergens		declared: oats	error
coconut-flakes	allergens		may contain: sulphite	inconsistent
puffed-rice	allergens		may contain: barley	inconsistent
vegan-chocolate-chips	allergens		may contain: soy|milk|almond|hazelnut	inconsistent
dark-chocolate-70	allergens	soy	may contain: milk|almond|hazelnut|peanut|wheat	inconsistent
bittersweet-chocolate	allergens	soy	may contain: milk|almond|hazelnut|peanut|wheat	inconsistent
crystallised-ginger	allergens		may contain: sulphite	inconsistent
stem-ginger	allergens		may contain: sulphite	missing
instant-pudding-mix	allergens		may contain: milk|soy|wheat	inconsistent
drinking-chocolate	allergens		may contain: milk|soy	inconsistent
fondant	allergens		may contain: gelatine|milk|soy|sulphite	inconsistent
custard-powder	allergens		may contain: milk|wheat	missing
uk-baking-powder	gluten	0	may contain: wheat	missing level
tartrate-baking-powder	gluten	0	may contain: wheat	missing level
mincemeat	gluten	0	may contain: wheat|almond	missing level
creamed-corn	gluten	0	may contain: wheat|milk	missing level
mustard-powder	gluten	0	may contain: wheat	missing level
vegetable-stock	gluten	0	may contain: wheat|barley|milk|soy|mustard	missing level
cornstarch	gluten	0	may contain: wheat	missing level
brown-rice-syrup	gluten	0	may contain: barley	missing
chocolate-sprinkles	allergens	soy	may contain: milk|wheat	inconsistent
parmesan	allergens	milk	may contain: egg	missing
ham	allergens		may contain: celery|milk|soy|wheat|mustard	missing
bacon	allergens		may contain: celery|sulphite	missing
lager	allergens	gluten	may contain: wheat|sulphite|fish	missing
stout	allergens	gluten	may contain: wheat|oats|milk|sulphite|fish	inconsistent
tomato-soup	allergens	gluten	may contain: milk|celery	inconsistent
egg-replacer-powder	allergens		may contain: egg|milk|soy|wheat	inconsistent
vegan-cream-cheese	allergens		may contain: soy|almond|cashew|coconut|oats	missing level
vegan-cheese	allergens		may contain: soy|cashew|almond|coconut|lupin	missing level
vegan-butter-block	allergens		may contain: soy|almond|cashew|coconut|oats	missing level
gluten-free-flour-blend	allergens		may contain: milk|soy|lupin|almond|buckwheat	missing
muesli	allergens	gluten|tree-nut|sulphite	may contain: milk|coconut|sesame|peanut|soy	missing level
coconut-milk	allergens		may contain: sulphite	missing level
lemon-juice	allergens		may contain: sulphite	missing level
lime-juice	allergens		may contain: sulphite	missing level
cider-vinegar	allergens		may contain: sulphite	missing level
molasses	allergens		may contain: sulphite	missing level
almond-extract	allergens		may contain: almond	missing level
almond-liqueur	allergens		may contain: almond	missing level
toffee-bits	allergens	milk|soy	may contain: almond|peanut	missing level
golden-raisins	allergens	sulphite	declared: sulphite	over-strict
dried-figs	allergens	sulphite	declared: sulphite	over-strict
black-treacle	allergens	sulphite	declared: sulphite	over-strict
desiccated-coconut	allergens	sulphite	declared: sulphite|coconut	over-strict
sweetened-shredded-coconut	allergens	sulphite	declared: sulphite|coconut	over-strict
miso	allergens	soy|gluten	declared: soy|barley|wheat	over-strict
granola	allergens	gluten|tree-nut	declared: oats|almond|wheat|barley|hazelnut|walnut|pecan|cashew	over-strict
muesli	allergens	gluten|tree-nut|sulphite	declared: oats|wheat|hazelnut|almond|sulphite|barley|rye|spelt|walnut|cashew|brazil|pecan	over-strict
worcestershire-sauce	allergens	fish|gluten	declared: fish|barley|wheat	over-strict
coconut-milk-powder	allergens	milk	declared: milk|coconut	over-strict
baking-spread	allergens	milk	declared: milk	over-strict
vegetable-suet	allergens	gluten	declared: wheat	over-strict
prepared-custard	allergens	milk|egg	declared: milk|egg	over-strict
whey-protein	allergens	milk|soy	declared: milk|soy	over-strict
mixed-seeds	allergens	sesame	declared: sesame	over-strict
cornflakes	allergens	gluten	declared: barley	over-strict
pesto	allergens	milk|tree-nut	named: milk|cashew	detail
cooked-chestnuts	allergens	tree-nut	named: chestnut	detail
chestnut-flour	allergens	tree-nut	named: chestnut	detail
pine-nuts	allergens	tree-nut	named: pine_nut	detail
white-spelt-flour	allergens	gluten	named: wheat|spelt	detail
whole-spelt-flour	allergens	gluten	named: wheat|spelt	detail`;
